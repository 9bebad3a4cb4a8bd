package org.kestan.ledger.sqlite;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.kestan.files.disk.Disk;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.LedgerException;
import org.kestan.ledger.LedgerJob;
import org.kestan.ledger.OpenResult;
import org.kestan.ledger.Query;
import org.kestan.ledger.SaveResult;
import org.testng.SkipException;
import org.testng.annotations.Test;

/**
 * The database's own writes failing one by one: another program saves while its files may not grow over a limit, which
 * is raised page by page (setrlimit, RLIMIT_FSIZE; POSIX: a write beyond it fails with EFBIG). What it acknowledged is
 * there, and what is there is complete.
 */
public class FailingWritesTest {

    private static final int PAGE = 4096;
    private static final int PAGES = 64;
    private static final int SAVES = 3;

    /**
     * The other program: for each folder it is given it opens the ledger there, saves, and reports how many saves were
     * acknowledged.
     */
    static final class Saver {

        private Saver() {}

        public static void main(String[] arguments) throws IOException {
            BufferedReader in = new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8));
            String line;
            while ((line = in.readLine()) != null) {
                System.out.println("acknowledged " + saves(Path.of(line)));
                System.out.flush();
            }
        }

        private static int saves(Path file) {
            int acknowledged = 0;
            try {
                if (!(SqliteLedger.open(file) instanceof OpenResult.Opened opened)) {
                    return 0;
                }
                try (Ledger ledger = opened.ledger()) {
                    LedgerJob entry =
                            ledger.read(ledger.list(Query.ALL).get(0).id()).orElseThrow();
                    for (int i = 1; i <= SAVES; i++) {
                        Job next = entry.job().with(Lines.OWNER, "save " + i);
                        if (ledger.save(entry.id(), entry.revision() + i - 1, next) instanceof SaveResult.Done) {
                            acknowledged = i;
                        }
                    }
                }
            } catch (LedgerException failed) {
                return acknowledged;
            }
            return acknowledged;
        }
    }

    @Test
    public void whatIsAcknowledgedIsThereWhicheverWriteFails() throws Exception {
        if (!Files.isExecutable(Path.of("/usr/bin/prlimit"))) {
            throw new SkipException("no prlimit on this system");
        }
        Path folder = Files.createTempDirectory(Path.of(System.getProperty("kestan.scratch", "/tmp")), "kestan-test-");
        Path template = folder.resolve("template.sqlite");
        try (Ledger ledger = opened(template)) {
            // Long enough that a save takes several pages.
            ledger.insert(Job.BLANK.with(Lines.NAME, "One").with(Lines.COMPLAINT, "buzzes ".repeat(1500)));
        }
        Process saver = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-XX:TieredStopAtLevel=1",
                        "-Xshare:auto",
                        "-cp",
                        System.getProperty("java.class.path"),
                        "-Dorg.sqlite.tmpdir=" + folder,
                        Saver.class.getName())
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        int refused = 0;
        int whole = 0;
        try (PrintWriter tell = new PrintWriter(saver.getOutputStream(), true, StandardCharsets.UTF_8);
                BufferedReader heard =
                        new BufferedReader(new InputStreamReader(saver.getInputStream(), StandardCharsets.UTF_8))) {
            // Once without a limit, so that everything the program needs is loaded.
            assertThat(saves(template, folder.resolve("free.sqlite"), tell, heard))
                    .isEqualTo(SAVES);
            for (int page = 0; page <= PAGES; page++) {
                limit(saver, Integer.toString(page * PAGE));
                Path file = folder.resolve("limit-" + page + ".sqlite");
                int acknowledged = saves(template, file, tell, heard);
                limit(saver, "unlimited");
                refused += acknowledged < SAVES ? 1 : 0;
                whole += acknowledged == SAVES ? 1 : 0;
                try (Ledger ledger = opened(file)) {
                    assertThat(ledger.check()).as("page " + page).isEqualTo(Optional.empty());
                    String owner = ledger.list(Query.ALL).get(0).owner();
                    int there = owner.isEmpty() ? 0 : Integer.parseInt(owner.replace("save ", ""));
                    assertThat(there).as("page " + page).isGreaterThanOrEqualTo(acknowledged);
                }
            }
        } finally {
            // Its libraries lie in the folder: it is removed once nobody uses it.
            saver.destroyForcibly().waitFor();
            Disk.deleteAll(folder);
        }
        // The limit covered the whole range: from where nothing can be written to where nothing fails.
        assertThat(refused).isGreaterThan(5);
        assertThat(whole).isGreaterThan(0);
    }

    private static int saves(Path template, Path file, PrintWriter tell, BufferedReader heard) throws IOException {
        Files.copy(template, file);
        tell.println(file);
        return Integer.parseInt(heard.readLine().replace("acknowledged ", ""));
    }

    private static void limit(Process program, String bytes) throws IOException, InterruptedException {
        Process set = new ProcessBuilder(
                        List.of("prlimit", "--pid", Long.toString(program.pid()), "--fsize=" + bytes + ":unlimited"))
                .inheritIO()
                .start();
        assertThat(set.waitFor()).isZero();
    }

    private static Ledger opened(Path file) {
        OpenResult result = SqliteLedger.open(file);
        assertThat(result).isInstanceOf(OpenResult.Opened.class);
        return ((OpenResult.Opened) result).ledger();
    }
}
