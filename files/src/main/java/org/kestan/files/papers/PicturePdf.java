package org.kestan.files.papers;

import java.awt.Color;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.util.function.Function;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.kestan.base.finding.Quantity;
import org.kestan.repair.picture.Picture;

/** Draws a picture of the instrument into a PDF, in lines, at one scale in both directions and as large as it fits. */
final class PicturePdf {

    private static final float HATCH = 4;
    private static final float NOTE = 9;

    private final PDPageContentStream page;
    private final PdfFonts fonts;
    private final Function<Quantity, String> printer;

    PicturePdf(PDPageContentStream page, PdfFonts fonts, Function<Quantity, String> printer) {
        this.page = page;
        this.fonts = fonts;
        this.printer = printer;
    }

    /** Draws it into a rectangle, clipped there; points, Y upward. */
    void draw(Picture picture, Rectangle2D within) throws IOException {
        Picture.Frame frame = picture.frame();
        double scale = Math.min(within.getWidth() / frame.width(), within.getHeight() / frame.height());
        double left = within.getCenterX() - (frame.left() + frame.width() / 2) * scale;
        double foot = within.getCenterY() - (frame.bottom() + frame.height() / 2) * scale;
        page.saveGraphicsState();
        page.addRect(
                (float) within.getX(), (float) within.getY(), (float) within.getWidth(), (float) within.getHeight());
        page.clip();
        for (Picture.Shape shape : picture.shapes()) {
            draw(shape, PictureStyle.of(shape), left, foot, scale, within);
        }
        for (Picture.Note note : picture.notes()) {
            String text = fonts.printable(printer.apply(note.quantity()));
            double most = within.getMaxX() - PdfFonts.width(fonts.bold(), NOTE, text) - 2;
            page.beginText();
            page.setFont(fonts.bold(), NOTE);
            page.setNonStrokingColor(Color.BLACK);
            page.newLineAtOffset(
                    (float) Math.max(
                            within.getX() + 2, Math.min(most, left + note.at().x() * scale)),
                    (float) Math.max(within.getY() + 2, foot + note.at().y() * scale));
            page.showText(text);
            page.endText();
        }
        page.restoreGraphicsState();
    }

    private void draw(
            Picture.Shape shape, PictureStyle style, double left, double foot, double scale, Rectangle2D within)
            throws IOException {
        page.setStrokingColor(style.line());
        page.setLineWidth(style.width());
        page.setLineDashPattern(style.dashed() ? new float[] {4, 2.5f} : new float[0], 0);
        if (style.hatched()) {
            page.saveGraphicsState();
            outline(shape, left, foot, scale);
            page.clip();
            for (double x = within.getX() - within.getHeight(); x < within.getMaxX(); x += HATCH) {
                page.moveTo((float) x, (float) within.getY());
                page.lineTo((float) (x + within.getHeight()), (float) within.getMaxY());
            }
            page.stroke();
            page.restoreGraphicsState();
        }
        outline(shape, left, foot, scale);
        if (style.fill().isPresent()) {
            page.setNonStrokingColor(style.fill().get());
            page.fillAndStroke();
        } else {
            page.stroke();
        }
    }

    private void outline(Picture.Shape shape, double left, double foot, double scale) throws IOException {
        boolean first = true;
        for (Picture.Point point : shape.points()) {
            float x = (float) (left + point.x() * scale);
            float y = (float) (foot + point.y() * scale);
            if (first) {
                page.moveTo(x, y);
            } else {
                page.lineTo(x, y);
            }
            first = false;
        }
        if (shape.closed()) {
            page.closePath();
        }
    }
}
