package org.kestan.desktop.session;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.util.Duration;
import org.kestan.files.JobFile;
import org.kestan.files.JobReader;
import org.kestan.job.Fault;
import org.kestan.job.Job;

/**
 * The file of the open job. Opens job files and saves the job as one goes, shortly after each edit, away from the
 * application thread. A job that was never given a file gets one in the data folder with its first edit.
 */
public final class JobStore {

    private static final Duration PAUSE = Duration.millis(700);
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm:ss");
    private static final DateTimeFormatter STAMP = DateTimeFormatter.ofPattern("yyyy-MM-dd-HHmmss");

    private final JobSession session;
    private final Settings settings;
    private final ReadOnlyObjectWrapper<Path> file = new ReadOnlyObjectWrapper<>(this, "file");
    private final ReadOnlyStringWrapper saved = new ReadOnlyStringWrapper(this, "saved", "Nothing to save yet");
    private final PauseTransition pause = new PauseTransition(PAUSE);
    private final ExecutorService writer = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "job-writer");
        thread.setDaemon(true);
        return thread;
    });
    private Job onDisk = Job.BLANK;

    /** Saves the session's job from now on. */
    public JobStore(JobSession session, Settings settings) {
        this.session = session;
        this.settings = settings;
        pause.setOnFinished(done -> saveNow());
        session.reckoningProperty().addListener((property, old, next) -> {
            if (!next.job().equals(onDisk)) {
                saved.set("Saving\u2026");
                pause.playFromStart();
            }
        });
    }

    /** The file the job is saved to; null while it has none. */
    public ReadOnlyObjectProperty<Path> fileProperty() {
        return file.getReadOnlyProperty();
    }

    /** When the job was saved last, in words. */
    public ReadOnlyStringProperty savedProperty() {
        return saved.getReadOnlyProperty();
    }

    /** Starts a job with nothing entered. */
    public void startBlank() {
        flush();
        onDisk = Job.BLANK;
        file.set(null);
        session.open(Job.BLANK);
        session.say("A new job");
        saved.set("Nothing to save yet");
    }

    /**
     * Opens a job file. When it can't be read the open job stays as it is and the status line says why.
     *
     * @return whether it was opened
     */
    public boolean open(Path path) {
        JobReader.Outcome outcome = JobFile.read(path);
        if (outcome.job().isEmpty()) {
            refuse(path.getFileName().toString(), outcome.faults());
            return false;
        }
        flush();
        onDisk = outcome.job().get();
        file.set(path.toAbsolutePath());
        settings.remember(path);
        session.open(onDisk);
        session.say("Opened " + path.getFileName());
        saved.set("As on disk");
        return true;
    }

    /**
     * Opens the text of a job file as a job that has no file yet. When it can't be read the open job stays as it is.
     *
     * @return whether it was opened
     */
    public boolean openText(String text) {
        JobReader.Outcome outcome = JobReader.read(text);
        if (outcome.job().isEmpty()) {
            refuse("the text on the clipboard", outcome.faults());
            return false;
        }
        startBlank();
        session.open(outcome.job().get());
        session.say("Opened from the clipboard");
        return true;
    }

    private void refuse(String what, List<Fault> faults) {
        String first = faults.stream().limit(2).map(Fault::line).collect(Collectors.joining("   "));
        int more = faults.size() - 2;
        session.complain("Not opened: " + what + " \u2014 " + first + (more > 0 ? "   and " + more + " more" : ""));
    }

    /** Saves to another file and goes on there. */
    public void saveAs(Path path) {
        flush();
        file.set(path.toAbsolutePath());
        settings.remember(path);
        onDisk = Job.BLANK;
        saveNow();
    }

    /** Saves now, without waiting for the pause after an edit. */
    public void saveNow() {
        pause.stop();
        Job job = session.job();
        if (file.get() == null && job.equals(Job.BLANK)) {
            return;
        }
        Path target = target();
        writer.execute(() -> {
            try {
                write(job, target);
                Platform.runLater(() -> wrote(job));
            } catch (IOException failed) {
                Platform.runLater(() -> failed(target, failed));
            }
        });
    }

    /** Saves what is not saved yet and waits until it is on disk. */
    public void flush() {
        pause.stop();
        Job job = session.job();
        if (job.equals(onDisk)) {
            return;
        }
        Path target = target();
        try {
            writer.submit(() -> {
                        write(job, target);
                        return target;
                    })
                    .get(10, TimeUnit.SECONDS);
            wrote(job);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
        } catch (java.util.concurrent.ExecutionException | java.util.concurrent.TimeoutException failed) {
            failed(target, failed);
        }
    }

    private void write(Job job, Path target) throws IOException {
        Files.createDirectories(target.getParent());
        JobFile.write(job, target);
    }

    private Path target() {
        if (file.get() == null) {
            file.set(settings.folder()
                    .resolve("jobs")
                    .resolve("job-" + LocalDateTime.now().format(STAMP) + JobFile.EXTENSION));
            settings.remember(file.get());
        }
        return file.get();
    }

    private void wrote(Job job) {
        onDisk = job;
        if (job.equals(session.job())) {
            saved.set("Saved " + LocalTime.now().format(CLOCK));
        }
    }

    private void failed(Path target, Exception why) {
        saved.set("Not saved");
        session.complain("Could not save to " + target.getFileName() + ": " + why.getMessage()
                + ". The job is kept here; choose another file with Save as.");
    }
}
