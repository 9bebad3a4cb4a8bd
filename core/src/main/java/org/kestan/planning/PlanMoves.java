package org.kestan.planning;

import java.util.Optional;
import org.kestan.correction.Correction;
import org.kestan.job.Job;
import org.kestan.notation.BenchUnit;
import org.kestan.notation.Length;
import org.kestan.reckoning.Reckoning;
import org.kestan.sheet.Aim;
import org.kestan.sheet.Fitting;
import org.kestan.sheet.Side;
import org.kestan.sheet.Sides;
import org.kestan.trajectory.Basis;

/** Turns a move on the drawing into a job with other aims. */
public final class PlanMoves {

    private PlanMoves() {}

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
     * @param reckoning the job's reckoning; without a correction there is nothing to move
     * @param handle what is moved
     * @param height where to, in mm
     * @param unit the unit new lengths are written in; what is moved directly is rounded to its step
     * @return the job with its new aims; unchanged when there is nothing to move
     */
    public static Job move(Reckoning reckoning, Handle handle, double height, BenchUnit unit) {
        Job job = reckoning.job();
        if (reckoning.correction().isEmpty() || !Double.isFinite(height)) {
            return job;
        }
        Correction plan = reckoning.correction().get();
        return switch (handle) {
            case ACTION_BASS -> job.with(Aim.ACTION_BASS, Optional.of(Length.of(Math.max(0, height), unit)));
            case ACTION_TREBLE -> job.with(Aim.ACTION_TREBLE, Optional.of(Length.of(Math.max(0, height), unit)));
            case FRET_LINE -> withSupport(job, plan, plan.supportHeight() + height - plan.targetStrung(), unit);
            case SADDLE_CROWN -> crownTo(job, plan, height, unit);
        };
    }

    /**
     * Puts what a handle moves back to what is measured: the fret line where it lies once the relief is right, the saddle
     * and the action as read.
     *
     * @return the job with those aims taken back; unchanged when there is nothing to move
     */
    public static Job reset(Reckoning reckoning, Handle handle) {
        Job job = reckoning.job();
        if (reckoning.correction().isEmpty()) {
            return job;
        }
        Correction plan = reckoning.correction().get();
        return switch (handle) {
            case ACTION_BASS -> job.with(Aim.ACTION_BASS, job.length(Aim.ACTION_BASS.measured()));
            case ACTION_TREBLE -> job.with(Aim.ACTION_TREBLE, job.length(Aim.ACTION_TREBLE.measured()));
            case SADDLE_CROWN -> job.with(supportAim(job), Optional.empty());
            case FRET_LINE ->
                withExactSupport(job, plan, plan.supportHeight() + plan.strungAfterRelief() - plan.targetStrung());
        };
    }

    /** The crown at a height over the soundboard, the fret line held: both actions follow by the string's leverage. */
    private static Job crownTo(Job job, Correction plan, double height, BenchUnit unit) {
        Job moved = withSupport(job, plan, height, unit);
        double rise = support(moved, plan) - plan.supportHeight();
        Basis basis = plan.trajectory().basis();
        double first = basis.frets().at(1);
        double leverage = (basis.actionAt() - first) / (basis.saddle() - first);
        for (Side side : Side.values()) {
            double action = plan.plannedAction(side) + rise * leverage;
            Aim aim = side == Side.BASS ? Aim.ACTION_BASS : Aim.ACTION_TREBLE;
            moved = moved.with(aim, Optional.of(Length.exact(Math.round(action * 1000) / 1000.0)));
        }
        return moved;
    }

    private static Job withSupport(Job job, Correction plan, double support, BenchUnit unit) {
        return job.with(supportAim(job), Optional.of(Length.of(aimFor(support, plan), unit)));
    }

    private static Job withExactSupport(Job job, Correction plan, double support) {
        return job.with(supportAim(job), Optional.of(Length.exact(Math.round(aimFor(support, plan) * 1000) / 1000.0)));
    }

    private static Aim supportAim(Job job) {
        return job.fitting() == Fitting.FLOATING_BRIDGE ? Aim.BRIDGE_HEIGHT : Aim.SADDLE;
    }

    private static double aimFor(double support, Correction plan) {
        return support - plan.bridgeThickness().orElse(0);
    }

    private static double support(Job job, Correction plan) {
        double aimed = job.target()
                .millimetres(supportAim(job))
                .orElseGet(() -> plan.protrusion().map(Sides::mean).orElse(plan.supportHeight()));
        return aimed + plan.bridgeThickness().orElse(0);
    }
}
