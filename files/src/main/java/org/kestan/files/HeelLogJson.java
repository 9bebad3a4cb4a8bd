package org.kestan.files;

import java.util.List;
import java.util.Optional;
import org.kestan.following.trajectory.Needed;
import org.kestan.ground.finding.Fault;
import org.kestan.ground.notation.NotationFinding;
import org.kestan.ground.sheet.Reading;
import org.kestan.ground.sheet.Side;
import org.kestan.ground.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.Sections;
import org.kestan.judgement.way.Way;
import org.kestan.work.heel.HeelAdvice;
import org.kestan.work.heel.HeelGoal;
import org.kestan.work.plan.WorkPlan;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** What to do next at the heel, by the log in the job, as the JSON that other programs read. Millimetres. */
public final class HeelLogJson {

    private HeelLogJson() {}

    /** Advises from the heel log of a job that is worked by some ways. */
    public static Printed advise(Job job, List<Way> ways, ShopStandards shop) {
        PlanJson.Planned planned = PlanJson.plan(job, ways, shop);
        if (planned.plan().isEmpty()) {
            return Printed.faulty(planned.faults());
        }
        Optional<HeelGoal> goal = planned.plan()
                .flatMap(WorkPlan::correction)
                .flatMap(correction -> HeelGoal.of(correction, planned.dossier().job()));
        if (goal.isEmpty()) {
            boolean read = job.get(Reading.HEEL_HEIGHT).isPresent();
            return Printed.faulty(List.of(
                    read
                            ? new Fault("/instrument", FileFinding.NO_HEEL_CUT.of(), FileFinding.A_WAY_THAT_CUTS.of())
                            : new Fault(
                                    Reading.HEEL_HEIGHT.pointer(), Needed.VALUE.of(), NotationFinding.A_LENGTH.of())));
        }
        return Printed.of(Json.print(tree(HeelAdvice.of(goal.get(), job.section(Sections.HEEL_LOG), shop))));
    }

    private static ObjectNode tree(HeelAdvice advice) {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        ObjectNode left = root.putObject("left").put("projection", advice.projectionLeft());
        left.putObject("cap")
                .put("bass", advice.capLeft().bass())
                .put("treble", advice.capLeft().treble());
        ObjectNode next = root.putObject("next");
        ObjectNode band = root.putObject("pulls80");
        for (Side side : Side.values()) {
            next.putObject(side.key())
                    .put("grit", advice.grit())
                    .put("pulls", advice.pulls().get(side));
            int[] pulls = advice.band().get(side);
            band.putArray(side.key()).add(pulls[0]).add(pulls[1]);
        }
        root.put("overChance", advice.overChance()).put("advice", advice.word().key());
        advice.suspect().forEach(root.putArray("suspect")::add);
        return root;
    }
}
