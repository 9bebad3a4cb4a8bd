package org.kestan.base.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Plane;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.Test;

public class HeelCutTest {

    private static final HeelCut.Widths WIDTHS = new HeelCut.Widths(56, 26);

    @Test
    public void wedgeFromNothingAtThePivot() {
        HeelCut cut = new HeelCut(92, Angle.ofDegrees(1), 0, Angle.ZERO, Optional.of(WIDTHS));
        assertThat(cut.atCap()).isCloseTo(92 * Math.tan(Math.toRadians(1)), within(1e-12));
        assertThat(cut.cheeksAt(0).driftSide()).isZero();
        assertThat(cut.cheeksAt(46).driftSide()).isCloseTo(cut.atCap() / 2, within(1e-12));
        assertThat(cut.cheeksAt(46).otherSide()).isEqualTo(cut.cheeksAt(46).driftSide());
    }

    /**
     * The cheeks for pitch and drift together against a plane turned in space with a geometry library: about the pivot's
     * line by θ, then about the upright through the far corner of the pivot by ψ. The sum of the two small turns differs
     * from the true one by second-order terms only.
     */
    @Test
    public void cornersAgainstAPlaneTurnedInSpace() {
        double theta = Math.toRadians(0.8);
        double yaw = 1.5 / 290;
        HeelCut cut = new HeelCut(92, Angle.ofRadians(theta), 0, Angle.ofRadians(yaw), Optional.of(WIDTHS));
        // x along the neck toward the nut, y from the other side to the drift side, z down.
        Vector3D farCorner = new Vector3D(0, -WIDTHS.top() / 2, 0);
        Rotation turn = new Rotation(Vector3D.PLUS_K, -yaw, RotationConvention.VECTOR_OPERATOR)
                .applyTo(new Rotation(Vector3D.PLUS_J, theta, RotationConvention.VECTOR_OPERATOR));
        Plane face = new Plane(farCorner, turn.applyTo(Vector3D.PLUS_I), 1e-10);
        for (double depth : new double[] {0, 30, 92}) {
            double half = WIDTHS.at(depth / 92) / 2;
            HeelCut.Cheeks cheeks = cut.cheeksAt(depth);
            assertThat(cheeks.driftSide()).isCloseTo(alongNeck(face, half, depth), within(0.002));
            assertThat(cheeks.otherSide()).isCloseTo(alongNeck(face, -half, depth), within(0.002));
        }
    }

    /** How far along x the turned plane lies from the old cheek at (y, z). */
    private static double alongNeck(Plane face, double y, double z) {
        Vector3D normal = face.getNormal();
        double offset = face.getOffset(new Vector3D(0, y, z));
        return -offset / normal.getX();
    }

    @Test
    public void fourCornersByTheFormula() {
        HeelCut cut = new HeelCut(92, Angle.ofDegrees(0.5), 0, Angle.ofRadians(1.0 / 283), Optional.of(WIDTHS));
        double cap = 92 * Math.tan(Math.toRadians(0.5));
        assertThat(cut.cheeksAt(0).driftSide()).isCloseTo(56.0 / 283, within(1e-12));
        assertThat(cut.cheeksAt(0).otherSide()).isZero();
        assertThat(cut.cheeksAt(92).driftSide()).isCloseTo(cap + (56 + 26) / 2.0 / 283, within(1e-12));
        assertThat(cut.cheeksAt(92).otherSide()).isCloseTo(cap + (56 - 26) / 2.0 / 283, within(1e-12));
    }

    @Test
    public void stationsEveryFiveMillimetersWithTheCapLast() {
        List<HeelCut.Cheeks> stations =
                new HeelCut(92, Angle.ofRadians(0.01), 0, Angle.ZERO, Optional.empty()).stations();
        assertThat(stations)
                .extracting(HeelCut.Cheeks::depth)
                .startsWith(0.0, 5.0, 10.0)
                .endsWith(85.0, 90.0, 92.0);
        assertThat(new HeelCut(90, Angle.ofRadians(0.01), 0, Angle.ZERO, Optional.empty()).stations())
                .hasSize(19);
        assertThat(stations).allSatisfy(each -> assertThat(each.driftSide()).isEqualTo(each.otherSide()));
    }
}
