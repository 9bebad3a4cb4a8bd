package org.kestan.files;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.kestan.dossier.Dossier;
import org.kestan.words.Card;
import org.kestan.words.PlanCards;
import org.kestan.words.Words;
import org.kestan.work.plan.PlanPart;
import org.kestan.work.plan.WorkPlan;

/** The numbers of a work plan on one page, in figures large enough to read from the vise. */
public final class BenchCardPdf {

    private static final float MARGIN = 40;
    private static final float GAP = 18;
    private static final float LARGEST = 15;
    private static final float SMALLEST = 5;
    private static final float NOTE = 0.62f;

    /** Share of a column that values and remarks take. */
    private static final float VALUE = 0.62f;

    private final PDDocument document = new PDDocument();
    private final PdfFonts fonts;
    private final SheetPdf.Paper paper;

    private BenchCardPdf(SheetPdf.Paper paper) throws IOException {
        this.paper = paper;
        fonts = PdfFonts.in(document);
    }

    /** A line of the card. */
    private record Row(String label, String value, String remark, Kind kind) {

        enum Kind {
            HEAD,
            FIGURE,
            NOTE
        }
    }

    /**
     * Makes the card.
     *
     * @param words in the unit of its figures; millimetres stand beside them
     * @return the bytes of a PDF of one page, with embedded fonts and searchable text
     * @throws IOException if the fonts that ship can't be read
     */
    public static byte[] write(Dossier dossier, WorkPlan plan, Words words, SheetPdf.Paper paper) throws IOException {
        BenchCardPdf card = new BenchCardPdf(paper);
        try (card.document) {
            card.draw(dossier, plan, words);
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            card.document.getDocumentInformation().setTitle("Bench card");
            card.document.save(bytes);
            return bytes.toByteArray();
        }
    }

    private void draw(Dossier dossier, WorkPlan plan, Words words) throws IOException {
        PDPage sheet = new PDPage(paper.size());
        document.addPage(sheet);
        float column = (paper.size().getWidth() - 2 * MARGIN - GAP) / 2;
        List<List<Row>> groups = new ArrayList<>();
        for (Card each : PlanCards.of(dossier, plan, spread(dossier, plan), words)) {
            groups.add(rows(each));
        }
        float top = paper.size().getHeight() - MARGIN - 54;
        float size = LARGEST;
        List<List<List<Row>>> columns = columns(groups, size, column);
        while (size > SMALLEST
                && (tallest(columns, size, column) > top - MARGIN || widest(groups, size) > column * VALUE)) {
            size -= 0.25f;
            columns = columns(groups, size, column);
        }
        try (PDPageContentStream page = new PDPageContentStream(document, sheet)) {
            String name = plan.job().name();
            line(page, fonts.bold(), 24, MARGIN, top + 40, name.isEmpty() ? "Bench card" : name, column * 2 + GAP);
            String ways = plan.ways().isEmpty() ? "By the target: neck reset" : Words.ways(plan.ways());
            line(page, fonts.regular(), 13, MARGIN, top + 20, ways, column * 2 + GAP);
            for (int i = 0; i < columns.size(); i++) {
                float y = top;
                for (List<Row> group : columns.get(i)) {
                    y = draw(page, group, MARGIN + i * (column + GAP), y, size, column);
                }
            }
        }
    }

    /** How well the figures are known: what the dossier has for the job's own plan, else worked out for this one. */
    private static Dossier.Spread spread(Dossier dossier, WorkPlan plan) {
        return plan == dossier.plan()
                ? dossier.spread()
                : new Dossier.Spread(dossier.spread().correction(), PlanPart.of(plan));
    }

    private static List<Row> rows(Card group) {
        List<Row> rows = new ArrayList<>();
        rows.add(new Row(group.title(), "", "", Row.Kind.HEAD));
        group.rows().forEach(line -> rows.add(new Row(line.label(), line.value(), line.remark(), Row.Kind.FIGURE)));
        if (!group.note().isEmpty()) {
            rows.add(new Row(group.note(), "", "", Row.Kind.NOTE));
        }
        return rows;
    }

    /** Two columns, the first filled to half of all. */
    private List<List<List<Row>>> columns(List<List<Row>> groups, float size, float column) throws IOException {
        float all = 0;
        for (List<Row> group : groups) {
            all += height(group, size, column);
        }
        List<List<Row>> left = new ArrayList<>();
        List<List<Row>> right = new ArrayList<>();
        float filled = 0;
        for (List<Row> group : groups) {
            float next = height(group, size, column);
            boolean first = right.isEmpty() && filled + next / 2 <= all / 2;
            (first ? left : right).add(group);
            filled += first ? next : 0;
        }
        return List.of(left, right);
    }

    private float tallest(List<List<List<Row>>> columns, float size, float column) throws IOException {
        float tallest = 0;
        for (List<List<Row>> each : columns) {
            float height = 0;
            for (List<Row> group : each) {
                height += height(group, size, column);
            }
            tallest = Math.max(tallest, height);
        }
        return tallest;
    }

    private float widest(List<List<Row>> groups, float size) throws IOException {
        float widest = 0;
        for (List<Row> group : groups) {
            for (Row row : group) {
                widest = Math.max(widest, PdfFonts.width(fonts.bold(), size, fonts.printable(row.value())));
            }
        }
        return widest;
    }

    private float height(List<Row> group, float size, float column) throws IOException {
        float height = size;
        for (Row row : group) {
            height += switch (row.kind()) {
                case HEAD -> size * 1.5f;
                case FIGURE -> size * 1.35f;
                case NOTE -> wrapped(row.label(), size * NOTE, column).size() * size * NOTE * 1.25f;
            };
        }
        return height;
    }

    private float draw(PDPageContentStream page, List<Row> group, float x, float from, float size, float column)
            throws IOException {
        float y = from - size;
        for (Row row : group) {
            switch (row.kind()) {
                case HEAD -> {
                    y -= size * 1.1f;
                    line(page, fonts.bold(), size, x, y, row.label(), column);
                    page.setLineWidth(0.6f);
                    page.moveTo(x, y - size * 0.25f);
                    page.lineTo(x + column, y - size * 0.25f);
                    page.stroke();
                    y -= size * 0.4f;
                }
                case FIGURE -> {
                    y -= size * 1.1f;
                    String remark = row.remark().isEmpty() ? "" : "  " + row.remark();
                    line(page, fonts.regular(), size * 0.8f, x, y, row.label(), column * (1 - VALUE) - 4);
                    float after = x + column * (1 - VALUE);
                    float room = column * VALUE;
                    String value = fonts.printable(row.value());
                    float wide = Math.min(room, PdfFonts.width(fonts.bold(), size, value));
                    line(page, fonts.bold(), size, after, y, value, room);
                    line(page, fonts.regular(), size * NOTE, after + wide, y, remark, room - wide);
                    y -= size * 0.25f;
                }
                case NOTE -> {
                    for (String words : wrapped(row.label(), size * NOTE, column)) {
                        y -= size * NOTE * 1.25f;
                        line(page, fonts.regular(), size * NOTE, x, y, words, column);
                    }
                }
            }
        }
        return y;
    }

    private List<String> wrapped(String text, float size, float column) throws IOException {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : fonts.printable(text).split(" ")) {
            String longer = line.length() == 0 ? word : line + " " + word;
            if (PdfFonts.width(fonts.regular(), size, longer) > column && line.length() > 0) {
                lines.add(line.toString());
                line = new StringBuilder(word);
            } else {
                line = new StringBuilder(longer);
            }
        }
        lines.add(line.toString());
        return lines;
    }

    /** One line of text, made smaller where it would not fit. */
    private void line(PDPageContentStream page, PDType0Font font, float size, float x, float y, String text, float room)
            throws IOException {
        String printable = fonts.printable(text);
        float wide = PdfFonts.width(font, size, printable);
        if (printable.isBlank() || room <= 4) {
            return;
        }
        page.beginText();
        page.setFont(font, wide > room ? size * room / wide : size);
        page.newLineAtOffset(x, y);
        page.showText(printable);
        page.endText();
    }
}
