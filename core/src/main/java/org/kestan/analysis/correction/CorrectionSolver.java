package org.kestan.analysis.correction;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.kestan.analysis.setup.Setup;
import org.kestan.analysis.trajectory.Basis;
import org.kestan.analysis.trajectory.MissingInput;
import org.kestan.analysis.trajectory.SheetFinding;
import org.kestan.analysis.trajectory.Trajectory;
import org.kestan.base.finding.Fault;
import org.kestan.base.geometry.Angle;
import org.kestan.base.geometry.HeelCut;
import org.kestan.base.notation.NotationFinding;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.School;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;

/** Works out a {@link Correction} from a trajectory and a target (§3.5–3.11). */
public final class CorrectionSolver {

    private final Job job;
    private final Trajectory trajectory;
    private final Basis basis;
    private final ShopStandards standards;
    private final List<Fault> faults = new ArrayList<>();
    private final List<String> assumed;

    private CorrectionSolver(Job job, Trajectory trajectory, ShopStandards standards) {
        this.job = job;
        this.trajectory = trajectory;
        this.basis = trajectory.basis();
        this.standards = standards;
        this.assumed = new ArrayList<>(basis.assumed());
    }

    /**
     * A correction, or the errors that prevented it.
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
        faults.addAll(missing(job));
        Stream.of(Aim.values())
                .filter(aim -> aim.mustBePositive() && job.millimeters(aim).orElse(1) <= 0)
                .forEach(aim -> faults.add(
                        new Fault(aim.pointer(), SheetFinding.NOT_ABOVE_ZERO.of(), NotationFinding.A_LENGTH.of())));
        if (!faults.isEmpty()) {
            return Optional.empty();
        }
        Sides<OptionalDouble> action =
                new Sides<>(job.millimeters(Aim.ACTION_BASS), job.millimeters(Aim.ACTION_TREBLE));
        double relief = basis.reliefFor(job.millimeters(Aim.RELIEF));
        Sides<OptionalDouble> nut = Sides.of(side -> job.millimeters(Aim.nut(side)));
        Setup measured = Setup.measured(trajectory, job.visit(), standards);
        Optional<Setup> planned =
                measured.afterReset(action.map(OptionalDouble::getAsDouble), relief, nut, rise(), thickening());
        if (planned.isEmpty()) {
            faults.add(new Fault("/target/action", SheetFinding.OUT_OF_REACH.of(), SheetFinding.ACTION_IN_REACH.of()));
            return Optional.empty();
        }
        Setup afterRelief = measured.afterRelief(relief);
        Angle angle = planned.get().rotation();
        double meanDrop =
                Sides.mean(afterRelief.crown()) - Sides.mean(planned.get().crown());
        double rise = planned.get().supportHeight() - basis.supportHeight();
        Optional<HeelCut> heel = heel(angle, meanDrop + rise);
        Optional<Extension> extension = extension(measured, planned.get());
        return Optional.of(
                new Correction(trajectory, afterRelief, planned.get(), sink(), heel, extension, List.copyOf(assumed)));
    }

    /** How far the saddle at its center, or a floating bridge, has to rise. */
    private double rise() {
        if (basis.protrusion().isEmpty()) {
            return job.millimeters(Aim.BRIDGE_HEIGHT).orElse(basis.supportHeight()) - basis.supportHeight();
        }
        double mean = Sides.mean(basis.protrusion().get());
        return job.millimeters(Aim.SADDLE).orElse(mean) - mean;
    }

    /** How far the bridge's top has to rise. */
    private double thickening() {
        OptionalDouble now = basis.bridgeThickness();
        return now.isEmpty() ? 0 : job.millimeters(Aim.BRIDGE_THICKNESS).orElse(now.getAsDouble()) - now.getAsDouble();
    }

    private double sink() {
        if (trajectory.sink().isEmpty() && !standards.holds(School.IGNORE_SINK)) {
            assumed.add("survey.projection");
        }
        return trajectory.sinkTaken(standards);
    }

    private Optional<HeelCut> heel(Angle angle, double drop) {
        Optional<HeelCut> heel = heel(job, basis, angle, drop);
        if (heel.flatMap(HeelCut::widths).isPresent()
                && job.millimeters(Reading.SIDE_DRIFT).isEmpty()) {
            assumed.add("survey.sideDrift");
        }
        return heel;
    }

    /**
     * The heel cut for a neck rotation (§3.8, §3.9).
     *
     * @param angle θ, positive = set back
     * @param drop what the crown comes down relative to the fret line and what it is raised from the top, mm, for the rule of
     *     thumb
     * @return empty if the heel's height was not read
     */
    public static Optional<HeelCut> heel(Job job, Basis basis, Angle angle, double drop) {
        OptionalDouble height = job.millimeters(Reading.HEEL_HEIGHT);
        if (height.isEmpty()) {
            return Optional.empty();
        }
        OptionalDouble top = job.millimeters(Reading.HEEL_WIDTH_TOP);
        OptionalDouble cap = job.millimeters(Reading.HEEL_WIDTH_CAP);
        Optional<HeelCut.Widths> widths = top.isPresent() && cap.isPresent()
                ? Optional.of(new HeelCut.Widths(top.getAsDouble(), cap.getAsDouble()))
                : Optional.empty();
        OptionalDouble drift = job.millimeters(Reading.SIDE_DRIFT);
        return Optional.of(new HeelCut(
                height.getAsDouble(),
                angle,
                height.getAsDouble() * drop / basis.jointToSaddle(),
                Angle.ofRadians(Math.abs(drift.orElse(0)) / basis.jointToSaddle()),
                widths));
    }

    private Optional<Extension> extension(Setup measured, Setup planned) {
        Optional<Extension> extension = extension(job, measured, planned, standards);
        if (extension.isPresent() && job.get(Aim.FALL_AWAY).isEmpty()) {
            assumed.add(Aim.FALL_AWAY.path());
        }
        return extension;
    }

    /**
     * The fretboard past the joint after a change of relief and a neck rotation (§3.11).
     *
     * @param now the setup as measured
     * @param planned the setup afterward
     * @return empty if its length or its fall-away was not read
     */
    public static Optional<Extension> extension(Job job, Setup now, Setup planned, ShopStandards standards) {
        OptionalDouble length = job.millimeters(Reading.EXTENSION_LENGTH);
        OptionalDouble fallAway = job.millimeters(Reading.EXTENSION_FALL_AWAY);
        if (length.isEmpty() || fallAway.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new Extension(
                length.getAsDouble(),
                fallAway.getAsDouble(),
                fallAway.getAsDouble()
                        + length.getAsDouble() * planned.rotation().tan(),
                length.getAsDouble()
                        * now.neck().middle().steepening(planned.neck().middle()),
                job.millimeters(Aim.FALL_AWAY).orElse(standards.get(Standard.FALL_AWAY)),
                standards.get(Standard.FALL_AWAY_SHORT)));
    }

    /** Returns an error for each target that is needed and missing: the action on both sides. */
    public static List<Fault> missing(Job job) {
        return Stream.of(Aim.ACTION_BASS, Aim.ACTION_TREBLE)
                .filter(aim -> job.get(aim).isEmpty())
                .map(aim -> new Fault(aim.pointer(), MissingInput.WANTED_ACTION.of(), NotationFinding.A_LENGTH.of()))
                .toList();
    }
}
