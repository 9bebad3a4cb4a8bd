package org.kestan.desktop.rooms.ledger;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.stage.Window;
import org.kestan.desktop.messages.Counts;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.FileChoice;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.session.JobStore;
import org.kestan.files.job.JobFile;
import org.kestan.job.JobTree;
import org.kestan.ledger.Archive;
import org.kestan.ledger.JobCard;
import org.kestan.ledger.LedgerException;

/**
 * Imports job files and zips into the ledger and exports all jobs to a zip, in the background, with progress and a
 * stop button.
 */
public final class LedgerTransfers {

    /** How many of the skipped files are named at once. */
    private static final int REFUSED_SAID = 3;

    private final JobSession session;
    private final JobStore store;
    private final Runnable refresh;
    private final ProgressBar bar = new ProgressBar(0);
    private final Button stop = new Button(Messages.message("ledger-transfers.stop"));
    private final HBox progress = new HBox(bar, stop);
    private final AtomicBoolean stopped = new AtomicBoolean();

    LedgerTransfers(JobSession session, JobStore store, Runnable refresh) {
        this.session = session;
        this.store = store;
        this.refresh = refresh;
        progress.setAlignment(Pos.CENTER_LEFT);
        progress.getStyleClass().add("transfer");
        progress.setVisible(false);
        stop.setId("transfer-stop");
        stop.getStyleClass().add("plain-button");
        stop.setOnAction(event -> stopped.set(true));
    }

    HBox progress() {
        return progress;
    }

    void chooseImport(Window window) {
        List<Path> files = store.files()
                .openSeveral(window, Messages.message("ledger-transfers.take-in-job-files"), FileChoice.Kind.JOBS);
        if (!files.isEmpty()) {
            takeIn(files);
        }
    }

    void chooseExport(Window window) {
        store.files()
                .save(
                        window,
                        Messages.message("ledger-transfers.write-all-jobs-to"),
                        FileChoice.Kind.ARCHIVE,
                        "kestan-jobs.zip")
                .ifPresent(this::writeAll);
    }

    void chooseExport(Window window, JobCard card) {
        store.files()
                .save(
                        window,
                        Messages.message("ledger-transfers.write-this-job-to"),
                        FileChoice.Kind.ARCHIVE,
                        card.name().replaceAll("[^\\p{L}\\p{N}]+", "-").replaceAll("^-|-$", "") + ".zip")
                .ifPresent(zip -> writeOne(card, zip));
    }

    /** Exports one job to a zip, with its pictures and papers. */
    public void writeOne(JobCard card, Path zip) {
        store.flush();
        run(
                Messages.message("ledger-transfers.written-to-with-its", zip.getFileName()),
                () -> Archive.write(store.ledger(), List.of(card), zip, this::step));
    }

    /** Imports job files and zips of them. */
    public void takeIn(List<Path> files) {
        run(Messages.message("ledger-transfers.taken-in"), () -> {
            List<String> refused = new ArrayList<>();
            int done = 0;
            Archive.Met met = Archive.Met.NONE;
            for (Path file : files) {
                if (file.getFileName().toString().endsWith(".zip")) {
                    Archive.Outcome outcome = Archive.read(store.ledger(), file, this::step);
                    done += outcome.done();
                    met = met.and(outcome.met());
                    refused.addAll(outcome.refused());
                    if (outcome.stopped()) {
                        return new Archive.Outcome(done, met, true, refused);
                    }
                } else {
                    JobTree.Read read = JobFile.read(file);
                    if (read.job().isPresent()) {
                        store.ledger().insert(read.job().get());
                        done++;
                    } else {
                        refused.add(file.getFileName() + ": "
                                + session.words().line(read.faults().get(0)));
                    }
                }
            }
            return new Archive.Outcome(done, met, false, refused);
        });
    }

    /** Exports all jobs to a zip. */
    public void writeAll(Path zip) {
        store.flush();
        run(
                Messages.message("ledger-transfers.written-to", zip.getFileName()),
                () -> Archive.write(store.ledger(), zip, this::step));
    }

    private boolean step(int done, int total) {
        double fraction = total == 0 ? 1 : (double) done / total;
        Platform.runLater(() -> bar.setProgress(fraction));
        return !stopped.get();
    }

    private void run(String what, Callable<Archive.Outcome> work) {
        stopped.set(false);
        bar.setProgress(0);
        progress.setVisible(true);
        Thread thread = new Thread(() -> {
            try {
                Archive.Outcome outcome = work.call();
                Platform.runLater(() -> finished(what, outcome));
            } catch (IOException failed) {
                Platform.runLater(
                        () -> ended(Messages.message("ledger-transfers.not", what, failed.getMessage()), true));
            } catch (LedgerException failed) {
                Platform.runLater(() -> ended(
                        Messages.message(
                                "ledger-transfers.not", what, session.words().say(failed.why())),
                        true));
            } catch (Throwable failed) {
                Platform.runLater(
                        () -> ended(Messages.message("ledger-transfers.not-something-went-wrong", what), true));
                throw new IllegalStateException(failed);
            }
        });
        thread.setName("transfer");
        thread.setDaemon(true);
        thread.start();
    }

    private void finished(String what, Archive.Outcome outcome) {
        String text = Counts.jobs(outcome.done())
                + " "
                + what
                + met(outcome.met())
                + (outcome.stopped() ? Messages.message("ledger-transfers.then-stopped") : "");
        if (outcome.refused().isEmpty()) {
            ended(text, false);
        } else {
            int more = outcome.refused().size() - REFUSED_SAID;
            String first = outcome.refused().stream().limit(REFUSED_SAID).collect(Collectors.joining("   "));
            ended(
                    more > 0
                            ? Messages.message("ledger-transfers.left-out-and-more", text, first, more)
                            : Messages.message("ledger-transfers.left-out", text, first),
                    true);
        }
    }

    /** What happened to jobs that already existed. */
    private static String met(Archive.Met met) {
        return (met.same() > 0 ? Messages.message("ledger-transfers.there-already", met.same()) : "")
                + (met.newer() > 0 ? Messages.message("ledger-transfers.newer-what-they-replace", met.newer()) : "")
                + (met.older() > 0 ? Messages.message("ledger-transfers.older-and-left-out", met.older()) : "")
                + (met.parted() > 0 ? Messages.message("ledger-transfers.parted", met.parted()) : "");
    }

    private void ended(String text, boolean trouble) {
        progress.setVisible(false);
        if (trouble) {
            session.complain(text);
        } else {
            session.say(text);
        }
        refresh.run();
    }
}
