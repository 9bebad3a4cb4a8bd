package org.kestan.files.papers;

import java.io.IOException;
import java.io.InputStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.kestan.text.PlainText;

/** The fonts that ship, embedded in a document. */
record PdfFonts(PDType0Font regular, PDType0Font bold) {

    private static final float SMALLEST = 7;

    /**
     * Embeds the fonts.
     *
     * @throws IOException if they can't be read
     */
    static PdfFonts in(PDDocument document) throws IOException {
        return new PdfFonts(
                font(document, "AtkinsonHyperlegibleNext_400Regular.ttf"),
                font(document, "AtkinsonHyperlegibleNext_700Bold.ttf"));
    }

    private static PDType0Font font(PDDocument document, String name) throws IOException {
        try (InputStream in = PdfFonts.class.getResourceAsStream("/org/kestan/fonts/" + name)) {
            return PDType0Font.load(document, in);
        }
    }

    /** Characters missing from the fonts become question marks instead of failing the paper. */
    String printable(String text) {
        StringBuilder kept = new StringBuilder();
        PlainText.line(text).codePoints().forEach(point -> {
            String one = Character.toString(point);
            try {
                regular.encode(one);
                kept.append(one);
            } catch (IOException | IllegalArgumentException missing) {
                kept.append('?');
            }
        });
        return kept.toString();
    }

    /** The width of a text, points. */
    static float width(PDType0Font font, float size, String text) throws IOException {
        return font.getStringWidth(text) / 1000 * size;
    }

    /** Draws one line, smaller if it would not fit; what still does not fit is cut off at the end. */
    void line(PDPageContentStream out, PDType0Font font, float size, float x, float y, float room, String text)
            throws IOException {
        String printable = printable(text);
        float wide = width(font, size, printable);
        float fitting = wide > room ? Math.max(SMALLEST, size * room / wide) : size;
        while (!printable.isEmpty() && width(font, fitting, printable) > room) {
            printable = printable
                    .substring(0, printable.offsetByCodePoints(printable.length(), -1))
                    .stripTrailing();
        }
        if (!printable.isEmpty()) {
            out.beginText();
            out.setFont(font, fitting);
            out.newLineAtOffset(x, y);
            out.showText(printable);
            out.endText();
        }
    }
}
