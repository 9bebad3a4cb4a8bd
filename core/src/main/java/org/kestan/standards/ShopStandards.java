package org.kestan.standards;

/**
 * The shop's thresholds and defaults. Lengths in millimetres, angles in degrees.
 *
 * @param nutHeight string over fret 1 when it was not read; from memory: 0.5 mm
 * @param fretsOverTop fretboard and fret over the top at the joint when not read; from memory: 7 mm
 * @param compensation mean saddle compensation, for the joint-to-saddle distance when not read; from memory: 3 mm
 * @param pinDistance saddle crown to where the string enters, when not read; from memory: 7 mm
 * @param sink how far the body folds up under string load when not read both ways; from memory: 0.8 mm (a flexible top
 *     moves 0.7–1 mm, common practice)
 * @param fallAway wanted fall-away of the last fret; from memory: 0.4 mm
 * @param disagreement how far the body cross-check may be off before readings are taken again; 0.5 mm, common practice
 * @param reliefLeast least relief wanted; 0.004 in, common practice
 * @param reliefMost greatest relief wanted; 0.010 in, common practice
 * @param gaugeAngle how far a neck angle by gauge may differ from the computed one; from memory: 0.3°
 * @param actionReach how near to the target an action counts as met; 1/64 in, common practice (humidity alone moves it
 *     by as much)
 * @param actionHigh action at fret 12 that is medium-high on steel strings; 6/64 in, common practice
 * @param actionOutOfSpec action at fret 12 that is out of spec on steel strings; 8/64 in, common practice
 * @param protrusionLeast least saddle protrusion; from memory: 1/16 in
 * @param protrusionFull protrusion below which the saddle counts as low; 2.5 mm, common practice
 * @param breakAngleLeast break angle under which the string no longer seats; 10°, common practice
 * @param breakAngleGood break angle from which it is good; 15°, common practice
 * @param bridgeThin bridge thickness under which a large body starts to sound thin; 9/32 in, common practice
 * @param bridgeCut bridge thickness under which it has already been cut; 1/4 in, common practice
 * @param bridgeLift lift of the bridge that stops everything else; from memory: 0.1 mm, the thinnest leaf that goes in
 * @param humidityLeast least relative humidity to measure at, percent; 40, common practice
 * @param humidityMost greatest relative humidity to measure at, percent; 55, common practice
 * @param nutLow string over fret 1 under which it buzzes; from memory: 0.2 mm
 * @param nutHigh string over fret 1 above which the nut counts as high; from memory: 0.7 mm
 * @param fallAwayMost fall-away above which the relief is read between nearer frets; from memory: 1 mm
 * @param actionMedium action at fret 12 that is medium on steel strings; 5/64 in, common practice
 * @param resetHours hours that a neck reset takes; from memory: 9
 * @param hourlyRate the shop's rate for an hour, in its own currency; from memory: 60
 * @param pitchZero half-width of the band in which the neck pitch counts as zero; from memory: 0.25°
 * @param cutNone heel cut under which the neck stays where it is; from memory: 0.1 mm
 */
public record ShopStandards(
        double nutHeight,
        double fretsOverTop,
        double compensation,
        double pinDistance,
        double sink,
        double fallAway,
        double disagreement,
        double reliefLeast,
        double reliefMost,
        double gaugeAngle,
        double actionReach,
        double actionHigh,
        double actionOutOfSpec,
        double protrusionLeast,
        double protrusionFull,
        double breakAngleLeast,
        double breakAngleGood,
        double bridgeThin,
        double bridgeCut,
        double bridgeLift,
        double humidityLeast,
        double humidityMost,
        double nutLow,
        double nutHigh,
        double fallAwayMost,
        double actionMedium,
        double resetHours,
        double hourlyRate,
        double pitchZero,
        double cutNone) {

    private static final double INCH = 25.4;

    /** The standards a shop starts with. */
    public static final ShopStandards DEFAULT = new ShopStandards(
            0.5,
            7,
            3,
            7,
            0.8,
            0.4,
            0.5,
            0.004 * INCH,
            0.010 * INCH,
            0.3,
            INCH / 64,
            6 * INCH / 64,
            8 * INCH / 64,
            INCH / 16,
            2.5,
            10,
            15,
            9 * INCH / 32,
            INCH / 4,
            0.1,
            40,
            55,
            0.2,
            0.7,
            1,
            5 * INCH / 64,
            9,
            60,
            0.25,
            0.1);
}
