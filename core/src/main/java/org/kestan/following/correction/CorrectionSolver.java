package org.kestan.following.correction;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.kestan.following.setup.Setup;
import org.kestan.following.trajectory.Basis;
import org.kestan.following.trajectory.Needed;
import org.kestan.following.trajectory.SheetFinding;
import org.kestan.following.trajectory.Trajectory;
import org.kestan.ground.finding.Fault;
import org.kestan.ground.geometry.Angle;
import org.kestan.ground.geometry.HeelCut;
import org.kestan.ground.notation.NotationFinding;
import org.kestan.ground.sheet.Aim;
import org.kestan.ground.sheet.Reading;
import org.kestan.ground.sheet.Sides;
import org.kestan.ground.standards.School;
import org.kestan.ground.standards.ShopStandards;
import org.kestan.ground.standards.Standard;
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
        faults.addAll(missing(job));
        Stream.of(Aim.values())
                .filter(aim -> aim.mustBePositive() && job.millimetres(aim).orElse(1) <= 0)
                .forEach(aim -> faults.add(
                        new Fault(aim.pointer(), SheetFinding.NOT_ABOVE_ZERO.of(), NotationFinding.A_LENGTH.of())));
        if (!faults.isEmpty()) {
            return Optional.empty();
        }
        Sides<OptionalDouble> action =
                new Sides<>(job.millimetres(Aim.ACTION_BASS), job.millimetres(Aim.ACTION_TREBLE));
        double relief = basis.reliefFor(job.millimetres(Aim.RELIEF));
        Sides<OptionalDouble> nut = Sides.of(side -> job.millimetres(Aim.nut(side)));
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

    /** How much the saddle at its centre, or a floating bridge, is to rise. */
    private double rise() {
        if (basis.protrusion().isEmpty()) {
            return job.millimetres(Aim.BRIDGE_HEIGHT).orElse(basis.supportHeight()) - basis.supportHeight();
        }
        double mean = Sides.mean(basis.protrusion().get());
        return job.millimetres(Aim.SADDLE).orElse(mean) - mean;
    }

    /** How much the bridge's top is to rise. */
    private double thickening() {
        OptionalDouble now = basis.bridgeThickness();
        return now.isEmpty() ? 0 : job.millimetres(Aim.BRIDGE_THICKNESS).orElse(now.getAsDouble()) - now.getAsDouble();
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
                && job.millimetres(Reading.SIDE_DRIFT).isEmpty()) {
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
     * @return empty when the heel's height was not read
     */
    public static Optional<HeelCut> heel(Job job, Basis basis, Angle angle, double drop) {
        OptionalDouble height = job.millimetres(Reading.HEEL_HEIGHT);
        if (height.isEmpty()) {
            return Optional.empty();
        }
        OptionalDouble top = job.millimetres(Reading.HEEL_WIDTH_TOP);
        OptionalDouble cap = job.millimetres(Reading.HEEL_WIDTH_CAP);
        Optional<HeelCut.Widths> widths = top.isPresent() && cap.isPresent()
                ? Optional.of(new HeelCut.Widths(top.getAsDouble(), cap.getAsDouble()))
                : Optional.empty();
        OptionalDouble drift = job.millimetres(Reading.SIDE_DRIFT);
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
     * @param now the set-up as measured
     * @param planned the set-up afterwards
     * @return empty when its length or its fall-away was not read
     */
    public static Optional<Extension> extension(Job job, Setup now, Setup planned, ShopStandards standards) {
        OptionalDouble length = job.millimetres(Reading.EXTENSION_LENGTH);
        OptionalDouble fallAway = job.millimetres(Reading.EXTENSION_FALL_AWAY);
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
                job.millimetres(Aim.FALL_AWAY).orElse(standards.get(Standard.FALL_AWAY))));
    }

    /** Returns a fault for each aim that is needed and not said: the action on both sides. */
    public static List<Fault> missing(Job job) {
        return Stream.of(Aim.ACTION_BASS, Aim.ACTION_TREBLE)
                .filter(aim -> job.get(aim).isEmpty())
                .map(aim -> new Fault(aim.pointer(), Needed.WANTED_ACTION.of(), NotationFinding.A_LENGTH.of()))
                .toList();
    }
}
