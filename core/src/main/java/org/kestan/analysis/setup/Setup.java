package org.kestan.analysis.setup;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.analysis.neck.Neck;
import org.kestan.analysis.trajectory.Basis;
import org.kestan.analysis.trajectory.Trajectory;
import org.kestan.base.geometry.Angle;
import org.kestan.base.geometry.BreakAngle;
import org.kestan.base.geometry.NeckCurve;
import org.kestan.base.geometry.StringLine;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.strings.StringSpec;
import org.kestan.job.visits.Visit;

/**
 * A setup of the instrument. Millimeters; heights of the strings over the fret line.
 *
 * @param basis the numbers of the instrument that no setup changes: frets, distances
 * @param reliefGap relief, held and read as on the sheet
 * @param neck the frets below the fret line
 * @param strings the outer strings
 * @param protrusion saddle out of the bridge each side; empty for a floating bridge
 * @param bridgeThickness bridge at the saddle; empty for a floating bridge
 * @param supportHeight soundboard to saddle crown, mean of the sides
 * @param crownOverStrings how much higher the crown stands over the fret line than the strings say, by the one estimate from
 *     strings and straightedge (§3.4); nothing once the neck is set
 * @param anchorage where the strings go behind the saddle
 * @param rotation how far the neck has been turned against the measured one, positive = set back
 * @param stepsDown how many half steps the strings have been tuned down against the measured ones
 * @param otherStrings the set that was put on in place of the measured one, from the bass side; empty as long as that
 *     is on
 */
@RecordBuilder
public record Setup(
        Basis basis,
        double reliefGap,
        Neck neck,
        Sides<StringLine> strings,
        Optional<Sides<Double>> protrusion,
        OptionalDouble bridgeThickness,
        double supportHeight,
        double crownOverStrings,
        Anchorage anchorage,
        Angle rotation,
        double stepsDown,
        Optional<List<StringSpec>> otherStrings)
        implements SetupBuilder.With {

    /** The setup as measured. */
    public static Setup measured(Trajectory known, Visit visit, ShopStandards shop) {
        Basis basis = known.basis();
        return new Setup(
                basis,
                basis.reliefGap(),
                known.neck(),
                known.strings(),
                basis.protrusion(),
                basis.bridgeThickness(),
                basis.supportHeight(),
                known.impliedStrung() - known.fretLine(),
                Anchorage.of(visit, shop),
                Angle.ZERO,
                0,
                Optional.empty());
    }

    /** Height of the open string over the crown of a fret, mm: fret 1 and up. */
    public double over(int fret, Side side) {
        double at = basis.frets().at(fret);
        return strings.get(side).heightAt(at) + neck.dipAt(at, side);
    }

    /** The action at the fret where it was read, each side, mm. */
    public Sides<Double> action() {
        return Sides.of(side -> over(basis.actionFret(), side));
    }

    /** How far the action is from a wanted one, on the side that is farther off, mm. */
    public double offFrom(Sides<Double> wanted) {
        Sides<Double> off = action().with(wanted, (now, aim) -> Math.abs(now - aim));
        return Math.max(off.bass(), off.treble());
    }

    /** Returns whether the action is within reach (mm) of a wanted one on both sides; 1 nm counts as no difference. */
    public boolean meets(Sides<Double> wanted, double reach) {
        return offFrom(wanted) <= reach + Tolerances.SAME;
    }

    /** The strings over fret 1, each side, mm. */
    public Sides<Double> nut() {
        return Sides.of(side -> over(1, side));
    }

    /** Saddle crown over the fret line, each side, mm. */
    public Sides<Double> crown() {
        return strings.map(line -> line.heightAt(basis.saddle()));
    }

    /** Strung projection of the fret line at the saddle, mm over the soundboard (§3.4). */
    public double projection() {
        return impliedProjection() - crownOverStrings;
    }

    /** The same by the strings alone, with the crown where the bridge puts it, mm over the soundboard. */
    public double impliedProjection() {
        return supportHeight - Sides.mean(crown());
    }

    /** Neck pitch, positive = set back (§3.7); empty if the height of the frets over the top is assumed. */
    public Optional<Angle> pitch() {
        return basis.pitchIsKnown() ? Optional.of(steepness()) : Optional.empty();
    }

    /**
     * The angle between fret line and top as used for drawing and computing, even if it is not known well enough to
     * report.
     */
    public Angle steepness() {
        return basis.rotation().pitch(projection());
    }

    /** Top of the bridge over the soundboard, mm; the crown itself for a floating bridge. */
    public double bridgeTop() {
        return bridgeThickness.orElse(supportHeight);
    }

    /** Break angle on a side; empty if a tailpiece was not read (§3.14). */
    public Optional<Angle> breakAngle(Side side) {
        Optional<Angle> behind = protrusion.isPresent()
                ? Optional.of(anchorage.behindPins(protrusion.get().get(side)))
                : anchorage.behindTailpiece(supportHeight);
        return behind.map(inFront()::plus);
    }

    /**
     * How far the saddle of a pin bridge has to stand out for a break angle, with the strings at the same height over
     * the top.
     *
     * @return mm; negative where ramps alone give it
     */
    public double protrusionFor(Angle breakAngle) {
        return anchorage.pinDistance() * breakAngle.minus(inFront()).tan() - anchorage.ramp();
    }

    /** How steeply the strings climb over the top: at the joint the fret line is o above it. */
    private Angle inFront() {
        double overJoint = Sides.mean(strings.map(line -> line.heightAt(basis.joint())));
        return BreakAngle.inFront(supportHeight, basis.fretsOverTop() + overJoint, basis.jointToSaddle());
    }

    /** The smaller of the two sides' break angles; empty if a tailpiece was not read. */
    public Optional<Angle> leastBreakAngle() {
        return breakAngle(Side.BASS).flatMap(bass -> breakAngle(Side.TREBLE).map(treble -> Angle.min(bass, treble)));
    }

    /**
     * How far the crown must rise over the fret line on each side for a target action with the nut slot left alone:
     * action change times {@code x_s/x} of the fret (§3.6), mm; negative to lower it.
     */
    public Sides<Double> crownRiseFor(Sides<Double> action) {
        double leverage = basis.saddle() / basis.actionAt();
        return action.with(action(), (wanted, now) -> (wanted - now) * leverage);
    }

    /** After the truss rod has set another relief (§3.5): the neck moves relative to the body, nothing else does. */
    public Setup afterRelief(double gap) {
        Neck next = neck.bent(basis.reliefPlace().curvature(gap - reliefGap));
        NeckCurve was = neck.middle();
        double saddleShift = was.saddleShift(next.middle(), basis.jointToSaddle()) * basis.reliefEffect();
        double nutShift = was.nutShift(next.middle());
        Sides<StringLine> moved = strings.map(line -> line.shifted(nutShift, saddleShift, basis.saddle()));
        return with(setup -> setup.reliefGap(gap).neck(next).strings(moved));
    }

    /**
     * After the fretboard was planed to another relief, evenly curved, and refretted with frets of the same height:
     * the neck keeps its curve, the fret line comes down by the least that has to come off at its ends, and the nut is
     * fitted so that the strings are as high over fret 1 as before. A board planed to more relief loses wood in its
     * middle, and the line stays.
     */
    public Setup afterBoardPlaned(double gap) {
        NeckCurve next = basis.evenly(gap);
        double down =
                Math.max(neck.curves().bass().most(next), neck.curves().treble().most(next));
        Sides<Double> overFirst = nut();
        return with(setup -> setup.basis(basis.planed(down))
                        .reliefGap(gap)
                        .neck(Neck.even(next))
                        .strings(strings.map(line -> line.shifted(down, down, basis.saddle()))))
                .afterNut(overFirst);
    }

    /** After the nut slots were cut or filled for the given heights over fret 1, each side, mm. */
    public Setup afterNut(Sides<Double> overFirst) {
        double first = basis.frets().at(1);
        return withStrings(strings.with(
                overFirst,
                (line, height) -> StringLine.through(first, height, basis.saddle(), line.heightAt(basis.saddle()))));
    }

    /** After the saddle's crown was raised by the given amounts on each side (negative to lower it), mm. */
    public Setup afterSaddleRaised(Sides<Double> rise) {
        return with(setup -> setup.strings(crownShifted(rise))
                .protrusion(protrusion.map(now -> now.with(rise, Double::sum)))
                .supportHeight(supportHeight + Sides.mean(rise)));
    }

    /**
     * With the saddle's crown higher or lower on each side while the strings stay over the frets: a corrected drift,
     * mm.
     */
    public Setup afterCrownTilted(Sides<Double> tilt) {
        return withProtrusion(protrusion.map(now -> now.with(tilt, Double::sum)));
    }

    /** After the bridge's top was taken down around the saddle, whose crown stays where it is, mm. */
    public Setup afterBridgeShaved(double depth) {
        return with(setup -> setup.protrusion(protrusion.map(now -> now.map(each -> each + depth)))
                .bridgeThickness(thicker(-depth)));
    }

    private OptionalDouble thicker(double by) {
        return bridgeThickness.isPresent() ? OptionalDouble.of(bridgeThickness.getAsDouble() + by) : bridgeThickness;
    }

    /** After the neck was turned, positive = set back: the nut moves with the neck, the crown stays (§3.7). */
    public Setup afterNeckTurned(Angle angle) {
        return afterNeckTurned(angle, 0);
    }

    /**
     * After a full-pocket shim (§3.13): with the thick end toward the bridge (positive), the neck turns about the
     * pocket's edge at the joint; with the thick end toward the nut, about the pocket's far end, and the frets rise
     * over the top.
     *
     * @param angle of the shim
     * @param pocket length of the pocket, mm, less than joint to saddle
     */
    public Setup afterShim(Angle angle, double pocket) {
        if (angle.radians() >= 0) {
            return afterNeckTurned(angle);
        }
        return afterNeckTurned(angle, pocket)
                .withBasis(basis.planed(-pocket * angle.abs().tan()));
    }

    /**
     * The neck turned about a line at a distance past the joint, as deep below the fret line as the pivot of a reset.
     */
    private Setup afterNeckTurned(Angle angle, double pastJoint) {
        double o = basis.fretsOverTop();
        double distance = basis.jointToSaddle() - pastJoint;
        Sides<Double> rise = crown().map(crown -> {
            double height = crown + o;
            double turned = Math.hypot(distance, height)
                    * Angle.atan2(height, distance).minus(angle).sin();
            return turned - height;
        });
        return with(setup -> setup.strings(crownShifted(rise)).rotation(rotation.plus(angle)));
    }

    /** After the strings were tuned down, with the body rising by some of its sink at the saddle, mm. */
    public Setup afterTunedDown(double steps, double bodyRise) {
        return withStepsDown(stepsDown + steps).afterCrownsMoved(-bodyRise);
    }

    /**
     * After a different set of strings was put on.
     *
     * @param set the strings, from the bass side
     * @param bodyRise how far the body rises at the saddle under the changed pull, mm; negative when it folds farther
     * @param gap the relief under the changed pull, mm
     */
    public Setup afterStrings(List<StringSpec> set, double bodyRise, double gap) {
        return afterRelief(gap)
                .with(setup -> setup.otherStrings(Optional.of(List.copyOf(set))))
                .afterCrownsMoved(-bodyRise);
    }

    /**
     * After the tailpiece was moved: the break angle over a floating bridge changes, and the top gives under the
     * pressure.
     *
     * @param height top to the string at the tailpiece, mm
     * @param topRise how far the top rises under the bridge, mm; negative when it sinks
     */
    public Setup afterTailpiece(double height, double topRise) {
        return withAnchorage(anchorage.withTailpieceHeight(OptionalDouble.of(height)))
                .afterCrownsMoved(topRise);
    }

    /**
     * After the body has folded further under the same strings, by the given amount at the saddle, mm: the strings are
     * higher.
     */
    public Setup afterBodyFolds(double further) {
        return afterCrownsMoved(further);
    }

    private Setup afterCrownsMoved(double rise) {
        return withStrings(crownShifted(new Sides<>(rise, rise)));
    }

    /** With a string ramp of another depth, mm. */
    public Setup afterRamp(double depth) {
        return withAnchorage(anchorage.withRamp(depth));
    }

    /**
     * After a reset to a target action: the relief is as given, the strings stay in the nut slots or have the given
     * heights over fret 1 (§3.6), the saddle stands out at the center as given and takes up the difference between the
     * sides (§3.10), and the neck is turned for the rest.
     *
     * @param action target action each side, mm
     * @param gap relief wanted, mm
     * @param overFirst strings over fret 1 wanted each side, mm; empty if the slot stays
     * @param center wanted rise of the saddle out of the bridge at the center, or of a floating bridge, mm
     * @param thickening wanted rise of the bridge's top, mm
     * @return empty if no neck angle brings the strings there
     */
    public Optional<Setup> afterReset(
            Sides<Double> action, double gap, Sides<OptionalDouble> overFirst, double center, double thickening) {
        Setup relieved = gap == reliefGap ? this : afterRelief(gap);
        Sides<StringLine> wanted = Sides.of(side -> relieved.turnedTo(side, action.get(side), overFirst.get(side)));
        Sides<Double> drop =
                relieved.crown().with(wanted.map(line -> line.heightAt(basis.saddle())), (from, to) -> from - to);
        double meanDrop = Sides.mean(drop);
        double meanCrown = Sides.mean(relieved.crown());
        return basis.rotation()
                .angleFor(meanCrown + crownOverStrings, meanCrown - meanDrop, center + thickening)
                .map(angle -> relieved.with(setup -> setup.strings(wanted)
                        .protrusion(protrusion.map(
                                now -> now.with(drop, (side, sideDrop) -> side + meanDrop - sideDrop + center)))
                        .bridgeThickness(thicker(thickening))
                        .supportHeight(supportHeight + center + thickening)
                        .crownOverStrings(0)
                        .rotation(rotation.plus(angle))));
    }

    /**
     * The line of a string at a position across, 0 bass to 1 treble: between the outer two, as the crown follows the
     * board.
     */
    public StringLine line(double share) {
        StringLine bass = strings.bass();
        StringLine treble = strings.treble();
        return new StringLine(
                bass.atNut() + (treble.atNut() - bass.atNut()) * share,
                bass.slope() + (treble.slope() - bass.slope()) * share);
    }

    private StringLine turnedTo(Side side, double action, OptionalDouble overFirst) {
        double at = basis.actionAt();
        double height = action - neck.dipAt(at, side);
        double first = basis.frets().at(1);
        return overFirst.isPresent()
                ? StringLine.through(first, overFirst.getAsDouble(), at, height)
                : StringLine.through(0, strings.get(side).atNut(), at, height);
    }

    private Sides<StringLine> crownShifted(Sides<Double> rise) {
        return strings.with(rise, (line, each) -> line.shifted(0, each, basis.saddle()));
    }
}
