package org.kestan.ledger.sqlite;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.image.BufferedImage;
import java.io.BufferedReader;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.TimeUnit;
import javax.imageio.ImageIO;
import org.flywaydb.core.Flyway;
import org.jdbi.v3.core.Handle;
import org.kestan.base.notation.Parsed;
import org.kestan.base.sheet.Reading;
import org.kestan.files.disk.Disk;
import org.kestan.files.job.JobWriter;
import org.kestan.job.Job;
import org.kestan.job.pictures.Photo;
import org.kestan.job.terms.Lines;
import org.kestan.ledger.Backups;
import org.kestan.ledger.JobCard;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.LedgerContract;
import org.kestan.ledger.LedgerException;
import org.kestan.ledger.LedgerFinding;
import org.kestan.ledger.LedgerJob;
import org.kestan.ledger.OpenResult;
import org.kestan.ledger.Progress;
import org.kestan.ledger.Query;
import org.kestan.ledger.SaveResult;
import org.kestan.overview.Station;
import org.sqlite.SQLiteErrorCode;
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
        Disk.deleteAll(folder);
    }

    private static Ledger opened(Path file) {
        return ((OpenResult.Opened) SqliteLedger.open(file)).ledger();
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
        OpenResult.Refused refused = (OpenResult.Refused) SqliteLedger.open(file);
        assertThat(refused.is(LedgerFinding.DAMAGED)).isTrue();
        assertThat(refused.copies()).extracting(Backups.Copy::file).containsExactly(backup);
        assertThat(refused.copies().get(0).jobs()).isEqualTo(200);
        assertThat(Files.readAllBytes(file)).isEqualTo(bytes);
        // An incomplete copy is not restored, and nothing is moved for it.
        Path broken = Files.write(folder.resolve("broken.sqlite"), bytes);
        assertThatThrownBy(() -> SqliteBackups.of(file).putBack(broken)).isInstanceOf(IOException.class);
        assertThat(Files.readAllBytes(file)).isEqualTo(bytes);
        Path aside = SqliteBackups.of(file).putBack(backup).orElseThrow();
        assertThat(Files.readAllBytes(aside)).isEqualTo(bytes);
        ledger = opened(file);
        assertThat(ledger.count()).isEqualTo(200);
    }

    @Test
    public void whatIsNoLedgerIsRefused() throws IOException {
        Path text = Files.writeString(folder.resolve("notes.sqlite"), "these are notes, not a ledger".repeat(300));
        String before = Files.readString(text);
        assertThat(SqliteLedger.open(text)).isInstanceOf(OpenResult.Refused.class);
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
        OpenResult.Refused refused = (OpenResult.Refused) SqliteLedger.open(file);
        assertThat(refused.is(LedgerFinding.NEWER)).isTrue();
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

    /** Full, locked, forbidden and damaged are distinguished by what the database reports (SQLite result codes). */
    @Test
    public void troublesAreToldApart() {
        assertThat(DatabaseErrors.of(SQLiteErrorCode.SQLITE_FULL, "").kind()).isEqualTo(LedgerFinding.DISK_FULL);
        assertThat(DatabaseErrors.of(SQLiteErrorCode.SQLITE_BUSY_SNAPSHOT, "").kind())
                .isEqualTo(LedgerFinding.LOCKED);
        assertThat(DatabaseErrors.of(SQLiteErrorCode.SQLITE_READONLY_DIRECTORY, "")
                        .kind())
                .isEqualTo(LedgerFinding.FORBIDDEN);
        assertThat(DatabaseErrors.of(SQLiteErrorCode.SQLITE_CORRUPT_VTAB, "x").kind())
                .isEqualTo(LedgerFinding.DAMAGED);
        assertThat(DatabaseErrors.of(SQLiteErrorCode.SQLITE_NOTADB, "x").kind()).isEqualTo(LedgerFinding.DAMAGED);
        assertThat(DatabaseErrors.of(SQLiteErrorCode.SQLITE_IOERR_READ, "x").kind())
                .isEqualTo(LedgerFinding.UNREACHABLE);
    }

    /**
     * A full disk: the save is refused and reported, the job as it was is there, and once there is room it is saved.
     */
    @Test
    public void aFullDiskLosesNothing() {
        LedgerJob job = ledger.insert(demo(0));
        ledger.close();
        Handle handle = LedgerOpener.handle(file);
        int pages = handle.createQuery("PRAGMA page_count").mapTo(Integer.class).one();
        handle.execute("PRAGMA max_page_count = " + pages);
        try (SqliteLedger full = new SqliteLedger(file, handle, Clock.systemUTC())) {
            Job large = job.job().with(Lines.NOTES, "x".repeat(90_000));
            assertThatThrownBy(() -> full.save(job.id(), 1, large))
                    .isInstanceOfSatisfying(
                            LedgerException.class,
                            failed -> assertThat(failed.why().kind()).isEqualTo(LedgerFinding.DISK_FULL));
            assertThat(full.read(job.id()).orElseThrow().job()).isEqualTo(job.job());
            handle.execute("PRAGMA max_page_count = 100000");
            assertThat(full.save(job.id(), 1, large)).isEqualTo(new SaveResult.Done(2));
        }
        ledger = opened(file);
        assertThat(ledger.count()).isEqualTo(1);
    }

    /** Another program in the middle of a long write: refused as locked, not as damaged, and nothing is put aside. */
    @Test(groups = "slow")
    public void aLockedLedgerIsNoDamagedOne() throws Exception {
        ledger.insert(demo(0));
        ledger.close();
        try (Connection other = LedgerOpener.source(file).getConnection();
                Statement statement = other.createStatement()) {
            statement.execute("PRAGMA locking_mode = EXCLUSIVE");
            statement.execute("BEGIN EXCLUSIVE");
            OpenResult.Refused refused = (OpenResult.Refused) SqliteLedger.open(file);
            assertThat(refused.is(LedgerFinding.LOCKED)).isTrue();
            assertThat(refused.copies()).isEmpty();
        }
        ledger = opened(file);
        assertThat(ledger.count()).isEqualTo(1);
    }

    @Test
    public void aMissingLedgerWithBackupsIsAskedAbout() throws IOException {
        ledger.insert(demo(0));
        Path backup = ledger.backups().make().orElseThrow();
        ledger.close();
        for (boolean empty : new boolean[] {false, true}) {
            Files.deleteIfExists(file);
            if (empty) {
                Files.createFile(file);
            }
            OpenResult.Refused refused = (OpenResult.Refused) SqliteLedger.open(file);
            assertThat(refused.is(LedgerFinding.MISSING)).isTrue();
            assertThat(refused.copies()).extracting(Backups.Copy::file).containsExactly(backup);
        }
        SqliteBackups.of(file).putBack(backup);
        ledger = opened(file);
        assertThat(ledger.count()).isEqualTo(1);
        ledger.close();
        Files.delete(file);
        ledger = ((OpenResult.Opened) SqliteLedger.openAnew(file)).ledger();
        assertThat(ledger.count()).isZero();
    }

    /** Deleted or overwritten while it is open: a save that goes nowhere is not called saved. */
    @Test
    public void savingIntoALedgerThatIsGoneIsSaid() throws IOException {
        LedgerJob job = ledger.insert(demo(0));
        Path elsewhere = Files.move(file, folder.resolve("elsewhere.sqlite"));
        assertThatThrownBy(() -> ledger.save(job.id(), 1, demo(1)))
                .isInstanceOfSatisfying(
                        LedgerException.class,
                        failed -> assertThat(failed.why().kind()).isEqualTo(LedgerFinding.GONE));
        Files.writeString(file, "something else");
        assertThatThrownBy(() -> ledger.insert(demo(2)))
                .isInstanceOfSatisfying(
                        LedgerException.class,
                        failed -> assertThat(failed.why().kind()).isEqualTo(LedgerFinding.GONE));
        assertThat(Files.readString(file)).isEqualTo("something else");
        assertThat(elsewhere).exists();
    }

    /** By sequence number, whatever the clocks said then; an incomplete one is not offered. */
    @Test
    public void backupsAreOrderedWithoutAClock() throws IOException {
        ledger.insert(demo(0));
        Path first = ledger.backups().make().orElseThrow();
        Path fromTheFuture = Files.move(first, first.resolveSibling("ledger-n000001-20991231-235959-999.sqlite"));
        ledger.insert(demo(1));
        Path second = ledger.backups().make().orElseThrow();
        assertThat(ledger.backups().all()).containsExactly(second, fromTheFuture);
        Path old = Files.copy(second, second.resolveSibling("ledger-20980101-000000-000.sqlite"));
        assertThat(ledger.backups().all()).containsExactly(second, fromTheFuture, old);
        Files.writeString(second, "no ledger");
        assertThat(ledger.backups().whole()).extracting(Backups.Copy::file).containsExactly(fromTheFuture, old);
        // A change since the newest intact one counts, not times: the broken copy is not taken for up to date.
        assertThat(ledger.backups().make()).isPresent();
    }

    /** A new ledger beside an old one is new, and neither's copies push out or replace the other's. */
    @Test
    public void ledgersInOneFolderKeepTheirBackupsApart() throws IOException {
        ledger.insert(demo(0));
        Path first = ledger.backups().make().orElseThrow();
        for (String name : List.of("ledger-2.sqlite", "ledgerbook.sqlite", "ledger.db")) {
            Ledger beside = opened(folder.resolve(name));
            try {
                assertThat(beside.backups().all()).as(name).isEmpty();
                for (int i = 0; i <= SqliteBackups.DEPTH; i++) {
                    beside.insert(demo(i % 3));
                    beside.backups().make().orElseThrow();
                }
                assertThat(beside.backups().all()).as(name).hasSize(SqliteBackups.DEPTH);
            } finally {
                beside.close();
            }
        }
        assertThat(ledger.backups().all()).containsExactly(first);
    }

    /** A picture used by another ledger in this folder stays; once no ledger uses it, it goes. */
    @Test
    public void aPictureOfALedgerBesideStays() throws IOException {
        BufferedImage picture = new BufferedImage(8, 6, BufferedImage.TYPE_INT_RGB);
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(picture, "png", bytes);
        String name = ((Parsed.Ok<String>) ledger.pictures().add(bytes.toByteArray())).value();
        Job shows = demo(0).withPhotos(List.of(new Photo(name, "heel")));
        String here = ledger.insert(shows).id();
        Ledger beside = opened(folder.resolve("beside.sqlite"));
        try {
            String there = beside.insert(shows).id();
            ledger.delete(here);
            ledger.erase(here);
            assertThat(ledger.pictures().file(name)).exists();
            beside.delete(there);
            beside.erase(there);
            assertThat(ledger.pictures().file(name)).doesNotExist();
        } finally {
            beside.close();
        }
    }

    /** A fuller copy is not pushed out by emptier ones: jobs deleted by mistake can be recovered. */
    @Test
    public void theFullestBackupStays() throws IOException {
        List<String> ids = new java.util.ArrayList<>();
        for (int i = 0; i < 5; i++) {
            ids.add(ledger.insert(demo(i)).id());
        }
        Path full = ledger.backups().make().orElseThrow();
        ids.forEach(ledger::delete);
        for (int i = 0; i < 14; i++) {
            ledger.insert(demo(0));
            ledger.delete(ledger.list(Query.ALL).get(0).id());
            ledger.backups().make();
        }
        assertThat(ledger.backups().all()).hasSize(SqliteBackups.DEPTH).contains(full);
    }

    /**
     * Closed properly: no work is left in a side file, and what is acknowledged is synced to the disk at each commit.
     */
    @Test
    public void isClosedWholeAndSyncsWhatItAcknowledges() {
        try (Handle handle = LedgerOpener.handle(folder.resolve("other.sqlite"))) {
            assertThat(handle.createQuery("PRAGMA synchronous")
                            .mapTo(Integer.class)
                            .one())
                    .as("2 is FULL: the log is synced after each commit (SQLite documentation, PRAGMA synchronous)")
                    .isEqualTo(2);
        }
        ledger.insert(demo(0));
        ledger.close();
        assertThat(folder.resolve("ledger.sqlite-wal")).doesNotExist();
        ledger = opened(file);
    }

    /** Erased is erased: neither the owner's name nor the picture is left in the file, beside it or in the backups. */
    @Test
    public void nothingIsLeftOfWhatIsErased() throws IOException {
        java.io.ByteArrayOutputStream png = new java.io.ByteArrayOutputStream();
        javax.imageio.ImageIO.write(
                new java.awt.image.BufferedImage(8, 8, java.awt.image.BufferedImage.TYPE_INT_RGB), "png", png);
        String picture = ledger.pictures().add(png.toByteArray()).optional().orElseThrow();
        Job secret = demo(0).with(Lines.OWNER, "Hieronymus Quastenflosser").withPhotos(List.of(new Photo(picture, "")));
        LedgerJob job = ledger.insert(secret);
        ledger.insert(demo(1));
        ledger.backups().make();
        ledger.delete(job.id());
        assertThat(ledger.erase(job.id())).isTrue();
        assertThat(ledger.cleanse()).isEmpty();
        assertThat(ledger.pictures().file(picture)).doesNotExist();
        ledger.close();
        try (var files = Files.walk(folder)) {
            for (Path each : files.filter(Files::isRegularFile).toList()) {
                assertThat(new String(Files.readAllBytes(each), StandardCharsets.ISO_8859_1))
                        .as(each.toString())
                        .doesNotContain("Quastenflosser");
            }
        }
        ledger = opened(file);
        assertThat(ledger.count()).isEqualTo(1);
        assertThat(ledger.backups().whole().get(0).jobs()).isEqualTo(1);
    }

    @Test
    public void oneOddRowKeepsNothingFromBeingShown() throws SQLException {
        LedgerJob good = ledger.insert(demo(0));
        LedgerJob odd = ledger.insert(demo(1));
        try (Connection connection = LedgerOpener.source(file).getConnection();
                Statement statement = connection.createStatement()) {
            statement.execute(
                    "UPDATE jobs SET changed_at = 'yesterday', created_at = '' WHERE id = '" + odd.id() + "'");
            statement.execute("UPDATE job_files SET body = '{not json' WHERE job_id = '" + odd.id() + "'");
        }
        assertThat(ledger.list(Query.ALL)).hasSize(2);
        assertThat(ledger.read(odd.id())).isEmpty();
        assertThat(ledger.text(odd.id())).contains("{not json");
        assertThat(ledger.read(good.id())).isPresent();
    }

    @Test
    public void onlyTheOwnerMayReadIt() throws IOException {
        if (Files.getFileAttributeView(folder, PosixFileAttributeView.class) == null) {
            return;
        }
        Path own = folder.resolve("own").resolve("ledger.sqlite");
        try (Ledger made = opened(own)) {
            made.insert(demo(0));
            Path copy = made.backups().make().orElseThrow();
            assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(own)))
                    .isEqualTo("rw-------");
            assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(own.getParent())))
                    .isEqualTo("rwx------");
            assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(copy)))
                    .isEqualTo("rw-------");
        }
    }

    /** A child process saves without pause and is killed while it does; what it reported as saved is there. */
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

    /** A ledger of the first version as it was left: opened, brought up to date, derived again, its jobs untouched. */
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
