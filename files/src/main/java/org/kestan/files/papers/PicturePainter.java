package org.kestan.files.papers;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.function.Function;
import org.kestan.base.finding.Quantity;
import org.kestan.repair.picture.Picture;

/** Paints a picture of the instrument at one scale in both directions, as large as it fits a rectangle. */
final class PicturePainter {

    private static final double HATCH = 5;
    private static final float NOTE = 11;

    private final Graphics2D page;

    /** How many pixels a point of the page has. */
    private final double point;

    private final Function<Quantity, String> printer;

    PicturePainter(Graphics2D page, double point, Function<Quantity, String> printer) {
        this.page = page;
        this.point = point;
        this.printer = printer;
    }

    /** Paints it into a rectangle, clipped there. */
    void paint(Picture picture, Rectangle2D within) {
        Graphics2D clipped = (Graphics2D) page.create();
        try {
            clipped.clip(within);
            Picture.Frame frame = picture.frame();
            double scale = Math.min(within.getWidth() / frame.width(), within.getHeight() / frame.height());
            AffineTransform place = new AffineTransform();
            place.translate(
                    within.getCenterX() - (frame.left() + frame.width() / 2) * scale,
                    within.getCenterY() + (frame.bottom() + frame.height() / 2) * scale);
            place.scale(scale, -scale);
            for (Picture.Shape shape : picture.shapes()) {
                draw(clipped, outline(shape, place), PictureStyle.of(shape), within);
            }
            notes(clipped, picture, place, within);
        } finally {
            clipped.dispose();
        }
    }

    private void draw(Graphics2D on, Path2D outline, PictureStyle style, Rectangle2D within) {
        style.fill().ifPresent(fill -> {
            on.setColor(fill);
            on.fill(outline);
        });
        on.setColor(style.line());
        if (style.hatched()) {
            hatch(on, outline, within);
        }
        float width = (float) (style.width() * point);
        on.setStroke(
                style.dashed()
                        ? new BasicStroke(
                                width,
                                BasicStroke.CAP_BUTT,
                                BasicStroke.JOIN_ROUND,
                                1,
                                new float[] {(float) (5 * point), (float) (3 * point)},
                                0)
                        : new BasicStroke(width, BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND));
        on.draw(outline);
    }

    private void hatch(Graphics2D on, Path2D outline, Rectangle2D within) {
        Graphics2D inside = (Graphics2D) on.create();
        try {
            inside.clip(outline);
            inside.setStroke(new BasicStroke((float) (0.7 * point)));
            for (double x = within.getMinX() - within.getHeight(); x < within.getMaxX(); x += HATCH * point) {
                inside.draw(new Line2D.Double(x, within.getMaxY(), x + within.getHeight(), within.getMinY()));
            }
        } finally {
            inside.dispose();
        }
    }

    private void notes(Graphics2D on, Picture picture, AffineTransform place, Rectangle2D within) {
        on.setFont(on.getFont().deriveFont(Font.BOLD, (float) (NOTE * point)));
        on.setColor(Color.BLACK);
        for (Picture.Note note : picture.notes()) {
            double[] at = {note.at().x(), note.at().y()};
            place.transform(at, 0, at, 0, 1);
            String text = printer.apply(note.quantity());
            double most = within.getMaxX() - on.getFontMetrics().stringWidth(text) - 2 * point;
            on.drawString(text, (float) Math.max(within.getMinX(), Math.min(at[0], most)), (float) at[1]);
        }
    }

    private static Path2D outline(Picture.Shape shape, AffineTransform place) {
        Path2D path = new Path2D.Double();
        for (Picture.Point point : shape.points()) {
            if (path.getCurrentPoint() == null) {
                path.moveTo(point.x(), point.y());
            } else {
                path.lineTo(point.x(), point.y());
            }
        }
        if (shape.closed()) {
            path.closePath();
        }
        path.transform(place);
        return path;
    }
}
