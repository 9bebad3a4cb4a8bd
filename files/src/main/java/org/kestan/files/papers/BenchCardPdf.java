package org.kestan.files.papers;

import java.awt.geom.Rectangle2D;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.kestan.base.finding.Quantity;
import org.kestan.base.geometry.HeelCut;
import org.kestan.base.sheet.Side;
import org.kestan.job.Job;
import org.kestan.overview.JobAnalysis;
import org.kestan.repair.picture.OperationPictures;
import org.kestan.repair.plan.PlanFigure;
import org.kestan.repair.plan.WorkPlan;
import org.kestan.repair.sideview.SideView;
import org.kestan.repair.steps.Step;
import org.kestan.repair.steps.StepBook;
import org.kestan.text.BenchNumbers;
import org.kestan.text.Card;
import org.kestan.text.Numbers;
import org.kestan.text.PlanCards;
import org.kestan.text.Wording;

/**
 * A work plan for the wall. On the first page are the deciding numbers at 30 points, the heel with its depths and,
 * below, as much of the rest as can be read at arm's length, with the readings it is based on last; everything else is
 * on the following pages. Nothing is smaller than 8 points, and nothing is left out or cut off.
 */
public final class BenchCardPdf {

    private static final float MARGIN = 36;
    private static final float GAP = 18;

    /** The deciding numbers. */
    private static final float LARGE = 32;

    private static final float LABEL = 9;

    private static final float SKETCH_WIDTH = 96;

    /** The height of the instrument, of a step, and of its title. */
    private static final int INSTRUMENT = 132;

    private static final int OPERATION = 84;
    private static final int TITLE = 36;
    private static final int IN_A_ROW = 4;

    /** Readings from this number on are rare and left out. */
    private static final int FIRST_RARE = 16;

    private final PDDocument document = new PDDocument();
    private final PdfFonts fonts;
    private final SheetPdf.Paper paper;

    private BenchCardPdf(SheetPdf.Paper paper) throws IOException {
        this.paper = paper;
        fonts = PdfFonts.in(document);
    }

    /**
     * Makes the card.
     *
     * @param book the steps, of which those that have a drawing are shown
     * @param words in the unit of its figures; millimeters are shown beside them
     * @return the bytes of a PDF with embedded fonts and searchable text
     * @throws IOException if the fonts that ship can't be read
     */
    public static byte[] write(JobAnalysis analysis, WorkPlan plan, StepBook book, Wording words, SheetPdf.Paper paper)
            throws IOException {
        BenchCardPdf card = new BenchCardPdf(paper);
        try (card.document) {
            card.draw(analysis, plan, book, words);
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            card.document.getDocumentInformation().setTitle(PaperText.text("bench-card-pdf.bench-card"));
            card.document.save(bytes);
            return bytes.toByteArray();
        }
    }

    private void draw(JobAnalysis analysis, WorkPlan plan, StepBook book, Wording words) throws IOException {
        float width = paper.size().getWidth() - 2 * MARGIN;
        List<Card> cards = PlanCards.of(analysis, plan, spread(analysis, plan), words);
        try (PDPageContentStream page = page()) {
            TextLines text = new TextLines(page, fonts);
            float y = head(text, plan, width);
            y = numbers(text, BenchNumbers.of(plan, words), y, width);
            y = instrument(text, analysis, y, width);
            if (plan.heel().filter(cut -> cut.atCap() > 0).isPresent()) {
                y = heel(text, plan.heel().get(), plan, words, y, width);
            }
            float foot = readings(text, plan.job(), width);
            cards = columns(text, cards, y - 8, foot);
        }
        while (!cards.isEmpty()) {
            try (PDPageContentStream page = page()) {
                TextLines text = new TextLines(page, fonts);
                float y = name(text, plan, width);
                int before = cards.size();
                cards = columns(text, cards, y - 8, MARGIN);
                if (cards.size() == before) {
                    throw new IOException("a card is taller than a page");
                }
            }
        }
        if (analysis.sideView().isPresent()) {
            operations(analysis.sideView().get(), plan, book, words, width);
        }
    }

    /** The instrument, whole and through two loupes. */
    private float instrument(TextLines text, JobAnalysis analysis, float from, float width) throws IOException {
        if (analysis.measured().isEmpty() || analysis.sideView().isEmpty()) {
            return from;
        }
        InstrumentPicture.draw(
                new PicturePdf(text.page(), fonts, Quantity::toString),
                analysis.sideView().get(),
                new Rectangle2D.Float(MARGIN, from - INSTRUMENT, width, INSTRUMENT));
        return from - INSTRUMENT - 4;
    }

    /** The steps that have a drawing, each with it, in working order. */
    private void operations(SideView view, WorkPlan plan, StepBook book, Wording words, float width)
            throws IOException {
        List<Step> steps = book.compose(plan);
        List<Step> drawn =
                steps.stream().filter(step -> step.operation().isPresent()).toList();
        float column = (width - (IN_A_ROW - 1) * GAP) / IN_A_ROW;
        int next = 0;
        while (next < drawn.size()) {
            try (PDPageContentStream page = page()) {
                TextLines text = new TextLines(page, fonts);
                float y = name(text, plan, width) - 12;
                while (next < drawn.size() && y - OPERATION - TITLE > MARGIN) {
                    for (int i = 0; i < IN_A_ROW && next < drawn.size(); i++, next++) {
                        Step step = drawn.get(next);
                        float x = MARGIN + i * (column + GAP);
                        new PicturePdf(page, fonts, words::print)
                                .draw(
                                        OperationPictures.of(step.operation().get(), view),
                                        new Rectangle2D.Float(x, y - OPERATION, column, OPERATION));
                        page.setLineWidth(0.4f);
                        page.addRect(x, y - OPERATION, column, OPERATION);
                        page.stroke();
                        text.paragraph(
                                fonts.bold(),
                                LABEL,
                                x,
                                y - OPERATION - LABEL - 2,
                                steps.indexOf(step) + 1 + "  " + step.text().title(),
                                column);
                    }
                    y -= OPERATION + TITLE;
                }
            }
        }
    }

    private List<Card> columns(TextLines text, List<Card> cards, float top, float foot) throws IOException {
        float column = (paper.size().getWidth() - 2 * MARGIN - GAP) / 2;
        return new CardColumns(text, column).draw(cards, MARGIN, GAP, top, foot);
    }

    private PDPageContentStream page() throws IOException {
        PDPage sheet = new PDPage(paper.size());
        document.addPage(sheet);
        return new PDPageContentStream(document, sheet);
    }

    private float head(TextLines text, WorkPlan plan, float width) throws IOException {
        float y = name(text, plan, width);
        y = text.paragraph(
                fonts.bold(),
                13,
                MARGIN,
                y - 17,
                plan.ways().isEmpty() ? PaperText.text("bench-card-pdf.by-the-target-neck") : Wording.ways(plan.ways()),
                width);
        return y - 8;
    }

    /** Which instrument it is, whose, and from which day. */
    private float name(TextLines text, WorkPlan plan, float width) throws IOException {
        String name = plan.job().name();
        float y = text.paragraph(
                fonts.bold(),
                22,
                MARGIN,
                paper.size().getHeight() - MARGIN - 18,
                name.isEmpty() ? PaperText.text("bench-card-pdf.bench-card") : name,
                width);
        return text.paragraph(fonts.regular(), 10, MARGIN, y - 15, PaperName.ownerAndDay(plan.job()), width);
    }

    /** The deciding numbers, two side by side; one that needs the width has its own line. */
    private float numbers(TextLines text, List<BenchNumbers> all, float from, float width) throws IOException {
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
            text.paragraph(fonts.regular(), LABEL, x, y + LARGE * 0.82f, each.label(), wide ? width : half);
            text.paragraph(fonts.bold(), LARGE, x, y, each.value(), wide ? width : half);
            column = wide ? 0 : (column + 1) % 2;
        }
        return y - 8;
    }

    /** One cheek with the wood to remove, its thickness exaggerated, and how much comes off at each depth. */
    private float heel(TextLines text, HeelCut cut, WorkPlan plan, Wording words, float from, float width)
            throws IOException {
        PDPageContentStream page = text.page();
        List<HeelCut.Cheeks> stations = cut.stations();
        int columns = 3;
        int rows = (stations.size() + columns - 1) / columns;
        float step = 12.5f;
        float tall = Math.max(rows * step + 14, 84);
        float top = from - 14;
        Optional<Side> toward = plan.job().visit().driftSide();
        text.paragraph(
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
            text.paragraph(
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
            text.paragraph(fonts.bold(), LABEL + 1, x + 52, y, value, column - 56);
        }
        return from - tall - 14;
    }

    /** The readings the plan is based on, as typed, along the lower edge; returns their height. */
    private float readings(TextLines text, Job job, float width) throws IOException {
        String all = job.visit().readings().stream()
                .filter(reading -> !reading.perFret() && reading.number() < FIRST_RARE)
                .map(reading ->
                        Wording.full(reading) + "\u00a0" + job.text(reading).replace(' ', '\u00a0'))
                .collect(Collectors.joining(",  "));
        if (all.isEmpty()) {
            return MARGIN;
        }
        List<String> lines = text.wrapped(
                fonts.regular(), PaperText.text("bench-card-pdf.it-rests-on", all), TextLines.SMALLEST, width);
        float y = MARGIN;
        for (int i = lines.size() - 1; i >= 0; i--) {
            text.write(fonts.regular(), TextLines.SMALLEST, MARGIN, y, lines.get(i));
            y += TextLines.SMALLEST * 1.3f;
        }
        return y + TextLines.SMALLEST;
    }

    /** How well the figures are known: from the analysis for the job's own plan, otherwise worked out for this one. */
    private static JobAnalysis.Spread spread(JobAnalysis analysis, WorkPlan plan) {
        return plan == analysis.plan()
                ? analysis.spread()
                : new JobAnalysis.Spread(analysis.spread().correction(), PlanFigure.of(plan), Optional.empty());
    }
}
