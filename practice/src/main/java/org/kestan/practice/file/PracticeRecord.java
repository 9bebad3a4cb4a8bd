package org.kestan.practice.file;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.kestan.practice.drills.Drill;
import org.kestan.practice.reckoning.Marks;
import org.kestan.simulator.cases.Level;
import org.kestan.simulator.cases.PracticeFamily;

/**
 * What a learner has done so far.
 *
 * @param cases those that were handed over, the first one first
 * @param drills those that were done, in the same way
 */
public record PracticeRecord(List<Case> cases, List<Done> drills) {

    /** An empty record. */
    public static final PracticeRecord NONE = new PracticeRecord(List.of(), List.of());

    private static final int LAST_ONES = 3;
    private static final double READY = 8;

    /** Takes unmodifiable copies. */
    public PracticeRecord {
        cases = List.copyOf(cases);
        drills = List.copyOf(drills);
    }

    /**
     * A case that was handed over.
     *
     * @param job the id of its job: it counts once
     * @param day when
     * @param seed of it
     * @param level of it
     * @param kind of it
     * @param marks what it came to
     */
    public record Case(String job, LocalDate day, long seed, Level level, PracticeFamily kind, Marks marks) {}

    /**
     * A finished drill.
     *
     * @param day when
     * @param drill which
     * @param right how many answers were right
     * @param of how many there were
     */
    public record Done(LocalDate day, Drill drill, int right, int of) {}

    /** What to practice next. */
    public record Next(long seed, Level level, PracticeFamily kind, Optional<Marks.Skill> skill) {}

    /** Returns whether the case of a job has its marks. */
    public boolean has(String job) {
        return cases.stream().anyMatch(each -> each.job().equals(job));
    }

    /** Returns the record with one more case. */
    public PracticeRecord with(Case one) {
        return new PracticeRecord(Stream.concat(cases.stream(), Stream.of(one)).toList(), drills);
    }

    /** Returns the record with one more drill. */
    public PracticeRecord with(Done one) {
        return new PracticeRecord(
                cases, Stream.concat(drills.stream(), Stream.of(one)).toList());
    }

    /** The skill with the lowest mean over the last three cases; empty if there are none. */
    public Optional<Marks.Skill> weakest() {
        return cases.isEmpty()
                ? Optional.empty()
                : Stream.of(Marks.Skill.values()).min(Comparator.comparingDouble(this::lately));
    }

    /** The mean mark of the last three cases; 0 if there are none. */
    public double lately(Marks.Skill skill) {
        return lastOnes().stream()
                .mapToDouble(each -> each.marks().of(skill))
                .average()
                .orElse(0);
    }

    private List<Case> lastOnes() {
        return cases.subList(Math.max(0, cases.size() - LAST_ONES), cases.size());
    }

    /**
     * What to practice next: the kind practiced least, one level up if the last three cases of a level all got 8 or
     * more, and an unused seed.
     */
    public Next next() {
        Level level = cases.isEmpty() ? Level.EASY : cases.get(cases.size() - 1).level();
        boolean ready = lastOnes().size() == LAST_ONES
                && lastOnes().stream()
                        .allMatch(each ->
                                each.level() == cases.get(cases.size() - 1).level()
                                        && each.marks().mean() >= READY);
        if (ready && level.ordinal() + 1 < Level.values().length) {
            level = Level.values()[level.ordinal() + 1];
        }
        List<PracticeFamily> kinds = new ArrayList<>(List.of(PracticeFamily.values()));
        kinds.sort(Comparator.comparingLong(
                kind -> cases.stream().filter(each -> each.kind() == kind).count()));
        long seed = cases.stream().mapToLong(Case::seed).max().orElse(0) + 1;
        return new Next(seed, level, kinds.get(0), weakest());
    }
}
