package org.kestan.files.papers;

import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.util.XRLog;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.time.LocalDate;
import java.util.Base64;
import java.util.List;
import java.util.logging.Level;
import java.util.logging.Logger;
import org.kestan.base.standards.Letterhead;
import org.kestan.text.PlainText;

/** A page for an owner in plain words: a self-contained HTML page, and a PDF made from it. */
final class OwnerPage {

    private static final String REGULAR = "AtkinsonHyperlegibleNext_400Regular.ttf";
    private static final String BOLD = "AtkinsonHyperlegibleNext_700Bold.ttf";
    private static final String FAMILY = "Kestan";

    /** The library's own messages do not concern the person waiting for the paper. */
    private static final Logger QUIET = Logger.getLogger("org.apache.pdfbox");

    static {
        XRLog.setLoggingEnabled(false);
        QUIET.setLevel(Level.SEVERE);
    }

    private final StringBuilder body = new StringBuilder();
    private final String title;

    OwnerPage(String title, Letterhead letterhead, LocalDate today) {
        this.title = title;
        body.append("<div class=\"head\">");
        DataUriImage.logo(letterhead.logo())
                .ifPresent(logo -> body.append("<img class=\"logo\" alt=\"")
                        .append(escaped(letterhead.name()))
                        .append("\" src=\"")
                        .append(logo)
                        .append("\"/>"));
        body.append("<p class=\"shop\">").append(escaped(letterhead.name())).append("</p>");
        letterhead
                .address()
                .lines()
                .forEach(line -> body.append("<p class=\"address\">")
                        .append(escaped(line))
                        .append("</p>"));
        body.append("<p class=\"address\">").append(today).append("</p></div>");
        body.append("<h1>").append(escaped(title)).append("</h1>");
    }

    /** Escapes text for HTML. */
    static String escaped(String text) {
        return PlainText.lines(text)
                .replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }

    OwnerPage heading(String text) {
        body.append("<h2>").append(escaped(text)).append("</h2>");
        return this;
    }

    OwnerPage text(String text) {
        if (!text.isBlank()) {
            body.append("<p>").append(escaped(text)).append("</p>");
        }
        return this;
    }

    OwnerPage large(String text) {
        body.append("<p class=\"large\">").append(escaped(text)).append("</p>");
        return this;
    }

    OwnerPage list(List<String> lines) {
        if (!lines.isEmpty()) {
            body.append("<ul>");
            lines.forEach(line -> body.append("<li>").append(escaped(line)).append("</li>"));
            body.append("</ul>");
        }
        return this;
    }

    /** A drawing as wide as the page. */
    OwnerPage drawing(String source, String says) {
        return image("wide", source, says);
    }

    /** A photograph, at most a third of a page high. */
    OwnerPage photograph(String source, String says) {
        return image("photo", source, says);
    }

    private OwnerPage image(String style, String source, String says) {
        body.append("<p><img class=\"")
                .append(style)
                .append("\" alt=\"")
                .append(escaped(says))
                .append("\" src=\"")
                .append(source)
                .append("\"/></p><p class=\"caption\">")
                .append(escaped(says))
                .append("</p>");
        return this;
    }

    OwnerPage table(List<String> head, List<List<String>> rows) {
        body.append("<table><thead><tr>");
        head.forEach(
                cell -> body.append("<th scope=\"col\">").append(escaped(cell)).append("</th>"));
        body.append("</tr></thead><tbody>");
        for (List<String> row : rows) {
            body.append("<tr>");
            row.forEach(cell -> body.append("<td>").append(escaped(cell)).append("</td>"));
            body.append("</tr>");
        }
        body.append("</tbody></table>");
        return this;
    }

    /**
     * The whole page.
     *
     * @param embedded whether its fonts are in it
     */
    String html(SheetPdf.Paper paper, boolean embedded) throws IOException {
        return "<!DOCTYPE html>\n<html lang=\"en\"><head><meta charset=\"UTF-8\"/><title>" + escaped(title)
                + "</title><meta name=\"description\" content=\"" + escaped(title)
                + "\"/><meta name=\"subject\" content=\"" + escaped(title) + "\"/><style>" + (embedded ? faces() : "")
                + style(paper) + "</style></head><body>" + body + "</body></html>\n";
    }

    private static String faces() throws IOException {
        return face(REGULAR, 400) + face(BOLD, 700);
    }

    private static String face(String file, int weight) throws IOException {
        try (InputStream in = DataUriImage.font(file)) {
            return "@font-face{font-family:" + FAMILY + ";font-weight:" + weight + ";src:url(data:font/ttf;base64,"
                    + Base64.getEncoder().encodeToString(in.readAllBytes()) + ")}";
        }
    }

    private static String style(SheetPdf.Paper paper) {
        return "@page{size:" + (paper == SheetPdf.Paper.A4 ? "210mm 297mm" : "8.5in 11in") + ";margin:18mm}"
                + "body{font-family:" + FAMILY
                + ",sans-serif;font-size:11pt;line-height:1.4;color:#16232e;max-width:46em}"
                + "h1{font-size:20pt;margin:8pt 0}h2{font-size:13pt;margin:14pt 0 4pt 0;border-bottom:1px solid #8b8576;page-break-after:avoid}"
                + "p{margin:3pt 0}.shop{font-weight:bold;font-size:13pt}.address{font-size:9.5pt;color:#4f5c67;margin:0}"
                + ".large{font-size:15pt;font-weight:bold}.logo{height:18mm}.wide{width:100%}.photo{max-width:100%;max-height:95mm;page-break-inside:avoid}.caption{font-size:9.5pt;color:#4f5c67}"
                + "table{border-collapse:collapse;width:100%;margin:4pt 0}th,td{text-align:left;vertical-align:top;"
                + "border-bottom:1px solid #d9d1c0;padding:3pt 8pt 3pt 0}th{font-size:9.5pt;color:#4f5c67}"
                + "td:nth-child(2),td:nth-child(3){white-space:nowrap}"
                + "@media(prefers-color-scheme:dark){body{background:#fff}}";
    }

    /** The same as a PDF: tagged (PDF/UA), searchable, with embedded fonts. */
    byte[] pdf(SheetPdf.Paper paper) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        PdfRendererBuilder builder = new PdfRendererBuilder();
        builder.useFastMode();
        builder.usePdfUaAccessibility(true);
        builder.useFont(() -> DataUriImage.font(REGULAR), FAMILY, 400, PdfRendererBuilder.FontStyle.NORMAL, true);
        builder.useFont(() -> DataUriImage.font(BOLD), FAMILY, 700, PdfRendererBuilder.FontStyle.NORMAL, true);
        builder.withHtmlContent(html(paper, false), null);
        builder.toStream(bytes);
        builder.run();
        return bytes.toByteArray();
    }
}
