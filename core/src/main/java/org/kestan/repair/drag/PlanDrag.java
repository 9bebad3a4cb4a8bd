package org.kestan.repair.drag;

import java.util.Optional;
import java.util.function.DoubleFunction;
import org.kestan.analysis.correction.Correction;
import org.kestan.analysis.trajectory.Basis;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.job.Job;
import org.kestan.judgment.way.Effect;
import org.kestan.judgment.ways.WayCatalog;
import org.kestan.repair.plan.WorkPlan;

/** Turns a drag on the drawing into a job with new aims. */
public final class PlanDrag {

    /** The lowest height a saddle or a floating bridge can be moved to, mm: a step of any bench unit. */
    private static final double LEAST = 0.4;

    private PlanDrag() {}

    /**
     * Moves a handle to a height.
     *
     * <ul>
     *   <li>fret line: height of the planned fret line over the soundboard at the saddle. The action holds, the saddle (or
     *       the floating bridge) follows.
     *   <li>saddle crown: its height over the soundboard. The fret line holds, the action follows on both sides alike.
     *   <li>action: height over the action fret. The saddle holds, the fret line follows.
     * </ul>
     *
     * <p>A fret line that is moved takes a neck way into the plan, where none is there yet; a crown that is moved over a
     * turned neck takes the ways that turn it, so that what is drawn stays the same work.
     *
     * @param shown the plan as drawn; without a plan there is nothing to move
     * @param handle what is moved
     * @param height where to, in mm
     * @param written writes a new length in the unit in use, rounded to its step
     * @return the job with its new aims; unchanged when there is nothing to move
     */
    public static Job move(WorkPlan shown, Handle handle, double height, DoubleFunction<Length> written) {
        Job job = shown.job();
        Optional<Correction> correction = shown.correction();
        if (correction.isEmpty() || !Double.isFinite(height)) {
            return job;
        }
        Correction plan = correction.get();
        return switch (handle) {
            case ACTION_BASS -> job.with(Aim.ACTION_BASS, written.apply(Math.max(0, height)));
            case ACTION_TREBLE -> job.with(Aim.ACTION_TREBLE, written.apply(Math.max(0, height)));
            case FRET_LINE ->
                turning(shown, withSupport(job, plan, plan.supportHeight() + height - plan.targetStrung(), written));
            case SADDLE_CROWN -> crownTo(shown, plan, height, written);
        };
    }

    /**
     * The same job with the plan's neck way taken, or the one that fits the joint if the plan leaves the neck alone.
     */
    private static Job turning(WorkPlan shown, Job job) {
        return WorkPlan.taking(
                job,
                shown.turnsNeck()
                        ? shown.ways()
                        : WayCatalog.ALL.stream()
                                .filter(way -> way.has(Effect.CUTS_HEEL) && way.fitsJoint(job))
                                .limit(1)
                                .toList());
    }

    private static Job asMeasured(Job job, Aim aim) {
        return job.get(aim.measured()).map(read -> job.with(aim, read)).orElse(job);
    }

    /**
     * Resets everything a handle moves to the measured state: the fret line to where it is once the relief is right,
     * the saddle and the action to what was read; with the crown both actions are reset, since they followed it.
     *
     * @return the job with those aims taken back; unchanged when there is nothing to move
     */
    public static Job reset(WorkPlan shown, Handle handle) {
        Job job = shown.job();
        Optional<Correction> correction = shown.correction();
        if (correction.isEmpty()) {
            return job;
        }
        Correction plan = correction.get();
        return switch (handle) {
            case ACTION_BASS -> asMeasured(job, Aim.ACTION_BASS);
            case ACTION_TREBLE -> asMeasured(job, Aim.ACTION_TREBLE);
            case SADDLE_CROWN ->
                asMeasured(asMeasured(job.without(supportAim(job)), Aim.ACTION_BASS), Aim.ACTION_TREBLE);
            case FRET_LINE ->
                withExactSupport(job, plan, plan.supportHeight() + plan.strungAfterRelief() - plan.targetStrung());
        };
    }

    /**
     * The crown at a height over the soundboard with the fret line fixed: both actions follow by the string's
     * leverage.
     */
    private static Job crownTo(WorkPlan shown, Correction plan, double height, DoubleFunction<Length> written) {
        Job job = shown.job();
        Job aimed = withSupport(job, plan, height, written);
        double rise = support(aimed, plan) - plan.supportHeight();
        // If the neck stays, the crown follows the action; only a turned neck leaves it open.
        Job moved = shown.turnsNeck() ? turning(shown, aimed) : job;
        Basis basis = plan.trajectory().basis();
        for (Side side : Side.values()) {
            // The string turns about the nut slot, or about fret 1 if that reading has a target (§3.6).
            double about = job.get(Aim.nut(side)).isPresent() ? basis.frets().at(1) : 0;
            double leverage = (basis.actionAt() - about) / (basis.saddle() - about);
            double action = plan.plannedAction(side) + rise * leverage;
            moved = moved.with(Aim.action(side), Length.toMicrometer(action));
        }
        return moved;
    }

    private static Job withSupport(Job job, Correction plan, double support, DoubleFunction<Length> written) {
        return job.with(supportAim(job), written.apply(aimFor(support, plan)));
    }

    private static Job withExactSupport(Job job, Correction plan, double support) {
        return job.with(supportAim(job), Length.toMicrometer(aimFor(support, plan)));
    }

    private static Aim supportAim(Job job) {
        return job.floating() ? Aim.BRIDGE_HEIGHT : Aim.SADDLE;
    }

    /** A saddle or a bridge is above zero: nothing is moved below that. */
    private static double aimFor(double support, Correction plan) {
        return Math.max(LEAST, support - plan.bridgeThickness().orElse(0));
    }

    private static double support(Job job, Correction plan) {
        double aimed = job.millimeters(supportAim(job))
                .orElseGet(() -> plan.protrusion().map(Sides::mean).orElse(plan.supportHeight()));
        return aimed + plan.bridgeThickness().orElse(0);
    }
}
