package org.kestan.analysis.uncertainty;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.kestan.analysis.correction.Correction;
import org.kestan.analysis.inputs.UncertainInput;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Tool;

/**
 * How well each derived figure of a job is known, with every {@link UncertainInput} included, whether read or assumed.
 *
 * @param estimates expanded uncertainty and dominating reading of each figure that was worked out
 */
public record Uncertainty(Map<DerivedFigure, Estimate> estimates) {

    private static final double RECTANGULAR = -1.2;

    /**
     * How well a figure is known.
     *
     * @param expanded U = k·u_c, in mm or radians: about 95 %
     * @param dominating the reading that contributes most, or would if it were taken; empty if none does
     * @param assumed whether a default is used for that reading
     * @param share its share of the variance, 0 to 1
     */
    public record Estimate(double expanded, Optional<Reading> dominating, boolean assumed, double share) {

        /** No uncertainties known. */
        public static final Estimate NONE = new Estimate(0, Optional.empty(), false, 0);

        /** How many times better the figure would be known with a better tool for the dominating reading. */
        public double gain(Tool present, Tool better) {
            double ratio = better.resolution() / present.resolution();
            return 1 / Math.sqrt(1 - share + share * ratio * ratio);
        }
    }

    /** Works out the uncertainties of a sheet's correction. */
    public static Uncertainty of(SheetAnalysis sheet) {
        return of(sheet, SheetAnalysis::correction);
    }

    /**
     * Works out the uncertainties of a correction obtained in another way.
     *
     * @param work the correction of what follows from a sheet; empty if there is none
     */
    public static Uncertainty of(SheetAnalysis sheet, Function<SheetAnalysis, Optional<Correction>> work) {
        return new Uncertainty(of(sheet, DerivedFigure.class, work.andThen(Uncertainty::figures)));
    }

    private static Map<DerivedFigure, Double> figures(Optional<Correction> correction) {
        Map<DerivedFigure, Double> figures = new EnumMap<>(DerivedFigure.class);
        correction.ifPresent(plan -> {
            for (DerivedFigure figure : DerivedFigure.values()) {
                figure.of(plan).ifPresent(value -> figures.put(figure, value));
            }
        });
        return figures;
    }

    /**
     * Works out the uncertainties of any figures of a sheet, by shifting each input by its standard uncertainty and
     * recomputing (JCGM 100:2008, 5.1.3, note 2).
     *
     * @param type what figures there may be
     * @param work works out those that are known; mm or radians
     */
    public static <F extends Enum<F>> Map<F, Estimate> of(
            SheetAnalysis sheet, Class<F> type, Function<SheetAnalysis, Map<F, Double>> work) {
        Map<F, Double> center = work.apply(sheet);
        List<UncertainInput> inputs = center.isEmpty()
                ? List.of()
                : sheet.trajectory()
                        .map(known -> UncertainInput.of(sheet.inputs(), known))
                        .orElse(List.of());
        Map<F, double[]> contributions = new EnumMap<>(type);
        center.keySet().forEach(figure -> contributions.put(figure, new double[inputs.size()]));
        for (int i = 0; i < inputs.size(); i++) {
            Map<F, Double> above = work.apply(sheet.with(inputs.get(i).shifted(sheet.inputs(), 1)));
            Map<F, Double> below = work.apply(sheet.with(inputs.get(i).shifted(sheet.inputs(), -1)));
            for (F figure : center.keySet()) {
                if (above.containsKey(figure) && below.containsKey(figure)) {
                    contributions.get(figure)[i] = Propagation.contribution(above.get(figure), below.get(figure));
                }
            }
        }
        Map<F, Estimate> estimates = new EnumMap<>(type);
        contributions.forEach((figure, each) -> estimates.put(figure, estimate(inputs, each)));
        return estimates;
    }

    /** Returns how well a figure is known, empty if it was not worked out. */
    public Optional<Estimate> of(DerivedFigure figure) {
        return Optional.ofNullable(estimates.get(figure));
    }

    /**
     * Excess kurtosis of the sum: that of a rectangular part is −1.2, of a normal one zero; fourth cumulants add up.
     */
    private static double excess(List<UncertainInput> inputs, double[] contributions, double combined) {
        double sum = 0;
        for (int i = 0; i < contributions.length; i++) {
            double share = contributions[i]
                    * contributions[i]
                    / (combined * combined)
                    * inputs.get(i).rectangular();
            sum += share * share;
        }
        return RECTANGULAR * sum;
    }

    private static Estimate estimate(List<UncertainInput> inputs, double[] contributions) {
        double combined = Propagation.combined(contributions, new double[0][]);
        int most = -1;
        for (int i = 0; i < contributions.length; i++) {
            if (contributions[i] != 0 && (most < 0 || Math.abs(contributions[i]) > Math.abs(contributions[most]))) {
                most = i;
            }
        }
        return most < 0
                ? Estimate.NONE
                : new Estimate(
                        Propagation.coverage(excess(inputs, contributions, combined)) * combined,
                        Optional.of(inputs.get(most).reading()),
                        inputs.get(most).assumed(),
                        contributions[most] * contributions[most] / (combined * combined));
    }
}
