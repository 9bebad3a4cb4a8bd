package org.kestan.reckoning;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.kestan.job.Details;
import org.kestan.job.Job;
import org.kestan.notation.BenchUnit;
import org.kestan.sheet.Aim;
import org.kestan.sheet.Dimension;
import org.kestan.sheet.Item;
import org.kestan.sheet.Reading;
import org.kestan.standards.ShopStandards;
import org.kestan.standards.Standard;
import org.kestan.trajectory.Trajectory;

/**
 * A reading that looks implausible: taken as it is, and asked about.
 *
 * @param pointer JSON pointer of the line it is about
 * @param text the question, in words
 */
public record Question(String pointer, String text) {

    /** Asks about every line outside its plausible range, and about readings that contradict each other. */
    static List<Question> about(Job job, Optional<Trajectory> trajectory, ShopStandards standards) {
        List<Question> questions = new ArrayList<>();
        Stream.<Item[]>of(Dimension.values(), Reading.values(), Aim.values())
                .flatMap(Stream::of)
                .forEach(item -> job.length(item)
                        .filter(length -> !item.plausible(length.millimetres()))
                        .ifPresent(length -> questions.add(new Question(
                                item.pointer(),
                                "is " + length + " right? Usual is "
                                        + BenchUnit.MILLIMETRES.format(
                                                item.line().least()) + " to "
                                        + BenchUnit.MILLIMETRES.format(
                                                item.line().greatest())))));
        for (Reading reading : job.survey().provisional()) {
            questions.add(new Question(
                    reading.pointer(),
                    "provisional: the relief was not in its window yet. Take it again once the relief is right"));
        }
        job.length(Reading.SIDE_DRIFT)
                .filter(offset ->
                        offset.millimetres() != 0 && job.survey().driftToward().isEmpty())
                .ifPresent(offset -> questions.add(
                        new Question(Reading.SIDE_DRIFT.pointer(), "toward which side does the centre line land?")));
        trajectory.ifPresent(known -> {
            known.sink().stream()
                    .filter(sink -> sink < 0)
                    .forEach(
                            sink -> questions.add(
                                    new Question(
                                            Reading.PROJECTION_SLACK.pointer(),
                                            "slack is lower than strung: a body folds up under load, so the slack reading should be the higher one")));
            neckAngle(job, known, standards).ifPresent(questions::add);
            CrossCheck.of(job, standards)
                    .filter(check -> Math.abs(check.disagreement()) > standards.get(Standard.DISAGREEMENT))
                    .ifPresent(check -> questions.add(new Question(
                            Reading.PROJECTION_STRUNG.pointer(), disagreement(known.impliedStrung(), check))));
        });
        return List.copyOf(questions);
    }

    private static String disagreement(double implied, CrossCheck check) {
        double off = check.disagreement();
        String text =
                "the strings and the bridge put the fret line at " + mm(implied) + " over the top, " + mm(Math.abs(off))
                        + (off > 0 ? " lower" : " higher") + " than read: take this, the action and the bridge again";
        String alone = check.suspects().stream()
                .limit(3)
                .map(suspect -> suspect.reading().fullLabel() + " " + mm(suspect.wouldHaveToBe()))
                .collect(Collectors.joining(", or "));
        return alone.isEmpty() ? text : text + ". One wrong reading would explain it: " + alone;
    }

    private static String mm(double millimetres) {
        return BenchUnit.MILLIMETRES.format(millimetres);
    }

    /** Asks about the angle gauge when it and the readings tell different stories. */
    private static Optional<Question> neckAngle(Job job, Trajectory known, ShopStandards standards) {
        return job.survey()
                .details()
                .get(Details.NECK_ANGLE)
                .filter(gauge ->
                        Math.abs(gauge.degrees() - Math.toDegrees(known.pitch())) > standards.get(Standard.GAUGE_ANGLE))
                .map(gauge -> new Question(
                        Details.NECK_ANGLE.pointer(),
                        "the readings make it " + WorkFigures.degrees(known.pitch())
                                + ": take the gauge, the action and the bridge again"));
    }

    /** Returns the questions about one line. */
    public static List<String> about(List<Question> questions, Item item) {
        return about(questions, item.pointer());
    }

    /** Returns the questions about the line at a JSON pointer. */
    public static List<String> about(List<Question> questions, String pointer) {
        return questions.stream()
                .filter(question -> question.pointer().equals(pointer))
                .map(Question::text)
                .toList();
    }
}
