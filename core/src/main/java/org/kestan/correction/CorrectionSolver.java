package org.kestan.correction;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.kestan.geometry.HeelCut;
import org.kestan.job.Fault;
import org.kestan.job.Job;
import org.kestan.job.Survey;
import org.kestan.job.Target;
import org.kestan.notation.Length;
import org.kestan.setup.Setup;
import org.kestan.sheet.Aim;
import org.kestan.sheet.Reading;
import org.kestan.sheet.Sides;
import org.kestan.standards.School;
import org.kestan.standards.ShopStandards;
import org.kestan.standards.Standard;
import org.kestan.trajectory.Basis;
import org.kestan.trajectory.Trajectory;

/** Works out a {@link Correction} from a trajectory and a target (§3.5–3.11). */
public final class CorrectionSolver {

    private final Survey survey;
    private final Target target;
    private final Trajectory trajectory;
    private final Basis basis;
    private final ShopStandards standards;
    private final List<Fault> faults = new ArrayList<>();
    private final List<String> assumed;

    private CorrectionSolver(Job job, Trajectory trajectory, ShopStandards standards) {
        this.survey = job.survey();
        this.target = job.target();
        this.trajectory = trajectory;
        this.basis = trajectory.basis();
        this.standards = standards;
        this.assumed = new ArrayList<>(basis.assumed());
    }

    /**
     * A correction, or the faults that kept it from being worked out.
     *
     * @param correction empty exactly when there are faults
     * @param faults each at its place
     */
    public record Solution(Optional<Correction> correction, List<Fault> faults) {}

    /**
     * Works out what has to change.
     *
     * @param job the job, for its target and the heel and extension readings
     * @param trajectory the job's trajectory
     * @param standards defaults for what was not read
     */
    public static Solution solve(Job job, Trajectory trajectory, ShopStandards standards) {
        CorrectionSolver solver = new CorrectionSolver(job, trajectory, standards);
        Optional<Correction> correction = solver.correction();
        return new Solution(correction, List.copyOf(solver.faults));
    }

    private Optional<Correction> correction() {
        faults.addAll(missing(target));
        if (!faults.isEmpty()) {
            return Optional.empty();
        }
        Sides<OptionalDouble> action =
                new Sides<>(target.millimetres(Aim.ACTION_BASS), target.millimetres(Aim.ACTION_TREBLE));
        double relief = target.millimetres(Aim.RELIEF).orElse(basis.reliefGap());
        Sides<Double> nut = new Sides<>(
                target.millimetres(Aim.NUT_BASS).orElse(basis.nut().bass()),
                target.millimetres(Aim.NUT_TREBLE).orElse(basis.nut().treble()));
        Setup measured = Setup.measured(trajectory, survey, standards);
        Optional<Setup> planned =
                measured.reset(action.map(OptionalDouble::getAsDouble), relief, nut, rise(), thickening());
        if (planned.isEmpty()) {
            faults.add(new Fault(
                    "/target/action",
                    "no neck angle brings the strings there",
                    "an action that the joint-to-saddle distance can reach"));
            return Optional.empty();
        }
        Setup afterRelief = measured.withRelief(relief);
        double angle = planned.get().rotation();
        double meanDrop =
                Sides.mean(afterRelief.crown()) - Sides.mean(planned.get().crown());
        Optional<HeelCut> heel = heel(angle, meanDrop);
        Optional<Extension> extension = extension(angle);
        return Optional.of(
                new Correction(trajectory, afterRelief, planned.get(), sink(), heel, extension, List.copyOf(assumed)));
    }

    /** How much the saddle at its centre, or a floating bridge, is to rise. */
    private double rise() {
        if (basis.protrusion().isEmpty()) {
            return target.millimetres(Aim.BRIDGE_HEIGHT).orElse(basis.supportHeight()) - basis.supportHeight();
        }
        double mean = Sides.mean(basis.protrusion().get());
        return target.millimetres(Aim.SADDLE).orElse(mean) - mean;
    }

    /** How much the bridge's top is to rise. */
    private double thickening() {
        OptionalDouble now = basis.bridgeThickness();
        return now.isEmpty()
                ? 0
                : target.millimetres(Aim.BRIDGE_THICKNESS).orElse(now.getAsDouble()) - now.getAsDouble();
    }

    private double sink() {
        if (trajectory.sink().isEmpty() && !standards.holds(School.IGNORE_SINK)) {
            assumed.add("survey.projection");
        }
        return trajectory.sinkTaken(standards);
    }

    private Optional<HeelCut> heel(double angle, double meanDrop) {
        Optional<HeelCut> heel = heel(survey, basis, angle, meanDrop);
        if (heel.flatMap(HeelCut::widths).isPresent()
                && survey.millimetres(Reading.SIDE_DRIFT).isEmpty()) {
            assumed.add("survey.sideDrift");
        }
        return heel;
    }

    /**
     * The heel cut for a neck rotation (§3.8, §3.9).
     *
     * @param angle θ, radians, positive = set back
     * @param meanDrop what the crown comes down relative to the fret line, mm, for the rule of thumb
     * @return empty when the heel's height was not read
     */
    public static Optional<HeelCut> heel(Survey survey, Basis basis, double angle, double meanDrop) {
        OptionalDouble height = survey.millimetres(Reading.HEEL_HEIGHT);
        if (height.isEmpty()) {
            return Optional.empty();
        }
        OptionalDouble top = survey.millimetres(Reading.HEEL_WIDTH_TOP);
        OptionalDouble cap = survey.millimetres(Reading.HEEL_WIDTH_CAP);
        Optional<HeelCut.Widths> widths = top.isPresent() && cap.isPresent()
                ? Optional.of(new HeelCut.Widths(top.getAsDouble(), cap.getAsDouble()))
                : Optional.empty();
        OptionalDouble drift = survey.millimetres(Reading.SIDE_DRIFT);
        return Optional.of(new HeelCut(
                height.getAsDouble(),
                angle,
                height.getAsDouble() * meanDrop / basis.jointToSaddle(),
                Math.abs(drift.orElse(0)) / basis.jointToSaddle(),
                widths));
    }

    private Optional<Extension> extension(double angle) {
        Optional<Extension> extension = extension(survey, target, angle, standards);
        if (extension.isPresent() && target.aim(Aim.FALL_AWAY).isEmpty()) {
            assumed.add(Aim.FALL_AWAY.path());
        }
        return extension;
    }

    /**
     * The fretboard past the joint after a neck rotation (§3.11).
     *
     * @param angle θ, radians, positive = set back
     * @return empty when its length or its fall-away was not read
     */
    public static Optional<Extension> extension(Survey survey, Target target, double angle, ShopStandards standards) {
        OptionalDouble length = survey.millimetres(Reading.EXTENSION_LENGTH);
        OptionalDouble fallAway = survey.millimetres(Reading.EXTENSION_FALL_AWAY);
        if (length.isEmpty() || fallAway.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new Extension(
                length.getAsDouble(),
                fallAway.getAsDouble(),
                fallAway.getAsDouble() + length.getAsDouble() * Math.tan(angle),
                target.millimetres(Aim.FALL_AWAY).orElse(standards.get(Standard.FALL_AWAY))));
    }

    /** Returns a fault for each aim that is needed and not said: the action on both sides. */
    public static List<Fault> missing(Target target) {
        return Stream.of(Aim.ACTION_BASS, Aim.ACTION_TREBLE)
                .filter(aim -> target.aim(aim).isEmpty())
                .map(aim -> Fault.missing(aim.pointer(), "the wanted action", Length.ACCEPTED))
                .toList();
    }
}
