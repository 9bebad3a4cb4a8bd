package org.kestan.files.papers;

import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Collectors;
import org.kestan.base.finding.Fault;
import org.kestan.base.finding.Quantity;
import org.kestan.base.sheet.Reading;
import org.kestan.files.FileFinding;
import org.kestan.files.results.PrintedResult;
import org.kestan.overview.JobAnalysis;
import org.kestan.repair.history.History;
import org.kestan.repair.steps.StepBook;
import org.kestan.text.Audience;
import org.kestan.text.Wording;

/** The papers for an owner: the estimate before, the report after; each as an HTML page and as a PDF. */
public final class OwnerPapers {

    private OwnerPapers() {}

    /** Makes the estimate before the work. */
    public static OwnerPaper.Made estimate(JobAnalysis analysis, Wording words, StepBook book, LocalDate today)
            throws IOException {
        return analysis.measured().isEmpty()
                ? OwnerPaper.Made.lacking(analysis.faults())
                : made("estimate", analysis, EstimatePage.of(analysis, words, book, today));
    }

    /**
     * Makes the report after the work.
     *
     * @param photographs what goes with it
     */
    public static OwnerPaper.Made report(
            JobAnalysis analysis, Wording words, List<OwnerPaper.Photograph> photographs, LocalDate today)
            throws IOException {
        return analysis.proof().after().isEmpty()
                ? OwnerPaper.Made.lacking(List.of(new Fault(
                        Reading.ACTION_BASS.pointer(), FileFinding.NOTHING_AFTER.of(), FileFinding.A_VISIT_AFTER.of())))
                : made("report", analysis, ReportPage.of(analysis, words, photographs, today));
    }

    /** Makes the history of an instrument: what its visits show, with a picture of each quantity. */
    public static OwnerPaper.Made history(JobAnalysis analysis, Wording words, LocalDate today) throws IOException {
        History history = History.of(analysis.job(), analysis.shop());
        OwnerPage page = new OwnerPage(
                PaperText.text("owner-papers.over-the-years", OwnerSections.named(analysis.job())),
                analysis.shop().letterhead(),
                today);
        OwnerSections.about(page, analysis.job());
        OwnerSections.history(page, history, words.to(Audience.OWNER));
        OwnerSections.terms(page);
        return made("history", analysis, page);
    }

    /** Writes a paper into a folder; prints the names of its files. */
    public static PrintedResult write(OwnerPaper.Made made, SheetPdf.Paper paper, Path folder) {
        if (made.paper().isEmpty()) {
            return PrintedResult.faulty(made.faults());
        }
        try {
            List<Path> files = made.paper().get().writeInto(folder, paper);
            return PrintedResult.of(files.stream()
                    .map(file -> "\"" + file.getFileName() + "\"")
                    .collect(Collectors.joining(", ", "[", "]\n")));
        } catch (IOException failed) {
            return PrintedResult.faulty(List.of(notWritten(failed)));
        }
    }

    /** The error for a paper that could not be made or written. */
    public static Fault notWritten(IOException failed) {
        return new Fault(
                "",
                FileFinding.PAPERS_NOT_WRITTEN.of(Quantity.text(String.valueOf(failed.getMessage()))),
                FileFinding.A_FOLDER.of());
    }

    private static OwnerPaper.Made made(String what, JobAnalysis analysis, OwnerPage page) {
        return OwnerPaper.Made.of(new OwnerPaper(what, analysis.job(), page));
    }
}
