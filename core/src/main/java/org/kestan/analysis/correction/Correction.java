package org.kestan.analysis.correction;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.analysis.setup.Setup;
import org.kestan.analysis.trajectory.Trajectory;
import org.kestan.base.geometry.Angle;
import org.kestan.base.geometry.HeelCut;
import org.kestan.base.geometry.NeckCurve;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;

/**
 * What has to change to reach the target, and the instrument afterward.
 *
 * @param trajectory the instrument as measured
 * @param afterRelief the setup once the relief is right, all else as measured (§3.5)
 * @param planned the target setup, with the neck turned for it (§3.6, §3.7)
 * @param sink how far the body is taken to fold up under string load
 * @param heel the heel cut; empty if the heel height was not read
 * @param extension the extension afterward; empty if its length or fall-away was not read
 * @param assumed every path for which a default stood in, those of the trajectory first
 */
public record Correction(
        Trajectory trajectory,
        Setup afterRelief,
        Setup planned,
        double sink,
        Optional<HeelCut> heel,
        Optional<Extension> extension,
        List<String> assumed) {

    /** The relief curve wanted. */
    public NeckCurve neck() {
        return planned.neck().middle();
    }

    /** θ, neck rotation, positive = set back (§3.7). */
    public Angle angle() {
        return planned.rotation();
    }

    /** The cut at the cap by the strings alone (§3.4), mm; empty where action or heel were not read. */
    public OptionalDouble heelByStrings() {
        return trajectory.basis().actionIsRead() ? heelFrom(trajectory.impliedStrung()) : OptionalDouble.empty();
    }

    /** The cut at the cap by the straightedge alone, mm; empty where projection or heel were not read. */
    public OptionalDouble heelByStraightedge() {
        OptionalDouble strung = trajectory.basis().projectionStrung();
        return strung.isPresent() ? heelFrom(strung.getAsDouble()) : strung;
    }

    /** The cut at the cap if the fret line were at the given height over the soundboard at the saddle today, mm. */
    private OptionalDouble heelFrom(double present) {
        Angle more = trajectory
                .rotation()
                .pitch(trajectory.fretLine())
                .minus(trajectory.rotation().pitch(present));
        return heel.isPresent()
                ? OptionalDouble.of(heel.get().height() * angle().plus(more).tan())
                : OptionalDouble.empty();
    }

    /** Soundboard to saddle crown afterward, mean of the sides, mm. */
    public double supportHeight() {
        return planned.supportHeight();
    }

    /** Bridge thickness afterward, mm; empty for a floating bridge. */
    public OptionalDouble bridgeThickness() {
        return planned.bridgeThickness();
    }

    /** Saddle protrusion afterward each side, mm; empty for a floating bridge (§3.10). */
    public Optional<Sides<Double>> protrusion() {
        return planned.protrusion();
    }

    /** The action once the relief is right, at the fret where it was read (§3.5), mm. */
    public double actionAfterRelief(Side side) {
        return afterRelief.action().get(side);
    }

    /** The action afterward at the fret where it was read, mm. */
    public double plannedAction(Side side) {
        return planned.action().get(side);
    }

    /** What the saddle crown must come down relative to the fret line on a side, after relief (§3.6), mm. */
    public double saddleDrop(Side side) {
        return afterRelief.crown().get(side) - planned.crown().get(side);
    }

    /** Mean of both sides' saddle drop, mm. */
    public double meanSaddleDrop() {
        return Sides.mean(Sides.of(this::saddleDrop));
    }

    /** How far the crown itself is raised from the top, mm: Δz of §3.7. */
    public double crownRise() {
        return supportHeight() - trajectory.basis().supportHeight();
    }

    /**
     * The strung projection to end up with at the saddle, {@code support height − hs*} (§3.7), mm over the soundboard.
     */
    public double targetStrung() {
        return planned.projection();
    }

    /** What the straightedge must show with the neck dry-fitted and the strings off: strung plus sink, mm. */
    public double targetSlack() {
        return targetStrung() + sink;
    }

    /** What the straightedge will read at pitch, with straightedge and caliper placed as on this sheet (§3.4), mm. */
    public double strungAsRead() {
        return planned.basis().straightedge().asRead(targetStrung());
    }

    /** What the straightedge will read with the neck dry-fitted and the strings off, mm. */
    public double slackAsRead() {
        return planned.basis().straightedge().asRead(targetSlack());
    }

    /** The strings over fret 1 afterward on a side, mm (§3.6). */
    public double nutAfter(Side side) {
        return planned.nut().get(side);
    }

    /** The strung projection once the relief is right and nothing else has changed, mm over the soundboard. */
    public double strungAfterRelief() {
        return afterRelief.projection();
    }

    /** Neck pitch afterward, positive = set back; empty if the height of the frets over the top is assumed. */
    public Optional<Angle> plannedPitch() {
        return planned.pitch();
    }
}
