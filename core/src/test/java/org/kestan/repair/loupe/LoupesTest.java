package org.kestan.repair.loupe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.overview.JobAnalysis;
import org.kestan.repair.loupe.Loupe.Moment;
import org.kestan.repair.loupe.Loupe.Part;
import org.kestan.repair.loupe.Loupe.Shape;
import org.testng.annotations.Test;

/** What is seen through the loupes is what the figures say, in millimeters. */
public class LoupesTest {

    private static final Job JOB = Jobs.flatTop();
    private static final Setup NOW =
            JobAnalysis.of(JOB, ShopStandards.DEFAULT).measured().orElseThrow();

    private static Shape only(Loupe loupe, Part part, Moment moment) {
        List<Shape> found = loupe.shapes().stream()
                .filter(shape -> shape.part() == part && shape.moment() == moment)
                .toList();
        assertThat(found).hasSize(1);
        return found.get(0);
    }

    private static double lowest(Shape shape) {
        return shape.points().stream().mapToDouble(Loupe.Point::y).min().orElseThrow();
    }

    private static double highest(Shape shape) {
        return shape.points().stream().mapToDouble(Loupe.Point::y).max().orElseThrow();
    }

    @Test
    public void stringsLieOverTheCrownAsTheActionSays() {
        Loupe loupe = Loupes.overFret(NOW, Optional.empty(), new Sides<>(1.35, 0.3));
        assertThat(highest(only(loupe, Part.CROWN, Moment.NOW))).isCloseTo(0, within(1e-12));
        for (Side side : Side.values()) {
            Shape string = only(loupe, side == Side.BASS ? Part.STRING_BASS : Part.STRING_TREBLE, Moment.NOW);
            assertThat(lowest(string)).isCloseTo(NOW.action().get(side), within(1e-12));
            assertThat(highest(string) - lowest(string)).isCloseTo(side == Side.BASS ? 1.35 : 0.3, within(1e-12));
        }
        assertThat(loupe.shapes()).noneMatch(shape -> shape.moment() == Moment.AFTER);
    }

    @Test
    public void theBridgeIsAsTallAsItWasRead() {
        Setup shaved = NOW.afterBridgeShaved(1.5);
        Loupe loupe = Loupes.overBridge(NOW, Optional.of(shaved));
        assertThat(highest(only(loupe, Part.BRIDGE, Moment.NOW))).isCloseTo(NOW.bridgeTop(), within(1e-12));
        assertThat(highest(only(loupe, Part.BRIDGE, Moment.AFTER))).isCloseTo(NOW.bridgeTop() - 1.5, within(1e-12));
        // The string breaks over the saddle: as high over the top as bridge and saddle are, on the average of the
        // sides.
        double over = Sides.mean(Sides.of(
                side -> highest(only(loupe, side == Side.BASS ? Part.STRING_BASS : Part.STRING_TREBLE, Moment.NOW))));
        assertThat(over).isCloseTo(NOW.supportHeight(), within(1e-9));
        Shape arrives = only(loupe, Part.FRET_LINE, Moment.NOW);
        assertThat(arrives.points().get(1).y()).isCloseTo(NOW.impliedProjection(), within(1e-9));
    }

    /** Everything lies within the view, whatever is planned. */
    @Test
    public void nothingLiesOutsideTheView() {
        for (Setup after : List.of(NOW, NOW.afterBridgeShaved(3), NOW.afterSaddleRaised(Sides.of(side -> 6.0)))) {
            for (Loupe loupe : List.of(
                    Loupes.overFret(NOW, Optional.of(after), Sides.of(side -> 1.0)),
                    Loupes.overBridge(NOW, Optional.of(after)))) {
                for (Shape shape : loupe.shapes()) {
                    for (Loupe.Point point : shape.points()) {
                        assertThat(point.x()).isBetween(loupe.left(), loupe.right());
                        assertThat(point.y()).isBetween(loupe.bottom(), loupe.top());
                    }
                }
            }
        }
    }
}
