package org.kestan.repair.template;

import java.util.List;
import org.kestan.base.finding.Finding;

/** An element drawn on a template, in millimeters. */
public sealed interface TemplateElement {

    /** The meaning of a line. */
    enum Style {
        /** An edge to cut or sand to. */
        CUT,
        /** An edge as it is now. */
        EDGE,
        /** A center line, or the place of a string. */
        CENTRE,
        /** Wood to remove. */
        HATCH
    }

    /**
     * Draws elements, each kind in its own way.
     *
     * @param <E> what may go wrong
     */
    interface Pen<E extends Exception> {

        /** Draws lines. */
        void path(Path path) throws E;

        /** Draws a hole. */
        void hole(Hole hole) throws E;

        /** Writes text. */
        void words(Words words) throws E;
    }

    /** Has a pen draw it. */
    <E extends Exception> void draw(Pen<E> pen) throws E;

    /** A place. */
    record Point(double x, double y) {

        /** Distance to another, mm. */
        double to(Point other) {
            return Math.hypot(other.x - x, other.y - y);
        }

        /** Returns the place moved to the right and down. */
        public Point moved(double right, double down) {
            return new Point(x + right, y + down);
        }
    }

    /**
     * Straight lines from point to point.
     *
     * @param id what it is called in the file
     * @param style how it is to be understood
     * @param points at least two
     * @param closed whether it goes back to the first
     */
    record Path(String id, Style style, List<Point> points, boolean closed) implements TemplateElement {

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

        @Override
        public <E extends Exception> void draw(Pen<E> pen) throws E {
            pen.path(this);
        }
    }

    /**
     * A hole.
     *
     * @param id what it is called in the file
     */
    record Hole(String id, Point center, double radius) implements TemplateElement {

        @Override
        public <E extends Exception> void draw(Pen<E> pen) throws E {
            pen.hole(this);
        }
    }

    /**
     * Text, to the right of a point.
     *
     * @param size height of the letters, mm
     * @param said what they say
     */
    record Words(Point at, double size, Finding said) implements TemplateElement {

        @Override
        public <E extends Exception> void draw(Pen<E> pen) throws E {
            pen.words(this);
        }
    }
}
