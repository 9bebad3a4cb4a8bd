package org.kestan.base.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.hipparchus.geometry.euclidean.twod.Line;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.testng.annotations.Test;

public class StringGeometryTest {

    @Test
    public void lineThroughTwoHeightsAgreesWithALibraryLine() {
        StringLine string = StringLine.through(36, 0.5, 325, 2.4);
        Line line = new Line(new Vector2D(36, 0.5), new Vector2D(325, 2.4), 1e-10);
        for (double x = 0; x < 700; x += 35) {
            assertThat(line.contains(new Vector2D(x, string.heightAt(x)))).isTrue();
        }
        assertThatThrownBy(() -> StringLine.through(5, 1, 5, 2)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    public void shiftedMovesEachEnd() {
        StringLine string = StringLine.through(0, 0.2, 650, 6).shifted(0.1, -1, 650);
        assertThat(string.heightAt(0)).isCloseTo(0.3, within(1e-12));
        assertThat(string.heightAt(650)).isCloseTo(5, within(1e-12));
    }

    /** The bend at the saddle against the angle between the two string directions from a geometry library. */
    @Test
    public void breakAngleIsTheBendOfTheString() {
        double support = 12;
        double atJoint = 9.5;
        double distance = 290;
        double bend = BreakAngle.behindPins(3, 0.5, 7)
                .plus(BreakAngle.inFront(support, atJoint, distance))
                .radians();
        Vector2D before = new Vector2D(distance, support - atJoint);
        Vector2D behind = new Vector2D(7, -3.5);
        assertThat(bend).isCloseTo(Vector2D.angle(before, behind), within(1e-12));
        double archtop = BreakAngle.behindTailpiece(26, 14, 96).radians();
        assertThat(archtop).isCloseTo(Vector2D.angle(new Vector2D(1, 0), new Vector2D(96, -12)), within(1e-12));
    }
}
