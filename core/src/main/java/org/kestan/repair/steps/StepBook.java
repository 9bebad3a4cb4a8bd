package org.kestan.repair.steps;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.kestan.job.bench.StepMark;
import org.kestan.repair.plan.WorkPlan;

/**
 * All the steps of a shop.
 *
 * @param files one for each way, and those of before and after
 */
public record StepBook(List<StepFile> files) {

    /** The last of the default steps: the sheet again. */
    public static final String LAST = "close-sheet";

    /** No steps at all. */
    public static final StepBook EMPTY = new StepBook(List.of());

    /** Puts the files in the order of the bench. */
    public StepBook {
        files = files.stream().sorted(Comparator.comparingInt(StepFile::order)).toList();
    }

    /** Returns the file with a name. */
    public Optional<StepFile> file(String name) {
        return files.stream().filter(file -> file.name().equals(name)).findFirst();
    }

    /**
     * Puts together the steps for a plan: what comes before, the steps of its ways in the order of the bench, what
     * comes after; each once, and only those that this instrument, its joint, its sheet and the shop's schools need.
     */
    public List<Step> compose(WorkPlan plan) {
        Set<String> names = new HashSet<>(Set.of(StepFile.OPENING, StepFile.CLOSING));
        plan.ways().forEach(way -> names.add(way.key()));
        Set<String> seen = new HashSet<>();
        List<Step> steps = new ArrayList<>();
        if (plan.ways().isEmpty()) {
            return steps;
        }
        files.stream()
                .filter(file -> names.contains(file.name()))
                .flatMap(file -> file.steps().stream())
                .filter(step -> !step.edits().off())
                .filter(step -> step.when().holds(plan) && !step.unless().anyHolds(plan))
                .filter(step -> seen.add(step.id()))
                .map(step -> step.in(plan))
                .forEach(steps::add);
        return steps;
    }

    /** Returns the first of some steps that is neither done nor skipped; empty if there is none. */
    public static Optional<Step> firstOpen(List<Step> steps, List<StepMark> marks) {
        return steps.stream()
                .filter(step -> marks.stream().noneMatch(mark -> mark.step().equals(step.id())))
                .findFirst();
    }

    /** Returns a step by its id, wherever it is. */
    public Optional<Step> step(String id) {
        return all().filter(step -> step.id().equals(id)).findFirst();
    }

    private Stream<Step> all() {
        return files.stream().flatMap(file -> file.steps().stream());
    }

    /** Returns this book with a file replaced. */
    public StepBook with(StepFile file) {
        return new StepBook(Stream.concat(
                        files.stream().filter(each -> !each.name().equals(file.name())), Stream.of(file))
                .toList());
    }
}
