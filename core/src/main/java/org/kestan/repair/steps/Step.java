package org.kestan.repair.steps;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.kestan.base.finding.Keyed;
import org.kestan.base.sheet.Line;
import org.kestan.job.bench.WaitKind;
import org.kestan.repair.picture.Operation;
import org.kestan.repair.plan.PlanNumber;
import org.kestan.repair.plan.PlanParts;
import org.kestan.repair.plan.WorkPlan;

/**
 * One step at the bench, as described in its file.
 *
 * @param id identifies it, and stays the same when it is moved or edited
 * @param text what the bench reads; the shop's own words
 * @param work how long it takes and what it works with
 * @param when when it is taken
 * @param unless when it is not, though it would be
 * @param edits what the shop changed of it
 */
public record Step(String id, Text text, Work work, StepCondition when, StepCondition unless, Edits edits) {

    /**
     * The texts of a step for the bench.
     *
     * @param title what is done, in a few words
     * @param why the reason, one line
     * @param doing how it is done
     * @param check what has to be so before going on, empty for nothing
     * @param failing what to do when it is not so, empty for none
     * @param cautions dangers to skin, lungs and eyes, and legal limits, at this step
     * @param picture what a picture is wanted of, empty for none
     * @param drawing the {@link Operation} that is drawn beside it, by its key, or the name of a photograph that lies with the
     *     shop's steps; empty for none
     */
    public record Text(
            String title,
            String why,
            String doing,
            String check,
            String failing,
            List<String> cautions,
            String picture,
            String drawing) {

        /** Takes an unmodifiable copy. */
        public Text {
            cautions = List.copyOf(cautions);
        }
    }

    /**
     * What a step needs and gives.
     *
     * @param hands minutes of work
     * @param pause what is waited for afterward; empty for nothing
     * @param numbers the numbers of the plan it works to
     * @param reads what is read, into the visit the step belongs to
     * @param into the visit it is read into
     * @param bags what comes off and is bagged
     * @param tool the tool shown beside it; empty for none
     */
    public record Work(
            int hands,
            Optional<Pause> pause,
            List<PlanNumber> numbers,
            List<Line<?>> reads,
            Into into,
            List<String> bags,
            Optional<Tool> tool) {

        /** Takes unmodifiable copies. */
        public Work {
            numbers = List.copyOf(numbers);
            reads = List.copyOf(reads);
            bags = List.copyOf(bags);
        }

        /** Returns it in a plan: with the numbers that exist, and the lines that apply to this instrument. */
        private Work in(WorkPlan plan) {
            return new Work(
                    hands,
                    pause.map(each -> each.in(numbers, plan)),
                    numbers.stream()
                            .filter(number -> !number.amounts(plan).isEmpty())
                            .toList(),
                    reads.stream().filter(plan.job()::takes).toList(),
                    into,
                    bags,
                    tool);
        }
    }

    /**
     * The shop's changes to a step.
     *
     * @param off whether it is switched off
     * @param added whether it is the shop's own
     * @param changed the keys under which it says something else than the one that ships
     */
    public record Edits(boolean off, boolean added, Set<String> changed) {

        /** Nothing. */
        public static final Edits NONE = new Edits(false, false, Set.of());

        /** Takes an unmodifiable copy. */
        public Edits {
            changed = Set.copyOf(changed);
        }

        /** Returns whether anything differs from the default step. */
        public boolean any() {
            return off || added || !changed.isEmpty();
        }
    }

    /** Returns it in a plan. */
    Step in(WorkPlan plan) {
        return new Step(id, text, work.in(plan), when, unless, edits);
    }

    /**
     * Time in which nobody works on it.
     *
     * @param kind what is waited for
     * @param minutes how long, above zero
     */
    public record Pause(WaitKind kind, int minutes) {

        /** Heat takes as long as this board needs, if the step's numbers give it. */
        private Pause in(List<PlanNumber> numbers, WorkPlan plan) {
            return kind == WaitKind.HEAT
                    ? new Pause(kind, PlanParts.heatMinutes(numbers, plan).orElse(minutes))
                    : this;
        }
    }

    /** The visit that a reading at a step belongs to. */
    public enum Into implements Keyed {
        /** The visit the plan was made from. */
        BEFORE("before"),
        /** A visit during the work, so that the plan keeps the readings it was made from. */
        DRY_FIT("dry-fit"),
        /** A visit that proves the work. */
        AFTER("after");

        private final String key;

        Into(String key) {
            this.key = key;
        }

        @Override
        public String key() {
            return key;
        }

        @Override
        public String family() {
            return "reads-into";
        }
    }

    /** The tool shown with a step, beside its text. */
    public enum Tool implements Keyed {
        HEEL_LOG("heel-log"),
        FOOT_FIT("foot-fit"),
        SADDLE_TRIM("saddle-trim"),
        BRIDGE_TRIM("bridge-trim"),
        TEMPLATES("templates"),
        LEVELLING("levelling");

        private final String key;

        Tool(String key) {
            this.key = key;
        }

        @Override
        public String key() {
            return key;
        }

        @Override
        public String family() {
            return "step-tool";
        }
    }

    /** Returns the operation drawn beside it; empty if there is none, or a photograph. */
    public Optional<Operation> operation() {
        return Keyed.find(Operation.class, text.drawing());
    }
}
