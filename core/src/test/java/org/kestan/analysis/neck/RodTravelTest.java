package org.kestan.analysis.neck;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.stat.regression.SimpleRegression;
import org.kestan.analysis.neck.RodTravel.Point;
import org.testng.annotations.Test;

public class RodTravelTest {

    private static List<Point> points(double... numbers) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < numbers.length; i += 2) {
            points.add(new Point(numbers[i], numbers[i + 1]));
        }
        return points;
    }

    /** Without a change of direction it is the regression line, checked against a general-purpose library. */
    @Test
    public void oneWayItIsTheRegressionLine() {
        List<Point> points = points(0, 0.46, 0.25, 0.41, 0.5, 0.35, 0.75, 0.31, 1, 0.24);
        SimpleRegression line = new SimpleRegression();
        points.forEach(each -> line.addData(each.turns(), each.gap()));
        RodTravel travel = RodTravel.of(points).orElseThrow();
        assertThat(travel.gapPerTurn()).isCloseTo(line.getSlope(), within(1e-12));
        assertThat(travel.standard()).isCloseTo(line.getSlopeStdErr(), within(1e-12));
        assertThat(travel.play()).isZero();
        assertThat(travel.atEnd()).isFalse();
        // Half a turn more: from 0.24 to 0.13 at about 0.22 a turn.
        assertThat(travel.turns(0.24, 0.24 + travel.gapPerTurn() / 2)).isCloseTo(0.5, within(1e-12));
    }

    /** A quarter turn of play: nothing happens for that much after the rod is turned back. */
    @Test
    public void playIsFoundWhereTheRodWasTurnedBack() {
        List<Point> points = points(0, 0.45, 0.5, 0.35, 1, 0.25, 0.75, 0.25, 0.5, 0.30, 0.25, 0.35);
        RodTravel travel = RodTravel.of(points).orElseThrow();
        assertThat(travel.gapPerTurn()).isCloseTo(-0.2, within(1e-6));
        assertThat(travel.play()).isCloseTo(0.25, within(0.011));
        assertThat(travel.tightened()).isFalse();
        assertThat(travel.turns(0.35, 0.40)).as("on the same way").isCloseTo(-0.25, within(1e-6));
        assertThat(travel.turns(0.35, 0.30)).as("back again").isCloseTo(0.5, within(0.011));
    }

    /**
     * A last turn tighter that does a third or less of what was expected means the rod is at its end; a little more
     * does not.
     */
    @Test
    public void aTurnThatDoesNothingIsTheEnd() {
        assertThat(RodTravel.of(points(0, 0.5, 0.5, 0.4, 1, 0.3, 1.5, 0.271))
                        .orElseThrow()
                        .atEnd())
                .isTrue();
        assertThat(RodTravel.of(points(0, 0.5, 0.5, 0.4, 1, 0.3, 1.5, 0.269))
                        .orElseThrow()
                        .atEnd())
                .isFalse();
        assertThat(RodTravel.of(points(0, 0.5, 0.5, 0.4, 1, 0.3, 1.5, 0.29))
                        .orElseThrow()
                        .gapPerTurn())
                .as("by the turns that did something")
                .isCloseTo(-0.2, within(1e-12));
    }

    @Test
    public void tooLittleTellsNothing() {
        assertThat(RodTravel.of(points(0, 0.4))).isEmpty();
        assertThat(RodTravel.of(points(0, 0.4, 0, 0.3))).isEmpty();
        assertThat(RodTravel.of(points(0, 0.4, 0.5, 0.4))).isEmpty();
        assertThat(RodTravel.of(points(0, 0.4, 0.5, 0.3)).orElseThrow().standard())
                .isZero();
    }
}
