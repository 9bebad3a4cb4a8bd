package org.kestan.desktop.widgets.instrument;

import javafx.scene.Node;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import javafx.scene.text.Text;

/** Creates and moves the shapes of the drawing; style classes define how they look. */
final class Shapes {

    private Shapes() {}

    static Line line(String... styles) {
        return styled(new Line(), styles);
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

    private static Double[] boxed(double... points) {
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
