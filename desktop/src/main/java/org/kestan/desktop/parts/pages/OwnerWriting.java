package org.kestan.desktop.parts.pages;

import java.nio.file.Path;
import java.time.LocalDate;
import java.util.concurrent.CompletableFuture;
import java.util.function.Function;
import javafx.application.Platform;
import javafx.stage.Window;
import org.kestan.desktop.session.FileChoice;
import org.kestan.desktop.session.JobSession;
import org.kestan.dossier.Dossier;
import org.kestan.files.OwnerPapers;
import org.kestan.files.Printed;
import org.kestan.files.SheetPdf;
import org.kestan.words.Words;
import org.kestan.work.steps.StepBook;

/** Writes the owner's papers into a folder that is asked for, away from the window; what came of it is said. */
public final class OwnerWriting {

    private OwnerWriting() {}

    /** Writes the estimate of the open job. */
    public static void estimate(JobSession session, FileChoice files, Window window, SheetPdf.Paper paper) {
        Dossier dossier = session.dossier();
        Words words = session.words();
        StepBook book = session.stepsProperty().get().book();
        write(
                session,
                files,
                window,
                "estimate",
                folder -> OwnerPapers.estimate(dossier, words, book, paper, LocalDate.now(), folder));
    }

    /** Writes the report of the open job. */
    public static void report(JobSession session, FileChoice files, Window window, SheetPdf.Paper paper) {
        Dossier dossier = session.dossier();
        Words words = session.words();
        write(
                session,
                files,
                window,
                "report",
                folder -> OwnerPapers.report(dossier, words, paper, LocalDate.now(), folder));
    }

    private static void write(
            JobSession session, FileChoice files, Window window, String what, Function<Path, Printed> writer) {
        files.folder(window, "Write the " + what + " into a folder", FileChoice.Kind.PAPER)
                .ifPresent(folder -> {
                    session.say("Writing the " + what + "\u2026");
                    CompletableFuture.supplyAsync(() -> writer.apply(folder))
                            .whenComplete((printed, failed) -> Platform.runLater(() -> {
                                if (failed != null) {
                                    session.complain("The " + what + " could not be written: " + failed.getMessage());
                                } else if (printed.faults().isEmpty()) {
                                    session.say("The " + what + " is written to " + folder.getFileName()
                                            + ", as a PDF and as a page for a browser.");
                                } else {
                                    session.complain("No " + what + ": "
                                            + session.words()
                                                    .line(printed.faults().get(0)));
                                }
                            }));
                });
    }
}
