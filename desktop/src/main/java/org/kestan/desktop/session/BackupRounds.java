package org.kestan.desktop.session;

import java.io.IOException;
import java.time.Duration;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.LongSupplier;
import javafx.application.Platform;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.LedgerException;

/**
 * Backups: a copy on opening and one a day, away from the window. One that fails is tried again every hour; when none could be
 * made for a day the user is told.
 */
public final class BackupRounds {

    private static final long DAY = Duration.ofDays(1).toNanos();

    private final Ledger ledger;
    private final JobSession session;
    private final LongSupplier clock;
    private long madeAt;
    private boolean failing = true;

    BackupRounds(Ledger ledger, JobSession session, LongSupplier clock) {
        this.ledger = ledger;
        this.session = session;
        this.clock = clock;
        madeAt = clock.getAsLong();
    }

    /** Makes a copy now and goes on until the application ends. */
    public static void start(Ledger ledger, JobSession session) {
        BackupRounds rounds = new BackupRounds(ledger, session, System::nanoTime);
        ScheduledExecutorService timer = Executors.newSingleThreadScheduledExecutor(task -> {
            Thread thread = new Thread(task, "backups");
            thread.setDaemon(true);
            return thread;
        });
        timer.scheduleWithFixedDelay(rounds::round, 0, 1, TimeUnit.HOURS);
    }

    /** Tries when a day has passed since the last copy, or the last try failed. */
    void round() {
        boolean aDay = clock.getAsLong() - madeAt >= DAY;
        if (!failing && !aDay) {
            return;
        }
        try {
            ledger.backups().make();
            madeAt = clock.getAsLong();
            failing = false;
        } catch (IOException | LedgerException failed) {
            System.getLogger(BackupRounds.class.getName())
                    .log(System.Logger.Level.WARNING, "no backup was made", failed);
            failing = true;
            if (aDay) {
                String why = failed instanceof LedgerException known
                        ? session.words().say(known.why())
                        : String.valueOf(failed.getMessage());
                Platform.runLater(
                        () -> session.complain("No backup of the ledger could be made for a day: " + why + "."));
            }
        }
    }
}
