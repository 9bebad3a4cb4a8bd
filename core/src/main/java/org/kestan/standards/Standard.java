package org.kestan.standards;

import static org.kestan.standards.Mark.MEMORY;
import static org.kestan.standards.Mark.PRACTICE;
import static org.kestan.standards.Mark.PUBLISHED;
import static org.kestan.standards.Quantity.ANGLE;
import static org.kestan.standards.Quantity.DENSITY;
import static org.kestan.standards.Quantity.FRET;
import static org.kestan.standards.Quantity.HOURS;
import static org.kestan.standards.Quantity.LENGTH;
import static org.kestan.standards.Quantity.MODULUS;
import static org.kestan.standards.Quantity.MONEY;
import static org.kestan.standards.Quantity.PERCENT;
import static org.kestan.standards.Quantity.RATIO;
import static org.kestan.standards.Quantity.STEPS;

import java.util.Optional;
import java.util.stream.Stream;
import org.kestan.notation.Parsed;

/** Every threshold and default of the shop, in the order its screen shows them, each with where it comes from. */
public enum Standard {
    NUT_HEIGHT(Group.NOT_READ, "nutHeight", "String over fret 1", LENGTH, "0.5 mm", MEMORY, "Nut, each side."),
    FRETS_OVER_TOP(Group.NOT_READ, "fretsOverTop", "Frets over the top", LENGTH, "7 mm", MEMORY, "Fretboard and fret."),
    COMPENSATION(
            Group.NOT_READ,
            "compensation",
            "Compensation",
            LENGTH,
            "3 mm",
            MEMORY,
            "Added to the scale for the joint-to-saddle distance."),
    PIN_DISTANCE(
            Group.NOT_READ, "pinDistance", "Pin distance", LENGTH, "7 mm", MEMORY, "Crown to where the string enters."),
    SINK(
            Group.NOT_READ,
            "sink",
            "Sink of the body",
            LENGTH,
            "0.8 mm",
            MEMORY,
            "A flexible top moves 0.7 to 1 mm, common practice."),

    ACTION_WANTED_BASS(
            Group.WANTED, "actionWantedBass", "Action, bass", LENGTH, "5/64 in", PRACTICE, "When the job says none."),
    ACTION_WANTED_TREBLE(
            Group.WANTED,
            "actionWantedTreble",
            "Action, treble",
            LENGTH,
            "4/64 in",
            PRACTICE,
            "When the job says none."),
    FALL_AWAY(Group.WANTED, "fallAway", "Fall-away of the last fret", LENGTH, "0.4 mm", MEMORY, "After the wedge."),
    RELIEF_LEAST(
            Group.WANTED, "reliefLeast", "Relief, least", LENGTH, "0.004 in", PRACTICE, "Under it the rod is eased."),
    RELIEF_MOST(
            Group.WANTED, "reliefMost", "Relief, most", LENGTH, "0.010 in", PRACTICE, "Over it the rod is tightened."),
    ACTION_REACH(
            Group.WANTED,
            "actionReach",
            "An action is met within",
            LENGTH,
            "1/64 in",
            PRACTICE,
            "Humidity alone moves it by as much."),
    ACTION_SLIDE(
            Group.WANTED,
            "actionSlide",
            "Slide: string over fret 1",
            LENGTH,
            "3 mm",
            MEMORY,
            "With a raised nut for playing with a slide."),

    DISAGREEMENT(
            Group.LIMITS,
            "disagreement",
            "Body cross-check may be off",
            LENGTH,
            "0.5 mm",
            PRACTICE,
            "Beyond it readings are taken again."),
    GAUGE_ANGLE(
            Group.LIMITS,
            "gaugeAngle",
            "Angle gauge may be off",
            ANGLE,
            "0.3 deg",
            MEMORY,
            "Against the computed neck pitch."),
    ACTION_MEDIUM(Group.LIMITS, "actionMedium", "Action, medium from", LENGTH, "5/64 in", PRACTICE, "Bass at fret 12."),
    ACTION_HIGH(
            Group.LIMITS, "actionHigh", "Action, medium-high from", LENGTH, "6/64 in", PRACTICE, "Bass at fret 12."),
    ACTION_OUT_OF_SPEC(
            Group.LIMITS,
            "actionOutOfSpec",
            "Action, out of spec from",
            LENGTH,
            "8/64 in",
            PRACTICE,
            "Bass at fret 12."),
    NUT_LOW(Group.LIMITS, "nutLow", "Nut, too low under", LENGTH, "0.2 mm", MEMORY, "String over fret 1: it buzzes."),
    NUT_HIGH(Group.LIMITS, "nutHigh", "Nut, high over", LENGTH, "0.7 mm", MEMORY, "String over fret 1: stiff, sharp."),
    FALL_AWAY_MOST(
            Group.LIMITS,
            "fallAwayMost",
            "Fall-away, most",
            LENGTH,
            "1 mm",
            MEMORY,
            "Beyond it relief is read between nearer frets."),
    PROTRUSION_LEAST(
            Group.LIMITS, "protrusionLeast", "Saddle, least", LENGTH, "1/16 in", MEMORY, "Standing out of the bridge."),
    PROTRUSION_FULL(
            Group.LIMITS, "protrusionFull", "Saddle, low under", LENGTH, "2.5 mm", PRACTICE, "Standing out of it."),
    PROTRUSION_MOST(
            Group.LIMITS, "protrusionMost", "Saddle, most", LENGTH, "3/16 in", MEMORY, "A taller one leans and tips."),
    BREAK_ANGLE_LEAST(
            Group.LIMITS, "breakAngleLeast", "Break angle, least", ANGLE, "10 deg", PRACTICE, "To seat the string."),
    BREAK_ANGLE_GOOD(
            Group.LIMITS, "breakAngleGood", "Break angle, good from", ANGLE, "15 deg", PRACTICE, "To seat the string."),
    STRING_HEIGHT_LEAST(
            Group.LIMITS,
            "stringHeightLeast",
            "Strings over the top, least",
            LENGTH,
            "10 mm",
            MEMORY,
            "At the saddle of a pin bridge, where that is what is judged."),
    BRIDGE_FULL(Group.LIMITS, "bridgeFull", "Bridge, full", LENGTH, "3/8 in", PRACTICE, "Thickness at the saddle."),
    BRIDGE_THIN(
            Group.LIMITS, "bridgeThin", "Bridge, thin under", LENGTH, "9/32 in", PRACTICE, "A large body sounds thin."),
    BRIDGE_THIN_SMALL(
            Group.LIMITS,
            "bridgeThinSmall",
            "Bridge, thin under, small body",
            LENGTH,
            "17/64 in",
            MEMORY,
            "It may go slightly lower, common practice."),
    BRIDGE_CUT(Group.LIMITS, "bridgeCut", "Bridge, cut under", LENGTH, "1/4 in", PRACTICE, "Already been cut."),
    BRIDGE_LIFT(
            Group.LIMITS,
            "bridgeLift",
            "Bridge lift, most",
            LENGTH,
            "0.1 mm",
            MEMORY,
            "The thinnest leaf that goes in."),
    SLOT_FLOOR(
            Group.LIMITS,
            "slotFloor",
            "Wood under the saddle slot",
            LENGTH,
            "2.5 mm",
            MEMORY,
            "Least that stays between the slot and the top."),
    FOOT_TRIM_MOST(
            Group.LIMITS,
            "footTrimMost",
            "Floating bridge: trim, most",
            LENGTH,
            "2 mm",
            MEMORY,
            "Off its foot or its saddle's seat."),
    RISER_MOST(
            Group.LIMITS, "riserMost", "Floating bridge: riser, most", LENGTH, "3/16 in", MEMORY, "Strips under it."),
    HUMIDITY_LEAST(
            Group.LIMITS, "humidityLeast", "Humidity, least", PERCENT, "40", PRACTICE, "Drier it is conditioned."),
    HUMIDITY_MOST(Group.LIMITS, "humidityMost", "Humidity, most", PERCENT, "55", PRACTICE, "Damper it is conditioned."),
    PITCH_ZERO(Group.LIMITS, "pitchZero", "Neck pitch, level within", ANGLE, "0.25 deg", MEMORY, "Either way."),
    CUT_NONE(Group.LIMITS, "cutNone", "Heel cut, none under", LENGTH, "0.1 mm", MEMORY, "The neck stays."),

    ABOVE_BRIDGE_SLACK(
            Group.PROJECTION,
            "aboveBridgeSlack",
            "A little above the bridge, slack",
            LENGTH,
            "0.5 mm",
            PRACTICE,
            "For about 2.5 mm of saddle."),
    OVERSHOOT_SLACK(
            Group.PROJECTION,
            "overshootSlack",
            "Overshoot above the bridge, slack",
            LENGTH,
            "3/32 in",
            PRACTICE,
            "The middle of 1/16 to 1/8 in."),
    SADDLE_LEFT(
            Group.PROJECTION,
            "saddleLeft",
            "Saddle to be left",
            LENGTH,
            "0.180 in",
            PRACTICE,
            "Standing out of the bridge."),

    RAMP_DEPTH(
            Group.WORK, "rampDepth", "Depth of a string ramp", LENGTH, "1.5 mm", MEMORY, "Filed before the pin hole."),
    TUNE_DOWN(Group.WORK, "tuneDown", "Tuning down", STEPS, "2", MEMORY, "How far, for the strings' load."),
    SHIM_FINE(Group.WORK, "shimFine", "Pocket shim, fine", ANGLE, "0.25 deg", PRACTICE, "A stock angle."),
    SHIM_MIDDLE(Group.WORK, "shimMiddle", "Pocket shim, middle", ANGLE, "0.5 deg", PRACTICE, "A stock angle."),
    SHIM_COARSE(Group.WORK, "shimCoarse", "Pocket shim, coarse", ANGLE, "1 deg", PRACTICE, "A stock angle."),
    TAIL_FLARE(Group.WORK, "tailFlare", "Flare of the dovetail", ANGLE, "12 deg", MEMORY, "For the cheek shims."),
    LEAF_TOLERANCE(
            Group.WORK,
            "leafTolerance",
            "A stack of leaves is right within",
            LENGTH,
            "0.0005 in",
            MEMORY,
            "Fewer leaves are taken when they come as near as this."),
    SEATED_SHARE(
            Group.WORK,
            "seatedShare",
            "Saddle in its slot, against what stands out",
            RATIO,
            "1",
            MEMORY,
            "Less seated than this and it leans."),
    GROOVE_SHARE(
            Group.WORK,
            "grooveShare",
            "String groove, share of the gauge",
            RATIO,
            "0.33",
            PRACTICE,
            "About a third of the string's underside."),
    SAW_KERF(Group.WORK, "sawKerf", "Saw kerf", LENGTH, "0.023 in", MEMORY, "The filler in a sawn fretboard."),
    POCKET_CORNER(Group.WORK, "pocketCorner", "Pocket corners, radius", LENGTH, "6 mm", MEMORY, "Of a shim's outline."),
    SCREW_INSET(Group.WORK, "screwInset", "Neck screws, from the edges", LENGTH, "12 mm", MEMORY, "Of a shim's holes."),
    SCREW_HOLE(Group.WORK, "screwHole", "Neck screws, hole", LENGTH, "5 mm", MEMORY, "Diameter in a shim."),
    KIT_FLAT(
            Group.WORK,
            "kitFlat",
            "New build: neck may lie flat up to",
            LENGTH,
            "0.3 in",
            PRACTICE,
            "Top to string, bridge at its lowest."),
    KIT_ANGLED(
            Group.WORK,
            "kitAngled",
            "New build: neck needs an angle from",
            LENGTH,
            "0.5 in",
            PRACTICE,
            "Top to string, bridge at its lowest."),
    STEEL_DENSITY(
            Group.STRINGS,
            "steelDensity",
            "Density of steel wire",
            DENSITY,
            "7.85",
            PUBLISHED,
            "Handbook tables for carbon steel."),
    STEEL_MODULUS(
            Group.STRINGS,
            "steelModulus",
            "Young's modulus of steel wire",
            MODULUS,
            "203",
            PUBLISHED,
            "200 to 207 GPa for music wire, ASTM A228."),
    WRAP_DENSITY(
            Group.STRINGS,
            "wrapDensity",
            "Density of the wrap",
            DENSITY,
            "8.8",
            MEMORY,
            "Bronze; wound strings are approximate."),
    CORE_BASE(
            Group.STRINGS,
            "coreBase",
            "Core of a wound string, base",
            LENGTH,
            "0.2 mm",
            MEMORY,
            "To which a share of the gauge is added."),
    CORE_SHARE(
            Group.STRINGS,
            "coreShare",
            "Core of a wound string, share of the gauge",
            RATIO,
            "0.25",
            MEMORY,
            "Core = base + share \u00d7 gauge."),

    HOURLY_RATE(Group.PRICES, "hourlyRate", "An hour's rate", MONEY, "60", MEMORY, "In the shop's currency."),
    WORTH_RATIO(
            Group.PRICES,
            "worthRatio",
            "Worth it without asking from",
            RATIO,
            "2",
            MEMORY,
            "Value against the cost of the work."),
    HOURS_CONDITION(Group.PRICES, "hoursCondition", "Condition the humidity", HOURS, "0.5", MEMORY, "Days of waiting."),
    HOURS_STRINGS(Group.PRICES, "hoursStrings", "Lighter strings", HOURS, "0.5", MEMORY, ""),
    HOURS_ROD(Group.PRICES, "hoursRod", "Truss rod", HOURS, "0.25", MEMORY, ""),
    HOURS_NUT(Group.PRICES, "hoursNut", "Nut slots", HOURS, "0.75", MEMORY, ""),
    HOURS_SADDLE(Group.PRICES, "hoursSaddle", "Saddle", HOURS, "1", MEMORY, ""),
    HOURS_RAMPS(Group.PRICES, "hoursRamps", "Ramped pin holes", HOURS, "0.75", MEMORY, ""),
    HOURS_SHAVE(Group.PRICES, "hoursShave", "Shaved bridge", HOURS, "2.5", MEMORY, "With the saddle."),
    HOURS_BRIDGE(Group.PRICES, "hoursBridge", "New bridge", HOURS, "5", MEMORY, "With the saddle."),
    HOURS_REGLUE(Group.PRICES, "hoursReglue", "Bridge glued again", HOURS, "3", MEMORY, ""),
    HOURS_FLOATING(Group.PRICES, "hoursFloating", "Floating bridge, fitted", HOURS, "2", MEMORY, ""),
    HOURS_WHEELS(Group.PRICES, "hoursWheels", "Floating bridge, wheels only", HOURS, "0.25", MEMORY, ""),
    HOURS_SHIM(Group.PRICES, "hoursShim", "Pocket shim", HOURS, "1", MEMORY, ""),
    HOURS_SANDING(Group.PRICES, "hoursSanding", "Bolt-on heel sanded", HOURS, "3", MEMORY, ""),
    HOURS_RESET(Group.PRICES, "hoursReset", "Neck reset", HOURS, "9", MEMORY, "With wedge, frets and saddle."),
    HOURS_BACK(Group.PRICES, "hoursBack", "Back slipped", HOURS, "6", MEMORY, ""),
    HOURS_SAW(Group.PRICES, "hoursSaw", "Sawn and bolted", HOURS, "4", MEMORY, ""),
    HOURS_MEND(Group.PRICES, "hoursMend", "Brace or belly repair", HOURS, "3", MEMORY, "For each."),
    HOURS_SLIDE(Group.PRICES, "hoursSlide", "Slide set-up", HOURS, "0.5", MEMORY, ""),
    PRICE_STRINGS(Group.PRICES, "priceStrings", "A set of strings", MONEY, "12", MEMORY, ""),
    PRICE_SADDLE(Group.PRICES, "priceSaddle", "A saddle blank", MONEY, "8", MEMORY, ""),
    PRICE_NUT(Group.PRICES, "priceNut", "A nut blank or raised nut", MONEY, "8", MEMORY, ""),
    PRICE_BRIDGE(Group.PRICES, "priceBridge", "A bridge blank", MONEY, "25", MEMORY, ""),
    PRICE_SHIM(Group.PRICES, "priceShim", "Shim stock", MONEY, "5", MEMORY, ""),
    PRICE_GLUE(Group.PRICES, "priceGlue", "Glue and abrasive", MONEY, "6", MEMORY, ""),
    PRICE_BOLTS(Group.PRICES, "priceBolts", "Bolts and inserts", MONEY, "10", MEMORY, ""),
    PRICE_FRETS(Group.PRICES, "priceFrets", "Fret wire", MONEY, "10", MEMORY, ""),

    COUNTER_SCALE(Group.COUNTER, "counterScale", "Scale", LENGTH, "25 1/2 in", MEMORY, "At the counter, not measured."),
    COUNTER_JOINT_FRET(Group.COUNTER, "counterJointFret", "Joint fret", FRET, "14", MEMORY, "Not counted."),
    COUNTER_RELIEF_MOST(
            Group.COUNTER,
            "counterReliefMost",
            "Relief may be up to",
            LENGTH,
            "0.025 in",
            MEMORY,
            "Where it was not read; down to none."),
    COUNTER_NUT_LEAST(
            Group.COUNTER, "counterNutLeast", "Nut may be down to", LENGTH, "0.3 mm", MEMORY, "Where it was not read."),
    COUNTER_NUT_MOST(
            Group.COUNTER, "counterNutMost", "Nut may be up to", LENGTH, "0.9 mm", MEMORY, "Where it was not read.");

    /** What standards are grouped by on their screen. */
    public enum Group {
        NOT_READ("Taken when it was not read"),
        WANTED("What is wanted"),
        LIMITS("Limits"),
        PROJECTION("Where the fret line should land"),
        WORK("At the work"),
        STRINGS("Strings"),
        PRICES("Hours and prices"),
        COUNTER("At the counter");

        private final String title;

        Group(String title) {
            this.title = title;
        }

        /** Returns the heading. */
        public String title() {
            return title;
        }
    }

    private final Group group;
    private final String key;
    private final String label;
    private final Quantity quantity;
    private final String text;
    private final Mark mark;
    private final String note;

    Standard(Group group, String key, String label, Quantity quantity, String text, Mark mark, String note) {
        this.group = group;
        this.key = key;
        this.label = label;
        this.quantity = quantity;
        this.text = text;
        this.mark = mark;
        this.note = note;
    }

    /** Returns the standard of that key. */
    public static Optional<Standard> ofKey(String key) {
        return Stream.of(values()).filter(each -> each.key.equals(key)).findFirst();
    }

    /** Returns what it is grouped by. */
    public Group group() {
        return group;
    }

    /** Returns its key in a file. */
    public String key() {
        return key;
    }

    /** Returns what it is called. */
    public String label() {
        return label;
    }

    /** Returns what it is a quantity of. */
    public Quantity quantity() {
        return quantity;
    }

    /** Returns the text of the value a shop starts with. */
    public String startText() {
        return text;
    }

    /** Returns where the value a shop starts with comes from. */
    public Mark mark() {
        return mark;
    }

    /** Returns a remark, empty for none. */
    public String note() {
        return note;
    }

    /** The value a shop starts with: mm, degrees or the plain number. */
    double start() {
        return quantity.parse(text).optional().orElseThrow();
    }

    /** Reads a value from its text: mm, degrees or the plain number. */
    public Parsed<Double> parse(String typed) {
        return quantity.parse(typed);
    }
}
