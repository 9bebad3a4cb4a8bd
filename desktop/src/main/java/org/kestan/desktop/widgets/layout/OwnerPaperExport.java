package org.kestan.desktop.widgets.layout;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import javafx.application.Platform;
import javafx.stage.Window;
import org.kestan.base.finding.Fault;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.FileChoice;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.session.JobStore;
import org.kestan.files.papers.OwnerPaper;
import org.kestan.files.papers.OwnerPapers;
import org.kestan.files.papers.SheetPdf;
import org.kestan.job.pictures.Photo;
import org.kestan.ledger.Pictures;
import org.kestan.overview.JobAnalysis;
import org.kestan.repair.steps.StepBook;
import org.kestan.text.Wording;

/**
 * Makes the owner's papers and writes them to a chosen folder, in the background; reports the result, and keeps a copy
 * of what was handed out with the job.
 */
public final class OwnerPaperExport {

    private final JobSession session;
    private final JobStore store;

    /** Writes papers of the open job. */
    public OwnerPaperExport(JobSession session, JobStore store) {
        this.session = session;
        this.store = store;
    }

    /** Returns a task that makes the estimate of the open job as it is now; to be called in the background. */
    public Callable<OwnerPaper.Made> estimate() {
        JobAnalysis analysis = session.analysis();
        Wording words = session.words();
        StepBook book = session.stepsProperty().get().book();
        return () -> OwnerPapers.estimate(analysis, words, book, LocalDate.now());
    }

    /** Returns a task that makes the report of the open job, with its pictures, in the same way. */
    public Callable<OwnerPaper.Made> report() {
        JobAnalysis analysis = session.analysis();
        Wording words = session.words();
        Pictures pictures = store.ledger().pictures();
        return () -> OwnerPapers.report(analysis, words, photographs(analysis, pictures), LocalDate.now());
    }

    /** Returns a task that makes the history of the open job's instrument, in the same way. */
    public Callable<OwnerPaper.Made> history() {
        JobAnalysis analysis = session.analysis();
        Wording words = session.words();
        return () -> OwnerPapers.history(analysis, words, LocalDate.now());
    }

    /**
     * Makes a paper as a PDF, in the background.
     *
     * @throws PaperView.Lacking if it can't be made yet
     */
    public byte[] pdf(Callable<OwnerPaper.Made> maker, SheetPdf.Paper paper) throws Exception {
        OwnerPaper.Made made = maker.call();
        if (made.paper().isEmpty()) {
            throw new PaperView.Lacking(lacking(made));
        }
        return made.paper().get().pdf(paper);
    }

    private String lacking(OwnerPaper.Made made) {
        Fault first = made.faults().get(0);
        return Wording.capital(session.words().correction(first.problem(), first.accepted()));
    }

    /** The existing pictures of a job. */
    private static List<OwnerPaper.Photograph> photographs(JobAnalysis analysis, Pictures pictures) throws IOException {
        List<OwnerPaper.Photograph> all = new ArrayList<>();
        for (Photo photo : analysis.job().photos()) {
            Path file = pictures.file(photo.file());
            if (Files.isRegularFile(file)) {
                all.add(new OwnerPaper.Photograph(() -> Files.readAllBytes(file), photo.caption()));
            }
        }
        return all;
    }

    /**
     * Asks for a folder and writes a paper into it.
     *
     * @param what what it is called in a sentence
     */
    public void write(String what, Callable<OwnerPaper.Made> maker, Window window, SheetPdf.Paper paper) {
        store.files()
                .folder(window, Messages.message("owner-paper-export.write-the-into-a", what), FileChoice.Kind.PAPER)
                .ifPresent(folder -> writeInto(folder, what, maker, paper));
    }

    /**
     * The result of writing a paper.
     *
     * @param kept whether a copy lies with the job
     */
    private record Written(OwnerPaper.Made made, boolean kept) {}

    /** Writes a paper into a folder. */
    public void writeInto(Path folder, String what, Callable<OwnerPaper.Made> maker, SheetPdf.Paper paper) {
        session.say(Messages.message("owner-paper-export.writing-the", what));
        String id = store.openId().orElse("");
        CompletableFuture.supplyAsync(() -> {
                    try {
                        OwnerPaper.Made made = maker.call();
                        boolean kept = made.paper().isPresent();
                        if (made.paper().isPresent()) {
                            for (Path file : made.paper().get().writeInto(folder, paper)) {
                                kept &= store.ledger()
                                        .papers()
                                        .keep(id, file.getFileName().toString(), Files.readAllBytes(file));
                            }
                        }
                        return new Written(made, kept);
                    } catch (Exception failed) {
                        throw new CompletionException(failed);
                    }
                })
                .whenComplete((written, failed) -> Platform.runLater(() -> {
                    if (failed != null) {
                        session.complain(Messages.message(
                                "owner-paper-export.the-could-not-be",
                                what,
                                failed.getCause().getMessage()));
                    } else if (written.made().paper().isPresent()) {
                        String said =
                                Messages.message("owner-paper-export.the-is-written-to", what, folder.getFileName());
                        session.say(written.kept() ? Messages.message("owner-paper-export.with-a-copy", said) : said);
                    } else {
                        session.complain(Messages.message("owner-paper-export.none", what, lacking(written.made())));
                    }
                }));
    }
}
