package org.kestan.benchmarks.soak;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.kestan.base.expect.Expect;
import org.kestan.files.demo.DemoJobs;
import org.kestan.files.job.JobReader;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.LedgerException;
import org.kestan.ledger.LedgerJob;
import org.kestan.ledger.OpenResult;
import org.kestan.ledger.SaveResult;
import org.kestan.ledger.sqlite.SqliteLedger;

/** Saves one job over and over and prints each revision once it is acknowledged; meant to be killed. */
public final class Writer {

    /** The start of the job's name. */
    static final String NAME = "revision ";

    /** The start of the line that says why a save failed. */
    static final String REFUSED = "refused: ";

    /** This many saves, then something else. */
    static final int EVERY = 7;

    /** Set if only saves are to be done. */
    static final String ONLY_SAVES = "KESTAN_ONLY_SAVES";

    /** Bytes of a paper. */
    static final int PAPER = 50_000;

    /** In what will be erased. */
    static final String SECRET = "Hieronymus Quastenflosser";

    private Writer() {}

    /** The job's name at a revision. */
    static String name(int revision) {
        return NAME + revision;
    }

    /** Now and then a paper, a picture, a backup, and a job that is erased again. */
    private static void besides(Ledger ledger, String id, int revision) {
        try {
            ledger.papers().keep(id, "paper-" + revision + ".pdf", new byte[PAPER]);
            BufferedImage image = new BufferedImage(20, 20, BufferedImage.TYPE_INT_RGB);
            image.setRGB(1, 1, revision);
            ByteArrayOutputStream png = new ByteArrayOutputStream();
            ImageIO.write(image, "png", png);
            ledger.pictures().add(png.toByteArray());
            LedgerJob secret = ledger.insert(Job.BLANK.with(Lines.OWNER, SECRET));
            ledger.papers().keep(secret.id(), "secret.pdf", SECRET.getBytes(StandardCharsets.UTF_8));
            ledger.backups().make();
            ledger.delete(secret.id());
            ledger.erase(secret.id());
            ledger.cleanse();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** Argument: the ledger. */
    public static void main(String[] arguments) {
        try {
            save(Path.of(arguments[0]));
        } catch (LedgerException said) {
            System.out.println(REFUSED + said.why().kind());
        }
    }

    private static void save(Path file) {
        Ledger ledger = ((OpenResult.Opened) SqliteLedger.openAnew(file)).ledger();
        Job job =
                JobReader.read(DemoJobs.bytes(DemoJobs.NAMES.get(0))).job().orElseThrow(Expect.present("readable job"));
        LedgerJob entry = ledger.insert(job.with(Lines.NAME, name(1)));
        int revision = entry.revision();
        while (true) {
            SaveResult saved = ledger.save(entry.id(), revision, job.with(Lines.NAME, name(revision + 1)));
            revision = ((SaveResult.Done) saved).revision();
            if (revision % EVERY == 0 && System.getenv(ONLY_SAVES) == null) {
                besides(ledger, entry.id(), revision);
            }
            System.out.println(revision);
        }
    }
}
