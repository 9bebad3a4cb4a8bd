package org.kestan.files.papers;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.kestan.job.Job;
import org.kestan.repair.template.Template;
import org.kestan.repair.template.TemplateElement;
import org.kestan.repair.template.TemplateElement.Point;
import org.kestan.text.BenchUnit;
import org.kestan.text.Wording;

/** True-size templates on paper, one per page, with scale bars in both systems and the check to make before use. */
public final class TemplatePdf {

    /** Points per millimeter. */
    static final double POINTS = 72 / 25.4;

    private static final double MARGIN = 15;
    private static final double TITLE = 6;
    private static final double TEXT = 3.6;
    private static final double LINE = 5;
    private static final double DRAWING_TOP = 44;

    private static final Wording SAID = Wording.in(BenchUnit.MILLIMETERS);

    private final PDDocument document = new PDDocument();
    private final PdfFonts fonts;
    private final SheetPdf.Paper paper;
    private PDPageContentStream page;
    private double tall;
    private double across;

    private TemplatePdf(SheetPdf.Paper paper) throws IOException {
        this.paper = paper;
        fonts = PdfFonts.in(document);
    }

    /**
     * Draws templates.
     *
     * @param job whose templates they are; instrument, owner and day stand on each page
     * @return the bytes of a PDF with embedded fonts and searchable text
     * @throws IOException if the fonts that ship can't be read
     */
    public static byte[] write(List<Template> templates, Job job, SheetPdf.Paper paper) throws IOException {
        TemplatePdf pdf = new TemplatePdf(paper);
        try (pdf.document) {
            for (Template template : templates) {
                pdf.draw(template, PaperName.whose(job));
            }
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            pdf.document.getDocumentInformation().setTitle(PaperText.text("template-pdf.templates", job.name()));
            pdf.document.save(bytes);
            return bytes.toByteArray();
        }
    }

    /** A portrait page, or landscape if the template is too wide for that. */
    private void draw(Template template, String whose) throws IOException {
        PDRectangle upright = paper.size();
        boolean lying = template.width() > upright.getWidth() / POINTS - 2 * MARGIN;
        PDRectangle size = lying ? new PDRectangle(upright.getHeight(), upright.getWidth()) : upright;
        tall = size.getHeight() / POINTS;
        across = size.getWidth() / POINTS;
        PDPage next = new PDPage(size);
        document.addPage(next);
        try (PDPageContentStream stream = new PDPageContentStream(document, next)) {
            page = stream;
            words(fonts.bold(), TITLE, new Point(MARGIN, MARGIN + 4), Wording.label(template));
            words(fonts.regular(), TEXT, new Point(MARGIN, MARGIN + 10), whose);
            double below = MARGIN + 15;
            List<String> how = new TextLines(stream, fonts)
                    .wrapped(fonts.regular(), Wording.more(template, "how"), (float) (TEXT * POINTS), (float)
                            ((across - 2 * MARGIN) * POINTS));
            for (String line : how) {
                words(fonts.regular(), TEXT, new Point(MARGIN, below), line);
                below += LINE;
            }
            words(fonts.bold(), TEXT, new Point(MARGIN, below), Wording.templateCheck());
            for (TemplateElement ink : ScaleBars.at(0, 0)) {
                ink.draw(new Pen(MARGIN, below + 2));
            }
            double top = DRAWING_TOP + below - LINE - 15;
            for (TemplateElement ink : template.inks()) {
                ink.draw(new Pen(MARGIN, top));
            }
        }
    }

    /** Draws with the upper left corner of a drawing at a place. */
    private final class Pen implements TemplateElement.Pen<IOException> {

        private final double right;
        private final double down;

        Pen(double right, double down) {
            this.right = right;
            this.down = down;
        }

        @Override
        public void path(TemplateElement.Path path) throws IOException {
            style(path.style());
            Point first = path.points().get(0).moved(right, down);
            page.moveTo(x(first.x()), y(first.y()));
            for (Point point : path.points().subList(1, path.points().size())) {
                page.lineTo(x(point.x() + right), y(point.y() + down));
            }
            if (path.closed()) {
                page.closePath();
            }
            page.stroke();
        }

        @Override
        public void hole(TemplateElement.Hole hole) throws IOException {
            circle(hole, right, down);
        }

        @Override
        public void words(TemplateElement.Words words) throws IOException {
            TemplatePdf.this.words(
                    fonts.regular(), words.size(), words.at().moved(right, down), SAID.say(words.said()));
        }
    }

    private void style(TemplateElement.Style line) throws IOException {
        page.setLineWidth(line == TemplateElement.Style.CUT ? 0.8f : line == TemplateElement.Style.HATCH ? 0.3f : 0.5f);
        page.setLineDashPattern(
                switch (line) {
                    case EDGE -> new float[] {5, 2};
                    case CENTRE -> new float[] {6, 2, 1, 2};
                    default -> new float[0];
                },
                0);
    }

    /** Four curves that differ from the circle by less than 3 parts in ten thousand. */
    private void circle(TemplateElement.Hole hole, double right, double down) throws IOException {
        style(TemplateElement.Style.CUT);
        float r = (float) (hole.radius() * POINTS);
        float k = 0.5522848f * r;
        float cx = x(hole.center().x() + right);
        float cy = y(hole.center().y() + down);
        page.moveTo(cx + r, cy);
        page.curveTo(cx + r, cy + k, cx + k, cy + r, cx, cy + r);
        page.curveTo(cx - k, cy + r, cx - r, cy + k, cx - r, cy);
        page.curveTo(cx - r, cy - k, cx - k, cy - r, cx, cy - r);
        page.curveTo(cx + k, cy - r, cx + r, cy - k, cx + r, cy);
        page.closePath();
        page.stroke();
    }

    private void words(PDType0Font font, double millimeters, Point at, String text) throws IOException {
        String printable = fonts.printable(text);
        float size = (float) (millimeters * POINTS);
        float room = (float) ((across - MARGIN - at.x()) * POINTS);
        float wide = PdfFonts.width(font, size, printable);
        page.beginText();
        page.setFont(font, wide > room ? size * room / wide : size);
        page.newLineAtOffset(x(at.x()), y(at.y()));
        page.showText(printable);
        page.endText();
    }

    private float x(double millimeters) {
        return (float) (millimeters * POINTS);
    }

    private float y(double millimeters) {
        return (float) ((tall - millimeters) * POINTS);
    }
}
