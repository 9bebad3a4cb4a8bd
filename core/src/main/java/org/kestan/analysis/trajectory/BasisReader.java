package org.kestan.analysis.trajectory;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import org.kestan.analysis.neck.NeckProfile;
import org.kestan.base.expect.Expect;
import org.kestan.base.finding.Fault;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.base.geometry.Board;
import org.kestan.base.geometry.Frets;
import org.kestan.base.geometry.Straightedge;
import org.kestan.base.geometry.StringLine;
import org.kestan.base.notation.NotationFinding;
import org.kestan.base.sheet.Dimension;
import org.kestan.base.sheet.LengthLine;
import org.kestan.base.sheet.Line;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.School;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.ProjectionOver;
import org.kestan.job.terms.StraightedgePosition;
import org.kestan.job.visits.Visit;

/** Reads the {@link Basis} from a job: what was entered, where a default is used, and what prevents reading it. */
final class BasisReader {

    private static final int LOWEST = 2;

    private final Job job;
    private final Visit visit;
    private final ShopStandards standards;
    private final Set<Fault> faults = new LinkedHashSet<>();
    private final List<String> assumed = new ArrayList<>();
    private final List<String> assumedBoard = new ArrayList<>();

    BasisReader(Job job, ShopStandards standards) {
        this.job = job;
        this.visit = job.visit();
        this.standards = standards;
    }

    List<Fault> faults() {
        return List.copyOf(faults);
    }

    /** Reads the basis; empty exactly if there are errors. */
    Optional<Basis> read() {
        OptionalDouble scale = need(Dimension.SCALE);
        OptionalInt jointFret = jointFret();
        if (!visit.knowsRelief()) {
            assumed.add(Reading.RELIEF.path());
        }
        Sides<Double> nut = nut();
        Sides<OptionalDouble> action = Sides.of(this::action);
        int actionFret = visit.actionFret();
        if (!(actionFret >= LOWEST && actionFret <= Frets.HIGHEST)) {
            fault(Lines.ACTION_FRET, SheetFinding.NO_FRET_FOR_ACTION.of(fret(actionFret)), frets());
        }
        boolean floating = job.floating();
        OptionalDouble bridgeHeight = floating ? need(Reading.BRIDGE_HEIGHT) : OptionalDouble.empty();
        Optional<Sides<OptionalDouble>> saddle = floating
                ? Optional.empty()
                : Optional.of(new Sides<>(need(Reading.SADDLE_BASS), need(Reading.SADDLE_TREBLE)));
        OptionalDouble thickness = floating ? OptionalDouble.empty() : need(Reading.BRIDGE_THICKNESS);
        for (Reading reading : Reading.values()) {
            checkPositive(reading);
        }
        if (!faults.isEmpty()) {
            return Optional.empty();
        }
        Frets frets = new Frets(scale.getAsDouble());
        int joint = jointFret.getAsInt();
        double bridgeTop = floating ? bridgeHeight.getAsDouble() : thickness.getAsDouble();
        Optional<Sides<Double>> protrusion = saddle.map(sides -> sides.map(OptionalDouble::getAsDouble));
        double support = floating
                ? bridgeTop
                : bridgeTop + Sides.mean(protrusion.orElseThrow(Expect.present("saddle protrusion")));
        double overBoard = job.get(Lines.PROJECTION_OVER)
                        .filter(ProjectionOver.BRIDGE::equals)
                        .isPresent()
                ? bridgeTop
                : 0;
        ProfileReader neck = new ProfileReader(job, usualRelief(), frets, joint, this::fault);
        OptionalInt readAt = neck.reliefReadAt();
        double jointToSaddle = orAssumed(
                Reading.JOINT_TO_SADDLE, frets.scale() - frets.at(joint) + standards.get(Standard.COMPENSATION));
        double fretsOverTop = orAssumed(Reading.FRETS_OVER_TOP, standards.get(standards.fretsOverTop(floating)));
        Board board = board(frets, joint, jointToSaddle);
        double front = bridgeFront(jointToSaddle);
        if (frets.at(actionFret) >= frets.at(joint) + jointToSaddle) {
            fault(Lines.ACTION_FRET, SheetFinding.FRET_PAST_SADDLE.of(fret(actionFret)), frets());
        }
        if (!faults.isEmpty()) {
            return Optional.empty();
        }
        NeckProfile profile = neck.profile(nut, action);
        if (!faults.isEmpty()) {
            return Optional.empty();
        }
        Straightedge straightedge = new Straightedge(
                middleOverEdge(board, frets, joint, jointToSaddle - front), front, jointToSaddle, fretsOverTop, 0);
        OptionalDouble strung = carried(Reading.PROJECTION_STRUNG, overBoard, straightedge);
        OptionalDouble slack = carried(Reading.PROJECTION_SLACK, overBoard, straightedge);
        double crownAt = frets.at(joint) + jointToSaddle;
        double actionAt = frets.at(actionFret);
        Sides<Double> stands = Sides.of(side -> action.get(side).orElseGet(() -> {
            double crown = bridgeTop
                    + protrusion.map(out -> out.get(side)).orElse(0.0)
                    - strung.orElseGet(() -> slack.getAsDouble() - usualSink());
            return StringLine.through(frets.at(1), nut.get(side), crownAt, crown)
                            .heightAt(actionAt)
                    + profile.neck().dipAt(actionAt, side);
        }));
        return Optional.of(new Basis(
                frets,
                joint,
                actionFret,
                profile,
                neck.reliefPlace(readAt.getAsInt()),
                readAt.getAsInt(),
                neck.relief(profile, readAt.getAsInt()),
                nut,
                stands,
                jointToSaddle,
                fretsOverTop,
                protrusion,
                thickness,
                support,
                straightedge,
                board,
                strung,
                slack,
                visit.millimeters(Reading.RELIEF_SLACK),
                Optional.empty(),
                job.get(Lines.TRUSS_ROD).filter(rod -> !rod.canSet()).isPresent(),
                1,
                List.copyOf(assumed)));
    }

    private double usualRelief() {
        return (standards.get(Standard.RELIEF_LEAST) + standards.get(Standard.RELIEF_MOST)) / 2;
    }

    private double usualSink() {
        return standards.holds(School.IGNORE_SINK) ? 0 : standards.get(Standard.SINK);
    }

    /** The action on a side; if it was not read, the projection has to imply it (§3.6a). */
    private OptionalDouble action(Side side) {
        Reading reading = side == Side.BASS ? Reading.ACTION_BASS : Reading.ACTION_TREBLE;
        if (visit.knowsProjection() && visit.get(reading).isEmpty()) {
            assumed.add(reading.path());
            return OptionalDouble.empty();
        }
        return need(reading);
    }

    private OptionalInt jointFret() {
        OptionalInt said = job.jointFret();
        if (said.isEmpty()) {
            fault(Lines.JOINT_FRET, MissingInput.JOINT_FRET.of(), frets());
        } else if (said.getAsInt() < LOWEST || said.getAsInt() > Frets.HIGHEST) {
            fault(Lines.JOINT_FRET, SheetFinding.NO_FRET_FOR_JOINT.of(fret(said.getAsInt())), frets());
        }
        return said;
    }

    /** From where the caliper stands for the projection to the saddle, mm. */
    private double bridgeFront(double jointToSaddle) {
        double front = orAssumed(Reading.BRIDGE_FRONT, standards.get(Standard.BRIDGE_FRONT));
        if (front >= jointToSaddle) {
            fault(
                    Reading.BRIDGE_FRONT,
                    SheetFinding.FRONT_PAST_JOINT.of(),
                    SheetFinding.LESS_THAN.of(Quantity.length(jointToSaddle)));
        }
        return front;
    }

    /** How much higher the straightedge reads than under the outer strings, mm; missing inputs are assumed. */
    private double middleOverEdge(Board board, Frets frets, int joint, double toCaliper) {
        Optional<StraightedgePosition> across = job.get(Lines.PROJECTION_ACROSS);
        if (across.filter(StraightedgePosition.EDGE::equals).isPresent()) {
            return 0;
        }
        if (across.isEmpty()) {
            assumed.add(Lines.PROJECTION_ACROSS.path());
        }
        assumedBoard.forEach(assumed::add);
        return board.middleOverEdge(frets.at(1), frets.at(joint), toCaliper);
    }

    /** The fretboard: its end at the last fret, a single radius if only one was read. */
    private Board board(Frets frets, int joint, double jointToSaddle) {
        OptionalDouble nut = visit.millimeters(Reading.RADIUS_NUT);
        OptionalDouble body = visit.millimeters(Reading.RADIUS_BODY);
        if (nut.isEmpty() && body.isEmpty()) {
            assumedBoard.add("survey.fretboard");
        }
        double radius = standards.get(Standard.RADIUS);
        double atNut = nut.orElse(body.orElse(radius));
        double atBody = body.orElse(atNut);
        OptionalDouble spacingNut = visit.millimeters(Reading.SPACING_NUT);
        OptionalDouble spacingBridge = visit.millimeters(Reading.SPACING_BRIDGE);
        boolean flat = Double.isInfinite(atNut) || Double.isInfinite(atBody);
        if (!flat) {
            spacing(spacingNut, spacingBridge);
        }
        OptionalDouble extension = visit.millimeters(Reading.EXTENSION_LENGTH);
        int last = job.get(Lines.LAST_FRET).filter(fret -> fret > joint).orElse(Math.max(Frets.USUAL_LAST, joint));
        return new Board(
                atNut,
                atBody,
                extension.isPresent() ? frets.at(joint) + extension.getAsDouble() : frets.at(last),
                spacingNut.orElse(standards.get(Standard.SPACING_NUT)),
                spacingBridge.orElse(standards.get(Standard.SPACING_BRIDGE)),
                frets.at(joint) + jointToSaddle);
    }

    private void spacing(OptionalDouble nut, OptionalDouble bridge) {
        if (nut.isEmpty() && bridge.isEmpty()) {
            assumedBoard.add("survey.stringSpacing");
        } else if (nut.isEmpty()) {
            assumedBoard.add(Reading.SPACING_NUT.path());
        } else if (bridge.isEmpty()) {
            assumedBoard.add(Reading.SPACING_BRIDGE.path());
        }
    }

    private Sides<Double> nut() {
        OptionalDouble bass = visit.millimeters(Reading.NUT_BASS);
        OptionalDouble treble = visit.millimeters(Reading.NUT_TREBLE);
        double usual = standards.get(Standard.NUT_HEIGHT, job.family());
        if (bass.isEmpty() && treble.isEmpty()) {
            assumed.add("survey.nut");
            return new Sides<>(usual, usual);
        }
        for (Side side : Side.values()) {
            if ((side == Side.BASS ? bass : treble).isEmpty()) {
                assumed.add("survey.nut." + side.key());
            }
        }
        return new Sides<>(bass.orElse(usual), treble.orElse(usual));
    }

    private OptionalDouble need(LengthLine line) {
        OptionalDouble length = job.millimeters(line);
        if (length.isEmpty()) {
            fault(line, MissingInput.VALUE.of(), NotationFinding.A_LENGTH.of());
            return OptionalDouble.empty();
        }
        checkPositive(line);
        return length;
    }

    private void checkPositive(LengthLine line) {
        if (line.mustBePositive() && job.millimeters(line).orElse(1) <= 0) {
            fault(line, SheetFinding.NOT_ABOVE_ZERO.of(), NotationFinding.A_LENGTH.of());
        }
    }

    private double orAssumed(Reading reading, double instead) {
        OptionalDouble read = visit.millimeters(reading);
        if (read.isEmpty()) {
            assumed.add(reading.path());
        }
        return read.orElse(instead);
    }

    /**
     * A projection, read against something at the given height over the top, as the fret line under the outer strings
     * at the saddle.
     */
    private OptionalDouble carried(Reading reading, double over, Straightedge straightedge) {
        OptionalDouble value = visit.millimeters(reading);
        return value.isPresent() ? OptionalDouble.of(straightedge.atSaddle(value.getAsDouble() + over)) : value;
    }

    static Quantity.Fret fret(int number) {
        return new Quantity.Fret(number);
    }

    private static Finding frets() {
        return SheetFinding.FRET_FROM_TO.of(fret(LOWEST), fret(Frets.HIGHEST));
    }

    private void fault(Line<?> line, Finding problem, Finding accepted) {
        faults.add(new Fault(line.pointer(), problem, accepted));
    }
}
