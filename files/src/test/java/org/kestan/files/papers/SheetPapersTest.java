package org.kestan.files.papers;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.StringReader;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.text.PDFTextStripper;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.ShopStandards;
import org.kestan.files.job.BadFiles;
import org.kestan.files.job.JobReader;
import org.kestan.files.tables.SheetCsv;
import org.kestan.job.Job;
import org.kestan.job.takes.ReadingTakes;
import org.kestan.job.terms.Lines;
import org.kestan.job.visits.Visit;
import org.kestan.text.BenchUnit;
import org.kestan.text.Wording;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class SheetPapersTest {

    private static Job good() {
        return JobReader.read(BadFiles.GOOD).job().orElseThrow();
    }

    @Test
    public void tableThereAndBackIsTheSameSurvey() {
        Job job = good();
        SheetCsv.Outcome outcome = SheetCsv.read(SheetCsv.write(job), Visit.BLANK);
        assertThat(outcome.faults()).isEmpty();
        assertThat(outcome.visit().orElseThrow().readings())
                .isEqualTo(job.visit().readings());
        assertThat(SheetCsv.write(job)).contains("\r\n5,action.bass,\"Action, bass\",3.9 mm,\r\n");
    }

    @Test
    public void formulasAreDisarmedOnTheWayOutAndComeBackAsTyped() throws IOException {
        Job job = good();
        String evil = "=HYPERLINK(\"http://example.invalid\")";
        Job armed = job.with(Lines.NOTES, evil).with(Reading.EXTENSION_FALL_AWAY, Length.ofText("-0.3 mm"));
        String csv = SheetCsv.write(armed);
        for (CSVRecord record : CSVFormat.RFC4180.parse(new StringReader(csv))) {
            record.forEach(cell ->
                    assertThat(cell).doesNotStartWith("=").doesNotStartWith("-").doesNotStartWith("@"));
        }
        Visit back = SheetCsv.read(csv, Visit.BLANK).visit().orElseThrow();
        assertThat(back.get(Lines.NOTES)).contains(evil);
        assertThat(back.get(Reading.EXTENSION_FALL_AWAY).orElseThrow().text()).isEqualTo("-0.3 mm");
    }

    @DataProvider
    static Object[][] badTables() {
        return new Object[][] {
            {"", "key and value"},
            {"a,b\n1,2\n", "key and value"},
            {"key,value\naction.bass,3.9\n", "line 2, action.bass: the unit is missing"},
            {"key,value\naction.nose,3.9 mm\n", "is not a reading"},
            {"key,value\nstepsDown,many\n", "not a valid number here"},
            {"key,value\n\"action.bass,3.9 mm\n", "not a table"},
            {"key,value\n" + "relief.gap,0.2 mm\n".repeat(10_050), "more lines"},
        };
    }

    @Test(dataProvider = "badTables")
    public void badTablesSayWhereAndChangeNothing(String csv, String word) {
        SheetCsv.Outcome outcome = SheetCsv.read(csv, good().visit());
        assertThat(outcome.visit()).isEmpty();
        assertThat(outcome.faults()).isNotEmpty();
        assertThat(Wording.in(BenchUnit.MILLIMETERS).say(outcome.faults())).contains(word);
    }

    @Test
    public void emptyCellsLeaveWhatIsThere() {
        Visit kept = SheetCsv.read("Value,Key\n,action.bass\n2.5 mm,action.treble\n", good().visit())
                .visit()
                .orElseThrow();
        assertThat(kept.get(Reading.ACTION_BASS).orElseThrow().text()).isEqualTo("3.9 mm");
        assertThat(kept.get(Reading.ACTION_TREBLE).orElseThrow().text()).isEqualTo("2.5 mm");
    }

    /** A4 is 210 × 297 mm (ISO 216), Letter 8 1/2 × 11 in (ANSI/ASME Y14.1); a point is 1/72 in. */
    @Test
    public void blankSheetHasItsPaperItsLinesAndItsFonts() throws IOException {
        for (SheetPdf.Paper paper : SheetPdf.Paper.values()) {
            try (PDDocument pdf = Loader.loadPDF(SheetPdf.blank(good(), paper))) {
                var size = pdf.getPage(0).getMediaBox();
                boolean a4 = paper == SheetPdf.Paper.A4;
                assertThat(size.getWidth() / 72 * 25.4).isCloseTo(a4 ? 210 : 215.9, within(0.1));
                assertThat(size.getHeight() / 72 * 25.4).isCloseTo(a4 ? 297 : 279.4, within(0.1));
                String text = new PDFTextStripper().getText(pdf);
                for (Reading reading : List.of(Reading.RELIEF, Reading.ACTION_BASS, Reading.HEEL_HEIGHT)) {
                    assertThat(text).contains(reading.number() + " " + Wording.full(reading));
                }
                assertThat(text).contains("Lifted bridge").doesNotContain(Wording.label(Reading.TAILPIECE_HEIGHT));
                int at = text.indexOf("3 Relief");
                assertThat(text.indexOf("5 Action, bass")).as("working order").isGreaterThan(at);
                assertThat(text.indexOf("18 Cents, bass"))
                        .isGreaterThan(text.indexOf("16 Neck angle"))
                        .isGreaterThan(at);
                assertThat(text).contains("3 Held at").contains(Wording.full(Lines.DRIFT_TOWARD));
                for (var name : pdf.getPage(0).getResources().getFontNames()) {
                    PDFont font = pdf.getPage(0).getResources().getFont(name);
                    assertThat(font.isEmbedded()).isTrue();
                }
            }
        }
    }

    @Test
    public void lettersTheFontLacksDoNotFailTheSheet() throws IOException {
        Job named = good().with(Lines.NAME, "\u7409\u7403 \ud83c\udfb8 " + "long ".repeat(80));
        assertThat(SheetPdf.blank(named, SheetPdf.Paper.A4)).isNotEmpty();
    }

    /** All takes are written and read back; the one that counts is their median. */
    @Test
    public void theTakesOfAReadingComeBack() {
        Job once = Job.BLANK.with(Reading.ACTION_BASS, Length.ofText("9/64 in"));
        Job job = ReadingTakes.takeAgain(
                ReadingTakes.takeAgain(once, Reading.ACTION_BASS, Length.ofText("3.5 mm"), ShopStandards.DEFAULT),
                Reading.ACTION_BASS,
                Length.ofText("3.6 mm"),
                ShopStandards.DEFAULT);
        Visit back = SheetCsv.read(SheetCsv.write(job), Visit.BLANK).visit().orElseThrow();
        assertThat(back.takesOf(Reading.ACTION_BASS))
                .extracting(Length::text)
                .containsExactly("9/64 in", "3.5 mm", "3.6 mm");
        assertThat(back.get(Reading.ACTION_BASS)).isEqualTo(job.visit().get(Reading.ACTION_BASS));
        assertThat(SheetCsv.read("key,value,takes\naction.bass,3 mm,3 mm; x\n", Visit.BLANK)
                        .faults())
                .hasSize(1);
    }
}
