package org.kestan.ledger.sqlite;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import org.jdbi.v3.core.Handle;
import org.kestan.ledger.LedgerFinding;
import org.kestan.ledger.LedgerJob;
import org.kestan.ledger.OpenResult;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** "Left as it is" means it: after a refused opening the whole folder is the same byte for byte. */
public class RefusedOpeningTest {

    private LedgerFolder folder;

    @BeforeMethod
    public void make() throws IOException {
        folder = LedgerFolder.make();
    }

    @AfterMethod(alwaysRun = true)
    public void remove() throws IOException {
        folder.remove();
    }

    /** A ledger as a killed program leaves it: part of it in the log, the log's index beside it. */
    private LedgerFolder killed(String lastWords) throws IOException {
        LedgerFolder left;
        try (SqliteLedger ledger = folder.open()) {
            ledger.insert(LedgerFolder.demo(0));
            ledger.backups().make();
            try (Handle handle = LedgerOpener.handle(folder.file())) {
                handle.execute(lastWords);
                left = folder.copy();
            }
        }
        assertThat(left.path().resolve("ledger.sqlite-wal")).isNotEmptyFile();
        assertThat(left.path().resolve("ledger.sqlite-shm")).exists();
        return left;
    }

    @Test
    public void aNewerLedgerIsLeftAsItIs() throws IOException {
        LedgerFolder left = killed("INSERT INTO flyway_schema_history SELECT 99, '99', 'later', type, script, checksum,"
                + " installed_by, installed_on, execution_time, success FROM flyway_schema_history"
                + " WHERE version = '1'");
        try {
            Map<String, String> before = left.contents();
            OpenResult result = SqliteLedger.open(left.file());
            assertThat(result)
                    .isInstanceOfSatisfying(
                            OpenResult.Refused.class,
                            refused ->
                                    assertThat(refused.is(LedgerFinding.NEWER)).isTrue());
            assertThat(left.contents()).isEqualTo(before);
        } finally {
            left.remove();
        }
    }

    @DataProvider
    public Object[][] damages() {
        Object[][] all = new Object[12][];
        for (int i = 0; i < all.length; i++) {
            all[i] = new Object[] {i};
        }
        return all;
    }

    /** In the file's head, in the middle, cut off, in the log: whatever is refused stays as it was. */
    @Test(dataProvider = "damages")
    public void aDamagedLedgerIsLeftAsItIs(int seed) throws IOException {
        LedgerFolder left = killed("UPDATE jobs SET name = 'in the log'");
        try {
            Random random = new Random(seed);
            Path file = left.file();
            byte[] bytes = Files.readAllBytes(file);
            if (seed % 4 == 0) {
                Files.write(file, java.util.Arrays.copyOf(bytes, bytes.length / 2));
            } else {
                int from = seed % 4 == 1 ? 16 : random.nextInt(bytes.length - 5000);
                for (int i = 0; i < 4000; i++) {
                    bytes[from + i] = (byte) random.nextInt();
                }
                Files.write(file, bytes);
            }
            if (seed % 3 == 0) {
                Files.delete(left.path().resolve("ledger.sqlite-wal"));
                Files.delete(left.path().resolve("ledger.sqlite-shm"));
            }
            Map<String, String> before = left.contents();
            OpenResult result = SqliteLedger.open(file);
            if (result instanceof OpenResult.Opened opened) {
                // The damage was in no page that is used.
                opened.ledger().close();
            } else {
                assertThat(((OpenResult.Refused) result).is(LedgerFinding.DAMAGED))
                        .isTrue();
                assertThat(((OpenResult.Refused) result).copies()).hasSize(1);
                assertThat(left.contents()).isEqualTo(before);
            }
            assertThat(seed % 4 > 1 || result instanceof OpenResult.Refused).isTrue();
        } finally {
            left.remove();
        }
    }

    @DataProvider
    public Object[][] rounds() {
        return new Object[10][0];
    }

    /** Two programs started for the first time at the same moment both get a ledger. */
    @Test(dataProvider = "rounds")
    public void twoFirstStartsAtOnceBothSucceed() throws Exception {
        ExecutorService starts = Executors.newFixedThreadPool(4);
        try {
            List<Future<Integer>> all = new ArrayList<>();
            for (int i = 0; i < 4; i++) {
                int which = i;
                all.add(starts.submit(() -> {
                    try (SqliteLedger ledger = folder.open()) {
                        ledger.insert(LedgerFolder.demo(which));
                        return ledger.count();
                    }
                }));
            }
            for (Future<Integer> each : all) {
                assertThat(each.get(60, TimeUnit.SECONDS)).isBetween(1, 4);
            }
        } finally {
            starts.shutdownNow();
        }
        try (SqliteLedger ledger = folder.open()) {
            assertThat(ledger.count()).isEqualTo(4);
        }
    }

    /** The log was thrown away: the ledger opens as it was before, and reports that its backup has more. */
    @Test
    public void aLedgerWhoseLogIsGoneIsSaid() throws IOException {
        LedgerFolder left;
        try (SqliteLedger ledger = folder.open()) {
            LedgerJob job = ledger.insert(LedgerFolder.demo(0));
            try (Handle handle = LedgerOpener.handle(folder.file())) {
                handle.createQuery("PRAGMA wal_checkpoint(TRUNCATE)").mapToMap().list();
                ledger.save(job.id(), 1, LedgerFolder.demo(1));
                ledger.backups().make();
                left = folder.copy();
            }
        }
        try {
            OpenResult.Opened whole = (OpenResult.Opened) SqliteLedger.open(left.file());
            assertThat(whole.doubt()).isEmpty();
            whole.ledger().close();
            left.remove();
            left = folder.copy();
        } finally {
            assertThat(left.path()).exists();
        }
        try (Handle handle = LedgerOpener.handle(left.file())) {
            handle.execute("UPDATE jobs SET revision = 1");
        }
        OpenResult.Opened behind = (OpenResult.Opened) SqliteLedger.open(left.file());
        assertThat(behind.doubt())
                .hasValueSatisfying(said -> assertThat(said.kind()).isEqualTo(LedgerFinding.BEHIND));
        behind.ledger().close();
        left.remove();
    }

    /** Whatever part of the log a power loss leaves, the ledger opens in a state that was once saved. */
    @Test
    public void everyBeginningOfTheLogOpens() throws IOException {
        LedgerFolder left = killed("UPDATE jobs SET name = 'in the log'");
        try {
            Path log = left.path().resolve("ledger.sqlite-wal");
            byte[] whole = Files.readAllBytes(log);
            // A frame is a page and 24 bytes before it, after 32 bytes of head (SQLite documentation, WAL file format).
            for (int length = 0; length <= whole.length; length += 4120 / 2) {
                Files.write(log, java.util.Arrays.copyOf(whole, length));
                Files.deleteIfExists(left.path().resolve("ledger.sqlite-shm"));
                LedgerFolder copy = left.copy();
                try (SqliteLedger ledger = copy.open()) {
                    assertThat(ledger.count()).isLessThanOrEqualTo(1);
                } finally {
                    copy.remove();
                }
            }
        } finally {
            left.remove();
        }
    }
}
