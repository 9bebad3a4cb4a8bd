package org.kestan.analysis.uncertainty;

import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.analysis.swing.FretCrowns;
import org.kestan.analysis.swing.StringClearance;
import org.kestan.analysis.swing.Swing;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.terms.PlayingTouch;

/** How well the lowest clean action is known: by the readings, and by force and share of the hand (§3.22). */
public final class LowestCleanSpread {

    private LowestCleanSpread() {}

    /**
     * Works it out.
     *
     * @param hand whose
     * @return half-width at about 95 % on each side, mm; empty where the outer string is not known
     */
    public static Sides<OptionalDouble> of(SheetAnalysis sheet, PlayingTouch hand) {
        Map<Side, Double> variance = new EnumMap<>(Side.class);
        Uncertainty.of(sheet.job(), sheet.standards(), Side.class, as -> lowest(as, hand))
                .forEach((side, known) -> variance.merge(side, square(known.expanded()), Double::sum));
        for (Standard standard : new Standard[] {force(hand), Standard.PLUCK_SHARE}) {
            double spread = sheet.standards()
                    .get(standard == Standard.PLUCK_SHARE ? Standard.PLUCK_SHARE_SPREAD : Standard.PLUCK_FORCE_SPREAD);
            double step = spread / Math.sqrt(3);
            Map<Side, Double> above = lowest(sheet, standard, 1 + step, hand);
            Map<Side, Double> below = lowest(sheet, standard, 1 - step, hand);
            variance.replaceAll(
                    (side, so) -> so + square(Propagation.COVERAGE * (above.get(side) - below.get(side)) / 2));
        }
        return Sides.of(side ->
                variance.containsKey(side) ? OptionalDouble.of(Math.sqrt(variance.get(side))) : OptionalDouble.empty());
    }

    private static double square(double value) {
        return value * value;
    }

    private static Standard force(PlayingTouch hand) {
        return switch (hand) {
            case LIGHT -> Standard.PLUCK_LIGHT;
            case MEDIUM -> Standard.PLUCK_MEDIUM;
            case HARD -> Standard.PLUCK_HARD;
        };
    }

    private static Map<Side, Double> lowest(SheetAnalysis sheet, Standard changed, double factor, PlayingTouch hand) {
        double value = sheet.standards().get(changed) * factor;
        ShopStandards shop = sheet.standards()
                .with(changed, String.format(Locale.ROOT, "%.6f", value))
                .optional()
                .orElse(sheet.standards());
        return lowest(sheet.with(sheet.inputs().withStandards(shop)), hand);
    }

    private static Map<Side, Double> lowest(SheetAnalysis sheet, PlayingTouch hand) {
        Map<Side, Double> lowest = new EnumMap<>(Side.class);
        sheet.measured()
                .flatMap(setup -> StringClearance.swing(sheet, setup, FretCrowns.fall(sheet.job()), hand))
                .map(Swing::lowestClean)
                .ifPresent(sides -> {
                    for (Side side : Side.values()) {
                        sides.get(side).ifPresent(clean -> lowest.put(side, clean.action()));
                    }
                });
        return lowest;
    }
}
