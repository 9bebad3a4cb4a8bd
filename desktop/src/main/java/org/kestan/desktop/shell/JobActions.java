package org.kestan.desktop.shell;

import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.DragEvent;
import javafx.scene.input.TransferMode;
import javafx.stage.Window;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.FileChoice;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.session.JobStore;
import org.kestan.files.job.JobFile;
import org.kestan.files.papers.PaperName;
import org.kestan.files.papers.SheetPdf;
import org.kestan.files.tables.SheetCsv;
import org.kestan.job.visits.Visit;
import org.kestan.text.PlanCards;

/** Commands for whole jobs, from menus, keys and mouse: open, drop, paste, save as, copy. */
final class JobActions {

    private static final long LARGEST_TABLE = 5L << 20;

    private final JobSession session;
    private final JobStore store;
    private final FileChoice files;

    JobActions(JobSession session, JobStore store) {
        this.session = session;
        this.store = store;
        files = store.files();
    }

    void choose(Window window) {
        files.open(window, Messages.message("job-actions.open-a-job"), FileChoice.Kind.JOB)
                .ifPresent(store.jobFiles()::open);
    }

    void chooseSaveAs(Window window) {
        files.save(
                        window,
                        Messages.message("job-actions.save-the-job-as"),
                        FileChoice.Kind.JOB,
                        PaperName.of(session.job()) + JobFile.EXTENSION)
                .ifPresent(store.jobFiles()::write);
    }

    void chooseCsvIn(Window window) {
        files.open(window, Messages.message("job-actions.read-a-survey-from"), FileChoice.Kind.TABLE)
                .ifPresent(this::csvIn);
    }

    /**
     * Puts the values of a table on a sheet of their own, or on the present one if it is empty, as one step of undo.
     */
    void csvIn(Path file) {
        try {
            if (Files.size(file) > LARGEST_TABLE) {
                session.complain(Messages.message("job-actions.is-larger-than-a", file.getFileName()));
                return;
            }
            boolean blank = session.job().visit().readings().isEmpty();
            SheetCsv.Outcome outcome =
                    SheetCsv.read(Files.readString(file), blank ? session.job().visit() : Visit.BLANK);
            outcome.visit().ifPresent(visit -> {
                session.edit(job -> blank ? job.withVisit(visit) : job.withVisits(visits -> visits.withNew(visit)));
                session.say(Messages.message(
                        "job-actions.read-from-undo-takes",
                        file.getFileName(),
                        (blank ? "" : Messages.message("job-actions.as-a-new-visit"))));
            });
            if (outcome.visit().isEmpty()) {
                session.complain(Messages.message(
                        "job-actions.nothing-was-read-from",
                        file.getFileName(),
                        outcome.faults().stream()
                                .limit(3)
                                .map(session.words()::say)
                                .collect(Collectors.joining("   "))));
            }
        } catch (IOException unreadable) {
            session.complain(Messages.message("job-actions.cant-be-read-as", file.getFileName()));
        }
    }

    void chooseCsvOut(Window window) {
        files.save(
                        window,
                        Messages.message("job-actions.write-the-survey-as"),
                        FileChoice.Kind.TABLE,
                        PaperName.of("survey", session.job(), "", ".csv"))
                .ifPresent(to -> files.write(to, file -> Files.writeString(file, SheetCsv.write(session.job()))));
    }

    void chooseBlankSheet(Window window, SheetPdf.Paper paper) {
        files.save(
                        window,
                        Messages.message("job-actions.write-a-blank-measuring"),
                        FileChoice.Kind.PAPER,
                        PaperName.of("measuring-sheet", session.job(), "", ".pdf"))
                .ifPresent(to -> files.write(to, file -> Files.write(file, SheetPdf.blank(session.job(), paper))));
    }

    /** Copies the figures of the plan to the clipboard as text. */
    void copyFigures() {
        if (session.analysis().correction().isEmpty()) {
            session.complain(Messages.message("job-actions.there-are-no-figures"));
            return;
        }
        ClipboardContent content = new ClipboardContent();
        content.putString(PlanCards.text(session.analysis(), PlanCards.of(session.analysis(), session.words())));
        Clipboard.getSystemClipboard().setContent(content);
        session.say(Messages.message("job-actions.copied-the-figures-as"));
    }

    /** Opens a job file, or the text of one, from the clipboard. */
    void paste() {
        Clipboard clipboard = Clipboard.getSystemClipboard();
        List<File> copied = clipboard.getFiles();
        if (copied != null && !copied.isEmpty()) {
            files.picked(copied.get(0)).ifPresent(store.jobFiles()::open);
        } else if (clipboard.hasString()) {
            store.jobFiles().openText(clipboard.getString());
        } else {
            session.complain(Messages.message("job-actions.there-is-no-job"));
        }
    }

    void dragOver(DragEvent event) {
        if (event.getDragboard().hasFiles()) {
            event.acceptTransferModes(TransferMode.COPY);
        }
        event.consume();
    }

    void dropped(DragEvent event) {
        List<File> dropped = event.getDragboard().getFiles();
        event.setDropCompleted(!dropped.isEmpty()
                && files.picked(dropped.get(0)).filter(store.jobFiles()::open).isPresent());
        event.consume();
    }
}
