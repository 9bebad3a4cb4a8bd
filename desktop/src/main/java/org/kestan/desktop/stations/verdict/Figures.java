package org.kestan.desktop.stations.verdict;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.function.Function;
import java.util.stream.DoubleStream;
import org.kestan.analysis.loads.StringLoads;
import org.kestan.analysis.loads.StrungSetup;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.sheet.Sides;
import org.kestan.desktop.messages.Messages;
import org.kestan.text.Numbers;

/** The figures of a prediction as text, one per line, for several side by side. */
final class Figures {

    private static final List<Integer> LADDER = List.of(1, 3, 5, 7, 9, 12, 14);

    /**
     * A row of the comparison.
     *
     * @param label what it is
     * @param text reads it out of a prediction
     */
    record Line(String label, Function<StrungSetup, String> text) {}

    private final Numbers numbers;

    Figures(Numbers numbers) {
        this.numbers = numbers;
    }

    /** All rows, the deciding ones first. */
    List<Line> lines() {
        List<Line> lines = new ArrayList<>();
        lines.add(setup(Messages.message("figures.action-bass-treble"), each -> numbers.pair(each.action())));
        lines.add(setup(
                Messages.message("figures.saddle-left-bass-treble"),
                each -> each.protrusion().map(numbers::pair).orElse(Numbers.NONE)));
        lines.add(setup(
                Messages.message("figures.bridge-thickness"),
                each -> print(each.bridgeThickness().stream(), numbers::length)));
        lines.add(setup(Messages.message("figures.top-to-saddle-crown"), each -> numbers.length(each.supportHeight())));
        lines.add(setup(
                Messages.message("figures.break-angle-least"),
                each -> each.leastBreakAngle()
                        .map(angle -> Numbers.angle(angle, 0))
                        .orElse(Numbers.NONE)));
        lines.add(setup(
                Messages.message("figures.neck-pitch"),
                each -> each.pitch().map(Numbers::angle).orElse(Numbers.NONE)));
        lines.add(
                new Line(Messages.message("figures.strings-pull-in-all"), each -> newtons(each, each.pull().stream())));
        lines.add(new Line(
                Messages.message("figures.press-on-the-saddle"), each -> newtons(each, each.press().stream())));
        lines.add(new Line(
                Messages.message("figures.turning-moment-on-the"),
                each -> each.moment().isPresent()
                        ? about(each) + Numbers.decimals(each.moment().getAsDouble(), 1) + " N\u00b7m"
                        : Numbers.NONE));
        lines.add(new Line(
                Messages.message("figures.sharp-at-fret-12"),
                each -> told(each, each.sharpAtOctave(), Numbers::cents)));
        lines.add(new Line(
                Messages.message("figures.saddle-set-back-that"),
                each -> told(each, each.setBack(), numbers::finePair)));
        for (int fret : LADDER) {
            lines.add(setup(
                    Messages.message("figures.over-fret-bass-treble", fret),
                    each -> numbers.pair(Sides.of(side -> each.over(fret, side)))));
        }
        return lines;
    }

    private static Line setup(String label, Function<Setup, String> text) {
        return new Line(label, prediction -> text.apply(prediction.setup()));
    }

    private static String print(DoubleStream one, DoubleFunction<String> printer) {
        return one.mapToObj(printer).findFirst().orElse(Numbers.NONE);
    }

    private static String newtons(StrungSetup prediction, DoubleStream force) {
        return print(force, newtons -> about(prediction) + Numbers.whole(newtons) + " N");
    }

    private static String told(
            StrungSetup prediction, Optional<Sides<Double>> sides, Function<Sides<Double>, String> printed) {
        return sides.map(both -> about(prediction) + printed.apply(both)).orElse(Numbers.NONE);
    }

    /** Wound strings make it approximate. */
    private static String about(StrungSetup prediction) {
        return prediction.strings().filter(StringLoads::isApproximate).isPresent() ? "about " : "";
    }
}
