package org.kestan.files.papers;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.kestan.base.geometry.HeelCut;
import org.kestan.base.sheet.Side;
import org.kestan.job.Job;
import org.kestan.overview.JobAnalysis;
import org.kestan.repair.plan.PlanFigure;
import org.kestan.repair.plan.WorkPlan;
import org.kestan.text.BenchNumbers;
import org.kestan.text.Card;
import org.kestan.text.Numbers;
import org.kestan.text.PlanCards;
import org.kestan.text.Wording;

/**
 * A work plan on one page for the wall: the numbers that decide at 30 points, the heel with its depths, then everything else
 * small below, the readings it rests on last. Nothing is smaller than 8 points.
 */
public final class BenchCardPdf {

    private static final float MARGIN = 36;
    private static final float GAP = 18;

    /** The numbers that decide. */
    private static final float LARGE = 32;

    /** No letter is smaller. */
    private static final float SMALLEST = 8;

    /** The largest that what is below the numbers grows to, where there is room. */
    private static final float COMFORTABLE = 12;

    private static final float LABEL = 9;

    /** Share of a column that values and remarks take. */
    private static final float VALUE = 0.64f;

    private static final float SKETCH_WIDTH = 96;

    /** Readings from this number on are rare and left out. */
    private static final int FIRST_RARE = 16;

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
     * @param words in the unit of its figures; millimeters stand beside them
     * @return the bytes of a PDF of one page, with embedded fonts and searchable text
     * @throws IOException if the fonts that ship can't be read
     */
    public static byte[] write(JobAnalysis analysis, WorkPlan plan, Wording words, SheetPdf.Paper paper)
            throws IOException {
        BenchCardPdf card = new BenchCardPdf(paper);
        try (card.document) {
            card.draw(analysis, plan, words);
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            card.document.getDocumentInformation().setTitle(PaperText.text("bench-card-pdf.bench-card"));
            card.document.save(bytes);
            return bytes.toByteArray();
        }
    }

    private void draw(JobAnalysis analysis, WorkPlan plan, Wording words) throws IOException {
        PDPage sheet = new PDPage(paper.size());
        document.addPage(sheet);
        float width = paper.size().getWidth() - 2 * MARGIN;
        try (PDPageContentStream page = new PDPageContentStream(document, sheet)) {
            float y = head(page, plan, width);
            y = numbers(page, BenchNumbers.of(plan, words), y, width);
            if (plan.heel().filter(cut -> cut.atCap() > 0).isPresent()) {
                y = heel(page, plan.heel().get(), plan, words, y, width);
            }
            below(page, analysis, plan, words, y - 8, (width - GAP) / 2);
        }
    }

    private float head(PDPageContentStream page, WorkPlan plan, float width) throws IOException {
        String name = plan.job().name();
        float y = paper.size().getHeight() - MARGIN - 18;
        line(
                page,
                fonts.bold(),
                22,
                MARGIN,
                y,
                name.isEmpty() ? PaperText.text("bench-card-pdf.bench-card") : name,
                width);
        line(page, fonts.regular(), 10, MARGIN, y - 15, PaperName.ownerAndDay(plan.job()), width);
        line(
                page,
                fonts.bold(),
                13,
                MARGIN,
                y - 32,
                plan.ways().isEmpty() ? PaperText.text("bench-card-pdf.by-the-target-neck") : Wording.ways(plan.ways()),
                width);
        return y - 40;
    }

    /** The numbers that decide, two beside each other; what needs the width has a line of its own. */
    private float numbers(PDPageContentStream page, List<BenchNumbers> all, float from, float width)
            throws IOException {
        float half = (width - GAP) / 2;
        float y = from;
        int column = 0;
        for (BenchNumbers each : all) {
            boolean wide = each.wide() && PdfFonts.width(fonts.bold(), LARGE, fonts.printable(each.value())) > half;
            if (column == 0 || wide) {
                y -= LARGE + LABEL + 8;
                column = 0;
            }
            float x = MARGIN + column * (half + GAP);
            line(page, fonts.regular(), LABEL, x, y + LARGE * 0.82f, each.label(), wide ? width : half);
            line(page, fonts.bold(), LARGE, x, y, each.value(), wide ? width : half);
            column = wide ? 0 : (column + 1) % 2;
        }
        return y - 8;
    }

    /** One cheek with the wood to remove, its thickness drawn larger than it is, and what goes at each depth. */
    private float heel(PDPageContentStream page, HeelCut cut, WorkPlan plan, Wording words, float from, float width)
            throws IOException {
        List<HeelCut.Cheeks> stations = cut.stations();
        int columns = 3;
        int rows = (stations.size() + columns - 1) / columns;
        float step = 12.5f;
        float tall = Math.max(rows * step + 14, 84);
        float top = from - 14;
        Optional<Side> toward = plan.job().visit().driftSide();
        line(
                page,
                fonts.bold(),
                LABEL + 1,
                MARGIN,
                top,
                toward.isEmpty()
                        ? PaperText.text("bench-card-pdf.heel-one-cheek-from")
                        : PaperText.text("bench-card-pdf.heel-one-cheek-from-2"),
                width);
        float up = top - 8;
        float down = up - tall + 14;
        float depth = 34;
        float thick = (float) Math.min(SKETCH_WIDTH - depth - 4, 5 * cut.atCap() * (up - down) / cut.height());
        page.setLineWidth(0.9f);
        page.addRect(MARGIN, down, depth + thick, up - down);
        page.stroke();
        page.setLineWidth(1.4f);
        page.moveTo(MARGIN + depth + thick, up);
        page.lineTo(MARGIN + depth, down);
        page.stroke();
        page.setLineWidth(0.5f);
        for (float y = up - 3; y > down; y -= 3) {
            float here = thick * (up - y) / (up - down);
            page.moveTo(MARGIN + depth + thick - here, y);
            page.lineTo(MARGIN + depth + thick, y);
        }
        page.stroke();
        float table = MARGIN + SKETCH_WIDTH + 26;
        float column = (MARGIN + width - table) / columns;
        for (int i = 0; i < stations.size(); i++) {
            HeelCut.Cheeks at = stations.get(i);
            float x = table + i / rows * column;
            float y = up - 4 - (i % rows + 1) * step + 4;
            line(
                    page,
                    fonts.regular(),
                    LABEL,
                    x,
                    y,
                    Numbers.decimals(at.depth(), at.depth() == Math.rint(at.depth()) ? 0 : 1) + " mm",
                    44);
            double bass = toward.filter(Side.TREBLE::equals).isPresent() ? at.otherSide() : at.driftSide();
            double treble = toward.filter(Side.TREBLE::equals).isPresent() ? at.driftSide() : at.otherSide();
            String value = toward.isEmpty()
                    ? words.numbers().fine(cut.centerAt(at.depth()))
                    : Numbers.bare(words.numbers().fine(bass)) + " / "
                            + words.numbers().fine(treble);
            line(page, fonts.bold(), LABEL + 1, x + 52, y, value, column - 56);
        }
        return from - tall - 14;
    }

    /** Everything else in two columns, as large as it fits down to the smallest letter; then notes give way, then cards. */
    private void below(
            PDPageContentStream page, JobAnalysis analysis, WorkPlan plan, Wording words, float top, float column)
            throws IOException {
        float foot = readings(page, plan.job(), 2 * column + GAP);
        List<Card> cards = new ArrayList<>(PlanCards.of(analysis, plan, spread(analysis, plan), words));
        List<List<Row>> groups = new ArrayList<>();
        for (Card each : cards) {
            groups.add(rows(each, true));
        }
        float size = COMFORTABLE;
        while (size > SMALLEST && tallest(columns(groups, size, column), size, column) > top - foot) {
            size -= 0.25f;
        }
        if (tallest(columns(groups, size, column), size, column) > top - foot) {
            groups.replaceAll(group ->
                    group.stream().filter(row -> row.kind() != Row.Kind.NOTE).toList());
        }
        boolean cut = false;
        while (groups.size() > 1 && tallest(columns(groups, size, column), size, column) > top - foot - size * 1.5f) {
            groups.remove(groups.size() - 1);
            cut = true;
        }
        List<List<List<Row>>> laid = columns(groups, size, column);
        for (int i = 0; i < laid.size(); i++) {
            float y = top;
            for (List<Row> group : laid.get(i)) {
                y = draw(page, group, MARGIN + i * (column + GAP), y, size, column);
            }
        }
        if (cut) {
            line(
                    page,
                    fonts.regular(),
                    SMALLEST,
                    MARGIN,
                    MARGIN - 14,
                    PaperText.text("bench-card-pdf.more-on-the-screen"),
                    column);
        }
    }

    /** What the plan rests on, as it was typed, along the lower edge; returns how high that is. */
    private float readings(PDPageContentStream page, Job job, float width) throws IOException {
        String all = job.visit().readings().stream()
                .filter(reading -> !reading.perFret() && reading.number() < FIRST_RARE)
                .map(reading ->
                        Wording.full(reading) + "\u00a0" + job.text(reading).replace(' ', '\u00a0'))
                .collect(Collectors.joining(",  "));
        if (all.isEmpty()) {
            return MARGIN;
        }
        List<String> lines = wrapped(PaperText.text("bench-card-pdf.it-rests-on", all), SMALLEST, width);
        float y = MARGIN;
        for (int i = lines.size() - 1; i >= 0; i--) {
            line(page, fonts.regular(), SMALLEST, MARGIN, y, lines.get(i), width);
            y += SMALLEST * 1.3f;
        }
        return y + SMALLEST;
    }

    /** How well the figures are known: what the analysis has for the job's own plan, else worked out for this one. */
    private static JobAnalysis.Spread spread(JobAnalysis analysis, WorkPlan plan) {
        return plan == analysis.plan()
                ? analysis.spread()
                : new JobAnalysis.Spread(analysis.spread().correction(), PlanFigure.of(plan), Optional.empty());
    }

    private static List<Row> rows(Card group, boolean notes) {
        List<Row> rows = new ArrayList<>();
        rows.add(new Row(group.title(), "", "", Row.Kind.HEAD));
        group.rows().forEach(line -> rows.add(new Row(line.label(), line.value(), line.remark(), Row.Kind.FIGURE)));
        if (notes && !group.note().isEmpty()) {
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

    /** What stands beside a value or under a card. */
    private static float small(float size) {
        return Math.max(SMALLEST, size * 0.82f);
    }

    private float height(List<Row> group, float size, float column) throws IOException {
        float height = size;
        for (Row row : group) {
            height += switch (row.kind()) {
                case HEAD -> size * 1.5f;
                case FIGURE -> size * 1.3f;
                case NOTE -> wrapped(row.label(), small(size), column).size() * small(size) * 1.2f;
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
                    line(page, fonts.regular(), small(size), x, y, row.label(), column * (1 - VALUE) - 4);
                    float after = x + column * (1 - VALUE);
                    float room = column * VALUE;
                    String value = fonts.printable(row.value());
                    float wide = Math.min(room, PdfFonts.width(fonts.bold(), size, value));
                    line(page, fonts.bold(), size, after, y, value, room);
                    line(page, fonts.regular(), small(size), after + wide, y, remark, room - wide);
                    y -= size * 0.2f;
                }
                case NOTE -> {
                    for (String words : wrapped(row.label(), small(size), column)) {
                        y -= small(size) * 1.2f;
                        line(page, fonts.regular(), small(size), x, y, words, column);
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

    /** One line of text; where it would not fit it is made smaller, and what then is left over is cut at a word. */
    private void line(PDPageContentStream page, PDType0Font font, float size, float x, float y, String text, float room)
            throws IOException {
        String printable = fonts.printable(text);
        if (printable.isBlank() || room <= SMALLEST) {
            return;
        }
        float wide = PdfFonts.width(font, size, printable);
        float fitting = wide > room ? Math.max(SMALLEST, size * room / wide) : size;
        while (PdfFonts.width(font, fitting, printable) > room && printable.indexOf(' ') > 0) {
            printable = printable.substring(0, printable.lastIndexOf(' ')).stripTrailing();
        }
        if (fitting == SMALLEST && PdfFonts.width(font, fitting, printable) > room * 1.05f) {
            return;
        }
        page.beginText();
        page.setFont(font, fitting);
        page.newLineAtOffset(x, y);
        page.showText(printable);
        page.endText();
    }
}
