package org.kestan.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.kestan.base.sheet.Reading;
import org.kestan.job.Job;
import org.kestan.job.Sections;
import org.kestan.job.bench.StepMark;
import org.kestan.overview.JobAnalysis;
import org.kestan.repair.proof.Proof;
import org.kestan.repair.steps.StepBook;

/** The proof in words. */
public final class ProofText {

    /** How far humidity alone can move the action, mm: 1/64 in. Common practice, no source. */
    private static final double BY_HUMIDITY = 25.4 / 64;

    /** A headline names this many misses; the rest are below. */
    private static final int NAMED = 2;

    private ProofText() {}

    /** Says in one line how it came out. */
    public static String headline(Proof proof, Wording words) {
        if (proof.prediction().isEmpty()) {
            return Wording.text("advice.proof-nothing-predicted");
        }
        if (proof.after().isEmpty()) {
            return Wording.text("advice.proof-read-again");
        }
        List<String> missed = proof.lines().stream()
                .filter(Proof.Row::isMiss)
                .map(row -> Wording.full(row.reading()).toLowerCase(Locale.ROOT))
                .toList();
        String most = String.join("; ", missed.subList(0, Math.min(NAMED, missed.size())))
                + (missed.size() > NAMED
                        ? Placeholders.fill(Wording.text("advice.proof-more"), Integer.toString(missed.size() - NAMED))
                        : "");
        String action = proof.lines().stream()
                .filter(row ->
                        row.reading() == Reading.ACTION_BASS && row.after().isPresent())
                .findFirst()
                .map(row -> Placeholders.fill(
                        Wording.text("advice.proof-action"),
                        words.numbers().length(row.after().getAsDouble()),
                        percent(row)))
                .orElse("");
        return (missed.isEmpty()
                        ? Wording.text("advice.proof-all-within")
                        : Placeholders.fill(Wording.text("advice.proof-missed"), most))
                + action;
    }

    /** Says which steps were passed without a reading, and what each lacked; empty for none. */
    public static String unread(Job job, StepBook book, Wording words) {
        String all = job.section(Sections.STEPS).stream()
                .filter(mark -> mark.state() == StepMark.State.UNREAD)
                .map(mark ->
                        book.step(mark.step()).map(step -> step.text().title()).orElse(mark.step())
                                + (mark.reason().isEmpty() ? "" : " (" + mark.reason() + ")"))
                .collect(Collectors.joining("; "));
        return all.isEmpty() ? "" : Placeholders.fill(Wording.text("advice.proof-unread"), all);
    }

    /** Says when the prediction was made, and whether it was saved then. */
    public static String made(Proof proof) {
        return proof.prediction()
                .map(each -> Placeholders.fill(
                        Wording.text(proof.asMade() ? "advice.proof-kept" : "advice.proof-worked-out"),
                        each.madeOn().toString()))
                .orElse("");
    }

    /** Says how far off a reading is, and whether that is a miss. */
    public static String off(Proof.Row row, Wording words) {
        OptionalDouble miss = row.miss();
        if (miss.isEmpty()) {
            return "";
        }
        String within = words.numbers().fine(row.within());
        if (!row.isMiss()) {
            return Placeholders.fill(Wording.text("advice.proof-as-predicted"), within);
        }
        return Placeholders.fill(
                Wording.text("advice.proof-miss"),
                words.numbers().fine(Math.abs(miss.getAsDouble())),
                Wording.text(miss.getAsDouble() > 0 ? "advice.proof-higher" : "advice.proof-lower"),
                within);
    }

    /** Says by what percentage a reading changed; empty if it did not or can't be told. */
    public static String percent(Proof.Row row) {
        OptionalDouble percent = row.percent();
        if (percent.isEmpty()) {
            return "";
        }
        long whole = Math.round(Math.abs(percent.getAsDouble()));
        return whole == 0
                ? Wording.text("advice.proof-same")
                : whole + " % "
                        + Wording.text(percent.getAsDouble() > 0 ? "advice.proof-higher" : "advice.proof-lower");
    }

    /** Says what explains the miss of the action, the largest cause first. */
    public static List<String> causes(JobAnalysis analysis, Wording words) {
        List<Proof.Share> shares = new ArrayList<>(analysis.shares());
        shares.sort((one, other) -> Double.compare(size(other), size(one)));
        Stream<String> air = analysis
                .proof()
                .humidity()
                .filter(each -> analysis.proof().misses())
                .stream()
                .map(each -> Placeholders.fill(
                        Wording.text("advice.cause-humidity"),
                        Numbers.whole(each.after()),
                        Numbers.whole(each.before()),
                        words.numbers().length(BY_HUMIDITY)));
        Stream<String> terms = shares.stream()
                .map(share -> Wording.label(share.cause()) + ", "
                        + signed(share.action().bass(), words) + " / "
                        + signed(share.action().treble(), words) + ": "
                        + Wording.more(share.cause(), "say") + ".");
        return Stream.concat(terms, air).toList();
    }

    private static String signed(double millimeters, Wording words) {
        return words.numbers().unit().fine().formatSigned(millimeters);
    }

    private static double size(Proof.Share share) {
        return Math.abs(share.action().bass()) + Math.abs(share.action().treble());
    }
}
