package org.kestan.analysis.correction;

import org.kestan.analysis.trajectory.Basis;
import org.kestan.base.geometry.Board;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.job.Job;

/** The effects of correcting a side drift at the heel (§3.9, §3.10). */
public final class Drift {

    private Drift() {}

    /**
     * How much the crown has to change under each outer string to keep the action: over a radiused board the strings
     * move across by {@code d·x/x_s} at the action fret; the string on the side of the drift moves outward, where the
     * frets are lower, the other inward.
     *
     * @return mm each side, positive to raise; nothing for a flat board or where the neck points at the bridge
     */
    public static Sides<Double> crown(Job job, Basis basis) {
        double offset = Math.abs(job.millimeters(Reading.SIDE_DRIFT).orElse(0));
        Board board = basis.board();
        double at = basis.actionAt();
        double radius = board.radiusAt(at);
        if (offset == 0 || job.visit().driftSide().isEmpty() || Double.isInfinite(radius)) {
            return new Sides<>(0.0, 0.0);
        }
        Side toward = job.visit().driftSide().get();
        double across = offset * at / basis.saddle();
        double falls = board.halfSpacingAt(at) * across / radius * basis.saddle() / at;
        return Sides.of(side -> side == toward ? -falls : falls);
    }

    /**
     * How far the heel moves in as a whole, {@code ψ·w_top/2}, which shortens the string by as much (§3.9).
     *
     * @return mm; nothing if drift or heel width were not read
     */
    public static double movesIn(Job job, Basis basis) {
        double offset = Math.abs(job.millimeters(Reading.SIDE_DRIFT).orElse(0));
        return offset
                / basis.jointToSaddle()
                * job.millimeters(Reading.HEEL_WIDTH_TOP).orElse(0)
                / 2;
    }
}
