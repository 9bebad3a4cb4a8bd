package org.kestan.ledger;

import java.time.LocalDate;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.kestan.base.finding.Finding;
import org.kestan.base.sheet.Line;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.job.visits.Visit;
import org.kestan.overview.JobAnalysis;
import org.kestan.overview.Station;
import org.kestan.repair.memory.Lesson;
import org.kestan.text.PlainText;
import org.kestan.text.Wording;

/**
 * What a ledger stores about a job besides its file, for its list and its search: derived from the job's analysis with
 * the shop's own standards.
 *
 * @param name what the shop calls the instrument
 * @param owner whose it is
 * @param station the station it is at
 * @param waitsFor what it waits for there
 * @param line the instrument's line before and after
 * @param waits the waits that are on, as {@link JobWait#write} has them
 * @param due the day it is to be looked at again; empty for none, or when it was
 * @param lesson what it teaches, as a text; empty for nothing
 * @param search everything that is searched, in small letters
 * @param derivedBy identifies the standards and the program it was derived with
 */
public record JobProjection(
        String name,
        String owner,
        Station station,
        Finding waitsFor,
        Optional<LineSketch> line,
        String waits,
        Optional<LocalDate> due,
        String lesson,
        String search,
        String derivedBy) {

    private static final int LONGEST_NAME = 400;
    private static final int LONGEST_LESSON = 8000;

    static JobProjection of(Job job, Derivation by) {
        JobAnalysis analysis = JobAnalysis.of(job, by.shop());
        Station station = analysis.station();
        return new JobProjection(
                cut(job.name()),
                cut(job.text(Lines.OWNER)),
                station,
                analysis.progress(station).why(),
                LineSketch.of(analysis),
                JobWait.write(job),
                due(job),
                lesson(analysis),
                search(job),
                by.key());
    }

    private static String cut(String text) {
        String line = PlainText.line(text);
        return line.length() <= LONGEST_NAME ? line : line.substring(0, LONGEST_NAME);
    }

    private static String lesson(JobAnalysis analysis) {
        String text = LessonCodec.write(Lesson.of(analysis.job(), analysis.shop(), analysis.plan(), analysis.proof()));
        // A text too long to be a lesson belongs to a job too odd to teach.
        return text.length() <= LONGEST_LESSON ? text : "";
    }

    /** Reads what a job teaches from the text a ledger stores; empty for nothing. */
    public static Optional<Lesson> taught(String lesson) {
        return LessonCodec.read(lesson);
    }

    /** A job that was measured on that day or later has been checked. */
    private static Optional<LocalDate> due(Job job) {
        return job.get(Lines.COME_BACK)
                .filter(day -> Stream.concat(Stream.of(job.visit()), job.otherVisits().stream())
                        .flatMap(visit -> visit.get(Lines.TAKEN_ON).stream())
                        .allMatch(taken -> taken.isBefore(day)));
    }

    private static String search(Job job) {
        Stream<String> lines = Stream.concat(Lines.OF_INSTRUMENT.stream(), Lines.OF_INTAKE.stream())
                .flatMap(line -> said(job, line).stream());
        Stream<String> collectible = job.collectible() ? Stream.of("collectible") : Stream.of();
        Stream<String> visits = Stream.concat(Stream.of(job.visit()), job.otherVisits().stream())
                .flatMap(JobProjection::words);
        return Stream.of(lines, collectible, visits)
                .flatMap(words -> words)
                .filter(word -> !word.isBlank())
                .collect(Collectors.joining(" \n"))
                .toLowerCase(Locale.ROOT);
    }

    private static <T> Optional<String> said(Job job, Line<T> line) {
        return job.get(line).map(value -> Wording.value(line.type(), value));
    }

    private static Stream<String> words(Visit visit) {
        return Stream.concat(
                visit.get(Lines.NOTES).stream(),
                visit.observations().stream().map(seen -> Wording.label(seen.what()) + " " + seen.note()));
    }
}
