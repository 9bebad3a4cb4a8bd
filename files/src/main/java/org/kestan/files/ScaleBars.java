package org.kestan.files;

import java.util.ArrayList;
import java.util.List;
import org.kestan.template.Mark;
import org.kestan.template.Mark.Line;
import org.kestan.template.Mark.Path;
import org.kestan.template.Mark.Point;

/** A scale bar in millimetres and one in inches: whoever prints a template measures them first. */
final class ScaleBars {

    /** What to do before a template is used. */
    static final String CHECK =
            "Print at 100 %. Before use measure both bars with a rule: 100 mm, and 4 in. If they are off, so is the template.";

    /** Length of the metric bar, mm. */
    static final double METRIC = 100;

    /** Length of the other bar: 4 in. */
    static final double IMPERIAL = 4 * 25.4;

    /** Room both bars take, mm. */
    static final double HEIGHT = 18;

    private ScaleBars() {}

    /** Both bars, their upper left corner at the given place. */
    static List<Mark> at(double x, double y) {
        List<Mark> marks = new ArrayList<>();
        bar(marks, "scale-mm", x, y + 6, METRIC, 10, "100 mm");
        bar(marks, "scale-in", x, y + 14, IMPERIAL, 25.4, "4 in");
        return marks;
    }

    private static void bar(List<Mark> marks, String id, double x, double y, double length, double step, String label) {
        marks.add(new Path(id, Line.CUT, List.of(new Point(x, y), new Point(x + length, y)), false));
        int ticks = (int) Math.round(length / step);
        for (int i = 0; i <= ticks; i++) {
            double at = x + i * step;
            marks.add(new Path(
                    id + "-" + i,
                    Line.CUT,
                    List.of(new Point(at, y - (i == 0 || i == ticks ? 3 : 1.5)), new Point(at, y)),
                    false));
        }
        marks.add(new Mark.Words(new Point(x + length + 3, y), 3, label));
    }
}
