package org.kestan.files.papers;

import java.awt.BasicStroke;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import org.kestan.repair.picture.Picture;

/** Paints a picture of the instrument, without its numbers, at one scale in both directions and as large as it fits. */
final class PicturePainter {

    private static final double HATCH = 5;

    private final Graphics2D page;

    /** Pixels per point of the page. */
    private final double point;

    PicturePainter(Graphics2D page, double point) {
        this.page = page;
        this.point = point;
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
