package org.kestan.ledger.sqlite;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;
import org.kestan.base.standards.InstrumentKind;
import org.kestan.files.disk.Disk;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.ledger.DemoLedger;
import org.kestan.ledger.JobLocation;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.LedgerJob;
import org.kestan.ledger.OpenResult;
import org.kestan.ledger.Query;
import org.kestan.repair.memory.Memory;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** A ledger of a hundred thousand finished jobs, and what is learned from it. */
public class ManyFinishedTest {

    private static final int MANY = 100_000;
    private static final InstrumentKind LARGE = new InstrumentKind("steel", "large", "x");

    private Path folder;
    private Path file;

    @BeforeMethod
    public void make() throws IOException {
        folder = Files.createTempDirectory("kestan-many-");
        file = folder.resolve("ledger.sqlite");
    }

    @AfterMethod(alwaysRun = true)
    public void remove() throws IOException {
        Disk.deleteAll(folder);
    }

    /**
     * The made-up shop has more sink, takes longer and removes more per pull than the standards say: the memory finds
     * by how much.
     */
    @Test(groups = "slow")
    public void whatTheShopDoesOtherwiseIsFoundAndQuickly() throws SQLException {
        String changed;
        try (Ledger ledger = open()) {
            DemoLedger.addFinished(ledger, LocalDate.of(2026, 11, 26));
            Memory few = ledger.memory();
            assertThat(few.sink().get(LARGE).median()).isCloseTo(1.05, within(0.08));
            assertThat(few.rates().get(80).median()).isCloseTo(0.036, within(0.002));
            assertThat(few.hours().get("neck-reset").median()).isCloseTo(9 * 1.2, within(1.0));
            assertThat(few.release().get(0).median()).isCloseTo(1.1, within(0.1));
            assertThat(ledger.list(Query.ALL)).isEmpty();
            assertThat(ledger.teaching(lesson -> lesson.kind().equals(LARGE), 5))
                    .hasSize(5)
                    .allMatch(each -> each.lesson().kind().equals(LARGE));
            changed = ledger.list(new Query("", Optional.empty(), JobLocation.AWAY, Query.Order.NAME))
                    .get(0)
                    .id();
        }
        multiply();
        try (Ledger ledger = open()) {
            assertThat(ledger.count()).isGreaterThanOrEqualTo(MANY);
            ledger.memory();
            assertThat(Stream.of("somebody else", "a third", "a fourth")
                            .map(owner -> afterChange(ledger, changed, owner))
                            .min(Comparator.naturalOrder()))
                    .as("after a change")
                    .hasValueSatisfying(least -> assertThat(least).isLessThan(Duration.ofMillis(1_500)));
            assertThat(spent(ledger::memory)).as("unchanged").isLessThan(Duration.ofMillis(50));
            assertThat(ledger.memory().sink().values().stream()
                            .mapToInt(each -> each.n())
                            .sum())
                    .isGreaterThan(MANY / 2);
        }
    }

    private static Duration afterChange(Ledger ledger, String id, String owner) {
        LedgerJob entry = ledger.read(id).orElseThrow();
        Job next = entry.job().with(Lines.OWNER, owner);
        ledger.save(entry.id(), entry.revision(), next);
        return spent(ledger::memory);
    }

    /** Returns the processor time of this thread, which other work on the machine does not increase. */
    private static Duration spent(Runnable work) {
        ThreadMXBean threads = ManagementFactory.getThreadMXBean();
        long begun = threads.getCurrentThreadCpuTime();
        work.run();
        return Duration.ofNanos(threads.getCurrentThreadCpuTime() - begun);
    }

    private Ledger open() {
        return ((OpenResult.Opened) SqliteLedger.open(file)).ledger();
    }

    /** Copies the rows, which is quicker than saving each job. */
    private void multiply() throws SQLException {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                Statement statement = connection.createStatement()) {
            connection.setAutoCommit(false);
            String columns =
                    "name, owner, station, waits_for, line, versions, derived_by, waits, due, lesson, created_at,"
                            + " changed_at, revision, archived, deleted_at";
            // No two teach exactly the same: their estimated hours differ a little.
            String lesson =
                    "replace(lesson, char(9) || '9.0000' || char(9), char(9) || printf('9.%04d', n.i) || char(9))";
            int copies = MANY / 40 + 1;
            for (int i = 0; i < copies; i += 250) {
                statement.execute("WITH RECURSIVE n(i) AS (SELECT " + i + " UNION ALL SELECT i + 1 FROM n WHERE i < "
                        + Math.min(copies, i + 250) + " - 1)"
                        + " INSERT INTO jobs (id, lesson, " + columns + ") SELECT j.id || '-' || n.i, " + lesson + ", "
                        + columns
                        + " FROM jobs j, n WHERE length(j.id) = 36");
            }
            connection.commit();
        }
    }
}
