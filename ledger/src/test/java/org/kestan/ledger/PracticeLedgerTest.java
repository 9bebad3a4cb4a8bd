package org.kestan.ledger;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.kestan.files.job.JobWriter;
import org.kestan.job.Job;
import org.kestan.job.PracticeMark;
import org.kestan.job.terms.Lines;
import org.kestan.ledger.sqlite.SqliteLedger;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

public class PracticeLedgerTest {

    private static final Job PRACTICE =
            new PracticeMark(7, "hard", "archtop").on(Job.BLANK.with(Lines.NAME, "Practice 7"));
    private static final Job CUSTOMERS = Job.BLANK.with(Lines.NAME, "A customer's");

    private Path file;

    @BeforeMethod
    public void folder() throws IOException {
        file = Files.createTempDirectory("kestan-test-").resolve("practice.sqlite");
    }

    private static Ledger opened(OpenResult result) {
        assertThat(result).isInstanceOf(OpenResult.Opened.class);
        return ((OpenResult.Opened) result).ledger();
    }

    @Test
    public void takesPracticeJobsAndNoOthers() {
        try (Ledger ledger = opened(SqliteLedger.openForPractice(file))) {
            assertThat(ledger.isForPractice()).isTrue();
            LedgerJob there = ledger.insert(PRACTICE);
            assertThatThrownBy(() -> ledger.insert(CUSTOMERS)).isInstanceOf(LedgerException.class);
            assertThatThrownBy(() -> ledger.save(there.id(), there.revision(), CUSTOMERS))
                    .isInstanceOf(LedgerException.class);
            assertThat(ledger.save(there.id(), there.revision(), PRACTICE.with(Lines.NAME, "Another name")))
                    .isInstanceOf(SaveResult.Done.class);
        }
        // Once a practice ledger, always one, however it is opened.
        try (Ledger ledger = opened(SqliteLedger.open(file))) {
            assertThat(ledger.isForPractice()).isTrue();
            assertThatThrownBy(() -> ledger.insert(CUSTOMERS)).isInstanceOf(LedgerException.class);
        }
    }

    @Test
    public void aLedgerWithCustomersJobsIsNotOpenedForPractice() throws IOException {
        try (Ledger ledger = opened(SqliteLedger.open(file))) {
            ledger.insert(CUSTOMERS);
        }
        byte[] before = Files.readAllBytes(file);
        OpenResult result = SqliteLedger.openForPractice(file);
        assertThat(result).isInstanceOf(OpenResult.Refused.class);
        assertThat(((OpenResult.Refused) result).is(LedgerFinding.CUSTOMERS_LEDGER))
                .isTrue();
        assertThat(Files.readAllBytes(file)).isEqualTo(before);
    }

    @Test
    public void aZipLeavesOutWhatBelongsElsewhere() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (Job job : new Job[] {PRACTICE, CUSTOMERS}) {
                zip.putNextEntry(new ZipEntry(job.name().replace(' ', '-') + ".kestan.json"));
                zip.write(JobWriter.write(job).getBytes(StandardCharsets.UTF_8));
            }
        }
        Path zip = file.resolveSibling("jobs.zip");
        Files.write(zip, bytes.toByteArray());
        try (Ledger ledger = opened(SqliteLedger.open(file))) {
            Archive.Outcome outcome = Archive.read(ledger, zip, Progress.UNTOLD);
            assertThat(ledger.list(Query.ALL)).extracting(JobCard::name).containsExactly("A customer's");
            assertThat(outcome.refused()).hasSize(1);
            assertThat(outcome.refused().get(0)).contains("Practice-7").contains("practice instrument");
        }
    }
}
