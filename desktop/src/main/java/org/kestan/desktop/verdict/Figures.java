package org.kestan.desktop.verdict;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import org.kestan.notation.BenchUnit;
import org.kestan.setup.Setup;
import org.kestan.sheet.Side;
import org.kestan.sheet.Sides;
import org.kestan.ways.Prediction;

/** The figures of a prediction as texts, one a line, so that several stand side by side. */
final class Figures {

    static final String NONE = "\u2014";

    private static final List<Integer> LADDER = List.of(1, 3, 5, 7, 9, 12, 14);

    /**
     * A line of the comparison.
     *
     * @param label what it is
     * @param text reads it out of a prediction
     */
    record Line(String label, Function<Prediction, String> text) {}

    private final BenchUnit unit;

    Figures(BenchUnit unit) {
        this.unit = unit;
    }

    /** All lines, those that decide first. */
    List<Line> lines() {
        List<Line> lines = new ArrayList<>();
        lines.add(setup("Action, bass / treble", each -> both(each.action())));
        lines.add(setup(
                "Saddle left, bass / treble",
                each -> each.protrusion().map(this::both).orElse(NONE)));
        lines.add(setup("Bridge thickness", each -> length(each.bridgeThickness())));
        lines.add(setup("Top to saddle crown", each -> unit.format(each.supportHeight())));
        lines.add(setup("Break angle, least", each -> degrees(each.leastBreakAngle(), 0)));
        lines.add(setup("Neck pitch", each -> degrees(OptionalDouble.of(each.pitch()), 2)));
        lines.add(new Line("Strings pull, in all", each -> newtons(each, each.pull())));
        lines.add(new Line("Press on the saddle", each -> newtons(each, each.press())));
        lines.add(new Line(
                "Turning moment on the top",
                each -> each.moment().isPresent()
                        ? about(each)
                                + String.format(
                                        Locale.ROOT,
                                        "%.1f N\u00b7m",
                                        each.moment().getAsDouble())
                        : NONE));
        lines.add(new Line("Sharp at fret 12 from pressing", each -> cents(each, each.sharpAtOctave())));
        lines.add(new Line(
                "Saddle set-back that cancels it",
                each -> each.setBack()
                        .map(this::fine)
                        .map(text -> about(each) + text)
                        .orElse(NONE)));
        for (int fret : LADDER) {
            lines.add(setup(
                    "Over fret " + fret + ", bass / treble", each -> both(Sides.of(side -> each.over(fret, side)))));
        }
        return lines;
    }

    private static Line setup(String label, Function<Setup, String> text) {
        return new Line(label, prediction -> text.apply(prediction.setup()));
    }

    String both(Sides<Double> sides) {
        return bare(unit.format(sides.bass())) + " / " + unit.format(sides.treble());
    }

    private String fine(Sides<Double> sides) {
        return bare(unit.fine().format(sides.bass())) + " / " + unit.fine().format(sides.treble());
    }

    private static String bare(String length) {
        return length.substring(0, Math.max(length.lastIndexOf(' '), 0));
    }

    private String length(OptionalDouble millimetres) {
        return millimetres.isPresent() ? unit.format(millimetres.getAsDouble()) : NONE;
    }

    static String degrees(OptionalDouble radians, int places) {
        return radians.isPresent()
                ? String.format(Locale.ROOT, "%." + places + "f\u00b0", Math.toDegrees(radians.getAsDouble()))
                        .replace('-', '\u2212')
                : NONE;
    }

    private static String newtons(Prediction prediction, OptionalDouble force) {
        return force.isPresent() ? about(prediction) + Math.round(force.getAsDouble()) + " N" : NONE;
    }

    private static String cents(Prediction prediction, Optional<Sides<Double>> cents) {
        return cents.map(both -> about(prediction)
                        + String.format(Locale.ROOT, "%.1f / %.1f cents", both.get(Side.BASS), both.get(Side.TREBLE)))
                .orElse(NONE);
    }

    /** Wound strings make it approximate. */
    private static String about(Prediction prediction) {
        return prediction.strings().filter(each -> each.isApproximate()).isPresent() ? "about " : "";
    }
}
