package org.kestan.desktop.rooms.practice;

import org.kestan.desktop.widgets.chart.ResizableDrawing;

/**
 * A steel rule, upright, and the string whose underside is to be read against it, in half millimeters or 64ths of an
 * inch.
 */
final class RuleDrawing extends ResizableDrawing {

    private static final double MOST = 7;
    private static final double WIDE = 120;
    private static final double STRING = 5;
    private static final double HALF_MILLIMETER = 0.5;
    private static final double SIXTY_FOURTH = 25.4 / 64;
    private static final int PER_CENTIMETER = 10;
    private static final int PER_EIGHTH = 8;
    private static final String[] EIGHTHS = {"0", "1/8", "1/4"};

    /**
     * Read between its lines, a rule in half millimeters is good to this, mm; one in 64ths to half of one, rounding
     * included.
     */
    private static final double ALLOWED_METRIC = 0.15;

    private static final double ALLOWED_INCH = SIXTY_FOURTH / 2 + 0.01;

    private double height;
    private boolean inches;

    RuleDrawing() {
        super("drill-rule");
    }

    void show(double millimeters, boolean inInches) {
        height = millimeters;
        inches = inInches;
        changed();
    }

    /** How far off a reading on it may be, mm. */
    double allowed() {
        return inches ? ALLOWED_INCH : ALLOWED_METRIC;
    }

    @Override
    protected void draw(double width, double tall) {
        double scale = (tall - 16) / MOST;
        double left = (width - WIDE) / 2;
        double foot = tall - 8;
        double step = inches ? SIXTY_FOURTH : HALF_MILLIMETER;
        int labeled = inches ? PER_EIGHTH : PER_CENTIMETER;
        box(left, foot - MOST * scale, WIDE, MOST * scale, "drill-rule");
        for (int mark = 0; mark * step <= MOST; mark++) {
            double y = foot - mark * step * scale;
            double reach = mark % labeled == 0 ? 64 : mark % 4 == 0 ? 52 : mark % 2 == 0 ? 44 : 28;
            line(left + WIDE - reach, y, left + WIDE, y, "drill-tick");
            if (mark % labeled == 0) {
                String value = inches ? EIGHTHS[mark / PER_EIGHTH] : Integer.toString(mark / 2);
                text(left + 10, y + 5, value, "chart-value");
            }
        }
        line(left - 60, foot, left + WIDE + 200, foot, "drill-crown");
        double string = foot - height * scale;
        box(left + WIDE - 6, string - STRING, 240, STRING, "drill-string");
    }
}
