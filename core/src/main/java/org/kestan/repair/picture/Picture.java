package org.kestan.repair.picture;

import java.util.Collection;
import java.util.List;
import java.util.stream.Stream;
import org.kestan.base.finding.Quantity;

/**
 * Shapes of an instrument. Millimeters; X along the strings toward the tail, Y upward. Anything outside the frame may
 * be cut off.
 *
 * @param shapes the shapes, the farthest back first
 * @param frame the part that has to be visible
 * @param heights how many times heights are exaggerated against lengths; 1 for a picture that is true in both directions
 * @param notes the numbers in it
 */
public record Picture(List<Shape> shapes, Frame frame, double heights, List<Note> notes) {

    /**
     * A number in the picture.
     *
     * @param at where it begins
     * @param quantity the number
     */
    public record Note(Point at, Quantity quantity) {}

    /** What a shape represents. */
    public enum Part {
        BODY,
        SOUNDBOARD,
        SOUNDHOLE,
        CUTAWAY,
        NECK,
        HEADSTOCK,
        BOARD,
        FRET,
        CROWN,
        NUT,
        HEEL,
        HEEL_CAP,
        BOLT,
        WOOD_TO_REMOVE,
        WOOD_TO_ADD,
        OTHER_CHEEK,
        OBSTACLE,
        BRIDGE,
        SADDLE,
        PIN,
        TAILPIECE,
        STRAIGHTEDGE,
        BAND,
        FRET_LINE,
        SHIM,
        TOOL,
        BLADE,
        MARK,
        LEAF,
        PAPER,
        GLUE,
        STEAM,
        HEAT,
        CAUL,
        CLAMP,
        ARROW,
        HOLE,
        DUST,
        STRING_BASS,
        STRING_TREBLE
    }

    /** The moment it shows. */
    public enum Moment {
        /** As measured. */
        NOW,
        /** As planned, with strings at pitch. */
        AFTER,
        /** As planned, with the strings off. */
        SLACK,
        /** In one of several compared setups. */
        COMPARED
    }

    /** A point. */
    public record Point(double x, double y) {

        /** The point at a share of the way to another, 0 here and 1 there. */
        Point toward(Point other, double share) {
            return new Point(x + (other.x - x) * share, y + (other.y - y) * share);
        }
    }

    /**
     * A shape.
     *
     * @param number which of the compared setups it is of, from 1; 0 for none
     * @param points two or more; an outline where they enclose something
     * @param closed whether they do
     */
    public record Shape(Part part, Moment moment, int number, List<Point> points, boolean closed) {

        /** Takes an unmodifiable copy. */
        public Shape {
            points = List.copyOf(points);
        }

        private boolean isLike(Shape other) {
            return part == other.part
                    && moment == other.moment
                    && number == other.number
                    && closed == other.closed
                    && points.size() == other.points.size();
        }

        private Shape toward(Shape other, double share) {
            List<Point> between = Stream.iterate(0, i -> i < points.size(), i -> i + 1)
                    .map(i -> points.get(i).toward(other.points.get(i), share))
                    .toList();
            return new Shape(part, moment, number, between, closed);
        }
    }

    /** A rectangle. */
    public record Frame(double left, double bottom, double right, double top) {

        /** Its width. */
        public double width() {
            return right - left;
        }

        /** Its height. */
        public double height() {
            return top - bottom;
        }

        private Frame toward(Frame other, double share) {
            return new Frame(
                    left + (other.left - left) * share,
                    bottom + (other.bottom - bottom) * share,
                    right + (other.right - right) * share,
                    top + (other.top - top) * share);
        }
    }

    /** Takes unmodifiable copies. */
    public Picture {
        shapes = List.copyOf(shapes);
        notes = List.copyOf(notes);
    }

    /** A picture without numbers. */
    Picture(List<Shape> shapes, Frame frame, double heights) {
        this(shapes, frame, heights, List.of());
    }

    /** The shapes of one part at one moment. */
    public List<Shape> of(Part part, Moment moment) {
        return shapes.stream()
                .filter(shape -> shape.part() == part && shape.moment() == moment)
                .toList();
    }

    /** Returns whether it shows the same things as another, so that one can change gradually into the other. */
    public boolean isLike(Picture other) {
        return heights == other.heights
                && notes.size() == other.notes.size()
                && shapes.size() == other.shapes.size()
                && Stream.iterate(0, i -> i < shapes.size(), i -> i + 1)
                        .allMatch(i -> shapes.get(i).isLike(other.shapes.get(i)));
    }

    /**
     * The picture at a share of the way to another.
     *
     * @param other one that shows the same things
     * @param share 0 for this one, 1 for the other
     * @throws IllegalArgumentException if it shows other things
     */
    public Picture toward(Picture other, double share) {
        if (!isLike(other)) {
            throw new IllegalArgumentException("the pictures show different things");
        }
        return new Picture(
                Stream.iterate(0, i -> i < shapes.size(), i -> i + 1)
                        .map(i -> shapes.get(i).toward(other.shapes.get(i), share))
                        .toList(),
                frame.toward(other.frame, share),
                heights,
                other.notes);
    }

    static Shape shape(Part part, Moment moment, Collection<Point> points, boolean closed) {
        return new Shape(part, moment, 0, List.copyOf(points), closed);
    }

    static Shape line(Part part, Moment moment, double x1, double y1, double x2, double y2) {
        return shape(part, moment, List.of(new Point(x1, y1), new Point(x2, y2)), false);
    }

    /** A closed shape through points: x, y, x, y. */
    static Shape outline(Part part, Moment moment, double... points) {
        return shape(part, moment, points(points), true);
    }

    /** An open shape through points: x, y, x, y. */
    static Shape path(Part part, Moment moment, double... points) {
        return shape(part, moment, points(points), false);
    }

    private static List<Point> points(double... points) {
        return Stream.iterate(0, i -> i < points.length, i -> i + 2)
                .map(i -> new Point(points[i], points[i + 1]))
                .toList();
    }

    static Shape block(Part part, Moment moment, double left, double right, double bottom, double top) {
        return outline(part, moment, left, bottom, left, top, right, top, right, bottom);
    }
}
