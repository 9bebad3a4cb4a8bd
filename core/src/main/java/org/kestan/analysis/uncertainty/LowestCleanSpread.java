package org.kestan.analysis.uncertainty;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.analysis.swing.FretCrowns;
import org.kestan.analysis.swing.Pluck;
import org.kestan.analysis.swing.StringClearance;
import org.kestan.analysis.swing.Swing;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.Standard;
import org.kestan.job.terms.PlayingTouch;

/** How well the lowest clean action is known: from the readings, and from force and share of the hand (§3.22). */
public final class LowestCleanSpread {

    private LowestCleanSpread() {}

    /**
     * Works it out.
     *
     * @param hand whose
     * @return half-width at about 95 % on each side, mm; empty if the outer string is not known
     */
    public static Sides<OptionalDouble> of(SheetAnalysis sheet, PlayingTouch hand) {
        Map<Side, Double> variance = new EnumMap<>(Side.class);
        Uncertainty.of(sheet, Side.class, as -> lowest(as, Pluck.of(as.job(), hand, as.standards())))
                .forEach((side, known) -> variance.merge(side, square(known.expanded()), Double::sum));
        Pluck pluck = Pluck.of(sheet.job(), hand, sheet.standards());
        for (Standard spread : spreads(sheet, hand)) {
            double step = sheet.standards().get(spread) / Math.sqrt(3);
            Map<Side, Double> above = lowest(sheet, pluck.with(pluck.force() * (1 + step)));
            Map<Side, Double> below = lowest(sheet, pluck.with(pluck.force() * (1 - step)));
            variance.replaceAll(
                    (side, so) -> so + square(Propagation.COVERAGE * (above.get(side) - below.get(side)) / 2));
        }
        return Sides.of(side ->
                variance.containsKey(side) ? OptionalDouble.of(Math.sqrt(variance.get(side))) : OptionalDouble.empty());
    }

    private static double square(double value) {
        return value * value;
    }

    /** Only the product of force and share counts; a force that was found includes its share. */
    private static List<Standard> spreads(SheetAnalysis sheet, PlayingTouch hand) {
        return Pluck.isFound(sheet.job(), hand)
                ? List.of(Standard.PLUCK_FOUND_SPREAD)
                : List.of(Standard.PLUCK_FORCE_SPREAD, Standard.PLUCK_SHARE_SPREAD);
    }

    private static Map<Side, Double> lowest(SheetAnalysis sheet, Pluck pluck) {
        Map<Side, Double> lowest = new EnumMap<>(Side.class);
        sheet.measured()
                .flatMap(setup -> StringClearance.swing(sheet, setup, FretCrowns.fall(sheet.job()), pluck))
                .map(Swing::lowestClean)
                .ifPresent(sides -> {
                    for (Side side : Side.values()) {
                        sides.get(side).ifPresent(clean -> lowest.put(side, clean.action()));
                    }
                });
        return lowest;
    }
}
