package org.kestan.base.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.hipparchus.geometry.euclidean.threed.Line;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.kestan.base.notation.Length;
import org.testng.annotations.Test;

public class NeckRotationTest {

    /** The closed form against the same rotation done point by point with a general-purpose geometry library. */
    @Test
    public void agreesWithARigidRotationDonePointByPoint() {
        Random random = new Random(20261123);
        for (int i = 0; i < 2000; i++) {
            double distance = 200 + 200 * random.nextDouble();
            double over = 3 + 20 * random.nextDouble();
            double saddle = 1 + 14 * random.nextDouble();
            double wanted = 1 + 14 * random.nextDouble();
            double rise = -3 + 6 * random.nextDouble();
            double angle = new NeckRotation(distance, over)
                    .angleFor(saddle, wanted, rise)
                    .orElseThrow()
                    .radians();

            // Body frame: pivot at the origin, x toward the bridge along the present fret line, z up.
            Vector3D crown = new Vector3D(distance, 0, saddle + over + rise);
            Vector3D first = new Vector3D(-300, 0, over);
            Vector3D joint = new Vector3D(0, 0, over);
            // Set back: the nut end goes down, the far end of the fret line goes up.
            Rotation turn = new Rotation(Vector3D.MINUS_J, angle, RotationConvention.VECTOR_OPERATOR);
            Line fretLine = new Line(turn.applyTo(first), turn.applyTo(joint), 1e-10);
            assertThat(fretLine.distance(crown)).isCloseTo(Math.abs(wanted), within(1e-9));
            Vector3D above = crown.subtract(fretLine.pointAt(fretLine.getAbscissa(crown)));
            assertThat(above.getZ()).as("the crown stays above the line").isPositive();
        }
    }

    /**
     * The heel sum done at the bench: saddle drop 3/16 in × heel 3 3/4 in ÷ joint to saddle 11 1/2 in = 0.061 in, about
     * 1.5 mm; the exact rotation within 2 % of it. Common practice, no source.
     */
    @Test
    public void heelSumOfTheBench() {
        double drop = Length.ofText("3/16 in").millimeters();
        double heel = Length.ofText("3 3/4 in").millimeters();
        double distance = Length.ofText("11 1/2 in").millimeters();
        double sum = heel * drop / distance;
        assertThat(sum / 25.4).isCloseTo(0.061, within(0.0005));
        assertThat(sum).isCloseTo(1.5, within(0.06));
        double angle = new NeckRotation(distance, 7)
                .angleFor(8, 8 - drop, 0)
                .orElseThrow()
                .radians();
        double exact = heel * Math.tan(angle);
        assertThat(exact).isCloseTo(sum, within(0.02 * sum));
        assertThat(exact).isNotEqualTo(sum);
    }

    @Test
    public void nothingToDoTurnsNothing() {
        assertThat(new NeckRotation(290, 7).angleFor(6, 6, 0).orElseThrow().radians())
                .isCloseTo(0, within(1e-15));
    }

    @Test
    public void pitchIsTheAngleOfTheFretLineToTheTop() {
        NeckRotation neck = new NeckRotation(290, 7);
        assertThat(neck.pitch(7).radians()).isZero();
        assertThat(neck.pitch(7 + 290).radians()).isCloseTo(Math.PI / 4, within(1e-12));
        assertThat(neck.pitch(5).radians()).isNegative();
    }

    @Test
    public void saysWhenNoRotationReaches() {
        assertThat(new NeckRotation(290, 7).angleFor(6, 400, 0)).isEmpty();
        assertThat(new NeckRotation(290, 7).angleFor(6, Double.NaN, 0)).isEmpty();
        assertThatThrownBy(() -> new NeckRotation(0, 7)).isInstanceOf(IllegalArgumentException.class);
    }
}
