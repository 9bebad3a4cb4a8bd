package org.kestan.files.papers;

import java.io.IOException;
import java.io.InputStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** The fonts that ship, embedded in a document. */
record PdfFonts(PDType0Font regular, PDType0Font bold) {

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

    /** Characters that the shipped fonts do not have become a question mark rather than failing the paper. */
    String printable(String text) {
        StringBuilder kept = new StringBuilder();
        text.codePoints().forEach(point -> {
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

    /** Width of a text, points. */
    static float width(PDType0Font font, float size, String text) throws IOException {
        return font.getStringWidth(text) / 1000 * size;
    }
}
