package org.kestan.following.uncertainty;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.kestan.following.correction.Correction;
import org.kestan.following.correction.CorrectionSolver;
import org.kestan.following.trajectory.Trajectory;
import org.kestan.ground.notation.Length;
import org.kestan.ground.sheet.Reading;
import org.kestan.ground.sheet.Tool;
import org.kestan.ground.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.visits.Visit;

/**
 * How well each derived figure of a job is known. Only readings count; a default that stood in is not given a spread it
 * never had.
 *
 * @param estimates expanded uncertainty and dominating reading of each figure that was worked out
 */
public record Uncertainty(Map<Derived, Estimate> estimates) {

    /**
     * How well a figure is known.
     *
     * @param expanded U = 2·u_c, in mm or radians
     * @param dominating the reading that contributes most; empty when no reading does
     * @param share its share of the variance, 0 to 1
     */
    public record Estimate(double expanded, Optional<Reading> dominating, double share) {

        /** Nothing is known of how well it is known. */
        public static final Estimate NONE = new Estimate(0, Optional.empty(), 0);

        /** How many times better the figure would be known with a better tool for the dominating reading. */
        public double gain(Tool present, Tool better) {
            double ratio = better.resolution() / present.resolution();
            return 1 / Math.sqrt(1 - share + share * ratio * ratio);
        }
    }

    /** Works out the uncertainties of a job's correction. */
    public static Uncertainty of(Job job, ShopStandards standards) {
        return new Uncertainty(of(job, Derived.class, shifted -> figures(shifted, standards)));
    }

    private static Map<Derived, Double> figures(Job job, ShopStandards standards) {
        Map<Derived, Double> figures = new EnumMap<>(Derived.class);
        solve(job, standards).ifPresent(plan -> {
            for (Derived figure : Derived.values()) {
                figure.of(plan).ifPresent(value -> figures.put(figure, value));
            }
        });
        return figures;
    }

    /**
     * Works out the uncertainties of any figures of a job, by shifting each reading by its own uncertainty and working them
     * out again (JCGM 100:2008, 5.1.3, note 2).
     *
     * @param type what figures there may be
     * @param work works out those that are known; mm or radians
     */
    public static <F extends Enum<F>> Map<F, Estimate> of(Job job, Class<F> type, Function<Job, Map<F, Double>> work) {
        Map<F, Double> centre = work.apply(job);
        List<Reading> readings = List.copyOf(job.visit().readings());
        Map<F, double[]> contributions = new EnumMap<>(type);
        centre.keySet().forEach(figure -> contributions.put(figure, new double[readings.size()]));
        for (int i = 0; i < readings.size() && !centre.isEmpty(); i++) {
            double standard = standard(job.visit(), readings.get(i));
            Map<F, Double> above = work.apply(shifted(job, readings.get(i), standard));
            Map<F, Double> below = work.apply(shifted(job, readings.get(i), -standard));
            for (F figure : centre.keySet()) {
                if (above.containsKey(figure) && below.containsKey(figure)) {
                    contributions.get(figure)[i] = Propagation.contribution(above.get(figure), below.get(figure));
                }
            }
        }
        Map<F, Estimate> estimates = new EnumMap<>(type);
        contributions.forEach((figure, each) -> estimates.put(figure, estimate(readings, each)));
        return estimates;
    }

    /** Returns how well a figure is known, empty when it was not worked out. */
    public Optional<Estimate> of(Derived figure) {
        return Optional.ofNullable(estimates.get(figure));
    }

    /**
     * Standard uncertainty of a reading, mm: the tool's resolution as a rectangular distribution, {@code a/√3} (JCGM
     * 100:2008, 4.3.7), and the scatter of the takes as that of their mean, {@code s/√n} (4.2.3), in quadrature.
     */
    public static double standard(Visit visit, Reading reading) {
        double resolution = visit.tool(reading).resolution() / Math.sqrt(3);
        List<Length> takes = visit.takesOf(reading);
        if (takes.size() < 2) {
            return resolution;
        }
        double mean = takes.stream().mapToDouble(Length::millimetres).average().orElseThrow();
        double squares = takes.stream()
                .mapToDouble(take -> (take.millimetres() - mean) * (take.millimetres() - mean))
                .sum();
        double scatter = Math.sqrt(squares / (takes.size() - 1) / takes.size());
        return Math.hypot(resolution, scatter);
    }

    private static Estimate estimate(List<Reading> readings, double[] contributions) {
        double combined = Propagation.combined(contributions, new double[0][]);
        int most = -1;
        for (int i = 0; i < contributions.length; i++) {
            if (contributions[i] != 0 && (most < 0 || Math.abs(contributions[i]) > Math.abs(contributions[most]))) {
                most = i;
            }
        }
        return most < 0
                ? new Estimate(0, Optional.empty(), 0)
                : new Estimate(
                        Propagation.COVERAGE * combined,
                        Optional.of(readings.get(most)),
                        contributions[most] * contributions[most] / (combined * combined));
    }

    private static Optional<Correction> solve(Job job, ShopStandards standards) {
        return Trajectory.of(job, standards)
                .trajectory()
                .flatMap(known -> CorrectionSolver.solve(job, known, standards).correction());
    }

    private static Job shifted(Job job, Reading reading, double by) {
        double value = job.visit().millimetres(reading).orElseThrow() + by;
        return job.with(reading, Length.exact(value));
    }
}
