package org.kestan.base.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.util.GeometricShapeFactory;
import org.testng.annotations.Test;

public class NeckCurveTest {

    private static final double FROM = 36;
    private static final double TO = 351;

    /** The sagitta of a circular arc, s = r − √(r² − c²/4): Machinery's Handbook, circular segments. */
    @Test
    public void deepestDipIsTheSagitta() {
        double chord = TO - FROM;
        for (double sagitta : new double[] {0.1, 0.25, 0.5}) {
            double radius = (chord * chord / 4 + sagitta * sagitta) / (2 * sagitta);
            assertThat(radius - Math.sqrt(radius * radius - chord * chord / 4)).isCloseTo(sagitta, within(1e-6));
            NeckCurve curve = NeckCurve.arc(1 / radius, FROM, TO);
            assertThat(curve.deepest()).isCloseTo(sagitta, within(1e-3));
        }
    }

    /** Against an exact circular arc drawn by a general-purpose geometry library: under 1 µm at 0.5 mm of relief. */
    @Test
    public void parabolaAgainstAnExactArc() {
        double chord = TO - FROM;
        double sagitta = 0.5;
        double radius = (chord * chord / 4 + sagitta * sagitta) / (2 * sagitta);
        double middle = (FROM + TO) / 2;
        GeometricShapeFactory factory = new GeometricShapeFactory();
        factory.setCentre(new Coordinate(middle, radius - sagitta));
        factory.setSize(2 * radius);
        factory.setNumPoints(301);
        double half = Math.asin(chord / 2 / radius);
        LineString arc = factory.createArc(-Math.PI / 2 - half, 2 * half);
        NeckCurve curve = NeckCurve.ofGap(sagitta, new NeckCurve.Place(FROM, TO, middle), FROM, TO);
        double worst = 0;
        for (Coordinate point : arc.getCoordinates()) {
            worst = Math.max(worst, Math.abs(curve.dipAt(point.x) + point.y));
        }
        assertThat(worst).isLessThan(1e-3);
    }

    @Test
    public void gapReadBackWhereItWasRead() {
        NeckCurve curve = NeckCurve.ofGap(0.2, new NeckCurve.Place(FROM, TO, 210), FROM, TO);
        assertThat(curve.dipAt(210)).isCloseTo(0.2, within(1e-12));
        assertThat(curve.dipAt(FROM)).isZero();
        assertThat(curve.dipAt(TO)).isZero();
        assertThat(curve.dipAt(TO + 50)).isZero();
        assertThat(NeckCurve.ofGap(-0.2, new NeckCurve.Place(FROM, TO, 210), FROM, TO)
                        .dipAt(200))
                .isNegative();
    }

    /** A gap read between nearer frets means more curvature than the same gap over the whole neck. */
    @Test
    public void nearerFretsMeanMoreCurvature() {
        double whole = NeckCurve.ofGap(0.2, new NeckCurve.Place(FROM, TO, 200), FROM, TO)
                .bow();
        double near = NeckCurve.ofGap(0.2, new NeckCurve.Place(FROM, 280, 160), FROM, TO)
                .bow();
        assertThat(near).isGreaterThan(whole);
    }

    /** The turn of the fret line against the neck's tangent at the joint, by a numeric derivative of the curve itself. */
    @Test
    public void shiftsFollowFromTheTangentAtTheJoint() {
        NeckCurve now = NeckCurve.arc(2e-5, FROM, TO);
        NeckCurve next = NeckCurve.arc(0.5e-5, FROM, TO);
        double step = 1e-4;
        double slopeNow = (now.dipAt(TO) - now.dipAt(TO - step)) / step;
        double slopeNext = (next.dipAt(TO) - next.dipAt(TO - step)) / step;
        double turn = slopeNext - slopeNow;
        assertThat(now.saddleShift(next, 290)).isCloseTo(-turn * 290, within(1e-6));
        double nutRise = -(next.dipAt(0) - now.dipAt(0));
        assertThat(now.nutShift(next)).isCloseTo(nutRise, within(1e-12));
    }

    @Test
    public void refusesAReadingOutsideTheHeldFrets() {
        assertThatThrownBy(() -> NeckCurve.ofGap(0.2, new NeckCurve.Place(36, 351, 351), 36, 351))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
