package org.kestan.ledger.sqlite;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import java.util.Comparator;
import java.util.concurrent.TimeUnit;
import org.flywaydb.core.Flyway;
import org.kestan.dossier.Station;
import org.kestan.files.JobWriter;
import org.kestan.ground.sheet.Reading;
import org.kestan.ledger.JobCard;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.LedgerContract;
import org.kestan.ledger.LedgerJob;
import org.kestan.ledger.Opening;
import org.kestan.ledger.Progress;
import org.kestan.ledger.Query;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** A ledger in an SQLite file: what holds for every ledger, and what belongs to a file. */
public class SqliteLedgerTest extends LedgerContract {

    private Path folder;
    private Path file;
    private Ledger ledger;

    @Override
    protected Ledger open(Path where) {
        return opened(where.resolve("ledger.sqlite"));
    }

    @BeforeMethod
    public void openFile() throws IOException {
        folder = Files.createTempDirectory("kestan-test-");
        file = folder.resolve("ledger.sqlite");
        ledger = opened(file);
    }

    @AfterMethod(alwaysRun = true)
    public void closeFile() throws IOException {
        ledger.close();
        try (var files = Files.walk(folder)) {
            for (Path each : files.sorted(Comparator.reverseOrder()).toList()) {
                Files.delete(each);
            }
        }
    }

    private static Ledger opened(Path file) {
        return ((Opening.Opened) SqliteLedger.open(file)).ledger();
    }

    @Test
    public void aDamagedLedgerIsRefusedAndNotTouched() throws IOException {
        for (int i = 0; i < 200; i++) {
            ledger.insert(demo(i % 5));
        }
        Path backup = ledger.backups().make().orElseThrow();
        ledger.close();
        byte[] bytes = Files.readAllBytes(file);
        Arrays.fill(bytes, 4096, 60_000, (byte) 0x5a);
        Files.write(file, bytes);
        Opening.Refused refused = (Opening.Refused) SqliteLedger.open(file);
        assertThat(refused.why()).contains("damaged");
        assertThat(refused.backup()).contains(backup);
        assertThat(Files.readAllBytes(file)).isEqualTo(bytes);
        Path aside = SqliteBackups.of(file).putBack(backup);
        assertThat(Files.readAllBytes(aside)).isEqualTo(bytes);
        ledger = opened(file);
        assertThat(ledger.count()).isEqualTo(200);
    }

    @Test
    public void whatIsNoLedgerIsRefused() throws IOException {
        Path text = Files.writeString(folder.resolve("notes.sqlite"), "these are notes, not a ledger".repeat(300));
        String before = Files.readString(text);
        assertThat(SqliteLedger.open(text)).isInstanceOf(Opening.Refused.class);
        assertThat(Files.readString(text)).isEqualTo(before);
    }

    @Test
    public void aNewerLedgerIsRefused() throws Exception {
        ledger.insert(demo(0));
        ledger.close();
        try (Connection connection = LedgerOpener.source(file).getConnection();
                Statement statement = connection.createStatement()) {
            statement.execute("INSERT INTO flyway_schema_history (installed_rank, version, description, type, script,"
                    + " installed_by, execution_time, success) VALUES (9, '99', 'later', 'SQL', 'V99', 'x', 0, 1)");
        }
        byte[] bytes = Files.readAllBytes(file);
        Opening.Refused refused = (Opening.Refused) SqliteLedger.open(file);
        assertThat(refused.why()).contains("newer");
        assertThat(Files.readAllBytes(file)).isEqualTo(bytes);
        ledger = opened(folder.resolve("other.sqlite"));
    }

    @Test
    public void backupsAreTenDeepAndOnlyMadeWhenSomethingChanged() throws IOException {
        for (int i = 0; i < 12; i++) {
            ledger.insert(demo(0));
            assertThat(ledger.backups().make()).isPresent();
        }
        assertThat(ledger.backups().all()).hasSize(SqliteBackups.DEPTH);
        assertThat(ledger.backups().make()).isEmpty();
        try (Ledger copy = opened(Files.copy(ledger.backups().newest().orElseThrow(), folder.resolve("copy.sqlite")))) {
            assertThat(copy.count()).isEqualTo(12);
        }
    }

    /** A child process saves without pause and is killed in the midst of it; what it reported as saved is there. */
    @Test
    public void survivesBeingKilledWhileSaving() throws Exception {
        ledger.close();
        Process child = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-cp",
                        System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
                        RestlessWriter.class.getName(),
                        file.toString())
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        int reported = 0;
        try (BufferedReader out =
                new BufferedReader(new InputStreamReader(child.getInputStream(), StandardCharsets.UTF_8))) {
            while (reported < 60) {
                String line = out.readLine();
                assertThat(line).as("the child goes on saving").isNotNull();
                reported = Integer.parseInt(line);
            }
            child.destroyForcibly();
            assertThat(child.waitFor(20, TimeUnit.SECONDS)).isTrue();
        }
        ledger = opened(file);
        JobCard card = ledger.list(Query.ALL).get(0);
        LedgerJob survivor = ledger.read(card.id()).orElseThrow();
        assertThat(survivor.revision()).isGreaterThanOrEqualTo(reported);
        assertThat(survivor.job().get(Reading.ACTION_BASS).orElseThrow().text()).isEqualTo(survivor.revision() + " mm");
    }

    /** A ledger of the first version, as it was left: opened, brought up to date, derived anew, its jobs untouched. */
    @Test
    public void aLedgerOfTheFirstVersionIsBroughtUpToDate() throws SQLException {
        Path old = folder.resolve("old.sqlite");
        String body = JobWriter.write(demo(0));
        Flyway.configure()
                .dataSource(LedgerOpener.source(old))
                .locations("classpath:org/kestan/ledger/migrations")
                .target("1")
                .load()
                .migrate();
        try (Connection connection = LedgerOpener.source(old).getConnection();
                var job = connection.prepareStatement("INSERT INTO jobs VALUES ('a', 3, 'Old name', 'Owner', 'Measure',"
                        + " 'waits for the sheet', '', 'old name', '2026-01-02T03:04:05Z', '2026-01-02T03:04:05Z', 0,"
                        + " NULL)");
                var text = connection.prepareStatement("INSERT INTO job_files VALUES ('a', ?)")) {
            job.execute();
            text.setString(1, body);
            text.execute();
        }
        try (Ledger upToDate = opened(old)) {
            assertThat(upToDate.deriveAnew(Progress.UNTOLD)).isEqualTo(1);
            JobCard card = upToDate.list(Query.ALL).get(0);
            assertThat(card.name()).isEqualTo(demo(0).name());
            assertThat(card.station()).isIn((Object[]) Station.values());
            assertThat(card.line()).isPresent();
            assertThat(upToDate.read("a").orElseThrow().revision()).isEqualTo(3);
            assertThat(upToDate.text("a")).contains(body);
        }
    }
}
