package org.kestan.files.papers;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/** Pages as pictures: the screen shows exactly the paper that will be printed. */
public final class PdfPictures {

    static {
        // Pictures are drawn in memory; none of this needs a display.
        if (System.getProperty("java.awt.headless") == null) {
            System.setProperty("java.awt.headless", "true");
        }
    }

    private PdfPictures() {}

    /**
     * Draws the pages of a paper.
     *
     * @param dpi dots per inch, over 0
     * @return a picture for each page, as the bytes of a PNG
     * @throws IOException if it is no PDF
     */
    public static List<byte[]> pages(byte[] pdf, float dpi) throws IOException {
        List<byte[]> pages = new ArrayList<>();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            for (int i = 0; i < document.getNumberOfPages(); i++) {
                pages.add(picture(document, i, dpi));
            }
        }
        return List.copyOf(pages);
    }

    /**
     * Draws a page of a paper.
     *
     * @param page from 0
     * @param dpi dots per inch, over 0
     * @return the bytes of a PNG
     * @throws IOException if it is no PDF
     */
    public static byte[] page(byte[] pdf, int page, float dpi) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return picture(document, page, dpi);
        }
    }

    private static byte[] picture(PDDocument document, int page, float dpi) throws IOException {
        BufferedImage picture = new PDFRenderer(document).renderImageWithDPI(page, dpi, ImageType.RGB);
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(picture, "png", bytes);
        return bytes.toByteArray();
    }
}
