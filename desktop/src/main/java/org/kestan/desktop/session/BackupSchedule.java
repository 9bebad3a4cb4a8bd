package org.kestan.desktop.session;

import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.LongSupplier;
import javafx.application.Platform;
import org.kestan.base.finding.Finding;
import org.kestan.base.standards.Standard;
import org.kestan.desktop.messages.Messages;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.LedgerException;
import org.kestan.ledger.LedgerFinding;
import org.kestan.ledger.Query;

/**
 * Backups: one on opening and one a day, in the background. After a failure, it is tried again every hour; if none
 * could be made for a day, the user is told. After a backup, jobs that have been in the bin for longer than the shop's
 * period are removed.
 */
public final class BackupSchedule {

    private static final Duration A_YEAR = Duration.ofDays(366);
    private static final long DAY = Duration.ofDays(1).toNanos();

    private final Ledger ledger;
    private final JobSession session;
    private final LongSupplier clock;
    private long madeAt;
    private boolean failing = true;

    BackupSchedule(Ledger ledger, JobSession session, LongSupplier clock) {
        this.ledger = ledger;
        this.session = session;
        this.clock = clock;
        madeAt = clock.getAsLong();
    }

    /** Makes a backup now, and continues until the application ends. */
    public static void start(Ledger ledger, JobSession session) {
        BackupSchedule rounds = new BackupSchedule(ledger, session, System::nanoTime);
        ScheduledExecutorService timer = Executors.newSingleThreadScheduledExecutor(task -> {
            Thread thread = new Thread(task, "backups");
            thread.setDaemon(true);
            return thread;
        });
        timer.scheduleWithFixedDelay(rounds::round, 0, 1, TimeUnit.HOURS);
    }

    /**
     * Removes jobs that have been in the bin for the shop's period, after a backup that still contains them. If the
     * clock claims that nothing has changed for a year, it is not believed.
     */
    private void emptyBin() {
        Instant now = Instant.now();
        boolean believed = ledger.list(Query.ALL, 1).stream()
                .anyMatch(card -> Duration.between(card.changedAt(), now).abs().compareTo(A_YEAR) < 0);
        if (believed) {
            ledger.emptyBin(now.minus(Duration.ofDays((long) session.standards().get(Standard.BIN_DAYS))));
        }
    }

    /** Tries again if a day has passed since the last backup, or if the last attempt failed. */
    void round() {
        boolean aDay = clock.getAsLong() - madeAt >= DAY;
        if (!failing && !aDay) {
            return;
        }
        try {
            Optional<Finding> damage = ledger.check();
            if (damage.isPresent()) {
                throw new LedgerException(damage.get(), new IllegalStateException("read through"));
            }
            ledger.backups().make();
            emptyBin();
            // Also what an earlier run left unfinished.
            ledger.cleanse();
            madeAt = clock.getAsLong();
            failing = false;
        } catch (IOException | LedgerException failed) {
            System.getLogger(BackupSchedule.class.getName())
                    .log(System.Logger.Level.WARNING, "no backup was made", failed);
            failing = true;
            boolean damaged =
                    failed instanceof LedgerException said && said.why().kind() == LedgerFinding.DAMAGED;
            if (aDay || damaged) {
                String why = failed instanceof LedgerException known
                        ? session.words().say(known.why())
                        : String.valueOf(failed.getMessage());
                Platform.runLater(() -> session.complain(Messages.message("backup-schedule.no-backup-of-the", why)));
            }
        }
    }
}
