package org.kestan.ledger;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Reading;
import org.kestan.files.demo.DemoJobs;
import org.kestan.files.disk.Disk;
import org.kestan.files.job.JobReader;
import org.kestan.job.Job;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;

/** A ledger in a scratch folder, opened before each test and removed after it. */
public abstract class LedgerFixture {

    Path folder;
    Ledger ledger;

    /** Opens the ledger of a folder, or creates it. */
    protected abstract Ledger open(Path folder);

    @BeforeMethod
    public void open() throws IOException {
        folder = Files.createTempDirectory("kestan-test-");
        ledger = open(folder);
    }

    @AfterMethod(alwaysRun = true)
    public void close() throws IOException {
        ledger.close();
        Disk.deleteAll(folder);
    }

    protected static Job demo(int which) {
        return JobReader.read(DemoJobs.bytes(DemoJobs.NAMES.get(which))).job().orElseThrow();
    }

    static Job with(Job job, String action) {
        return job.with(Reading.ACTION_BASS, Length.ofText(action));
    }
}
