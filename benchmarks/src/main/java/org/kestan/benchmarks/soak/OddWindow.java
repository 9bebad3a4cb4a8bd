package org.kestan.benchmarks.soak;

import static org.kestan.benchmarks.soak.Target.demand;

import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import javafx.application.Platform;
import javafx.stage.Stage;
import org.kestan.benchmarks.soak.Target.Outcome;
import org.kestan.desktop.session.Settings;
import org.kestan.desktop.shell.MainWindow;
import org.kestan.files.demo.DemoJobs;
import org.kestan.files.job.JobReader;
import org.kestan.job.Job;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.OpenResult;
import org.kestan.ledger.sqlite.SqliteLedger;

/**
 * Attacks on the window: opens odd jobs in it and lays out every station; nothing may block its thread for long.
 */
final class OddWindow implements AutoCloseable {

    private static final int PATIENCE_SECONDS = 60;

    private static final ThreadMXBean THREADS = ManagementFactory.getThreadMXBean();

    private final List<String> jobs = DemoJobs.NAMES.stream()
            .map(name -> new String(DemoJobs.bytes(name), StandardCharsets.UTF_8))
            .toList();
    private final AtomicReference<Throwable> uncaught = new AtomicReference<>();
    private final Ledger ledger;
    private final MainWindow window;
    private final Stage stage;
    private final double longestMillis;
    private double slowest;
    private String slowestWork = "nothing";

    /**
     * @param longestMillis how long the application thread may be held
     */
    OddWindow(Path folder, double longestMillis) throws Exception {
        this.longestMillis = longestMillis;
        CountDownLatch started = new CountDownLatch(1);
        try {
            Platform.startup(started::countDown);
        } catch (IllegalStateException running) {
            started.countDown();
        }
        demand(started.await(PATIENCE_SECONDS, TimeUnit.SECONDS), "the toolkit does not start");
        Platform.setImplicitExit(false);
        ledger = ((OpenResult.Opened) SqliteLedger.openAnew(folder.resolve("window.sqlite"))).ledger();
        stage = onWindow(Stage::new);
        window = onWindow(() -> new MainWindow(stage, Settings.in(folder), ledger, List.of()));
        onWindow(() -> {
            Thread.currentThread().setUncaughtExceptionHandler((thread, failure) -> uncaught.set(failure));
            stage.setWidth(1280);
            stage.setHeight(800);
            stage.show();
            return stage;
        });
    }

    Target target() {
        return new Target("rooms of odd jobs", this::once);
    }

    /** The longest time the application thread was blocked, ms. */
    double slowest() {
        return slowest;
    }

    /** What blocked it: a room, or the opening of a job. */
    String slowestWork() {
        return slowestWork;
    }

    private Outcome once(Random random) throws Exception {
        Optional<Job> job = JobReader.read(Mutation.odd(jobs.get(random.nextInt(jobs.size())), random))
                .job();
        if (job.isEmpty()) {
            return Outcome.REFUSED;
        }
        timed("opening", () -> {
            window.session().open(job.get());
            return job;
        });
        for (String room : MainWindow.rooms()) {
            timed(room, () -> {
                window.show(room);
                stage.getScene().getRoot().applyCss();
                stage.getScene().getRoot().layout();
                return room;
            });
        }
        Throwable failure = uncaught.getAndSet(null);
        if (failure != null) {
            throw new IllegalStateException(failure);
        }
        return Outcome.TAKEN;
    }

    private void timed(String what, Callable<?> work) throws Exception {
        long[] took = new long[1];
        onWindow(() -> {
            long from = THREADS.getCurrentThreadCpuTime();
            Object made = work.call();
            took[0] = THREADS.getCurrentThreadCpuTime() - from;
            return made;
        });
        double millis = took[0] / 1e6;
        if (millis > slowest) {
            slowest = millis;
            slowestWork = what;
        }
        demand(millis < longestMillis, "the window's thread was held for " + Math.round(millis) + " ms by " + what);
    }

    private static <T> T onWindow(Callable<T> work) throws Exception {
        FutureTask<T> task = new FutureTask<>(work);
        Platform.runLater(task);
        return task.get(PATIENCE_SECONDS, TimeUnit.SECONDS);
    }

    @Override
    public void close() throws IOException {
        try {
            onWindow(() -> {
                window.session().open(Job.BLANK);
                stage.hide();
                return stage;
            });
        } catch (Exception failed) {
            throw new IOException(failed);
        } finally {
            ledger.close();
        }
    }
}
