package org.kestan.analysis.neck;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.kestan.job.terms.Lines;
import org.kestan.job.visits.Visit;

/**
 * The effect of a truss rod turn by turn: the gap falls linearly with the turns that take hold; after a change of
 * direction, the first part of a turn takes up the play (backlash as a play operator, any textbook of mechanisms).
 *
 * @param gapPerTurn what one turn tighter changes the gap by, mm; negative where it takes relief out
 * @param standard its standard uncertainty, mm; 0 for two readings, which leave none over
 * @param play turns that do nothing after a change of direction; 0 if none was made
 * @param tightened whether the last turn was tighter
 * @param atEnd whether the last turn tighter did nothing like the ones before: the rod is at its end
 */
public record RodTravel(double gapPerTurn, double standard, double play, boolean tightened, boolean atEnd) {

    /**
     * Turns with the gaps read after them, in order; turns are counted from where the rod was found, tighter is
     * positive.
     */
    public record Point(double turns, double gap) {}

    private static final double MOST_PLAY = 1;
    private static final double PLAY_STEP = 0.01;

    /** A turn with less than this share of the expected effect counts as having none. From memory. */
    private static final double NOTHING = 0.3;

    /** Reads it from a visit. */
    public static Optional<RodTravel> of(Visit visit) {
        return of(visit.get(Lines.ROD_TURNS).orElse(List.of()).stream()
                .map(row -> new Point(row.number("turns"), row.millimeters("gap")))
                .toList());
    }

    /** Works it out; empty without two rod positions that give two gaps. */
    public static Optional<RodTravel> of(List<Point> points) {
        if (points.size() < 2) {
            return Optional.empty();
        }
        int last = points.size() - 1;
        boolean tightened = points.get(last).turns() > points.get(last - 1).turns();
        if (tightened && points.size() > 2) {
            Optional<RodTravel> before = fitted(points.subList(0, last), tightened, false);
            double turned = points.get(last).turns() - points.get(last - 1).turns();
            double changed = points.get(last).gap() - points.get(last - 1).gap();
            boolean onward = points.get(last - 1).turns() > points.get(last - 2).turns();
            if (onward
                    && before.filter(fit -> Math.abs(changed) < NOTHING * Math.abs(fit.gapPerTurn() * turned))
                            .isPresent()) {
                return fitted(points.subList(0, last), tightened, true);
            }
        }
        return fitted(points, tightened, false);
    }

    private static Optional<RodTravel> fitted(List<Point> points, boolean tightened, boolean atEnd) {
        boolean turnsBack = IntStream.range(2, points.size())
                .anyMatch(i -> (points.get(i).turns() - points.get(i - 1).turns())
                                * (points.get(i - 1).turns() - points.get(i - 2).turns())
                        < 0);
        Line best = Line.through(held(points, 0), points);
        double play = 0;
        for (double each = PLAY_STEP; turnsBack && each <= MOST_PLAY; each += PLAY_STEP) {
            Line line = Line.through(held(points, each), points);
            if (line.squares < best.squares) {
                best = line;
                play = each;
            }
        }
        return best.slope == 0 || !Double.isFinite(best.slope)
                ? Optional.empty()
                : Optional.of(new RodTravel(best.slope, best.standard, play, tightened, atEnd));
    }

    /**
     * The effective position of the rod at each reading, after taking up the play; the rod is taken to have been
     * tightened last before it was found.
     */
    private static double[] held(List<Point> points, double play) {
        double[] held = new double[points.size()];
        held[0] = points.get(0).turns() - play;
        for (int i = 1; i < held.length; i++) {
            double turns = points.get(i).turns();
            held[i] = Math.max(turns - play, Math.min(turns, held[i - 1]));
        }
        return held;
    }

    /**
     * Turns tighter, or looser if negative, from the last reading to a gap, with the play taken up if the direction
     * changes.
     */
    public double turns(double now, double wanted) {
        double turns = (wanted - now) / gapPerTurn;
        boolean changes = turns > 0 != tightened;
        return turns + (changes ? Math.signum(turns) * play : 0);
    }

    private record Line(double slope, double standard, double squares) {

        static Line through(double[] x, List<Point> points) {
            int n = x.length;
            double meanX = 0;
            double meanY = 0;
            for (int i = 0; i < n; i++) {
                meanX += x[i] / n;
                meanY += points.get(i).gap() / n;
            }
            double xx = 0;
            double xy = 0;
            double yy = 0;
            for (int i = 0; i < n; i++) {
                double dx = x[i] - meanX;
                double dy = points.get(i).gap() - meanY;
                xx += dx * dx;
                xy += dx * dy;
                yy += dy * dy;
            }
            if (xx == 0) {
                return new Line(0, 0, yy);
            }
            double squares = Math.max(0, yy - xy * xy / xx);
            return new Line(xy / xx, n > 2 ? Math.sqrt(squares / (n - 2) / xx) : 0, squares);
        }
    }
}
