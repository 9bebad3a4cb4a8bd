package org.kestan.files.results;

import java.util.List;
import java.util.Optional;
import org.kestan.analysis.trajectory.MissingInput;
import org.kestan.base.finding.Fault;
import org.kestan.base.notation.NotationFinding;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.base.standards.ShopStandards;
import org.kestan.files.FileFinding;
import org.kestan.files.json.Json;
import org.kestan.job.Job;
import org.kestan.job.Sections;
import org.kestan.judgment.way.Way;
import org.kestan.repair.heel.HeelAdvice;
import org.kestan.repair.heel.HeelGoal;
import org.kestan.repair.plan.WorkPlan;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** The advice for the heel, from the log in the job, as JSON for other programs. Millimeters. */
public final class HeelLogJson {

    private HeelLogJson() {}

    /** Gives advice from the heel log of a job done by some ways. */
    public static PrintedResult advise(Job job, List<Way> ways, ShopStandards shop) {
        PlanJson.Planned planned = PlanJson.plan(job, ways, shop);
        if (planned.plan().isEmpty()) {
            return PrintedResult.faulty(planned.faults());
        }
        Optional<HeelGoal> goal = planned.plan()
                .flatMap(WorkPlan::correction)
                .flatMap(
                        correction -> HeelGoal.of(correction, planned.analysis().job()));
        if (goal.isEmpty()) {
            boolean read = job.get(Reading.HEEL_HEIGHT).isPresent();
            return PrintedResult.faulty(List.of(
                    read
                            ? new Fault("/instrument", FileFinding.NO_HEEL_CUT.of(), FileFinding.A_WAY_THAT_CUTS.of())
                            : new Fault(
                                    Reading.HEEL_HEIGHT.pointer(),
                                    MissingInput.VALUE.of(),
                                    NotationFinding.A_LENGTH.of())));
        }
        return PrintedResult.of(Json.print(tree(HeelAdvice.of(goal.get(), job.section(Sections.HEEL_LOG), shop))));
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
