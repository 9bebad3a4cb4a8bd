package org.kestan.ledger.sqlite;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import org.kestan.files.disk.Disk;
import org.kestan.job.Job;
import org.kestan.job.pictures.Photo;
import org.kestan.job.terms.Lines;
import org.kestan.ledger.Archive;
import org.kestan.ledger.JobLocation;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.LedgerException;
import org.kestan.ledger.LedgerJob;
import org.kestan.ledger.Progress;
import org.kestan.ledger.Query;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * The disk fails once, or from then on, at each step: of a paper, a picture, a backup, an erasure, a zip out and in, a
 * restore. After each the ledger opens, what was acknowledged is there, and doing it again succeeds.
 */
public class FailingDiskTest {

    private static final String OWNER = "Hieronymus Quastenflosser";

    /** Work on a ledger. */
    private interface Work {

        void on(SqliteLedger ledger, LedgerFolder folder) throws IOException;
    }

    @AfterMethod(alwaysRun = true)
    public void works() {
        Disk.watch((step, file) -> {});
    }

    @DataProvider
    public Object[][] all() {
        return new Object[][] {
            {"paper", (Work) (ledger, folder) -> ledger.papers().keep(first(ledger), "more.pdf", new byte[] {9})},
            {
                "picture",
                (Work) (ledger, folder) -> {
                    if (ledger.pictures().add(png(9)).optional().isEmpty()) {
                        throw new IOException("not taken");
                    }
                }
            },
            {"backup", (Work) (ledger, folder) -> ledger.backups().make()},
            {
                "zip out",
                (Work) (ledger, folder) -> Archive.write(ledger, folder.path().resolve("out.zip"), Progress.UNTOLD)
            },
            {
                "zip in",
                (Work) (ledger, folder) -> Archive.read(ledger, folder.path().resolve("in.zip"), Progress.UNTOLD)
            },
            {
                "erase",
                (Work) (ledger, folder) -> {
                    for (var card :
                            ledger.list(new Query("", java.util.Optional.empty(), JobLocation.BIN, Query.Order.NAME))) {
                        ledger.erase(card.id());
                    }
                    if (!ledger.cleanse().isEmpty()) {
                        throw new IOException("not all could be written anew");
                    }
                }
            },
            {
                "put back",
                (Work) (ledger, folder) ->
                        ledger.backups().putBack(ledger.backups().newest().orElseThrow())
            }
        };
    }

    private static String first(Ledger ledger) {
        return ledger.list(Query.ALL).get(0).id();
    }

    private static byte[] png(int size) throws IOException {
        java.io.ByteArrayOutputStream png = new java.io.ByteArrayOutputStream();
        javax.imageio.ImageIO.write(
                new java.awt.image.BufferedImage(size, size, java.awt.image.BufferedImage.TYPE_INT_RGB), "png", png);
        return png.toByteArray();
    }

    /** Two current jobs, one in the bin with a picture and a paper, a backup of it all, and a zip of another ledger. */
    private static LedgerFolder prepared() throws IOException {
        LedgerFolder folder = LedgerFolder.make();
        LedgerFolder elsewhere = LedgerFolder.make();
        try (SqliteLedger other = elsewhere.open()) {
            LedgerJob theirs = other.insert(LedgerFolder.demo(3));
            other.papers().keep(theirs.id(), "theirs.pdf", new byte[] {4, 5});
            Archive.write(other, folder.path().resolve("in.zip"), Progress.UNTOLD);
        } finally {
            elsewhere.remove();
        }
        try (SqliteLedger ledger = folder.open()) {
            ledger.insert(LedgerFolder.demo(0));
            ledger.papers().keep(ledger.insert(LedgerFolder.demo(1)).id(), "report.pdf", new byte[] {1, 2, 3});
            String picture = ledger.pictures().add(png(5)).optional().orElseThrow();
            Job secret = LedgerFolder.demo(2).with(Lines.OWNER, OWNER).withPhotos(List.of(new Photo(picture, "")));
            LedgerJob gone = ledger.insert(secret);
            ledger.papers().keep(gone.id(), "estimate.pdf", OWNER.getBytes());
            ledger.delete(gone.id());
            ledger.backups().make();
        }
        return folder;
    }

    @Test(dataProvider = "all")
    public void eachStepMayFail(String what, Work work) throws IOException {
        LedgerFolder ready = prepared();
        try {
            int steps = 0;
            for (int at = 1; ; at++) {
                boolean once = failed(ready, work, at, true);
                boolean forever = failed(ready, work, at, false);
                if (!once && !forever) {
                    break;
                }
                steps++;
            }
            assertThat(steps).as(what).isGreaterThanOrEqualTo(3);
        } finally {
            ready.remove();
        }
    }

    /** Returns whether there was such a step. */
    private static boolean failed(LedgerFolder ready, Work work, int at, boolean once) throws IOException {
        LedgerFolder folder = ready.copy();
        boolean reached;
        try {
            AtomicInteger steps = new AtomicInteger();
            try (SqliteLedger ledger = folder.open()) {
                Disk.watch((step, file) -> {
                    int now = steps.incrementAndGet();
                    if (once ? now == at : now >= at) {
                        throw new IOException("the disk fails at " + step);
                    }
                });
                try {
                    work.on(ledger, folder);
                } catch (IOException | LedgerException asExpected) {
                    assertThat(asExpected).hasMessageNotContaining("null");
                }
                Disk.watch((step, file) -> {});
            }
            reached = steps.get() >= at;
            if (reached) {
                later(folder);
            }
            try (SqliteLedger ledger = folder.open()) {
                assertThat(ledger.count()).isGreaterThanOrEqualTo(2);
                work.on(ledger, folder);
            }
            try (SqliteLedger ledger = folder.open()) {
                assertThat(ledger.backups().whole()).isNotEmpty();
                ledger.emptyBin(java.time.Instant.now().plusSeconds(60));
                assertThat(ledger.cleanse()).isEmpty();
            }
            assertThat(folder.holding("Quastenflosser")).isEmpty();
            assertThat(folder.contents().keySet()).noneMatch(name -> name.contains(".kestan-"));
        } finally {
            folder.remove();
        }
        return reached;
    }

    /** The leftovers of a dead program carry its process number: here they get one of a process that has ended. */
    private static void later(LedgerFolder folder) throws IOException {
        String mine = ".kestan-" + ProcessHandle.current().pid() + "-";
        for (Path each : folder.files()) {
            String name = each.getFileName().toString();
            if (name.startsWith(mine)) {
                Files.move(each, each.resolveSibling(".kestan-4194305-" + name.substring(mine.length())));
            }
        }
    }
}
