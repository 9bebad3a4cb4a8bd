package org.kestan.desktop.widgets.chart;

import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.layout.Region;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Polyline;
import javafx.scene.shape.Rectangle;
import javafx.scene.shape.Shape;
import javafx.scene.text.Text;

/** A picture that is redrawn at each size, and whenever its content changes. */
public abstract class ResizableDrawing extends Region {

    /**
     * @param id by which it is found
     */
    @SuppressWarnings("this-escape") // what is called here is the toolkit's own, and final
    protected ResizableDrawing(String id) {
        setId(id);
        getStyleClass().add("small-picture");
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
    }

    /** Draws it at a size. */
    protected abstract void draw(double width, double height);

    /** Redraws it when there is time. */
    protected final void changed() {
        requestLayout();
    }

    @Override
    protected final void layoutChildren() {
        getChildren().clear();
        if (getWidth() > 1 && getHeight() > 1) {
            draw(getWidth(), getHeight());
        }
    }

    /** Adds a shape. */
    protected final <S extends Shape> S add(S shape, String... styles) {
        shape.getStyleClass().addAll(styles);
        shape.setManaged(false);
        getChildren().add((Node) shape);
        return shape;
    }

    /** Draws a line. */
    protected final Line line(double x1, double y1, double x2, double y2, String... styles) {
        return add(new Line(x1, y1, x2, y2), styles);
    }

    /** Draws a box. */
    protected final Rectangle box(double x, double y, double width, double height, String... styles) {
        return add(new Rectangle(x, y, Math.max(0, width), Math.max(0, height)), styles);
    }

    /** Draws a dot. */
    protected final Circle dot(double x, double y, double radius, String... styles) {
        return add(new Circle(x, y, radius), styles);
    }

    /** Draws a closed shape through points: x, y, x, y. */
    protected final Polygon closed(double[] points, String... styles) {
        return add(new Polygon(points), styles);
    }

    /** Draws an open line through points: x, y, x, y. */
    protected final Polyline open(double[] points, String... styles) {
        Polyline polyline = add(new Polyline(points), styles);
        polyline.setFill(null);
        return polyline;
    }

    /** Writes a text with its baseline starting at a place, kept within the picture. */
    protected final Text text(double x, double y, String words, String... styles) {
        Text text = add(new Text(words), styles);
        text.applyCss();
        double wide = text.getLayoutBounds().getWidth();
        text.setX(Math.max(2, Math.min(getWidth() - wide - 2, x)));
        text.setY(y);
        return text;
    }

    /** Writes a text centered on a place. */
    protected final Text centered(double x, double y, String words, String... styles) {
        Text text = text(x, y, words, styles);
        double wide = text.getLayoutBounds().getWidth();
        text.setX(Math.max(2, Math.min(getWidth() - wide - 2, x - wide / 2)));
        return text;
    }
}
