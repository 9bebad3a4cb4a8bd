package org.kestan.files.papers;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.management.ThreadMXBean;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.zip.CRC32;
import java.util.zip.DeflaterOutputStream;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.kestan.base.finding.Fault;
import org.kestan.base.standards.Letterhead;
import org.kestan.base.standards.SalesTax;
import org.kestan.base.standards.ShopStandards;
import org.kestan.files.demo.DemoJobs;
import org.kestan.files.disk.Disk;
import org.kestan.files.job.JobFile;
import org.kestan.files.job.JobReader;
import org.kestan.files.results.PrintedResult;
import org.kestan.files.standards.StandardsFile;
import org.kestan.files.steps.StepLibrary;
import org.kestan.job.Job;
import org.kestan.job.Sections;
import org.kestan.job.parts.Part;
import org.kestan.job.terms.Lines;
import org.kestan.overview.Bill;
import org.kestan.overview.JobAnalysis;
import org.kestan.text.BenchUnit;
import org.kestan.text.Wording;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import org.w3c.dom.Document;
import org.w3c.dom.NodeList;

/** The owner's papers, read back by general-purpose readers. */
public class OwnerPapersTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 25);
    private static final Wording WORDS = Wording.in(BenchUnit.MILLIMETERS);
    private static final ShopStandards SHOP = ShopStandards.DEFAULT.withLetterhead(new Letterhead(
            "Harbour <Workshop> & Sons",
            "Quay 7\nHaven",
            "Half beforehand.\nPick up within a month.",
            14,
            new SalesTax(20, "Sales tax", "T-19", false),
            ""));

    private Path folder;

    @BeforeMethod
    public void open() throws IOException {
        folder = Files.createTempDirectory("kestan-test-");
    }

    @AfterMethod(alwaysRun = true)
    public void close() throws IOException {
        Disk.deleteAll(folder);
    }

    private static JobAnalysis demo(String name) {
        Job job = JobReader.read(DemoJobs.bytes(name + JobFile.EXTENSION)).job().orElseThrow();
        return JobAnalysis.of(job, SHOP);
    }

    private Path written(String ending) throws IOException {
        try (var files = Files.list(folder)) {
            return files.filter(file -> file.toString().endsWith(ending))
                    .findFirst()
                    .orElseThrow();
        }
    }

    private String pdf(List<COSName> fonts) throws IOException {
        try (PDDocument pdf = Loader.loadPDF(written(".pdf").toFile())) {
            // Tagged, with a language and its fonts embedded (ISO 32000-1, 14.7 and 14.8; PDF/UA-1, 7.2).
            assertThat(pdf.getDocumentCatalog().getMarkInfo().isMarked()).isTrue();
            assertThat(pdf.getDocumentCatalog().getStructureTreeRoot()).isNotNull();
            assertThat(pdf.getDocumentCatalog().getLanguage()).isEqualTo("en");
            for (PDPage page : pdf.getPages()) {
                for (COSName name : page.getResources().getFontNames()) {
                    fonts.add(name);
                    assertThat(page.getResources().getFont(name).isEmbedded()).isTrue();
                }
            }
            return new PDFTextStripper().getText(pdf).replaceAll("\\s+", " ");
        }
    }

    private Document html() throws Exception {
        String text = Files.readString(written(".html"), StandardCharsets.UTF_8);
        assertThat(text).doesNotContain("http:", "https:", "<script", "file:");
        DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
        factory.setFeature("http://apache.org/xml/features/nonvalidating/load-external-dtd", false);
        return factory.newDocumentBuilder().parse(new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)));
    }

    /** Line by line, so that an invoice can be written from it. */
    @Test
    public void partsTaxAndDepositStandOnTheEstimate() throws Exception {
        Job job = JobReader.read(DemoJobs.bytes("large-flat-top-reset" + JobFile.EXTENSION))
                .job()
                .orElseThrow()
                .with(
                        Sections.PARTS,
                        List.of(
                                Part.of("bridge pins").withNeed(6).withPrice(Optional.of(1.5)),
                                Part.of("bone blank").withPrice(Optional.of(11.0))))
                .with(Lines.DEPOSIT, 50.0);
        ShopStandards shop = SHOP.withLetterhead(
                new Letterhead("Harbour Workshop", "", "", 14, new SalesTax(8, "Parts tax", "T-19", true), ""));
        JobAnalysis analysis = JobAnalysis.of(job, shop);
        OwnerPapers.write(
                OwnerPapers.estimate(analysis, WORDS, StepLibrary.shipped().book(), TODAY), SheetPdf.Paper.A4, folder);
        assertThat(pdf(new ArrayList<>()))
                .contains("6 × bridge pins at 1.50 EUR 9.00 EUR", "bone blank 11.00 EUR")
                .contains("Parts tax on parts, 8 % 1.60 EUR", "Deposit paid -50.00 EUR", "Tax number: T-19");
    }

    /** Whatever is in a name, an address or a logo, the paper is made, and complete. */
    @Test
    public void noCharacterAndNoLogoKeepsAPaperFromBeingMade() throws Exception {
        String odd = "Nobody\u0000\u0001\ud800\ufffe\u202e\u2028<script>&]]>\u0085";
        JobAnalysis sample = demo("large-flat-top-reset");
        Job job = sample.job()
                .with(Lines.OWNER, odd)
                .with(Lines.COMPLAINT, odd + "\n" + odd)
                .with(Lines.NAME, odd);
        for (String logo : List.of("", "not base64!", "aGVsbG8=")) {
            ShopStandards shop = ShopStandards.DEFAULT.withLetterhead(
                    new Letterhead(odd, odd, odd, 14, new SalesTax(8, odd, odd, false), logo));
            OwnerPapers.write(
                    OwnerPapers.estimate(
                            JobAnalysis.of(job, shop),
                            WORDS,
                            StepLibrary.shipped().book(),
                            TODAY),
                    SheetPdf.Paper.A4,
                    folder);
            assertThat(pdf(new ArrayList<>())).contains("Nobody", "<script>&]]>");
            assertThat(html().getElementsByTagName("script").getLength()).isZero();
        }
        assertThat(StandardsFile.read("{\"kestanStandards\": 1, \"letterhead\": {\"logo\": \"aGVsbG8=\"}}")
                        .faults())
                .extracting(Fault::pointer)
                .containsExactly("/letterhead/logo");
    }

    /**
     * A picture of a hundred and twenty million pixels, and a damaged one: the first is shown, the second is left out.
     */
    @Test
    public void aLargePictureIsDecodedAsLargeAsItIsDrawn() throws Exception {
        byte[] large = greyPng(12_000, 10_000);
        ThreadMXBean threads = (ThreadMXBean) ManagementFactory.getThreadMXBean();
        long before = threads.getCurrentThreadAllocatedBytes();
        Optional<String> shown = DataUriImage.photograph(() -> large);
        long allocated = threads.getCurrentThreadAllocatedBytes() - before;
        assertThat(shown).hasValueSatisfying(uri -> assertThat(uri).startsWith("data:image/jpeg"));
        assertThat(allocated).isLessThan(200L << 20);
        assertThat(DataUriImage.photograph(() -> java.util.Arrays.copyOf(large, 300)))
                .isEmpty();
        assertThat(DataUriImage.photograph(() -> {
                    throw new IOException("gone");
                }))
                .isEmpty();
    }

    /** An empty picture, written row by row (PNG Specification, third edition, 5.3 and 11.2). */
    private static byte[] greyPng(int width, int height) throws IOException {
        ByteArrayOutputStream rows = new ByteArrayOutputStream();
        try (DeflaterOutputStream out = new DeflaterOutputStream(rows)) {
            byte[] row = new byte[width + 1];
            for (int y = 0; y < height; y++) {
                out.write(row);
            }
        }
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        png.write(new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'});
        chunk(
                png,
                "IHDR",
                ByteBuffer.allocate(13)
                        .putInt(width)
                        .putInt(height)
                        .put(new byte[] {8, 0, 0, 0, 0})
                        .array());
        chunk(png, "IDAT", rows.toByteArray());
        chunk(png, "IEND", new byte[0]);
        return png.toByteArray();
    }

    private static void chunk(ByteArrayOutputStream png, String type, byte[] data) throws IOException {
        byte[] named = new byte[4 + data.length];
        System.arraycopy(type.getBytes(StandardCharsets.US_ASCII), 0, named, 0, 4);
        System.arraycopy(data, 0, named, 4, data.length);
        CRC32 sum = new CRC32();
        sum.update(named);
        png.write(ByteBuffer.allocate(4).putInt(data.length).array());
        png.write(named);
        png.write(ByteBuffer.allocate(4).putInt((int) sum.getValue()).array());
    }

    @Test
    public void anEstimateSaysWhatItCosts() throws Exception {
        JobAnalysis analysis = demo("large-flat-top-reset");
        PrintedResult printed = OwnerPapers.write(
                OwnerPapers.estimate(analysis, WORDS, StepLibrary.shipped().book(), TODAY), SheetPdf.Paper.A4, folder);
        assertThat(printed.faults()).isEmpty();
        List<COSName> fonts = new ArrayList<>();
        String text = pdf(fonts);
        assertThat(fonts).isNotEmpty();
        double net = Bill.of(
                        analysis.job(),
                        analysis.shop(),
                        analysis.recommendation().ways())
                .net();
        assertThat(text)
                .contains("Harbour <Workshop> & Sons", "Quay 7", "Neck reset", "Half beforehand.", "until 2026-12-09")
                .contains(String.format(Locale.ROOT, "%.2f EUR", net * 1.2))
                .contains("What nobody can know yet");
        Document page = html();
        assertThat(page.getElementsByTagName("h1").getLength()).isEqualTo(1);
        NodeList pictures = page.getElementsByTagName("img");
        assertThat(pictures.getLength()).isEqualTo(1);
        assertThat(pictures.item(0).getAttributes().getNamedItem("src").getNodeValue())
                .startsWith("data:image/png;base64,");
        assertThat(pictures.item(0).getAttributes().getNamedItem("alt").getNodeValue())
                .isNotBlank();
    }

    /** A miss is not hidden, and the day to come back is there. */
    @Test
    public void aReportHidesNoMiss() throws Exception {
        PrintedResult printed = OwnerPapers.write(
                OwnerPapers.report(demo("reset-that-missed"), WORDS, List.of(), TODAY), SheetPdf.Paper.LETTER, folder);
        assertThat(printed.faults()).isEmpty();
        String text = pdf(new ArrayList<>());
        assertThat(text)
                .contains(
                        "What came out differently than we said",
                        "Sink",
                        "32 % lower",
                        "2026-12-10",
                        "loose brace",
                        "Neck reset");
        try (PDDocument pdf = Loader.loadPDF(written(".pdf").toFile())) {
            assertThat(pdf.getPage(0).getMediaBox().getWidth()).isEqualTo(612);
        }
        html();
    }

    @Test
    public void aReportNeedsAProof() throws IOException {
        PrintedResult printed = OwnerPapers.write(
                OwnerPapers.report(demo("large-flat-top-reset"), WORDS, List.of(), TODAY), SheetPdf.Paper.A4, folder);
        assertThat(printed.faults()).hasSize(1);
        assertThat(WORDS.line(printed.faults().get(0))).startsWith("/survey/action/bass: ");
    }

    /** No owner's name or complaint can break a page. */
    @Test
    public void oddWordsBreakNoPage() throws Exception {
        JobAnalysis odd = JobAnalysis.of(
                demo("large-flat-top-reset")
                        .job()
                        .with(Lines.OWNER, "<b>\"O'Neil\" & co</b> \u0001 \u4e2d\u6587 \ud83c\udfb8")
                        .with(Lines.COMPLAINT, "]]> <script>alert(1)</script>\n&amp;"),
                SHOP);
        OwnerPapers.write(
                OwnerPapers.estimate(odd, WORDS, StepLibrary.shipped().book(), TODAY), SheetPdf.Paper.A4, folder);
        assertThat(html().getElementsByTagName("script").getLength()).isZero();
        assertThat(pdf(new ArrayList<>())).contains("O'Neil");
    }

    @Test
    public void theLetterheadIsKeptWithTheStandards() {
        StandardsFile.Outcome read = StandardsFile.read(StandardsFile.write(SHOP));
        assertThat(read.faults()).isEmpty();
        assertThat(read.standards().letterhead()).isEqualTo(SHOP.letterhead());
        assertThat(StandardsFile.read("{\"kestanStandards\": 1, \"letterhead\": {\"tax\": -3}}")
                        .faults())
                .hasSize(1);
    }
}
