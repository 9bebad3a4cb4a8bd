package org.kestan.files.papers;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.time.Instant;
import java.util.Optional;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.kestan.base.sheet.Side;
import org.kestan.files.demo.DemoJobs;
import org.kestan.files.job.JobReader;
import org.kestan.files.steps.StepLibrary;
import org.kestan.files.tables.DiaryCsv;
import org.kestan.job.Job;
import org.kestan.job.bench.Bag;
import org.kestan.job.bench.DiaryEntry;
import org.kestan.job.bench.StepMark;
import org.kestan.repair.steps.BenchActions;
import org.testng.annotations.Test;

/** Labels and the diary, read back by general-purpose readers. */
public class BagLabelsPdfTest {

    private static final BenchActions WORK = new BenchActions(Instant.parse("2026-11-25T12:00:00Z"), "=A.");

    private static Job job(int bags) {
        Job job = JobReader.read(DemoJobs.bytes(DemoJobs.NAMES.get(0))).job().orElseThrow();
        for (int i = 0; i < bags; i++) {
            job = WORK.bag(job, "Part number " + i, Optional.empty(), "");
        }
        return job;
    }

    @Test
    public void oneLabelABag() throws IOException {
        Job job =
                WORK.changeBag(job(25), 0, bag -> new Bag(bag.part(), Optional.of(Side.BASS), "drawer 2", bag.back()));
        for (BagLabelsPdf.Layout layout : BagLabelsPdf.Layout.values()) {
            try (PDDocument pdf = Loader.loadPDF(BagLabelsPdf.write(job, "J-7", layout, 0))) {
                assertThat(pdf.getNumberOfPages()).isEqualTo((25 + layout.perPage() - 1) / layout.perPage());
                String text = new PDFTextStripper().getText(pdf);
                assertThat(text).contains("Part number 0", "Part number 24", "Bass side, drawer 2", job.name(), "J-7");
                assertThat(text.split("Part number ")).hasSize(26);
            }
        }
    }

    /** A half-used sheet continues where it was left; long words stay on their label. */
    @Test
    public void aSheetThatIsBegun() throws IOException {
        byte[] pdf = BagLabelsPdf.write(job(3), "", BagLabelsPdf.Layout.SHEET_A4, 23);
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isEqualTo(2);
            PDFTextStripper first = new PDFTextStripper();
            first.setEndPage(1);
            assertThat(first.getText(document)).contains("Part number 0").doesNotContain("Part number 1");
        }
        Job wide = WORK.bag(job(0), "W".repeat(200), Optional.empty(), "");
        assertThat(BagLabelsPdf.write(wide, "", BagLabelsPdf.Layout.PLAIN_LETTER, 0))
                .isNotEmpty();
    }

    /** A spreadsheet takes nothing in the diary for a formula. */
    @Test
    public void theDiaryAsATable() throws IOException {
        Job job = WORK.mark(job(0), "reset-scribe", StepMark.State.DONE, "");
        job = WORK.write(job, DiaryEntry.What.NOTE, "reset-scribe", "=1+1");
        String table = DiaryCsv.print(job, StepLibrary.shipped().book());
        assertThat(table.lines())
                .hasSize(3)
                .anyMatch(line -> line.startsWith("2026-11-25T12:00:00Z,") && line.contains("Scribe the cut"));
        assertThat(table).doesNotContain(",=");
    }
}
