package org.kestan.analysis.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.analysis.correction.Correction;
import org.kestan.analysis.correction.CorrectionSolver;
import org.kestan.analysis.inputs.SheetInputs;
import org.kestan.analysis.questions.Question;
import org.kestan.analysis.setup.Setup;
import org.kestan.analysis.trajectory.Basis;
import org.kestan.analysis.trajectory.Reconciled;
import org.kestan.analysis.trajectory.Trajectory;
import org.kestan.base.finding.Fault;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.LengthLine;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;

/**
 * What follows from a job before anything is judged.
 *
 * @param inputs what it is worked out from
 * @param trajectory the instrument as measured; empty if a reading it needs is missing or can't be
 * @param measured its setup as measured; empty if there is no trajectory
 * @param correction what has to change; empty if there is no trajectory or no action is aimed at
 * @param faults what keeps the trajectory or the correction from being worked out, each at its place
 */
public record SheetAnalysis(
        SheetInputs inputs,
        Optional<Trajectory> trajectory,
        Optional<Setup> measured,
        Optional<Correction> correction,
        List<Fault> faults) {

    /** Analyzes a job, with strings and straightedge combined into one estimate (§3.4). */
    public static SheetAnalysis of(Job job, ShopStandards standards) {
        SheetInputs inputs = SheetInputs.of(job, standards);
        SheetAnalysis apart = apart(inputs);
        OptionalDouble weight = Reconciliation.weightStrings(inputs, apart);
        return weight.isPresent() ? of(inputs, weight) : apart;
    }

    /**
     * Analyzes shifted inputs, with the weights of strings and straightedge unchanged.
     *
     * @param weightStrings 0 to 1; empty to go by the strings alone
     */
    public static SheetAnalysis of(SheetInputs inputs, OptionalDouble weightStrings) {
        Trajectory.Read read = inputs.trajectory();
        return of(
                inputs,
                weightStrings.isEmpty()
                        ? read
                        : new Trajectory.Read(
                                read.trajectory().map(known -> known.reconciled(weightStrings.getAsDouble())),
                                read.faults()));
    }

    /** Analyzes inputs by the strings alone. */
    static SheetAnalysis apart(SheetInputs inputs) {
        return of(inputs, OptionalDouble.empty());
    }

    private static SheetAnalysis of(SheetInputs inputs, Trajectory.Read read) {
        List<Fault> faults = new ArrayList<>(read.faults());
        Optional<Correction> correction = Optional.empty();
        if (read.trajectory().isPresent()) {
            CorrectionSolver.Solution solution =
                    CorrectionSolver.solve(inputs.job(), read.trajectory().get(), inputs.standards());
            correction = solution.correction();
            faults.addAll(solution.faults());
        }
        return new SheetAnalysis(
                inputs,
                read.trajectory(),
                read.trajectory()
                        .map(known -> Setup.measured(known, inputs.job().visit(), inputs.standards())),
                correction,
                List.copyOf(faults));
    }

    /** Returns the job. */
    public Job job() {
        return inputs.job();
    }

    /** Returns the shop's defaults and thresholds. */
    public ShopStandards standards() {
        return inputs.standards();
    }

    /** The same with an input shifted; strings and straightedge keep their weights. */
    public SheetAnalysis with(SheetInputs shifted) {
        Optional<Reconciled> reconciled =
                trajectory.flatMap(known -> known.basis().reconciled());
        return of(
                shifted,
                reconciled.map(each -> OptionalDouble.of(each.weightStrings())).orElse(OptionalDouble.empty()));
    }

    /** Returns the readings that look implausible. */
    public List<Question> questions() {
        return trajectory
                .map(known -> Question.about(job(), known, standards()))
                .orElseGet(() -> Question.about(job()));
    }

    /** Returns every path for which a default was used, as far as things could be worked out. */
    public List<String> assumed() {
        return correction
                .map(Correction::assumed)
                .or(() -> trajectory.map(each -> each.basis().assumed()))
                .orElse(List.of());
    }

    /** Returns whether a default was used for the given path or for a part of it. */
    public boolean isAssumed(String path) {
        return assumed().stream().anyMatch(each -> path.equals(each) || path.startsWith(each + "."));
    }

    /**
     * Returns the value used for an empty line, in mm: a default for a reading, the present value for a target; empty
     * if the line has a value or nothing replaces it.
     */
    public OptionalDouble standIn(LengthLine line) {
        if (job().get(line).isPresent()) {
            return OptionalDouble.empty();
        }
        return line instanceof Reading reading
                ? standIn(reading)
                : line instanceof Aim aim ? standIn(aim) : OptionalDouble.empty();
    }

    private OptionalDouble standIn(Reading reading) {
        if (trajectory.isEmpty()) {
            return OptionalDouble.empty();
        }
        Basis basis = trajectory.get().basis();
        return switch (reading) {
            case RELIEF -> OptionalDouble.of(basis.reliefGap());
            case ACTION_BASS -> OptionalDouble.of(basis.action().bass());
            case ACTION_TREBLE -> OptionalDouble.of(basis.action().treble());
            case SIDE_DRIFT -> OptionalDouble.of(0);
            case NUT_BASS, NUT_TREBLE -> OptionalDouble.of(standards().get(Standard.NUT_HEIGHT, job().family()));
            case JOINT_TO_SADDLE -> OptionalDouble.of(basis.jointToSaddle());
            case BRIDGE_FRONT -> OptionalDouble.of(basis.straightedge().bridgeFront());
            case FRETS_OVER_TOP -> OptionalDouble.of(basis.fretsOverTop());
            case PIN_DISTANCE ->
                job().floating()
                        ? OptionalDouble.empty()
                        : OptionalDouble.of(standards().get(Standard.PIN_DISTANCE));
            default -> OptionalDouble.empty();
        };
    }

    private OptionalDouble standIn(Aim aim) {
        return switch (aim) {
            case FALL_AWAY -> OptionalDouble.of(standards().get(Standard.FALL_AWAY));
            case CLEARANCE -> OptionalDouble.of(standards().get(Standard.CLEARANCE));
            case SADDLE ->
                trajectory
                        .flatMap(known -> known.basis().protrusion())
                        .map(sides -> OptionalDouble.of(Sides.mean(sides)))
                        .orElse(OptionalDouble.empty());
            case ACTION_BASS, ACTION_TREBLE -> OptionalDouble.empty();
            // The slot stays; the resulting height over fret 1 is reported (§3.6).
            case NUT_BASS, NUT_TREBLE ->
                correction
                        .map(plan -> OptionalDouble.of(plan.nutAfter(aim == Aim.NUT_BASS ? Side.BASS : Side.TREBLE)))
                        .orElseGet(() -> job().millimeters(aim.measured()));
            default ->
                job().get(aim.measured()).isPresent() ? job().millimeters(aim.measured()) : standIn(aim.measured());
        };
    }
}
