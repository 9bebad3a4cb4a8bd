package org.kestan.desktop.widgets.instrument;

import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Polyline;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;

/** Makes and moves the shapes of the drawing; how they look is left to their style classes. */
final class Shapes {

    private Shapes() {}

    static Line line(String... styles) {
        return styled(new Line(), styles);
    }

    static Polyline polyline(String... styles) {
        Polyline polyline = styled(new Polyline(), styles);
        polyline.setFill(null);
        return polyline;
    }

    static Polygon polygon(String... styles) {
        return styled(new Polygon(), styles);
    }

    static Text text(String... styles) {
        return styled(new Text(), styles);
    }

    static void place(Line line, double x1, double y1, double x2, double y2) {
        line.setStartX(x1);
        line.setStartY(y1);
        line.setEndX(x2);
        line.setEndY(y2);
    }

    static void place(Polygon polygon, double... points) {
        polygon.getPoints().setAll(boxed(points));
    }

    static void place(Polyline polyline, double... points) {
        polyline.getPoints().setAll(boxed(points));
    }

    /** Puts a text with its baseline at y, centered on x or kept within the given width. */
    static void center(Text text, double x, double y, double width) {
        double half = text.getLayoutBounds().getWidth() / 2;
        text.setX(Math.max(4, Math.min(width - 2 * half - 4, x - half)));
        text.setY(y);
    }

    /** The ground of a text that lies over what is drawn. */
    static Rectangle ground() {
        return styled(new Rectangle(), "label-ground");
    }

    /** Puts a ground under a text. */
    static void under(Text text, Rectangle ground) {
        Bounds bounds = text.getLayoutBounds();
        ground.setX(bounds.getMinX() - 4);
        ground.setY(bounds.getMinY());
        ground.setWidth(bounds.getWidth() + 8);
        ground.setHeight(bounds.getHeight());
    }

    static Double[] boxed(double... points) {
        Double[] boxes = new Double[points.length];
        for (int i = 0; i < points.length; i++) {
            boxes[i] = points[i];
        }
        return boxes;
    }

    private static <N extends Node> N styled(N node, String... styles) {
        node.getStyleClass().addAll(styles);
        node.setMouseTransparent(true);
        return node;
    }
}
