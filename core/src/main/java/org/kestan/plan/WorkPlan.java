package org.kestan.plan;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.kestan.correction.Correction;
import org.kestan.correction.CorrectionSolver;
import org.kestan.correction.Extension;
import org.kestan.geometry.HeelCut;
import org.kestan.job.Details;
import org.kestan.job.Job;
import org.kestan.notation.BenchUnit;
import org.kestan.notation.Length;
import org.kestan.reckoning.Reckoning;
import org.kestan.setup.Setup;
import org.kestan.sheet.Aim;
import org.kestan.sheet.Keyed;
import org.kestan.sheet.Sides;
import org.kestan.standards.School;
import org.kestan.standards.ShopStandards;
import org.kestan.ways.Prediction;
import org.kestan.ways.WayId;
import org.kestan.ways.Ways;

/**
 * What is to be done about a job. With ways taken it is what they come to; with none the neck is turned for whatever the
 * target asks. The parts of the plan ({@link SaddlePlan}, {@link BridgePlan}, …) are read out of it.
 *
 * @param reckoning the job and what follows from it
 * @param ways the ways taken, in the order of the work; none for a plan by the target alone
 * @param measured the set-up as measured; empty when the sheet does not say enough
 * @param planned the set-up it leads to; empty when the sheet or the target does not say enough
 * @param heel the heel cut; empty when no wood goes from it, or the heel was not read
 * @param extension the fretboard past the joint; empty when the neck stays, or it was not read
 */
public record WorkPlan(
        Reckoning reckoning,
        List<WayId> ways,
        Optional<Setup> measured,
        Optional<Setup> planned,
        Optional<HeelCut> heel,
        Optional<Extension> extension) {

    /** Takes an unmodifiable copy. */
    public WorkPlan {
        ways = List.copyOf(ways);
    }

    /** The plan of a job, by the ways it has taken. */
    public static WorkPlan of(Reckoning reckoning) {
        return of(reckoning, taken(reckoning.job()));
    }

    /**
     * The plan of a job by some ways. A neck way that the verdict has no need of is still planned to the target: the one who
     * asks for it has his reasons.
     */
    public static WorkPlan of(Reckoning reckoning, List<WayId> taken) {
        Optional<Setup> measured = reckoning
                .trajectory()
                .map(known -> Setup.measured(known, reckoning.job().survey(), reckoning.standards()));
        boolean byTarget = taken.isEmpty() || taken.stream().anyMatch(WorkPlan::cuts);
        Optional<Setup> target = byTarget ? reckoning.correction().map(Correction::planned) : Optional.empty();
        Optional<Setup> planned = taken.isEmpty()
                ? target
                : Ways.of(reckoning, BenchUnit.MILLIMETRES)
                        .combined(taken)
                        .predicted()
                        .map(Prediction::setup)
                        .or(() -> target);
        boolean turned = taken.isEmpty() || taken.stream().anyMatch(WayId::turnsNeck);
        return new WorkPlan(
                reckoning,
                taken,
                measured,
                planned,
                byTarget ? planned.flatMap(setup -> heel(reckoning, measured.orElseThrow(), setup)) : Optional.empty(),
                turned
                        ? planned.flatMap(setup -> CorrectionSolver.extension(
                                reckoning.job().survey(),
                                reckoning.job().target(),
                                setup.rotation(),
                                reckoning.standards()))
                        : Optional.empty());
    }

    /** Tells whether a way takes wood from the heel. */
    private static boolean cuts(WayId id) {
        return id.turnsNeck() && id != WayId.POCKET_SHIM;
    }

    private static Optional<HeelCut> heel(Reckoning reckoning, Setup measured, Setup planned) {
        Setup relieved = measured.withRelief(planned.reliefGap());
        double drop = Sides.mean(relieved.crown()) - Sides.mean(planned.crown());
        return CorrectionSolver.heel(reckoning.job().survey(), planned.basis(), planned.rotation(), drop);
    }

    /** The job. */
    public Job job() {
        return reckoning.job();
    }

    /** The shop's standards. */
    public ShopStandards shop() {
        return reckoning.standards();
    }

    /** Tells whether the neck is turned: by a way, or by the target where no way is taken. */
    public boolean turnsNeck() {
        return ways.isEmpty() || ways.stream().anyMatch(WayId::turnsNeck);
    }

    /** Tells whether a way is taken. */
    public boolean takes(WayId id) {
        return ways.contains(id);
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

    /**
     * Returns a job with other ways taken. Where the neck is cut and the job does not say how much saddle is to be left, the
     * shop's school of projection says it, and the job's target is told: what is planned stands in one place.
     */
    public static Job take(Reckoning reckoning, List<WayId> ways) {
        Job job = taking(reckoning.job(), ways);
        boolean bySchool = ways.stream().anyMatch(WorkPlan::cuts)
                && job.target().aim(Aim.SADDLE).isEmpty()
                && !reckoning.standards().holds(School.DROP_SUM);
        return of(reckoning, ways)
                .planned()
                .filter(planned -> bySchool)
                .flatMap(Setup::protrusion)
                .map(out ->
                        job.with(Aim.SADDLE, Optional.of(Length.exact(Math.round(Sides.mean(out) * 1000) / 1000.0))))
                .orElse(job);
    }

    /** Returns a job with other ways taken; with none it is planned by its target alone. */
    public static Job taking(Job job, List<WayId> ways) {
        String keys = ways.stream().map(WayId::key).collect(Collectors.joining(" "));
        return job.with(Details.WAYS, keys.isEmpty() ? Optional.empty() : Optional.of(keys));
    }
}
