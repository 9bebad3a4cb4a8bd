package org.kestan.practice.reckoning;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.kestan.judgment.advice.Assessment;
import org.kestan.judgment.way.Way;
import org.kestan.overview.JobAnalysis;
import org.kestan.practice.solver.PracticeSolver;
import org.kestan.simulator.cases.InstrumentFault;
import org.kestan.simulator.cases.PracticeCase;

/**
 * Ways tried on the true instrument, with steady hands and a sheet of true values.
 *
 * @param ways which
 * @param miss how far the action ended from its target, mm, mean of the sides
 * @param left what is still wrong then
 * @param hours what they take
 * @param cost what they cost
 */
public record Trial(List<Way> ways, double miss, List<InstrumentFault> left, double hours, double cost) {

    /** The owner is content with an action this close to the target, mm. */
    public static final double NEAR = FaultCheck.ACTION;

    /** Takes an unmodifiable copy. */
    public Trial {
        ways = List.copyOf(ways);
        left = List.copyOf(left);
    }

    /** Returns whether the owner would be content. */
    public boolean isNear() {
        return miss <= NEAR;
    }

    /**
     * Tries every way, alone and with the truss rod, and Kestan's recommendation.
     *
     * @param truth what follows from the true sheet
     */
    public static List<Trial> all(PracticeCase given, JobAnalysis truth) {
        Optional<Way> rod = truth.ways().all().stream()
                .map(Assessment::way)
                .filter(way -> way.key().equals("truss-rod"))
                .findFirst();
        // Loose parts are repaired in any case.
        List<Way> mends = truth.ways().all().stream()
                .filter(Assessment::possible)
                .map(Assessment::way)
                .filter(PracticeSolver::mends)
                .toList();
        Set<List<Way>> sets = new LinkedHashSet<>();
        sets.add(truth.recommendation().ways());
        for (Assessment each :
                truth.ways().all().stream().filter(Assessment::possible).toList()) {
            Way way = each.way();
            sets.add(List.of(way));
            sets.add(with(mends, way));
            rod.filter(with -> !with.equals(way) && with.combinesWith(way)).ifPresent(with -> {
                sets.add(List.of(with, way));
                sets.add(with(mends, with, way));
            });
        }
        List<Trial> all = new ArrayList<>();
        for (List<Way> ways : sets) {
            all.add(of(given, truth, ways));
        }
        return all;
    }

    private static List<Way> with(List<Way> first, Way... then) {
        return Stream.concat(first.stream(), Stream.of(then)).distinct().toList();
    }

    /**
     * Tries given ways.
     *
     * @param truth what follows from the true sheet
     */
    public static Trial of(PracticeCase given, JobAnalysis truth, List<Way> ways) {
        return of(given, PracticeSolver.trial(given, truth, ways));
    }

    private static Trial of(PracticeCase given, PracticeSolver.Solved solved) {
        return new Trial(
                solved.ways(), solved.miss(), FaultCheck.left(given, solved.after()), solved.hours(), solved.cost());
    }

    /**
     * The best of some: of those that come close, the one that leaves the fewest faults, then the cheapest; otherwise
     * the one that comes closest.
     */
    public static Optional<Trial> best(List<Trial> trials) {
        return trials.stream()
                .filter(Trial::isNear)
                .min(Comparator.comparingInt((Trial each) -> each.left().size())
                        .thenComparingDouble(Trial::cost)
                        .thenComparingDouble(Trial::hours))
                .or(() -> trials.stream().min(Comparator.comparingDouble(Trial::miss)));
    }
}
