package org.kestan.ledger.sqlite;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.kestan.job.Job;
import org.kestan.job.pictures.Photo;
import org.kestan.job.terms.Lines;
import org.kestan.ledger.LedgerJob;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** What is erased is gone from every copy; and what is kept is kept completely. */
public class ErasureTest {

    private LedgerFolder folder;

    @BeforeMethod
    public void make() throws IOException {
        folder = LedgerFolder.make();
    }

    @AfterMethod(alwaysRun = true)
    public void remove() throws IOException {
        folder.remove();
    }

    /**
     * A ledger put aside, what killed runs left, damaged papers, ten backups: no file contains a word of it afterward.
     */
    @Test
    public void noFileHoldsAWordOfIt() throws IOException {
        String id;
        try (SqliteLedger ledger = folder.open()) {
            LedgerJob secret = ledger.insert(LedgerFolder.demo(0).with(Lines.OWNER, "Hieronymus Quastenflosser"));
            id = secret.id();
            ledger.papers().keep(id, "estimate.pdf", "Quastenflosser".getBytes());
            for (int i = 0; i < 10; i++) {
                ledger.insert(LedgerFolder.demo(1));
                ledger.backups().make();
            }
        }
        SqliteBackups.of(folder.file())
                .putBack(SqliteBackups.of(folder.file()).newest().orElseThrow());
        Path broken = folder.path().resolve("ledger.sqlite.unusable-20260101-000000-000");
        Files.writeString(broken, "SQLite format 3\0 Quastenflosser, torn");
        Files.writeString(folder.path().resolve("backups/.kestan-4194305-1.tmp-journal"), "Quastenflosser");
        Files.writeString(folder.path().resolve("papers/" + id + "/.kestan-4194305-2.tmp"), "Quastenflosser");
        Files.createDirectories(folder.path().resolve(".kestan-4194305-3"));
        Files.writeString(folder.path().resolve(".kestan-4194305-3/ledger.sqlite"), "Quastenflosser");
        assertThat(folder.holding("Quastenflosser")).hasSizeGreaterThan(14);
        try (SqliteLedger ledger = folder.open()) {
            ledger.delete(id);
            assertThat(ledger.emptyBin(java.time.Instant.now().plusSeconds(60))).isEqualTo(1);
            assertThat(ledger.cleanse()).isEmpty();
            assertThat(ledger.cleanse()).as("nothing is left to do").isEmpty();
        }
        assertThat(folder.holding("Quastenflosser")).isEmpty();
        assertThat(folder.holding(id)).isEmpty();
        assertThat(SqliteBackups.of(folder.file()).whole()).hasSize(10).allMatch(copy -> copy.jobs() > 0);
    }

    /** Jobs that were rewritten often leave pieces of themselves in the pages: none is left once they are erased. */
    /**
     * A program that is still running, or was killed a moment ago, left a paper unfinished: it goes with the job at
     * once.
     */
    @Test
    public void anUnfinishedPaperGoesWithItsJob() throws IOException {
        try (SqliteLedger ledger = folder.open()) {
            LedgerJob secret = ledger.insert(LedgerFolder.demo(0));
            ledger.papers().keep(secret.id(), "estimate.pdf", new byte[] {1});
            Path papers = folder.path().resolve("papers/" + secret.id());
            Files.writeString(
                    papers.resolve(".kestan-" + ProcessHandle.current().pid() + "-9.tmp"), "unfinished");
            ledger.delete(secret.id());
            ledger.erase(secret.id());
            assertThat(papers).doesNotExist();
        }
    }

    @Test
    public void noPieceIsLeftOfWhatWasRewrittenOften() throws IOException {
        Random random = new Random(25);
        List<LedgerJob> jobs = new ArrayList<>();
        try (SqliteLedger ledger = folder.open()) {
            for (int i = 0; i < 40; i++) {
                jobs.add(ledger.insert(LedgerFolder.demo(i % 10)));
            }
            for (int i = 0; i < 160; i++) {
                int at = random.nextInt(jobs.size());
                LedgerJob job = jobs.get(at);
                String words = "Quasten-" + at + "-" + "flosser ".repeat(random.nextInt(200));
                Job next = job.job().with(Lines.OWNER, "Quasten-" + at + "-").with(Lines.NOTES, words);
                ledger.save(job.id(), job.revision(), next);
                jobs.set(at, new LedgerJob(job.id(), job.revision() + 1, next));
            }
            for (int at = 0; at < 20; at++) {
                ledger.delete(jobs.get(at).id());
                ledger.erase(jobs.get(at).id());
            }
            ledger.cleanse();
        }
        for (int at = 0; at < 20; at++) {
            assertThat(folder.holding("Quasten-" + at + "-")).isEmpty();
        }
        assertThat(folder.holding("Quasten-30-")).isNotEmpty();
    }

    /** An erasure that was interrupted is finished by the next run. */
    @Test
    public void whatIsLeftToDoIsDoneLater() throws IOException {
        try (SqliteLedger ledger = folder.open()) {
            LedgerJob secret = ledger.insert(LedgerFolder.demo(0).with(Lines.OWNER, "Hieronymus Quastenflosser"));
            ledger.backups().make();
            ledger.delete(secret.id());
            ledger.erase(secret.id());
        }
        assertThat(folder.holding("Quastenflosser")).isNotEmpty();
        try (SqliteLedger ledger = folder.open()) {
            assertThat(ledger.cleanse()).isEmpty();
        }
        assertThat(folder.holding("Quastenflosser")).isEmpty();
    }

    /** A drill: everything is lost but the backups, which are copied to another folder and restored there. */
    @Test
    public void aBackupHasPicturesAndPapersToo() throws IOException {
        Map<String, String> before;
        try (SqliteLedger ledger = folder.open()) {
            byte[] png = new byte[0];
            java.io.ByteArrayOutputStream out = new java.io.ByteArrayOutputStream();
            javax.imageio.ImageIO.write(
                    new java.awt.image.BufferedImage(8, 8, java.awt.image.BufferedImage.TYPE_INT_RGB), "png", out);
            png = out.toByteArray();
            String picture = ledger.pictures().add(png).optional().orElseThrow();
            LedgerJob job = ledger.insert(LedgerFolder.demo(0).withPhotos(List.of(new Photo(picture, "the brace"))));
            ledger.papers().keep(job.id(), "report.pdf", new byte[60_000]);
            for (int i = 0; i < 5; i++) {
                ledger.insert(LedgerFolder.demo(i));
                assertThat(ledger.backups().make()).isPresent();
            }
            assertThat(ledger.backups().make()).as("nothing has changed").isEmpty();
            ledger.papers().keep(job.id(), "bill.pdf", new byte[] {7});
            assertThat(ledger.backups().make()).as("a paper is new").isPresent();
            before = folder.contents();
        }
        assertThat(before.keySet().stream().filter(name -> name.startsWith("backups/content/")))
                .as("each content once, however many copies have it")
                .hasSize(3);
        LedgerFolder elsewhere = LedgerFolder.make();
        try {
            Path backups = Files.createDirectory(elsewhere.path().resolve("backups"));
            Files.createDirectory(backups.resolve("content"));
            for (Path each : folder.files()) {
                if (each.startsWith(folder.path().resolve("backups"))) {
                    Files.copy(
                            each,
                            elsewhere
                                    .path()
                                    .resolve(folder.path().relativize(each).toString()));
                }
            }
            SqliteBackups drill = SqliteBackups.of(elsewhere.file());
            assertThat(drill.putBack(drill.newest().orElseThrow())).isEmpty();
            try (SqliteLedger ledger = elsewhere.open()) {
                assertThat(ledger.count()).isEqualTo(6);
            }
            Map<String, String> after = elsewhere.contents();
            for (String name : before.keySet()) {
                if (name.startsWith("pictures/") || name.startsWith("papers/")) {
                    assertThat(after.get(name)).as(name).isEqualTo(before.get(name));
                }
            }
        } finally {
            elsewhere.remove();
        }
    }

    /** Whoever created it, every file and every folder is accessible only to its owner. */
    @Test
    public void everythingIsItsOwnersOnly() throws IOException {
        Files.createDirectory(folder.path().resolve("papers"));
        Files.setPosixFilePermissions(folder.path().resolve("papers"), PosixFilePermissions.fromString("rwxr-xr-x"));
        try (SqliteLedger ledger = folder.open()) {
            LedgerJob job = ledger.insert(LedgerFolder.demo(0));
            ledger.papers().keep(job.id(), "report.pdf", new byte[] {1});
            ledger.backups().make();
            try (var all = Files.walk(folder.path())) {
                for (Path each : all.toList()) {
                    assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(each)))
                            .as(each.toString())
                            .isEqualTo(Files.isDirectory(each) ? "rwx------" : "rw-------");
                }
            }
        }
    }
}
