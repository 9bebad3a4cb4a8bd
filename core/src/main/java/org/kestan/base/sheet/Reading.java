package org.kestan.base.sheet;

import static org.kestan.base.sheet.Reading.Draft.on;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Span.Level;
import org.kestan.base.sheet.Span.Spot;

/**
 * The lengths read from an instrument. A constant defines everything about a reading except its texts, which are in
 * the bundle under its path. Plausible ranges are common practice, no source.
 */
public enum Reading implements Measurable {
    BRIDGE_LIFT(on(Place.BRIDGE, 2, "bridgeLift")
            .range(0, 3)
            .only(AppliesTo.PIN_BRIDGE)
            .with(Tool.FEELERS)
            .shows(upright(Spot.BRIDGE_BACK, Level.TOP, Level.LIFT))),
    RELIEF(on(Place.RELIEF, 3, "relief.gap")
            .range(-0.5, 2)
            .with(Tool.FEELERS)
            .shows(upright(Spot.RELIEF_FRET, Level.CROWN, Level.FRET_LINE))),
    /** The gap over one fret under a straightedge on the frets, or a string held down (§3.2): the neck's profile. */
    PROFILE_GAP(on(Place.RELIEF, 3, "profile.gaps.gap")
            .range(-1, 2)
            .with(Tool.FEELERS)
            .shows(upright(Spot.FIRST_FRET, Level.CROWN, Level.FRET_LINE))
            .fretByFret()),
    /** The same under the treble side, if both sides were read. */
    PROFILE_GAP_TREBLE(on(Place.RELIEF, 3, "profile.gaps.treble")
            .range(-1, 2)
            .with(Tool.FEELERS)
            .shows(upright(Spot.FIRST_FRET, Level.CROWN, Level.FRET_LINE))
            .fretByFret()),
    /** The open string over the crown of any fret: another way to get the profile. */
    STRING_HEIGHT_BASS(on(Place.RELIEF, 3, "heights.bass")
            .range(0.1, 15)
            .shows(upright(Spot.FIRST_FRET, Level.CROWN, Level.BASS_STRING))
            .fretByFret()),
    STRING_HEIGHT_TREBLE(on(Place.RELIEF, 3, "heights.treble")
            .range(0.1, 15)
            .shows(upright(Spot.FIRST_FRET, Level.CROWN, Level.TREBLE_STRING))
            .fretByFret()),
    NUT_BASS(on(Place.NUT, 4, "nut.bass")
            .range(0.1, 2)
            .with(Tool.FEELERS)
            .shows(upright(Spot.FIRST_FRET, Level.CROWN, Level.BASS_STRING))),
    NUT_TREBLE(on(Place.NUT, 4, "nut.treble")
            .range(0.1, 2)
            .with(Tool.FEELERS)
            .shows(upright(Spot.FIRST_FRET, Level.CROWN, Level.TREBLE_STRING))),
    ACTION_BASS(on(Place.ACTION, 5, "action.bass")
            .range(0.5, 12)
            .with(Tool.RULE_64)
            .shows(upright(Spot.ACTION_FRET, Level.CROWN, Level.BASS_STRING))),
    ACTION_TREBLE(on(Place.ACTION, 5, "action.treble")
            .range(0.5, 12)
            .with(Tool.RULE_64)
            .shows(upright(Spot.ACTION_FRET, Level.CROWN, Level.TREBLE_STRING))),
    SADDLE_BASS(on(Place.BRIDGE, 6, "saddle.bass")
            .range(-1, 12)
            .only(AppliesTo.PIN_BRIDGE)
            .shows(upright(Spot.SADDLE, Level.BRIDGE_TOP, Level.BASS_STRING))),
    SADDLE_TREBLE(on(Place.BRIDGE, 6, "saddle.treble")
            .range(-1, 12)
            .only(AppliesTo.PIN_BRIDGE)
            .shows(upright(Spot.SADDLE, Level.BRIDGE_TOP, Level.TREBLE_STRING))),
    SADDLE_CENTRE(on(Place.BRIDGE, 6, "saddle.centre")
            .range(-1, 14)
            .only(AppliesTo.PIN_BRIDGE)
            .shows(upright(Spot.SADDLE, Level.BRIDGE_TOP, Level.BETWEEN_STRINGS))),
    BRIDGE_THICKNESS(on(Place.BRIDGE, 7, "bridgeThickness")
            .range(4, 14)
            .only(AppliesTo.PIN_BRIDGE)
            .shows(upright(Spot.SADDLE, Level.TOP, Level.BRIDGE_TOP))),
    /** From the nut's face along the string to the saddle's crown. */
    SADDLE_PLACE_BASS(on(Place.TAIL, 18, "saddlePlace.bass")
            .range(250, 900)
            .positive()
            .with(Tool.RULE_HALF_MM)
            .shows(along(Spot.NUT_END, Spot.SADDLE, Level.BASS_STRING))),
    SADDLE_PLACE_TREBLE(on(Place.TAIL, 18, "saddlePlace.treble")
            .range(250, 900)
            .positive()
            .with(Tool.RULE_HALF_MM)
            .shows(along(Spot.NUT_END, Spot.SADDLE, Level.TREBLE_STRING))),
    PIN_DISTANCE(on(Place.TAIL, 8, "pinDistance")
            .range(3, 20)
            .only(AppliesTo.PIN_BRIDGE)
            .with(Tool.RULE_64)
            .shows(along(Spot.SADDLE, Spot.STRING_END, Level.OVER_STRING_END))),
    STRING_RAMP(on(Place.TAIL, 8, "stringRamp")
            .range(0, 6)
            .only(AppliesTo.PIN_BRIDGE)
            .shows(upright(Spot.STRING_END, Level.TOP, Level.STRING_END))),
    PROJECTION_STRUNG(on(Place.PROJECTION, 9, "projection.strung")
            .range(-10, 40)
            .shows(upright(Spot.BRIDGE_FRONT, Level.TOP, Level.FRET_LINE))),
    PROJECTION_SLACK(on(Place.PROJECTION, 9, "projection.slack")
            .range(-10, 40)
            .shows(upright(Spot.BRIDGE_FRONT, Level.TOP, Level.FRET_LINE))),
    /** The relief with the strings slack: held and read like the other, negative if the neck bows back. */
    RELIEF_SLACK(on(Place.PROJECTION, 9, "reliefSlack.gap")
            .range(-1.5, 2)
            .with(Tool.FEELERS)
            .shows(upright(Spot.RELIEF_FRET, Level.CROWN, Level.FRET_LINE))),
    /** From where the caliper stands for the projection to the saddle. */
    BRIDGE_FRONT(on(Place.PROJECTION, 9, "projection.bridgeFront")
            .range(0, 40)
            .with(Tool.RULE_HALF_MM)
            .shows(along(Spot.BRIDGE_FRONT, Spot.SADDLE, Level.UNDER_TOP))),
    JOINT_TO_SADDLE(on(Place.EXTENSION, 10, "jointToSaddle")
            .range(150, 450)
            .positive()
            .with(Tool.RULE_HALF_MM)
            .shows(along(Spot.JOINT, Spot.SADDLE, Level.UNDER_TOP))),
    FRETS_OVER_TOP(on(Place.HEEL, 11, "fretsOverTop").range(3, 30).shows(upright(Spot.JOINT, Level.TOP, Level.CROWN))),
    HEEL_HEIGHT(on(Place.HEEL, 12, "heel.height")
            .range(20, 160)
            .positive()
            .with(Tool.RULE_HALF_MM)
            .shows(upright(Spot.JOINT, Level.TOP, Level.HEEL_CAP))),
    HEEL_WIDTH_TOP(on(Place.HEEL, 12, "heel.widthTop")
            .range(15, 80)
            .positive()
            .with(Tool.RULE_HALF_MM)
            .shows(along(Spot.HEEL_FRONT, Spot.JOINT, Level.UNDER_TOP))),
    HEEL_WIDTH_CAP(on(Place.HEEL, 12, "heel.widthCap")
            .range(15, 80)
            .positive()
            .with(Tool.RULE_HALF_MM)
            .shows(along(Spot.HEEL_FRONT, Spot.JOINT, Level.HEEL_CAP))),
    EXTENSION_LENGTH(on(Place.EXTENSION, 13, "extension.length")
            .range(30, 180)
            .positive()
            .with(Tool.RULE_HALF_MM)
            .shows(along(Spot.JOINT, Spot.LAST_FRET, Level.UNDER_TOP))),
    EXTENSION_FALL_AWAY(on(Place.EXTENSION, 13, "extension.fallAway")
            .range(-3, 6)
            .with(Tool.FEELERS)
            .shows(upright(Spot.LAST_FRET, Level.CROWN, Level.FRET_LINE))),
    EXTENSION_WIDTH(on(Place.EXTENSION, 13, "extension.width")
            .range(30, 90)
            .positive()
            .shows(upright(Spot.LAST_FRET, Level.FINGERBOARD, Level.CROWN))),
    POCKET_LENGTH(on(Place.HEEL, 12, "pocketLength")
            .range(30, 120)
            .only(AppliesTo.FLAT_POCKET)
            .positive()
            .with(Tool.RULE_HALF_MM)
            .shows(along(Spot.POCKET_START, Spot.JOINT, Level.UNDER_TOP))),
    POCKET_RADIUS(on(Place.HEEL, 12, "pocketRadius")
            .range(0, 30)
            .only(AppliesTo.FLAT_POCKET)
            .with(Tool.RULE_HALF_MM)
            .shows(along(Spot.POCKET_START, Spot.JOINT, Level.UNDER_TOP))),
    SIDE_DRIFT(on(Place.PROJECTION, 14, "sideDrift.offset")
            .range(-8, 8)
            .with(Tool.RULE_HALF_MM)
            .shows(new Span.FromAbove())),
    BRIDGE_HEIGHT(on(Place.BRIDGE, 15, "bridgeHeight")
            .range(5, 60)
            .only(AppliesTo.FLOATING_BRIDGE)
            .shows(upright(Spot.SADDLE, Level.TOP, Level.BRIDGE_TOP))),
    TAILPIECE_HEIGHT(on(Place.TAIL, 15, "tailpiece.height")
            .range(0, 60)
            .only(AppliesTo.FLOATING_BRIDGE)
            .shows(upright(Spot.STRING_END, Level.TOP, Level.STRING_END))),
    TAILPIECE_DISTANCE(on(Place.TAIL, 15, "tailpiece.distance")
            .range(30, 250)
            .only(AppliesTo.FLOATING_BRIDGE)
            .positive()
            .with(Tool.RULE_HALF_MM)
            .shows(along(Spot.SADDLE, Spot.STRING_END, Level.OVER_STRING_END))),
    BRIDGE_LOWEST(on(Place.BRIDGE, 15, "bridgeRange.lowest")
            .range(5, 60)
            .only(AppliesTo.ADJUSTABLE_BRIDGE)
            .shows(upright(Spot.SADDLE, Level.TOP, Level.BRIDGE_TOP))),
    BRIDGE_HIGHEST(on(Place.BRIDGE, 15, "bridgeRange.highest")
            .range(5, 60)
            .only(AppliesTo.ADJUSTABLE_BRIDGE)
            .shows(upright(Spot.SADDLE, Level.TOP, Level.BRIDGE_TOP))),
    OBSTACLE_HEIGHT(on(Place.EXTENSION, 17, "obstacle.height")
            .range(0, 40)
            .shows(upright(Spot.OBSTACLE, Level.TOP, Level.OBSTACLE))),
    OBSTACLE_DISTANCE(on(Place.EXTENSION, 17, "obstacle.distance")
            .range(0, 400)
            .with(Tool.RULE_HALF_MM)
            .shows(along(Spot.JOINT, Spot.OBSTACLE, Level.UNDER_TOP))),
    SLOT_WIDTH(on(Place.TAIL, 19, "saddleSlot.width")
            .range(1.5, 8)
            .only(AppliesTo.PIN_BRIDGE)
            .positive()
            .shows(upright(Spot.SADDLE, Level.SLOT_FLOOR, Level.BRIDGE_TOP))),
    SLOT_DEPTH(on(Place.TAIL, 19, "saddleSlot.depth")
            .range(1, 10)
            .only(AppliesTo.PIN_BRIDGE)
            .positive()
            .shows(upright(Spot.SADDLE, Level.SLOT_FLOOR, Level.BRIDGE_TOP))),
    SLOT_LENGTH(on(Place.TAIL, 19, "saddleSlot.length")
            .range(40, 130)
            .only(AppliesTo.PIN_BRIDGE)
            .positive()
            .with(Tool.RULE_HALF_MM)
            .shows(upright(Spot.SADDLE, Level.SLOT_FLOOR, Level.BRIDGE_TOP))),
    /** The present bridge, or the scar it left. */
    BRIDGE_LENGTH(on(Place.BRIDGE, 19, "bridgeLength")
            .range(60, 220)
            .only(AppliesTo.PIN_BRIDGE)
            .positive()
            .with(Tool.RULE_HALF_MM)
            .shows(upright(Spot.SADDLE, Level.TOP, Level.BRIDGE_TOP))),
    NEW_BRIDGE_LENGTH(on(Place.BRIDGE, 19, "newBridge.length")
            .range(60, 220)
            .only(AppliesTo.PIN_BRIDGE)
            .positive()
            .with(Tool.RULE_HALF_MM)
            .shows(upright(Spot.SADDLE, Level.TOP, Level.BRIDGE_TOP))),
    NEW_BRIDGE_THICKNESS(on(Place.BRIDGE, 19, "newBridge.thickness")
            .range(4, 20)
            .only(AppliesTo.PIN_BRIDGE)
            .positive()
            .shows(upright(Spot.SADDLE, Level.TOP, Level.BRIDGE_TOP))),
    NEW_BRIDGE_SLOT_WIDTH(on(Place.BRIDGE, 19, "newBridge.slotWidth")
            .range(1.5, 8)
            .only(AppliesTo.PIN_BRIDGE)
            .positive()
            .shows(upright(Spot.SADDLE, Level.SLOT_FLOOR, Level.BRIDGE_TOP))),
    /** Its slot's front edge against the old one's, positive toward the tail. */
    NEW_BRIDGE_SLOT_FRONT(on(Place.BRIDGE, 19, "newBridge.slotFront")
            .range(-10, 10)
            .only(AppliesTo.PIN_BRIDGE)
            .shows(along(Spot.BRIDGE_FRONT, Spot.SADDLE, Level.UNDER_TOP))),
    NEW_BRIDGE_SPACING(on(Place.BRIDGE, 19, "newBridge.spacing")
            .range(20, 90)
            .only(AppliesTo.PIN_BRIDGE)
            .positive()
            .shows(upright(Spot.SADDLE, Level.TOP, Level.BRIDGE_TOP))),
    SPACING_NUT(on(Place.NUT, 19, "stringSpacing.nut")
            .range(15, 70)
            .positive()
            .shows(upright(Spot.FIRST_FRET, Level.FINGERBOARD, Level.CROWN))),
    SPACING_BRIDGE(on(Place.TAIL, 19, "stringSpacing.bridge")
            .range(20, 90)
            .positive()
            .shows(upright(Spot.SADDLE, Level.SLOT_FLOOR, Level.BRIDGE_TOP))),
    BOARD_WIDTH(on(Place.NUT, 19, "fretboard.width")
            .range(20, 90)
            .positive()
            .shows(upright(Spot.FIRST_FRET, Level.FINGERBOARD, Level.CROWN))),
    RADIUS_NUT(on(Place.NUT, 19, "fretboard.radiusNut")
            .range(100, 3000)
            .orFlat()
            .positive()
            .shows(upright(Spot.FIRST_FRET, Level.FINGERBOARD, Level.CROWN))),
    RADIUS_BODY(on(Place.EXTENSION, 19, "fretboard.radiusBody")
            .range(100, 3000)
            .orFlat()
            .positive()
            .shows(upright(Spot.LAST_FRET, Level.TOP, Level.CROWN))),
    /** The lowest fret's crown over the board: how much there is to level. */
    FRET_HEIGHT(on(Place.RELIEF, 19, "fretboard.fretHeight")
            .range(0.3, 2)
            .positive()
            .shows(upright(Spot.FIRST_FRET, Level.FINGERBOARD, Level.CROWN))),
    /** How far a fret stands proud of its neighbors; negative if it is low. */
    FRET_PROUD(on(Place.RELIEF, 3, "frets.proud")
            .range(-1, 1)
            .with(Tool.FEELERS)
            .shows(upright(Spot.FIRST_FRET, Level.CROWN, Level.FRET_LINE))
            .fretByFret()),
    /** A rocker on three frets: the leaf that goes under its free end while it rocks on the middle one. */
    FRET_ROCKS(on(Place.RELIEF, 3, "frets.rocks")
            .range(0, 1)
            .with(Tool.FEELERS)
            .shows(upright(Spot.FIRST_FRET, Level.CROWN, Level.FRET_LINE))
            .fretByFret());

    private final boolean perFret;
    private final boolean radius;
    private final Entry entry;

    Reading(Draft draft) {
        perFret = draft.perFret;
        radius = draft.radius;
        entry = new Entry(
                "survey." + draft.key,
                draft.number,
                Optional.of(draft.place),
                draft.taker,
                draft.least,
                draft.greatest,
                draft.positive,
                draft.tool,
                draft.span);
    }

    /** Collects the properties of a reading. */
    static final class Draft {

        private final Place place;
        private final int number;
        private final String key;
        private AppliesTo taker = AppliesTo.ANY;
        private double least = Double.NEGATIVE_INFINITY;
        private double greatest = Double.POSITIVE_INFINITY;
        private boolean positive;
        private boolean perFret;
        private boolean radius;
        private Tool tool = Tool.CALIPER;
        private Optional<Span> span = Optional.empty();

        private Draft(Place place, int number, String key) {
            this.place = place;
            this.number = number;
            this.key = key;
        }

        /** Read at a place, with a number on the sheet and a key in the survey. */
        static Draft on(Place place, int number, String key) {
            return new Draft(place, number, key);
        }

        /** Plausible from one value to another, mm. */
        Draft range(double from, double to) {
            least = from;
            greatest = to;
            return this;
        }

        /** Taken only on some instruments. */
        Draft only(AppliesTo instruments) {
            taker = instruments;
            return this;
        }

        /** Meaningless unless it is above zero. */
        Draft positive() {
            positive = true;
            return this;
        }

        /** Usually read with a tool other than a caliper. */
        Draft with(Tool usual) {
            tool = usual;
            return this;
        }

        /** A radius, which may be flat. */
        Draft orFlat() {
            radius = true;
            return this;
        }

        /** Taken fret by fret. */
        Draft fretByFret() {
            perFret = true;
            return this;
        }

        /** Shown on the drawing. */
        Draft shows(Span where) {
            span = Optional.of(where);
            return this;
        }
    }

    private static Span upright(Spot at, Level from, Level to) {
        return new Span.Upright(at, from, to);
    }

    private static Span along(Spot from, Spot to, Level level) {
        return new Span.Along(from, to, level);
    }

    /** Returns whether it is taken fret by fret, each an {@link AtFret}. */
    public boolean perFret() {
        return perFret;
    }

    private static final Pattern AT_FRET = Pattern.compile("(.+)\\[(\\d{1,2})](\\..+)");

    /** Returns the line for a key, such as {@code action.bass} or {@code profile.gaps[7].gap}; empty for none. */
    public static Optional<Measurable> ofKey(String key) {
        Matcher at = AT_FRET.matcher(key);
        boolean fret = at.matches() && !at.group(2).equals("0");
        String plain = fret ? at.group(1) + at.group(3) : key;
        return Stream.of(values())
                .filter(reading -> reading.key().equals(plain) && reading.perFret == fret)
                .findFirst()
                .map(reading -> fret ? reading.at(Integer.parseInt(at.group(2))) : reading);
    }

    @Override
    public Reading reading() {
        return this;
    }

    @Override
    public int fretNumber() {
        return 0;
    }

    /** Returns the reading at one fret, for one that is taken fret by fret. */
    public AtFret at(int fret) {
        return new AtFret(this, fret);
    }

    @Override
    public ValueType<Length> type() {
        return radius ? ValueType.RADIUS : ValueType.LENGTH;
    }

    @Override
    public boolean plausible(double millimeters) {
        return radius && Double.isInfinite(millimeters) || Measurable.super.plausible(millimeters);
    }

    @Override
    public Entry entry() {
        return entry;
    }
}
