package org.kestan.files.papers;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** Writes lines of text on a page of a PDF, each within the room it has. Points; Y upward. */
final class TextLines {

    /** No letter is smaller, points. */
    static final float SMALLEST = 8;

    private final PDPageContentStream page;
    private final PdfFonts fonts;

    TextLines(PDPageContentStream page, PdfFonts fonts) {
        this.page = page;
        this.fonts = fonts;
    }

    /** The page that is written on. */
    PDPageContentStream page() {
        return page;
    }

    /** The fonts it is written in. */
    PdfFonts fonts() {
        return fonts;
    }

    /** Breaks a text into lines no wider than a column. */
    List<String> wrapped(String text, float size, float column) throws IOException {
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
    void line(PDType0Font font, float size, float x, float y, String text, float room) throws IOException {
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
