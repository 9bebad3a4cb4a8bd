package org.kestan.files.papers;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** Writes lines of text on a PDF page, each within its space. Points; Y upward. */
final class TextLines {

    /** The smallest text size, points. */
    static final float SMALLEST = 8;

    private final PDPageContentStream page;
    private final PdfFonts fonts;

    TextLines(PDPageContentStream page, PdfFonts fonts) {
        this.page = page;
        this.fonts = fonts;
    }

    /** The page to write on. */
    PDPageContentStream page() {
        return page;
    }

    /** The fonts to write in. */
    PdfFonts fonts() {
        return fonts;
    }

    /** Breaks a text into lines no wider than a column; a word that is wider is broken as well. */
    List<String> wrapped(PDType0Font font, String text, float size, float column) throws IOException {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : fonts.printable(text).split(" ")) {
            String longer = line.length() == 0 ? word : line + " " + word;
            if (PdfFonts.width(font, size, longer) > column && line.length() > 0) {
                lines.add(line.toString());
                line = new StringBuilder();
                longer = word;
            }
            while (PdfFonts.width(font, size, longer) > column && longer.codePointCount(0, longer.length()) > 1) {
                int fits = longer.offsetByCodePoints(0, 1);
                while (PdfFonts.width(font, size, longer.substring(0, longer.offsetByCodePoints(fits, 1))) <= column) {
                    fits = longer.offsetByCodePoints(fits, 1);
                }
                lines.add(longer.substring(0, fits));
                longer = longer.substring(fits);
            }
            line = new StringBuilder(longer);
        }
        lines.add(line.toString());
        return lines;
    }

    /**
     * Writes a text on one line if it fits, reduced down to the smallest size, and otherwise on several.
     *
     * @return the baseline of the last line
     */
    float paragraph(PDType0Font font, float size, float x, float y, String text, float room) throws IOException {
        String printable = fonts.printable(text);
        float wide = PdfFonts.width(font, size, printable);
        float fitting = wide > room ? Math.max(Math.min(size, SMALLEST), size * room / wide) : size;
        float at = y;
        List<String> lines = wrapped(font, text, fitting, room);
        for (int i = 0; i < lines.size(); i++) {
            at = y - i * fitting * 1.2f;
            write(font, fitting, x, at, lines.get(i));
        }
        return at;
    }

    /** Writes a line as it is. */
    void write(PDType0Font font, float size, float x, float y, String line) throws IOException {
        String printable = fonts.printable(line);
        if (!printable.isBlank()) {
            page.beginText();
            page.setFont(font, size);
            page.newLineAtOffset(x, y);
            page.showText(printable);
            page.endText();
        }
    }
}
