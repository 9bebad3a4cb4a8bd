package org.kestan.desktop.rooms.practice;

import org.kestan.desktop.widgets.chart.ResizableDrawing;

/** A steel rule with half millimeters, upright, and the string whose underside is to be read against it. */
final class RuleDrawing extends ResizableDrawing {

    private static final double MOST = 7;
    private static final double WIDE = 120;
    private static final double STRING = 5;
    private static final int LONG_EACH = 10;
    private static final int MIDDLE_EACH = 2;

    private double height;

    RuleDrawing() {
        super("drill-rule");
    }

    void show(double millimeters) {
        height = millimeters;
        changed();
    }

    @Override
    protected void draw(double width, double tall) {
        double scale = (tall - 16) / MOST;
        double left = (width - WIDE) / 2;
        double foot = tall - 8;
        box(left, foot - MOST * scale, WIDE, MOST * scale, "drill-rule");
        for (int half = 0; half <= 2 * MOST; half++) {
            double y = foot - half * scale / 2;
            double reach = half % LONG_EACH == 0 ? 64 : half % MIDDLE_EACH == 0 ? 48 : 28;
            line(left + WIDE - reach, y, left + WIDE, y, "drill-tick");
            if (half % LONG_EACH == 0) {
                text(left + 12, y + 5, Integer.toString(half / 2), "chart-value");
            }
        }
        line(left - 60, foot, left + WIDE + 200, foot, "drill-crown");
        double string = foot - height * scale;
        box(left + WIDE - 6, string - STRING, 240, STRING, "drill-string");
    }
}
