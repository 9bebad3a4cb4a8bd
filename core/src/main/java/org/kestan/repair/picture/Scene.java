package org.kestan.repair.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.kestan.base.finding.Quantity;
import org.kestan.repair.picture.Picture.Frame;
import org.kestan.repair.picture.Picture.Moment;
import org.kestan.repair.picture.Picture.Note;
import org.kestan.repair.picture.Picture.Part;
import org.kestan.repair.picture.Picture.Point;
import org.kestan.repair.picture.Picture.Shape;

/** Shapes and numbers combined into one picture, back to front. */
final class Scene {

    private static final double HEAD = 0.28;

    private final List<Shape> shapes = new ArrayList<>();
    private final List<Note> notes = new ArrayList<>();

    /** Adds a picture except for some parts. */
    void add(Picture picture, Part... but) {
        Set<Part> left = Set.of(but);
        picture.shapes().stream().filter(shape -> !left.contains(shape.part())).forEach(shapes::add);
    }

    /** Adds one part of a picture as it is now, moved. */
    void only(Picture picture, Part part, double right, double up) {
        for (Shape shape : picture.of(part, Moment.NOW)) {
            shapes.add(new Shape(
                    part,
                    Moment.NOW,
                    0,
                    shape.points().stream()
                            .map(point -> new Point(point.x() + right, point.y() + up))
                            .toList(),
                    shape.closed()));
        }
    }

    void block(Part part, double left, double right, double bottom, double top) {
        shapes.add(Picture.block(part, Moment.NOW, left, right, bottom, top));
    }

    void line(Part part, double x1, double y1, double x2, double y2) {
        shapes.add(Picture.line(part, Moment.NOW, x1, y1, x2, y2));
    }

    void outline(Part part, double... points) {
        shapes.add(Picture.outline(part, Moment.NOW, points));
    }

    void path(Part part, double... points) {
        shapes.add(Picture.path(part, Moment.NOW, points));
    }

    /** An arrow along a movement. */
    void arrow(double x1, double y1, double x2, double y2) {
        double dx = (x2 - x1) * HEAD;
        double dy = (y2 - y1) * HEAD;
        line(Part.ARROW, x1, y1, x2, y2);
        outline(Part.ARROW, x2, y2, x2 - dx - dy * 0.6, y2 - dy + dx * 0.6, x2 - dx + dy * 0.6, y2 - dy - dx * 0.6);
    }

    void note(double x, double y, Quantity quantity) {
        notes.add(new Note(new Point(x, y), quantity));
    }

    Picture framed(double left, double bottom, double right, double top) {
        return new Picture(shapes, new Frame(left, bottom, right, top), 1, notes);
    }
}
