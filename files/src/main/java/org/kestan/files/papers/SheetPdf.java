package org.kestan.files.papers;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.kestan.base.geometry.Frets;
import org.kestan.base.sheet.Line;
import org.kestan.base.sheet.Reading;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.job.visits.Defect;
import org.kestan.job.visits.Severity;
import org.kestan.text.Wording;

/**
 * The blank measuring sheet on paper, for those who write at the bench first: same order and numbers as on the screen.
 */
public final class SheetPdf {

    /** A paper size. */
    public enum Paper {
        A4(PDRectangle.A4),
        LETTER(PDRectangle.LETTER);

        private final PDRectangle size;

        Paper(PDRectangle size) {
            this.size = size;
        }

        /** Returns the size in points. */
        PDRectangle size() {
            return size;
        }
    }

    private static final float MARGIN = 42;
    private static final float ROW = 20.5f;
    private static final float NUMBER = 24;
    private static final float LABEL = 118;
    private static final float BOX = 92;
    private static final float HINT = 7.6f;
    private static final float FRET_LABEL = 26;
    private static final float FRET_SIZE = 6.5f;
    private static final int USUAL_JOINT = 14;
    private static final int LEAST_FRET = 3;

    private final PDDocument document = new PDDocument();
    private final Paper paper;
    private final PdfFonts fonts;
    private final PDType0Font regular;
    private final PDType0Font bold;
    private PDPageContentStream page;
    private float y;

    private SheetPdf(Paper paper) throws IOException {
        this.paper = paper;
        fonts = PdfFonts.in(document);
        regular = fonts.regular();
        bold = fonts.bold();
    }

    /**
     * Makes the sheet for an instrument: only the lines that apply to it, or all if its form is not known.
     *
     * @return the bytes of a PDF with embedded fonts and searchable text
     * @throws IOException if the fonts that ship can't be read
     */
    public static byte[] blank(Job job, Paper paper) throws IOException {
        SheetPdf sheet = new SheetPdf(paper);
        try (sheet.document) {
            sheet.draw(job);
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            sheet.document.getDocumentInformation().setTitle(PaperText.text("sheet-pdf.measuring-sheet"));
            sheet.document.save(bytes);
            return bytes.toByteArray();
        }
    }

    private void draw(Job job) throws IOException {
        newPage();
        text(bold, 17, MARGIN, "Measuring sheet");
        y -= 24;
        String name = job.name();
        line(PaperText.text("sheet-pdf.instrument"), printable(name), MARGIN, 300);
        line(
                PaperText.text("sheet-pdf.owner"),
                printable(job.text(Lines.OWNER)),
                MARGIN + 310,
                width() - MARGIN * 2 - 310);
        y -= ROW;
        line(PaperText.text("sheet-pdf.taken-on"), "", MARGIN, 130);
        line(PaperText.text("sheet-pdf.1-humidity"), "", MARGIN + 140, 110);
        line(PaperText.text("sheet-pdf.1-half-steps-below"), "", MARGIN + 260, 140);
        line(PaperText.text("sheet-pdf.truss-rod"), "", MARGIN + 410, width() - MARGIN * 2 - 410);
        y -= ROW * 1.2f;
        text(regular, 8.5f, MARGIN, PaperText.text("sheet-pdf.relief-first"));
        y -= 12;
        text(regular, 8.5f, MARGIN, PaperText.text("sheet-pdf.units"));
        y -= ROW * 0.9f;
        text(bold, 10, MARGIN, PaperText.text("sheet-pdf.structure"));
        y -= ROW * 0.8f;
        for (Defect what : Defect.values()) {
            finding(what);
        }
        y -= ROW * 0.3f;
        for (Line<?> line : Lines.OF_VISIT) {
            if (line instanceof Reading reading && reading.perFret()) {
                fretByFret(reading, job);
            } else if (line.place().isPresent() && job.takes(line)) {
                box(Integer.toString(line.number()), Wording.full(line), Wording.hint(line));
            }
        }
        page.close();
    }

    private void finding(Defect what) throws IOException {
        room(ROW * 0.8f);
        text(regular, 9.5f, MARGIN + NUMBER, Wording.label(what));
        float x = MARGIN + NUMBER + LABEL + 70;
        for (Severity severity : Severity.values()) {
            page.addRect(x, y - 1.5f, 8, 8);
            page.stroke();
            text(regular, 8.5f, x + 12, Wording.lower(severity));
            x += 58;
        }
        rule(x, width() - MARGIN);
        y -= ROW * 0.8f;
    }

    private void box(String number, String label, String hint) throws IOException {
        room(ROW);
        text(bold, 10, MARGIN, number);
        text(regular, 10, MARGIN + NUMBER, label);
        page.addRect(MARGIN + NUMBER + LABEL, y - 5, BOX, ROW - 4);
        page.stroke();
        float from = MARGIN + NUMBER + LABEL + BOX + 10;
        float wide = regular.getStringWidth(printable(hint)) / 1000 * HINT;
        text(regular, Math.min(HINT, HINT * (width() - MARGIN - from) / wide), from, printable(hint));
        y -= ROW;
    }

    /** A row of boxes, one per fret. */
    private void fretByFret(Reading reading, Job job) throws IOException {
        int joint = job.jointFret().orElse(USUAL_JOINT);
        boolean single = reading == Reading.FRET_PROUD || reading == Reading.FRET_ROCKS;
        int last = Math.max(LEAST_FRET, Math.min(single ? Frets.USUAL_LAST : joint - 1, Frets.HIGHEST));
        room(ROW);
        text(bold, 10, MARGIN, Integer.toString(reading.number()));
        text(regular, 10, MARGIN + NUMBER, Wording.full(reading));
        float from = MARGIN + NUMBER + LABEL + FRET_LABEL;
        float wide = (width() - MARGIN - from) / (last - 1);
        for (int fret = 2; fret <= last; fret++) {
            float x = from + (fret - 2) * wide;
            page.addRect(x, y - 5, wide, ROW - 4);
            page.stroke();
            text(regular, FRET_SIZE, x + 1.5f, Integer.toString(fret));
        }
        y -= ROW;
    }

    private void line(String label, String value, float x, float length) throws IOException {
        text(regular, 9, x, label);
        float after = x + regular.getStringWidth(label) / 1000 * 9 + 6;
        if (!value.isEmpty()) {
            float wide = regular.getStringWidth(value) / 1000 * 10;
            text(bold, Math.min(10, 10 * (x + length - after) / wide), after, value);
        }
        rule(after, x + length);
    }

    private void rule(float from, float to) throws IOException {
        page.moveTo(from, y - 2.5f);
        page.lineTo(to, y - 2.5f);
        page.stroke();
    }

    private void text(PDType0Font font, float size, float x, String text) throws IOException {
        page.beginText();
        page.setFont(font, size);
        page.newLineAtOffset(x, y);
        page.showText(text);
        page.endText();
    }

    private void room(float height) throws IOException {
        if (y - height < MARGIN) {
            newPage();
        }
    }

    private void newPage() throws IOException {
        if (page != null) {
            page.close();
        }
        PDPage next = new PDPage(paper.size);
        document.addPage(next);
        page = new PDPageContentStream(document, next);
        page.setLineWidth(0.6f);
        y = paper.size.getHeight() - MARGIN - 10;
    }

    private float width() {
        return paper.size.getWidth();
    }

    private String printable(String text) {
        return fonts.printable(text);
    }
}
