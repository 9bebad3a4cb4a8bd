package org.kestan.analysis.questions;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.kestan.analysis.neck.Gap;
import org.kestan.analysis.neck.RodTravel;
import org.kestan.analysis.trajectory.Trajectory;
import org.kestan.base.expect.Expect;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Dimension;
import org.kestan.base.sheet.LengthLine;
import org.kestan.base.sheet.Line;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;

/**
 * A line that looks implausible: accepted as it is, and questioned.
 *
 * @param line the line it is about
 * @param asked the questions, in the order they are asked
 */
public record Question(Line<?> line, List<Finding> asked) {

    private static final int MOST_SUSPECTS = 3;

    private static Question of(Line<?> line, Finding asked) {
        return new Question(line, List.of(asked));
    }

    /** Returns whether the line is outside its plausible range. */
    public boolean isImplausible() {
        return asked.stream().anyMatch(each -> each.is(SheetQuestion.IMPLAUSIBLE));
    }

    /** Returns whether the strings and the straightedge contradict each other (§3.4). */
    public boolean isContradiction() {
        return asked.stream()
                .anyMatch(each -> each.is(SheetQuestion.FRET_LINE_LOWER) || each.is(SheetQuestion.FRET_LINE_HIGHER));
    }

    /** Questions every line outside its plausible range, and lines that contradict each other. */
    public static List<Question> about(Job job) {
        List<Question> questions = new ArrayList<>();
        Stream.of(Stream.of(Dimension.values()), job.visit().taken().stream(), Stream.of(Aim.values()))
                .<LengthLine>flatMap(each -> each)
                .forEach(line -> implausible(job, line).ifPresent(questions::add));
        for (Reading reading : job.visit().provisional()) {
            questions.add(of(reading, SheetQuestion.PROVISIONAL.of()));
        }
        if (job.millimeters(Reading.SIDE_DRIFT).orElse(0) != 0
                && job.get(Lines.DRIFT_TOWARD).isEmpty()) {
            questions.add(of(Reading.SIDE_DRIFT, SheetQuestion.DRIFT_TOWARD_WHICH.of()));
        }
        if (job.millimeters(Reading.SPACING_NUT).orElse(0)
                > job.millimeters(Reading.SPACING_BRIDGE).orElse(Double.MAX_VALUE)) {
            questions.add(of(Reading.SPACING_NUT, SheetQuestion.SPACING_NARROWS.of()));
        }
        if (job.get(Lines.TRUSS_ROD).filter(rod -> !rod.canSet()).isEmpty()
                && RodTravel.of(job.visit()).filter(RodTravel::atEnd).isPresent()) {
            questions.add(of(Lines.ROD_TURNS, SheetQuestion.ROD_AT_END.of()));
        }
        return List.copyOf(questions);
    }

    /** Questions the same, and readings that contradict what follows from the others. */
    public static List<Question> about(Job job, Trajectory known, ShopStandards standards) {
        List<Question> questions = new ArrayList<>(about(job));
        about(job, known, standards, questions);
        return List.copyOf(questions);
    }

    private static Optional<Question> implausible(Job job, LengthLine line) {
        return job.get(line)
                .filter(length -> !line.plausible(length.millimeters()))
                .map(length -> of(
                        line,
                        SheetQuestion.IMPLAUSIBLE.of(
                                Quantity.text(length.text()),
                                Quantity.length(line.entry().least()),
                                Quantity.length(line.entry().greatest()))));
    }

    private static void about(Job job, Trajectory known, ShopStandards standards, List<Question> questions) {
        double distance = known.basis().jointToSaddle();
        if (job.millimeters(Reading.OBSTACLE_DISTANCE).orElse(0) >= distance) {
            questions.add(
                    of(Reading.OBSTACLE_DISTANCE, SheetQuestion.OBSTACLE_PAST_BRIDGE.of(Quantity.length(distance))));
        }
        if (known.sink().orElse(0) < 0) {
            questions.add(of(Reading.PROJECTION_SLACK, SheetQuestion.SLACK_UNDER_STRUNG.of()));
        }
        known.basis()
                .profile()
                .stray(standards.get(Standard.STRAY_GAP))
                .ifPresent(gap -> questions.add(of(
                        gap.line(),
                        SheetQuestion.OFF_THE_CURVE.of(new Quantity.Fret(gap.fret()), offTheOthers(known, gap)))));
        Optional<Sides<Double>> out = known.basis().protrusion();
        if (out.isPresent()
                && job.millimeters(Reading.SADDLE_CENTRE).orElse(Double.MAX_VALUE)
                        < Math.min(out.get().bass(), out.get().treble())) {
            questions.add(of(Reading.SADDLE_CENTRE, SheetQuestion.CROWN_LOWER_THAN_SIDES.of()));
        }
        job.get(Lines.NECK_ANGLE)
                .flatMap(gauge -> known.pitch()
                        .filter(pitch -> Math.abs(gauge.angle().degrees() - pitch.degrees())
                                > standards.get(Standard.GAUGE_ANGLE)))
                .ifPresent(pitch ->
                        questions.add(of(Lines.NECK_ANGLE, SheetQuestion.GAUGE_ANGLE_OFF.of(Quantity.turn(pitch)))));
        job.saddlePlaces().ifPresent(places -> askAboutSaddle(places, known, standards, questions));
        double sink = known.judgedSink(job.visit()).orElse(0);
        if (sink > standards.get(Standard.SINK_MOST)) {
            questions.add(of(
                    Reading.PROJECTION_SLACK,
                    SheetQuestion.SINKS_TOO_FAR.of(
                            Quantity.length(sink), Quantity.length(standards.get(Standard.SINK_MOST)))));
        }
        // Readings that were combined into one estimate do not contradict each other.
        CrossCheck.of(job, standards)
                .filter(check -> known.basis().reconciled().isEmpty())
                .filter(check -> Math.abs(check.disagreement()) > standards.get(Standard.DISAGREEMENT))
                .ifPresent(check -> questions.add(
                        new Question(Reading.PROJECTION_STRUNG, disagreement(known.impliedStrung(), check))));
    }

    /**
     * A saddle is behind twice nut to fret 12 for each string, farther back on the bass side, and not slanted much
     * (§3.20).
     */
    private static void askAboutSaddle(
            Sides<Double> places, Trajectory known, ShopStandards standards, List<Question> questions) {
        double slant = places.bass() - places.treble();
        double most = standards.get(Standard.SADDLE_SLANT);
        double scale = known.basis().frets().scale();
        if (slant < 0) {
            questions.add(of(Reading.SADDLE_PLACE_TREBLE, SheetQuestion.SADDLE_PLACE_REVERSED.of()));
        } else if (slant > most) {
            questions.add(of(
                    Reading.SADDLE_PLACE_BASS,
                    SheetQuestion.SADDLE_PLACE_SLANTS.of(Quantity.length(slant), Quantity.length(most))));
        }
        if (places.treble() < scale) {
            questions.add(of(
                    Reading.SADDLE_PLACE_TREBLE,
                    SheetQuestion.SADDLE_PLACE_SHORT.of(Quantity.length(scale - places.treble()))));
        }
    }

    private static Quantity offTheOthers(Trajectory known, Gap gap) {
        return Quantity.fine(known.basis().profile().laid().stream()
                .filter(fit -> fit.gaps().contains(gap))
                .mapToDouble(fit -> Math.abs(fit.offTheOthers(gap)))
                .max()
                .orElseThrow(Expect.present("at least one")));
    }

    private static List<Finding> disagreement(double implied, CrossCheck check) {
        double off = check.disagreement();
        Finding first = (off > 0 ? SheetQuestion.FRET_LINE_LOWER : SheetQuestion.FRET_LINE_HIGHER)
                .of(Quantity.length(implied), Quantity.length(Math.abs(off)));
        if (check.suspects().isEmpty()) {
            return List.of(first);
        }
        List<Quantity> alone = check.suspects().stream()
                .limit(MOST_SUSPECTS)
                .<Quantity>map(suspect -> new Quantity.Said(SheetQuestion.SUSPECT.of(
                        Quantity.term(suspect.reading()), Quantity.length(suspect.wouldHaveToBe()))))
                .toList();
        return List.of(first, SheetQuestion.ONE_WRONG_READING.of(new Quantity.Several(alone)));
    }
}
