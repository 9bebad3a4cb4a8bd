package org.kestan.correction;

import org.kestan.geometry.ReliefCurve;
import org.kestan.geometry.StringLine;
import org.kestan.sheet.Side;
import org.kestan.sheet.Sides;
import org.kestan.trajectory.Trajectory;

/**
 * The strings once the truss rod has set another relief and nothing else is changed (§3.5). An estimate: the sheet is to be
 * read again afterwards.
 *
 * @param relief the relief curve then
 * @param strings the strings then
 * @param actionAt position of the fret at which the action is read, mm from the nut end
 */
public record Relieved(ReliefCurve relief, Sides<StringLine> strings, double actionAt) {

    /**
     * @param known the instrument as measured
     * @param gap the relief then, mm, held and read as the present one was
     */
    public static Relieved of(Trajectory known, double gap) {
        ReliefCurve relief = known.basis().reliefFor(gap);
        double saddleShift = known.relief().saddleShift(relief, known.basis().jointToSaddle());
        double nutShift = known.relief().nutShift(relief);
        return new Relieved(
                relief,
                known.strings()
                        .map(line -> line.shifted(
                                nutShift, saddleShift, known.basis().saddle())),
                known.basis().actionAt());
    }

    /** The action on a side then, mm. */
    public double action(Side side) {
        return strings.get(side).heightAt(actionAt) + relief.dipAt(actionAt);
    }
}
