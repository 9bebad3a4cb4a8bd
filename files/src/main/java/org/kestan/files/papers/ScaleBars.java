package org.kestan.files.papers;

import java.util.ArrayList;
import java.util.List;
import org.kestan.base.finding.Finding;
import org.kestan.repair.template.TemplateElement;
import org.kestan.repair.template.TemplateElement.Path;
import org.kestan.repair.template.TemplateElement.Point;
import org.kestan.repair.template.TemplateElement.Style;
import org.kestan.repair.template.TemplateFinding;

/** A scale bar in millimeters and one in inches, to be measured before a printed template is used. */
final class ScaleBars {

    /** Length of the metric bar, mm. */
    static final double METRIC = 100;

    /** Length of the other bar: 4 in. */
    static final double IMPERIAL = 4 * 25.4;

    /** The space both bars take, mm. */
    static final double HEIGHT = 18;

    private ScaleBars() {}

    /** Both bars, with their upper left corner at the given place. */
    static List<TemplateElement> at(double x, double y) {
        List<TemplateElement> marks = new ArrayList<>();
        bar(marks, "scale-mm", x, y + 6, METRIC, 10, TemplateFinding.METRIC_BAR.of());
        bar(marks, "scale-in", x, y + 14, IMPERIAL, 25.4, TemplateFinding.INCH_BAR.of());
        return marks;
    }

    private static void bar(
            List<TemplateElement> marks, String id, double x, double y, double length, double step, Finding label) {
        marks.add(new Path(id, Style.CUT, List.of(new Point(x, y), new Point(x + length, y)), false));
        int ticks = (int) Math.round(length / step);
        for (int i = 0; i <= ticks; i++) {
            double at = x + i * step;
            marks.add(new Path(
                    id + "-" + i,
                    Style.CUT,
                    List.of(new Point(at, y - (i == 0 || i == ticks ? 3 : 1.5)), new Point(at, y)),
                    false));
        }
        marks.add(new TemplateElement.Words(new Point(x + length + 3, y), 3, label));
    }
}
