package org.kestan.reckoning;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.correction.Correction;
import org.kestan.correction.CorrectionSolver;
import org.kestan.job.Fault;
import org.kestan.job.Job;
import org.kestan.sheet.Aim;
import org.kestan.sheet.Fitting;
import org.kestan.sheet.Reading;
import org.kestan.sheet.Sides;
import org.kestan.standards.ShopStandards;
import org.kestan.standards.Standard;
import org.kestan.trajectory.Basis;
import org.kestan.trajectory.Trajectory;

/**
 * What follows from a job.
 *
 * @param job the job
 * @param standards the shop's defaults and thresholds
 * @param trajectory the instrument as measured; empty when a reading it needs is missing or can't be
 * @param correction what has to change; empty when there is no trajectory or no action is aimed at
 * @param faults what keeps the trajectory or the correction from being worked out, each at its place
 * @param questions readings that look implausible
 */
public record Reckoning(
        Job job,
        ShopStandards standards,
        Optional<Trajectory> trajectory,
        Optional<Correction> correction,
        List<Fault> faults,
        List<Question> questions) {

    /** Works out everything that follows from a job. */
    public static Reckoning of(Job job, ShopStandards standards) {
        Trajectory.Reading read = Trajectory.of(job, standards);
        List<Fault> faults = new ArrayList<>(read.faults());
        Optional<Correction> correction = Optional.empty();
        if (read.trajectory().isPresent()) {
            CorrectionSolver.Solution solution =
                    CorrectionSolver.solve(job, read.trajectory().get(), standards);
            correction = solution.correction();
            faults.addAll(solution.faults());
        }
        return new Reckoning(
                job,
                standards,
                read.trajectory(),
                correction,
                List.copyOf(faults),
                Question.about(job, read.trajectory(), standards));
    }

    /** Returns every path for which a default stood in, as far as things could be worked out. */
    public List<String> assumed() {
        return correction
                .map(Correction::assumed)
                .or(() -> trajectory.map(each -> each.basis().assumed()))
                .orElse(List.of());
    }

    /** Tells whether a default stood in for the given path or for a part of it. */
    public boolean isAssumed(String path) {
        return assumed().stream().anyMatch(each -> path.equals(each) || path.startsWith(each + "."));
    }

    /**
     * Returns what the arithmetic takes for a reading that was not taken, in mm; empty when it was taken or nothing stands
     * in for it.
     */
    public OptionalDouble standIn(Reading reading) {
        if (job.length(reading).isPresent() || trajectory.isEmpty()) {
            return OptionalDouble.empty();
        }
        Basis basis = trajectory.get().basis();
        return switch (reading) {
            case RELIEF, SIDE_DRIFT -> OptionalDouble.of(0);
            case NUT_BASS, NUT_TREBLE -> OptionalDouble.of(standards.get(Standard.NUT_HEIGHT));
            case JOINT_TO_SADDLE -> OptionalDouble.of(basis.jointToSaddle());
            case FRETS_OVER_TOP -> OptionalDouble.of(basis.fretsOverTop());
            case PIN_DISTANCE ->
                job.fitting() == Fitting.FLOATING_BRIDGE
                        ? OptionalDouble.empty()
                        : OptionalDouble.of(standards.get(Standard.PIN_DISTANCE));
            default -> OptionalDouble.empty();
        };
    }

    /** Returns the value that an aim not said leaves as it is, in mm; empty when it is said or not known. */
    public OptionalDouble standIn(Aim aim) {
        if (job.length(aim).isPresent()) {
            return OptionalDouble.empty();
        }
        return switch (aim) {
            case FALL_AWAY -> OptionalDouble.of(standards.get(Standard.FALL_AWAY));
            case SADDLE ->
                trajectory
                        .flatMap(known -> known.basis().protrusion())
                        .map(sides -> OptionalDouble.of(Sides.mean(sides)))
                        .orElse(OptionalDouble.empty());
            case ACTION_BASS, ACTION_TREBLE -> OptionalDouble.empty();
            default ->
                job.survey().millimetres(aim.measured()).isPresent()
                        ? job.survey().millimetres(aim.measured())
                        : standIn(aim.measured());
        };
    }
}
