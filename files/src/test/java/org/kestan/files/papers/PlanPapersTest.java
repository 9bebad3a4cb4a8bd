package org.kestan.files.papers;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Point2D;
import java.io.IOException;
import java.io.StringReader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.kestan.base.geometry.HeelCut;
import org.kestan.base.sheet.Side;
import org.kestan.base.standards.ShopStandards;
import org.kestan.files.demo.DemoJobs;
import org.kestan.files.job.JobReader;
import org.kestan.files.results.PlanJson;
import org.kestan.files.steps.StepLibrary;
import org.kestan.job.Job;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.ways.WayCatalog;
import org.kestan.overview.JobAnalysis;
import org.kestan.repair.plan.Crown;
import org.kestan.repair.plan.SaddlePlan;
import org.kestan.repair.plan.WorkPlan;
import org.kestan.repair.template.Template;
import org.kestan.repair.template.Templates;
import org.kestan.text.BenchUnit;
import org.kestan.text.Card;
import org.kestan.text.PlanCards;
import org.kestan.text.Wording;
import org.testng.annotations.Test;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import org.xml.sax.InputSource;

/** The papers read back: what is printed is what was worked out, in millimeters. */
public class PlanPapersTest {

    /** How far off a template may be, mm. */
    private static final double TRUE = 0.05;

    private static final Wording WORDS = Wording.in(BenchUnit.MILLIMETERS);

    private static WorkPlan plan(String file, Way... ways) {
        Job job = JobReader.read(DemoJobs.bytes(file)).job().orElseThrow();
        return PlanJson.plan(job, List.of(ways), ShopStandards.DEFAULT).plan().orElseThrow();
    }

    private static JobAnalysis analysis(WorkPlan plan) {
        return JobAnalysis.of(plan.job(), plan.shop());
    }

    private static WorkPlan reset() {
        return plan("large-flat-top-reset.kestan.json", WayCatalog.NECK_RESET);
    }

    /** An SVG as a reader sees it: paths by id, in user units, which are millimeters. */
    private record Svg(double width, double height, double[] viewBox, Map<String, List<Point2D>> paths, int circles) {

        static Svg read(Template template) throws Exception {
            Document document = DocumentBuilderFactory.newInstance()
                    .newDocumentBuilder()
                    .parse(new InputSource(new StringReader(TemplateSvg.write(template))));
            Element root = document.getDocumentElement();
            Map<String, List<Point2D>> paths = new HashMap<>();
            NodeList all = root.getElementsByTagName("path");
            for (int i = 0; i < all.getLength(); i++) {
                Element path = (Element) all.item(i);
                List<Point2D> points = new ArrayList<>();
                for (String point : path.getAttribute("d").replace("Z", "").split("[ML]")) {
                    if (!point.isBlank()) {
                        String[] xy = point.strip().split(" ");
                        points.add(new Point2D.Double(Double.parseDouble(xy[0]), Double.parseDouble(xy[1])));
                    }
                }
                paths.put(path.getAttribute("id"), points);
            }
            String[] box = root.getAttribute("viewBox").split(" ");
            return new Svg(
                    millimeters(root.getAttribute("width")),
                    millimeters(root.getAttribute("height")),
                    new double[] {Double.parseDouble(box[2]), Double.parseDouble(box[3])},
                    paths,
                    root.getElementsByTagName("circle").getLength());
        }

        private static double millimeters(String text) {
            assertThat(text).endsWith("mm");
            return Double.parseDouble(text.substring(0, text.length() - 2));
        }

        double length(String id) {
            List<Point2D> points = paths.get(id);
            return points.get(0).distance(points.get(points.size() - 1));
        }
    }

    @Test
    public void svgUnitsAreMillimetersAndTheBarsAreTrue() throws Exception {
        for (Template template : Templates.of(reset())) {
            Svg svg = Svg.read(template);
            assertThat(svg.width()).isEqualTo(svg.viewBox()[0]);
            assertThat(svg.height()).isEqualTo(svg.viewBox()[1]);
            assertThat(svg.length("scale-mm")).isCloseTo(100, within(TRUE));
            assertThat(svg.length("scale-in")).isCloseTo(4 * 25.4, within(TRUE));
            assertThat(svg.paths().values())
                    .allSatisfy(points -> assertThat(points).allSatisfy(point -> {
                        assertThat(point.getX()).isBetween(0.0, svg.width());
                        assertThat(point.getY()).isBetween(0.0, svg.height());
                    }));
        }
    }

    @Test
    public void theHeelInSvgIsTheHeelWorkedOut() throws Exception {
        WorkPlan plan = reset();
        HeelCut cut = plan.heel().orElseThrow();
        Svg svg = Svg.read(template(plan, "heel-cheeks"));
        for (String cheek : List.of("drift", "other")) {
            List<Point2D> edge = svg.paths().get("heel-" + cheek + "-edge");
            List<Point2D> line = svg.paths().get("heel-" + cheek + "-cut");
            boolean drift = cheek.equals("drift");
            HeelCut.Cheeks top = cut.cheeksAt(0);
            HeelCut.Cheeks cap = cut.cheeksAt(cut.height());
            assertThat(edge.get(0).distance(edge.get(3))).isCloseTo(3.6875 * 25.4, within(TRUE));
            // The bass side is seen from the bass, the treble side from the treble: the heel lies left of its edge,
            // and right of it.
            int sign = edge.get(1).getX() < edge.get(0).getX() ? -1 : 1;
            assertThat(sign)
                    .isEqualTo(drift == (plan.job().visit().driftSide().orElse(Side.BASS) == Side.BASS) ? -1 : 1);
            assertThat(sign * (line.get(0).getX() - edge.get(0).getX()))
                    .isCloseTo(drift ? top.driftSide() : top.otherSide(), within(TRUE));
            assertThat(sign * (line.get(1).getX() - edge.get(3).getX()))
                    .isCloseTo(drift ? cap.driftSide() : cap.otherSide(), within(TRUE));
        }
    }

    @Test
    public void theSaddleInSvgFollowsTheCrown() throws Exception {
        WorkPlan plan = reset();
        SaddlePlan saddle = plan.saddle().orElseThrow();
        Svg svg = Svg.read(template(plan, "saddle-crown"));
        List<Point2D> outline = svg.paths().get("saddle-outline");
        List<Point2D> top = svg.paths().get("saddle-bridge-top");
        assertThat(svg.length("saddle-bridge-top")).isCloseTo(2.875 * 25.4, within(TRUE));
        for (Crown.Point string : saddle.crown().orElseThrow().strings()) {
            Point2D place = svg.paths().get("saddle-string-" + string.string()).get(1);
            double crown = outline.stream()
                    .min(Comparator.comparingDouble(point -> Math.abs(point.getX() - place.getX())
                            + (point.getY() > top.get(0).getY() + 0.01 ? 1000 : 0)))
                    .orElseThrow()
                    .getY();
            assertThat(top.get(0).getY() - crown).isCloseTo(string.height(), within(TRUE));
        }
        double bottom = outline.get(0).getY();
        assertThat(bottom - top.get(0).getY()).isCloseTo(3 * 25.4 / 16, within(TRUE));
    }

    @Test
    public void theShimHasItsHolesAndItsThickness() throws Exception {
        WorkPlan plan = plan("bolt-on-shim.kestan.json", WayCatalog.POCKET_SHIM);
        Svg svg = Svg.read(template(plan, "pocket-shim"));
        assertThat(svg.circles()).isEqualTo(4);
        List<Point2D> side = svg.paths().get("shim-side");
        assertThat(side.get(0).distance(side.get(2))).isCloseTo(68, within(TRUE));
        assertThat(side.get(2).getY() - side.get(1).getY())
                .isCloseTo(68 * Math.tan(Math.toRadians(0.25)), within(TRUE));
        List<Point2D> outline = svg.paths().get("shim-outline");
        double left = outline.stream().mapToDouble(Point2D::getX).min().orElseThrow();
        double right = outline.stream().mapToDouble(Point2D::getX).max().orElseThrow();
        assertThat(right - left).isCloseTo(68, within(TRUE));
    }

    /** Collects the straight lines of a page, in millimeters. */
    private static final class Lines extends PDFGraphicsStreamEngine {

        private final List<Double> lengths = new ArrayList<>();
        private Point2D at = new Point2D.Double();

        Lines(PDPage page) {
            super(page);
        }

        @Override
        public void moveTo(float x, float y) {
            at = new Point2D.Double(x, y);
        }

        @Override
        public void lineTo(float x, float y) {
            Point2D next = new Point2D.Double(x, y);
            lengths.add(at.distance(next) / 72 * 25.4);
            at = next;
        }

        @Override
        public Point2D getCurrentPoint() {
            return at;
        }

        @Override
        public void curveTo(float x1, float y1, float x2, float y2, float x3, float y3) {
            at = new Point2D.Double(x3, y3);
        }

        @Override
        public void appendRectangle(Point2D p0, Point2D p1, Point2D p2, Point2D p3) {}

        @Override
        public void drawImage(PDImage image) {}

        @Override
        public void clip(int rule) {}

        @Override
        public void closePath() {}

        @Override
        public void endPath() {}

        @Override
        public void strokePath() {}

        @Override
        public void fillPath(int rule) {}

        @Override
        public void fillAndStrokePath(int rule) {}

        @Override
        public void shadingFill(COSName name) {}
    }

    @Test
    public void pdfLinesAreAsLongAsWorkedOut() throws IOException {
        WorkPlan plan = reset();
        HeelCut cut = plan.heel().orElseThrow();
        for (SheetPdf.Paper paper : SheetPdf.Paper.values()) {
            byte[] bytes = TemplatePdf.write(Templates.of(plan), plan.job(), paper);
            try (PDDocument pdf = Loader.loadPDF(bytes)) {
                assertThat(pdf.getNumberOfPages()).isEqualTo(3);
                for (PDPage page : pdf.getPages()) {
                    Lines lines = new Lines(page);
                    lines.processPage(page);
                    assertThat(lines.lengths)
                            .anySatisfy(length -> assertThat(length).isCloseTo(100, within(TRUE)));
                    assertThat(lines.lengths)
                            .anySatisfy(length -> assertThat(length).isCloseTo(101.6, within(TRUE)));
                }
                Lines heel = new Lines(pdf.getPage(0));
                heel.processPage(pdf.getPage(0));
                double slant = Math.hypot(
                        cut.height(),
                        cut.cheeksAt(cut.height()).driftSide() - cut.cheeksAt(0).driftSide());
                assertThat(heel.lengths).anySatisfy(length -> assertThat(length).isCloseTo(slant, within(TRUE)));
            }
        }
    }

    /**
     * Every word of every card of every sample with a plan, on one paper size and the other in turn, all within the
     * page.
     */
    @Test
    public void nothingIsCutOnCardOrTemplates() throws IOException {
        int cards = 0;
        int sample = 0;
        for (String name : DemoJobs.NAMES) {
            Job job = JobReader.read(DemoJobs.bytes(name)).job().orElseThrow();
            JobAnalysis analysis = JobAnalysis.of(
                    job.with(
                            org.kestan.job.terms.Lines.NAME,
                            "A parlor guitar with a name so long that it has to go over to another line, "
                                    + "and on, and on, until nobody reads it any more"),
                    ShopStandards.DEFAULT);
            if (analysis.plan().planned().isEmpty()) {
                continue;
            }
            SheetPdf.Paper paper = SheetPdf.Paper.values()[sample++ % SheetPdf.Paper.values().length];
            Wording words = Wording.in(BenchUnit.SIXTY_FOURTHS);
            String text = inside(BenchCardPdf.write(
                    analysis, analysis.plan(), StepLibrary.shipped().book(), words, paper));
            for (Card card : PlanCards.of(analysis, analysis.plan(), analysis.spread(), words)) {
                for (Card.Row row : card.rows()) {
                    assertThat(text).as(name).contains(squeezed(row.label()), squeezed(row.value()));
                    assertThat(text).as(name).contains(squeezed(row.remark()));
                }
                assertThat(text).as(name).contains(squeezed(card.note()));
                cards++;
            }
            List<Template> templates = Templates.of(analysis.plan());
            String drawn = inside(TemplatePdf.write(templates, analysis.job(), paper));
            templates.forEach(template -> assertThat(drawn).as(name).contains(squeezed(Wording.more(template, "how"))));
        }
        assertThat(cards).isGreaterThan(25);
    }

    /** Letters only: where a line breaks does not matter. */
    private static String squeezed(String text) {
        return text.replaceAll("\\s+", "");
    }

    /** Returns the text of a paper, all of which has to lie within its pages. */
    private static String inside(byte[] bytes) throws IOException {
        StringBuilder text = new StringBuilder();
        PDFTextStripper stripper = new PDFTextStripper() {
            @Override
            protected void processTextPosition(TextPosition at) {
                assertThat(at.getXDirAdj()).isGreaterThanOrEqualTo(0);
                assertThat(at.getXDirAdj() + at.getWidthDirAdj()).isLessThanOrEqualTo(at.getPageWidth());
                assertThat(at.getYDirAdj()).isBetween(0f, at.getPageHeight());
                text.append(at.getUnicode());
            }
        };
        try (PDDocument pdf = Loader.loadPDF(bytes)) {
            stripper.getText(pdf);
        }
        return squeezed(text.toString());
    }

    @Test
    public void textIsSearchableAndFontsAreEmbedded() throws IOException {
        byte[] card = BenchCardPdf.write(
                analysis(reset()),
                reset(),
                StepLibrary.shipped().book(),
                Wording.in(BenchUnit.SIXTY_FOURTHS),
                SheetPdf.Paper.A4);
        try (PDDocument pdf = Loader.loadPDF(card)) {
            // The words on two pages, the steps as drawings on a third.
            assertThat(pdf.getNumberOfPages()).isLessThanOrEqualTo(3);
            String text = new PDFTextStripper().getText(pdf);
            assertThat(text)
                    .contains("Large flat-top, 1968, second owner")
                    .contains("Neck reset")
                    .contains("Off the bass cheek at the cap", "the lighthouse keeper", "2026-10-12", "Based on")
                    .contains("0.035 in + 0.011 in")
                    .contains("Straightedge, slack")
                    .contains("Scribe the cut");
            for (COSName name : pdf.getPage(0).getResources().getFontNames()) {
                PDFont font = pdf.getPage(0).getResources().getFont(name);
                assertThat(font.isEmbedded()).isTrue();
            }
        }
        byte[] templates = TemplatePdf.write(Templates.of(reset()), reset().job(), SheetPdf.Paper.LETTER);
        try (PDDocument pdf = Loader.loadPDF(templates)) {
            assertThat(new PDFTextStripper().getText(pdf)).contains("Before you use it, measure both bars");
        }
    }

    @Test
    public void allPapersAreWritten() throws IOException {
        Path folder = Files.createTempDirectory("papers");
        List<Path> written = PlanPapers.write(analysis(reset()), reset(), WORDS, folder);
        assertThat(written)
                .extracting(path -> path.getFileName().toString())
                .contains(
                        "bench-card-large-flat-top-1968-second-owner-the-lighthouse-keeper-a4.pdf",
                        "bench-card-large-flat-top-1968-second-owner-the-lighthouse-keeper-letter.pdf",
                        "templates-large-flat-top-1968-second-owner-the-lighthouse-keeper-a4.pdf",
                        "templates-large-flat-top-1968-second-owner-the-lighthouse-keeper-letter.pdf",
                        "heel-cheeks-large-flat-top-1968-second-owner-the-lighthouse-keeper.svg",
                        "saddle-crown-large-flat-top-1968-second-owner-the-lighthouse-keeper.svg",
                        "wedge-large-flat-top-1968-second-owner-the-lighthouse-keeper.svg");
        for (Path path : written) {
            assertThat(Files.size(path)).isPositive();
            Files.delete(path);
        }
        Files.delete(folder);
    }

    private static Template template(WorkPlan plan, String id) {
        return Templates.of(plan).stream()
                .filter(template -> template.key().equals(id))
                .findFirst()
                .orElseThrow();
    }
}
