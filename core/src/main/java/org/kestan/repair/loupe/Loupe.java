package org.kestan.repair.loupe;

import java.util.List;

/**
 * A place of the instrument, magnified: shapes at one scale in both directions. Millimeters; X along the strings toward the
 * tail, Y upward.
 *
 * @param shapes what is seen, the farthest back first
 * @param left where the view begins
 * @param bottom its lower edge
 * @param right where it ends
 * @param top its upper edge
 */
public record Loupe(List<Shape> shapes, double left, double bottom, double right, double top) {

    /** What a shape is of. */
    public enum Part {
        SOUNDBOARD,
        BOARD,
        CROWN,
        BRIDGE,
        SADDLE,
        FRET_LINE,
        STRING_BASS,
        STRING_TREBLE
    }

    /** When it is so. */
    public enum Moment {
        NOW,
        AFTER
    }

    /** A point. */
    public record Point(double x, double y) {}

    /**
     * A shape.
     *
     * @param points two or more; a closed outline where they enclose something
     */
    public record Shape(Part part, Moment moment, List<Point> points, boolean closed) {

        /** Takes an unmodifiable copy. */
        public Shape {
            points = List.copyOf(points);
        }
    }

    /** Takes an unmodifiable copy. */
    public Loupe {
        shapes = List.copyOf(shapes);
    }
}
