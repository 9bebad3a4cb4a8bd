package org.kestan.desktop.stations.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.desktop.messages.Messages;
import org.kestan.job.bench.HeelEntry;
import org.kestan.repair.heel.FittingWatch;
import org.kestan.repair.heel.HeelAdvice;
import org.kestan.text.Numbers;
import org.kestan.text.Wording;

/** Texts for the work at the heel: sets, fresh paper, how the neck sits, and the log. */
final class HeelText {

    /** A cap that lets in no thicker leaf counts as closed, mm. Common practice, no source. */
    private static final double CLOSED = 0.05;

    private HeelText() {}

    /** Returns whether wood was removed since the last reading. */
    static boolean isToRead(List<HeelEntry> entries) {
        return entries.stream()
                .filter(each -> !(each instanceof HeelEntry.Paper))
                .reduce((one, other) -> other)
                .filter(HeelEntry.Pulls.class::isInstance)
                .isPresent();
    }

    /** What is off about how the neck sits, the worst first; or that it is true, or not read. */
    static String watched(List<HeelEntry> entries, FittingWatch fitting) {
        String open = gap(entries);
        if (!open.isEmpty()) {
            return open;
        }
        String off = Stream.of(fitting.roll(), fitting.drift(), fitting.pitch())
                .filter(axis -> axis.off() != FittingWatch.Off.TRUE && axis.off() != FittingWatch.Off.UNREAD)
                .map(axis -> Wording.label(axis.off()) + ": " + Wording.more(axis.off(), "say"))
                .limit(2)
                .collect(Collectors.joining("\n"));
        if (!off.isEmpty()) {
            return off;
        }
        return entries.stream().anyMatch(HeelEntry.Read.class::isInstance)
                ? Messages.message("heel-text.true-every-way-that")
                : Messages.message("heel-text.nothing-is-read-yet");
    }

    /** If the joint is not home, the rest says nothing. */
    private static String gap(List<HeelEntry> entries) {
        return entries.stream()
                .filter(HeelEntry.Read.class::isInstance)
                .map(each -> ((HeelEntry.Read) each).gap())
                .reduce((one, other) -> other)
                .flatMap(each -> each)
                .filter(each -> each.millimeters() > CLOSED)
                .map(each -> Messages.message("heel-text.the-cap-stands-open", each.text()))
                .orElse("");
    }

    /** What it takes to correct an overshoot. */
    static String givenBack(HeelAdvice found, Numbers numbers) {
        if (found.word() != HeelAdvice.Word.OVER) {
            return "";
        }
        Sides<Double> shim = found.capLeft().map(each -> Math.max(0, -each));
        return Messages.message(
                "heel-text.a-shim-of-at", numbers.fineSides(shim), numbers.fine(Math.max(0, -found.projectionLeft())));
    }

    /** The pulls left on a cheek, 8 times in 10. */
    static String band(HeelAdvice found, Side side) {
        int[] band = found.band().get(side);
        return Messages.message("heel-text.from-to", band[0], band[1]);
    }

    /** A set as logged. */
    static String pulls(int count, Side cheek, int grit) {
        return Messages.message("heel-text.pulls", count, Wording.lower(cheek), grit);
    }

    /** A set as advised. */
    static String set(int paper, Sides<Integer> pulls) {
        String each = pulls.bass().equals(pulls.treble())
                ? Messages.message("heel-text.on-each-cheek", pulls.bass())
                : Messages.message("heel-text.on-the-bass-on", pulls.bass(), pulls.treble());
        return Messages.message("heel-text.with-grit", each, paper);
    }

    /** A fresh sheet of paper as logged. */
    static String fresh(Side side) {
        return Messages.message("heel-text.fresh-paper-for", Wording.lower(side));
    }

    /** The log, newest first. */
    static List<String> log(List<HeelEntry> entries, HeelAdvice found) {
        List<String> lines = new ArrayList<>();
        for (int i = entries.size() - 1; i >= 0; i--) {
            lines.add(line(entries.get(i), found.suspect().contains(i)));
        }
        return lines;
    }

    private static String line(HeelEntry entry, boolean suspect) {
        if (entry instanceof HeelEntry.Pulls set) {
            return "    " + pulls(set.pulls(), set.cheek(), set.grit());
        }
        if (entry instanceof HeelEntry.Paper paper) {
            return "    " + fresh(paper.cheek());
        }
        return HeelReading.said((HeelEntry.Read) entry)
                + (suspect ? Messages.message("heel-text.not-believed-read-it") : "");
    }
}
