package org.kestan.base.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.Test;

public class StraightedgeTest {

    private static final double INCH = 25.4;

    private static Board board(double radius) {
        return new Board(radius, radius, 460, 37, 54, 650);
    }

    /** s = r − √(r² − c²/4), circular segments, Machinery's Handbook. */
    @Test
    public void theMiddleIsHigherByTheSagitta() {
        Board board = board(12 * INCH);
        double width = 37 + 17 * 350.0 / 650;
        double radius = 12 * INCH;
        assertThat(board.sagittaAt(350))
                .isCloseTo(radius - Math.sqrt(radius * radius - width * width / 4), within(1e-12));
    }

    /**
     * In the middle of a board with a 12 in radius it reads about 1 mm higher at the saddle: computed here, and about
     * what common practice says.
     */
    @Test
    public void onATwelveInchRadiusItReadsAboutAMillimeterHigher() {
        Frets frets = new Frets(25.5 * INCH);
        double over = board(12 * INCH).middleOverEdge(frets.at(1), frets.at(14), 285);
        assertThat(over).isBetween(0.9, 1.25);
        assertThat(board(Double.POSITIVE_INFINITY).middleOverEdge(frets.at(1), frets.at(14), 285))
                .isZero();
        assertThat(board(1e9).middleOverEdge(frets.at(1), frets.at(14), 285)).isCloseTo(0, within(1e-6));
    }

    /** Against points in space, with a geometry library: the edge laid on the crowns of two frets, in the middle and outside. */
    @Test
    public void agreesWithPointsInSpace() {
        Random random = new Random(4);
        for (int i = 0; i < 200; i++) {
            double radius = (9 + 11 * random.nextDouble()) * INCH;
            Board board = board(radius);
            double first = 36;
            double joint = 355 + 20 * random.nextDouble();
            double to = 260 + 40 * random.nextDouble();
            Vector3D one = new Vector3D(first, 0, board.sagittaAt(first));
            Vector3D two = new Vector3D(joint, 0, board.sagittaAt(joint));
            Vector3D along = two.subtract(one);
            double there = one.add((joint + to - first) / along.getX(), along).getZ();
            assertThat(board.middleOverEdge(first, joint, to)).isCloseTo(there, within(1e-9));
        }
    }

    @Test
    public void readingAndFretLineGoBackAndForth() {
        Straightedge straightedge = new Straightedge(0.85, 8, 283, 6.8, 0);
        assertThat(straightedge.asRead(straightedge.atSaddle(5.9))).isCloseTo(5.9, within(1e-12));
        // A line level with the frets at the joint is level everywhere: only the height of the middle differs.
        assertThat(straightedge.atSaddle(6.8 + 0.85)).isCloseTo(6.8, within(1e-12));
        assertThat(new Straightedge(0, 0, 283, 6.8, 0).atSaddle(5)).isCloseTo(5, within(1e-12));
        assertThatThrownBy(() -> new Straightedge(0, 300, 283, 6.8, 0)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    public void aRadiusTheStringsStandOverDoesNotFallApart() {
        assertThat(board(20).sagittaAt(400)).isEqualTo(20);
        assertThat(new Board(10 * INCH, 16 * INCH, 460, 37, 54, 650).radiusAt(460))
                .isCloseTo(16 * INCH, within(1e-9));
    }
}
