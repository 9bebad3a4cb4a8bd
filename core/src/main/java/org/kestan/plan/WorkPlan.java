package org.kestan.plan;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.kestan.correction.Correction;
import org.kestan.correction.Extension;
import org.kestan.geometry.HeelCut;
import org.kestan.job.Details;
import org.kestan.job.Job;
import org.kestan.notation.BenchUnit;
import org.kestan.reckoning.Reckoning;
import org.kestan.setup.Setup;
import org.kestan.sheet.Keyed;
import org.kestan.ways.Prediction;
import org.kestan.ways.WayId;
import org.kestan.ways.Ways;

/**
 * What is to be done about a job. With ways taken it is what they come to; with none the neck is turned for whatever the
 * target asks.
 *
 * @param ways the ways taken, in the order of the work; none for a plan by the target alone
 * @param planned the set-up it leads to; empty when the sheet or the target does not say enough
 * @param heel the heel cut; empty when the neck stays, or the heel was not read
 * @param extension the fretboard past the joint; empty when the neck stays, or it was not read
 */
public record WorkPlan(
        List<WayId> ways, Optional<Setup> planned, Optional<HeelCut> heel, Optional<Extension> extension) {

    /** Takes an unmodifiable copy. */
    public WorkPlan {
        ways = List.copyOf(ways);
    }

    /** The plan of a job. */
    public static WorkPlan of(Reckoning reckoning) {
        List<WayId> taken = taken(reckoning.job());
        Optional<Correction> correction = reckoning.correction();
        if (taken.isEmpty()) {
            return new WorkPlan(
                    taken,
                    correction.map(Correction::planned),
                    correction.flatMap(Correction::heel),
                    correction.flatMap(Correction::extension));
        }
        Optional<Setup> planned = Ways.of(reckoning, BenchUnit.MILLIMETRES)
                .combined(taken)
                .predicted()
                .map(Prediction::setup);
        boolean cut = taken.stream().anyMatch(WayId::turnsNeck) && !taken.contains(WayId.POCKET_SHIM);
        return new WorkPlan(
                taken,
                planned,
                cut ? correction.flatMap(Correction::heel) : Optional.empty(),
                cut ? correction.flatMap(Correction::extension) : Optional.empty());
    }

    /** Returns the ways a job has taken; keys that are none are left out. */
    public static List<WayId> taken(Job job) {
        return job.details()
                .get(Details.WAYS)
                .map(text -> Arrays.stream(text.split("\\s+"))
                        .flatMap(key -> Keyed.find(WayId.class, key).stream())
                        .distinct()
                        .toList())
                .orElse(List.of());
    }

    /** Returns a job with other ways taken; with none it is planned by its target alone. */
    public static Job taking(Job job, List<WayId> ways) {
        String keys = ways.stream().map(WayId::key).collect(Collectors.joining(" "));
        return job.with(Details.WAYS, keys.isEmpty() ? Optional.empty() : Optional.of(keys));
    }
}
