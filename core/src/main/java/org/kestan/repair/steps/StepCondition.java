package org.kestan.repair.steps;

import java.util.List;
import org.kestan.base.standards.School;
import org.kestan.job.terms.Form;
import org.kestan.job.terms.Joint;
import org.kestan.job.terms.Lines;
import org.kestan.judgment.way.Way;
import org.kestan.repair.plan.PlanNumber;
import org.kestan.repair.plan.WorkPlan;

/**
 * When a step is taken. An empty list asks for nothing; every condition given has to hold.
 *
 * @param joints the joint is one of these; one that is not said counts as unknown
 * @param forms the form is one of these
 * @param schools the shop holds one of these
 * @param ways one of these is among the ways
 * @param facts all of these hold
 * @param needs each of these numbers is in the plan
 */
public record StepCondition(
        List<Joint> joints,
        List<Form> forms,
        List<School> schools,
        List<Way> ways,
        List<Fact> facts,
        List<PlanNumber> needs) {

    /** No condition. */
    public static final StepCondition NONE =
            new StepCondition(List.of(), List.of(), List.of(), List.of(), List.of(), List.of());

    /** Takes unmodifiable copies. */
    public StepCondition {
        joints = List.copyOf(joints);
        forms = List.copyOf(forms);
        schools = List.copyOf(schools);
        ways = List.copyOf(ways);
        facts = List.copyOf(facts);
        needs = List.copyOf(needs);
    }

    /** Returns whether every condition holds. */
    public boolean holds(WorkPlan plan) {
        Joint joint = plan.job().get(Lines.JOINT).orElse(Joint.UNKNOWN);
        return (joints.isEmpty() || joints.contains(joint))
                && (forms.isEmpty() || plan.job().form().filter(forms::contains).isPresent())
                && (schools.isEmpty() || schools.stream().anyMatch(plan.shop()::holds))
                && (ways.isEmpty() || ways.stream().anyMatch(plan.ways()::contains))
                && facts.stream().allMatch(fact -> fact.holds(plan))
                && needs.stream().noneMatch(number -> number.amounts(plan).isEmpty());
    }

    /** Returns whether any condition holds; false without conditions. */
    public boolean anyHolds(WorkPlan plan) {
        Joint joint = plan.job().get(Lines.JOINT).orElse(Joint.UNKNOWN);
        return joints.contains(joint)
                || plan.job().form().filter(forms::contains).isPresent()
                || schools.stream().anyMatch(plan.shop()::holds)
                || ways.stream().anyMatch(plan.ways()::contains)
                || facts.stream().anyMatch(fact -> fact.holds(plan))
                || needs.stream().anyMatch(number -> !number.amounts(plan).isEmpty());
    }
}
