package org.kestan.files.papers;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.kestan.job.Job;
import org.kestan.job.Sections;
import org.kestan.job.bench.Bag;
import org.kestan.job.terms.Lines;
import org.kestan.text.Wording;

/**
 * Labels for the bags: instrument, owner, part, side and place. On a sheet of self-adhesive labels, 3 × 8 of 70 × 36 mm on A4
 * and 3 × 10 of 2 5/8 × 1 in on Letter (common sizes, no source), or on a plain page with lines to cut along.
 */
public final class BagLabelsPdf {

    private static final float MM = 72 / 25.4f;
    private static final float PADDING = 3 * MM;
    private static final float LARGE = 13;
    private static final float SMALL = 8.5f;

    /** Where labels are on a page. */
    public enum Layout {
        /** 24 labels of 70 × 36 mm, edge to edge. */
        SHEET_A4(PDRectangle.A4, 3, 8, 70 * MM, 36 * MM, 0, 4.5f * MM, 0, false),
        /** 30 labels of 2 5/8 × 1 in, an eighth between the columns. */
        SHEET_LETTER(PDRectangle.LETTER, 3, 10, 189, 72, 13.5f, 36, 9, false),
        /** Labels to be cut out. */
        PLAIN_A4(PDRectangle.A4, 2, 7, 85 * MM, 36 * MM, 20 * MM, 20 * MM, 0, true),
        PLAIN_LETTER(PDRectangle.LETTER, 2, 6, 85 * MM, 36 * MM, 22 * MM, 20 * MM, 0, true);

        private final PDRectangle paper;
        private final int columns;
        private final int rows;
        private final float width;
        private final float height;
        private final float left;
        private final float top;
        private final float gap;
        private final boolean lines;

        Layout(
                PDRectangle paper,
                int columns,
                int rows,
                float width,
                float height,
                float left,
                float top,
                float gap,
                boolean lines) {
            this.paper = paper;
            this.columns = columns;
            this.rows = rows;
            this.width = width;
            this.height = height;
            this.left = left;
            this.top = top;
            this.gap = gap;
            this.lines = lines;
        }

        /** Returns how many labels fit on a page. */
        public int perPage() {
            return columns * rows;
        }
    }

    private BagLabelsPdf() {}

    /**
     * Makes the labels of a job's bags.
     *
     * @param number what the shop calls the job on its labels, empty for nothing
     * @param used how many labels of the first sheet are used up already
     * @return the bytes of a PDF with embedded fonts and searchable text; one empty page where nothing is bagged
     * @throws IOException if the fonts that ship can't be read
     */
    public static byte[] write(Job job, String number, Layout layout, int used) throws IOException {
        try (PDDocument document = new PDDocument()) {
            PdfFonts fonts = PdfFonts.in(document);
            List<Bag> bags = job.section(Sections.BAGS);
            int at = Math.max(0, used);
            int page = 0;
            do {
                PDPage sheet = new PDPage(layout.paper);
                document.addPage(sheet);
                try (PDPageContentStream out = new PDPageContentStream(document, sheet)) {
                    for (; at < used + bags.size() && at / layout.perPage() == page; at++) {
                        label(out, fonts, layout, at % layout.perPage(), job, number, bags.get(at - Math.max(0, used)));
                    }
                }
                page++;
            } while (at < used + bags.size());
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.getDocumentInformation().setTitle(PaperText.text("bag-labels-pdf.bag-labels"));
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    private static void label(
            PDPageContentStream out, PdfFonts fonts, Layout layout, int at, Job job, String number, Bag bag)
            throws IOException {
        float x = layout.left + at % layout.columns * (layout.width + layout.gap);
        float y = layout.paper.getHeight() - layout.top - at / layout.columns * layout.height;
        if (layout.lines) {
            out.setLineWidth(0.4f);
            out.setLineDashPattern(new float[] {3, 3}, 0);
            out.addRect(x, y - layout.height, layout.width, layout.height);
            out.stroke();
        }
        float room = layout.width - 2 * PADDING;
        float line = y - PADDING - LARGE;
        fonts.line(out, fonts.bold(), LARGE, x + PADDING, line, room, bag.part());
        String where = bag.side()
                        .map(side -> Wording.capital(Wording.label(side)) + " side")
                        .orElse("")
                + (bag.side().isPresent() && !bag.place().isEmpty() ? ", " : "")
                + bag.place();
        fonts.line(out, fonts.bold(), SMALL + 1, x + PADDING, line - 14, room, where);
        fonts.line(out, fonts.regular(), SMALL, x + PADDING, line - 27, room, job.name());
        String owner = job.text(Lines.OWNER);
        fonts.line(
                out,
                fonts.regular(),
                SMALL,
                x + PADDING,
                line - 38,
                room,
                number.isEmpty() ? owner : owner.isEmpty() ? number : number + " \u00b7 " + owner);
    }
}
