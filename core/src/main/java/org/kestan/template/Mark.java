package org.kestan.template;

import java.util.List;

/** Something on a template, in millimetres. */
public sealed interface Mark {

    /** How a line is to be understood. */
    enum Line {
        /** An edge to cut or sand to. */
        CUT,
        /** An edge as it is now. */
        EDGE,
        /** A centre line, or a string's place. */
        CENTRE,
        /** Wood that goes. */
        HATCH
    }

    /** A place. */
    record Point(double x, double y) {

        /** Distance to another, mm. */
        double to(Point other) {
            return Math.hypot(other.x - x, other.y - y);
        }
    }

    /**
     * Straight lines from point to point.
     *
     * @param id what it is called in the file
     * @param line how it is to be understood
     * @param points at least two
     * @param closed whether it goes back to the first
     */
    record Path(String id, Line line, List<Point> points, boolean closed) implements Mark {

        /** Takes an unmodifiable copy. */
        public Path {
            points = List.copyOf(points);
        }

        /** Length along the lines, mm. */
        public double length() {
            double length = 0;
            for (int i = 1; i < points.size(); i++) {
                length += points.get(i - 1).to(points.get(i));
            }
            return closed ? length + points.get(points.size() - 1).to(points.get(0)) : length;
        }
    }

    /**
     * A hole.
     *
     * @param id what it is called in the file
     */
    record Hole(String id, Point centre, double radius) implements Mark {}

    /**
     * Words, from a point to the right.
     *
     * @param size height of the letters, mm
     */
    record Words(Point at, double size, String text) implements Mark {}
}
