package org.kestan.sheet;

import java.util.Set;

/**
 * The lengths read from an instrument, in working order. Plausible ranges are common practice, no source.
 */
public enum Reading implements Item {
    BRIDGE_LIFT(
            2,
            "bridgeLift",
            "Bridge lift",
            Place.BRIDGE,
            Fitting.PIN_BRIDGE,
            0,
            3,
            "Feeler or palette knife under the bridge’s edge: the thickest leaf that goes in; 0 when none does."),
    RELIEF(
            3,
            "relief.gap",
            "Gap",
            Place.RELIEF,
            Fitting.ANY,
            -0.5,
            2,
            "Hold the string down at the two frets; the gap midway is the leaf that slides under without lifting it."),
    NUT_BASS(
            4,
            "nut.bass",
            "Bass",
            Place.NUT,
            Fitting.ANY,
            0.1,
            2,
            "Open bass string: fret 1's crown to the underside of the string."),
    NUT_TREBLE(
            4,
            "nut.treble",
            "Treble",
            Place.NUT,
            Fitting.ANY,
            0.1,
            2,
            "Open treble string: fret 1's crown to the underside of the string."),
    ACTION_BASS(
            5,
            "action.bass",
            "Bass",
            Place.ACTION,
            Fitting.ANY,
            0.5,
            12,
            "Rule standing on the fret's crown: underside of the open bass string."),
    ACTION_TREBLE(
            5,
            "action.treble",
            "Treble",
            Place.ACTION,
            Fitting.ANY,
            0.5,
            12,
            "Rule standing on the fret's crown: underside of the open treble string."),
    SADDLE_BASS(
            6,
            "saddle.bass",
            "Saddle, bass",
            Place.BRIDGE,
            Fitting.PIN_BRIDGE,
            -1,
            12,
            "How far the saddle stands out of the bridge under the bass string."),
    SADDLE_TREBLE(
            6,
            "saddle.treble",
            "Saddle, treble",
            Place.BRIDGE,
            Fitting.PIN_BRIDGE,
            -1,
            12,
            "How far the saddle stands out of the bridge under the treble string."),
    SADDLE_CENTRE(
            6,
            "saddle.centre",
            "Saddle, centre",
            Place.BRIDGE,
            Fitting.PIN_BRIDGE,
            -1,
            14,
            "How far the saddle stands out of the bridge midway; tells the crown of the saddle."),
    BRIDGE_THICKNESS(
            7,
            "bridgeThickness",
            "Bridge thickness",
            Place.BRIDGE,
            Fitting.PIN_BRIDGE,
            4,
            14,
            "Caliper at the saddle: soundboard to the bridge's top."),
    PIN_DISTANCE(
            8,
            "pinDistance",
            "Saddle to pin",
            Place.TAIL,
            Fitting.PIN_BRIDGE,
            3,
            20,
            "From the saddle's crown to where the string goes into the bridge."),
    STRING_RAMP(
            8,
            "stringRamp",
            "Ramp depth",
            Place.TAIL,
            Fitting.PIN_BRIDGE,
            0,
            6,
            "How deep the string lies below the bridge's top at the pin hole; 0 with no ramp."),
    PROJECTION_STRUNG(
            9,
            "projection.strung",
            "Strung",
            Place.PROJECTION,
            Fitting.ANY,
            -10,
            40,
            "At pitch: straightedge on the frets, caliper from its underside down at the bridge's front edge."),
    PROJECTION_SLACK(
            9,
            "projection.slack",
            "Slack",
            Place.PROJECTION,
            Fitting.ANY,
            -10,
            40,
            "Strings slack: straightedge on the frets, caliper from its underside down at the bridge's front edge."),
    JOINT_TO_SADDLE(
            10,
            "jointToSaddle",
            "Joint to saddle",
            Place.EXTENSION,
            Fitting.ANY,
            150,
            450,
            true,
            "Rule along the top, from the body joint to the saddle's crown."),
    FRETS_OVER_TOP(
            11,
            "fretsOverTop",
            "Frets over top",
            Place.HEEL,
            Fitting.ANY,
            3,
            30,
            "Caliper at the joint: soundboard to the fret's crown (fretboard and fret together)."),
    HEEL_HEIGHT(
            12,
            "heel.height",
            "Heel height",
            Place.HEEL,
            Fitting.ANY,
            20,
            160,
            true,
            "From the underside of the fretboard down to the heel cap."),
    HEEL_WIDTH_TOP(
            12,
            "heel.widthTop",
            "Width at the top",
            Place.HEEL,
            Fitting.ANY,
            15,
            80,
            true,
            "Across the heel where it meets the fretboard."),
    HEEL_WIDTH_CAP(
            12,
            "heel.widthCap",
            "Width at the cap",
            Place.HEEL,
            Fitting.ANY,
            15,
            80,
            true,
            "Across the heel at its cap."),
    EXTENSION_LENGTH(
            13,
            "extension.length",
            "Length",
            Place.EXTENSION,
            Fitting.ANY,
            30,
            180,
            true,
            "Along the fretboard from the body joint to the last fret."),
    EXTENSION_FALL_AWAY(
            13,
            "extension.fallAway",
            "Fall-away",
            Place.EXTENSION,
            Fitting.ANY,
            -3,
            6,
            "Straightedge on the frets, feelers over the last one; negative when it rises."),
    POCKET_LENGTH(
            12,
            "pocketLength",
            "Pocket length",
            Place.HEEL,
            Fitting.ANY,
            30,
            120,
            true,
            "Along the neck pocket, from its front to its back edge."),
    SIDE_DRIFT(
            14,
            "sideDrift.offset",
            "Side drift",
            Place.PROJECTION,
            Fitting.ANY,
            -8,
            8,
            "Long straightedges along both fretboard edges to the bridge: how far their middle misses its centre."),
    BRIDGE_HEIGHT(
            15,
            "bridgeHeight",
            "Bridge height",
            Place.BRIDGE,
            Fitting.FLOATING_BRIDGE,
            5,
            60,
            "Soundboard to the saddle's crown, midway between the outer strings."),
    TAILPIECE_HEIGHT(
            15,
            "tailpiece.height",
            "Tailpiece height",
            Place.TAIL,
            Fitting.FLOATING_BRIDGE,
            0,
            60,
            "Soundboard to the strings where they leave the tailpiece."),
    TAILPIECE_DISTANCE(
            15,
            "tailpiece.distance",
            "Bridge to tailpiece",
            Place.TAIL,
            Fitting.FLOATING_BRIDGE,
            30,
            250,
            true,
            "Along the top, from the saddle's crown to where the strings leave the tailpiece."),
    BRIDGE_LOWEST(
            15,
            "bridgeRange.lowest",
            "Lowest",
            Place.BRIDGE,
            Fitting.FLOATING_BRIDGE,
            5,
            60,
            "Bridge height with the adjustment all the way down."),
    BRIDGE_HIGHEST(
            15,
            "bridgeRange.highest",
            "Highest",
            Place.BRIDGE,
            Fitting.FLOATING_BRIDGE,
            5,
            60,
            "Bridge height with the adjustment as far up as it holds."),
    OBSTACLE_HEIGHT(
            17,
            "obstacle.height",
            "Obstacle height",
            Place.EXTENSION,
            Fitting.ANY,
            0,
            40,
            "Over the top: a pickup, a guard, a cutaway rim under the strings."),
    OBSTACLE_DISTANCE(
            17,
            "obstacle.distance",
            "Joint to obstacle",
            Place.EXTENSION,
            Fitting.ANY,
            0,
            400,
            "Along the top, from the body joint to the obstacle."),
    SLOT_WIDTH(
            19,
            "saddleSlot.width",
            "Slot width",
            Place.TAIL,
            Fitting.PIN_BRIDGE,
            1.5,
            8,
            true,
            "Caliper jaws inside the saddle slot."),
    SLOT_DEPTH(
            19,
            "saddleSlot.depth",
            "Slot depth",
            Place.TAIL,
            Fitting.PIN_BRIDGE,
            1,
            10,
            true,
            "Depth rod of the caliper in the saddle slot."),
    SLOT_LENGTH(
            19,
            "saddleSlot.length",
            "Slot length",
            Place.TAIL,
            Fitting.PIN_BRIDGE,
            40,
            130,
            true,
            "Along the saddle slot, end to end."),
    SPACING_NUT(
            19,
            "stringSpacing.nut",
            "Spacing at the nut",
            Place.NUT,
            Fitting.ANY,
            15,
            70,
            true,
            "Outer string to outer string at the nut, centre to centre."),
    SPACING_BRIDGE(
            19,
            "stringSpacing.bridge",
            "String spacing",
            Place.TAIL,
            Fitting.ANY,
            20,
            90,
            true,
            "Outer string to outer string at the saddle, centre to centre."),
    BOARD_WIDTH(
            19,
            "fretboard.width",
            "Board at the nut",
            Place.NUT,
            Fitting.ANY,
            20,
            90,
            true,
            "Width of the fretboard at the nut."),
    RADIUS_NUT(
            19,
            "fretboard.radiusNut",
            "Radius at the nut",
            Place.NUT,
            Fitting.ANY,
            100,
            3000,
            true,
            "Radius gauge across fret 1; leave empty for a flat board."),
    RADIUS_BODY(
            19,
            "fretboard.radiusBody",
            "Radius at the body",
            Place.EXTENSION,
            Fitting.ANY,
            100,
            3000,
            true,
            "Radius gauge across the last frets; the same as at the nut unless compound.");

    private final int row;
    private final String key;
    private final Place place;
    private final Line line;

    Reading(
            int row,
            String key,
            String label,
            Place place,
            Fitting fitting,
            double least,
            double greatest,
            String hint) {
        this(row, key, label, place, fitting, least, greatest, false, hint);
    }

    Reading(
            int row,
            String key,
            String label,
            Place place,
            Fitting fitting,
            double least,
            double greatest,
            boolean mustBePositive,
            String hint) {
        this.row = row;
        this.key = key;
        this.place = place;
        boolean feelers = Set.of("bridgeLift", "relief.gap", "nut.bass", "nut.treble", "extension.fallAway")
                .contains(key);
        line = new Line("survey." + key, label, hint, least, greatest, mustBePositive, feelers, fitting);
    }

    /** Returns the number of the line on the measuring sheet; bass and treble share one. */
    public int row() {
        return row;
    }

    /** Returns the label with its place, where the label alone would not tell. */
    public String fullLabel() {
        return switch (this) {
            case NUT_BASS, NUT_TREBLE, ACTION_BASS, ACTION_TREBLE ->
                place.title() + ", " + label().toLowerCase(java.util.Locale.ROOT);
            case RELIEF -> place.title();
            case PROJECTION_STRUNG, PROJECTION_SLACK, EXTENSION_LENGTH ->
                place.title() + ", " + label().toLowerCase(java.util.Locale.ROOT);
            default -> label();
        };
    }

    /** Returns the key within a survey of the job file, such as {@code action.bass}. */
    public String key() {
        return key;
    }

    /** Returns where on the instrument the reading is taken. */
    public Place place() {
        return place;
    }

    @Override
    public Line line() {
        return line;
    }
}
