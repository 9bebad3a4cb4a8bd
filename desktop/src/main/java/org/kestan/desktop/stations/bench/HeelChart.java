package org.kestan.desktop.stations.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.kestan.base.notation.Length;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.widgets.chart.ResizableDrawing;
import org.kestan.job.bench.HeelEntry;
import org.kestan.repair.heel.HeelAdvice;
import org.kestan.repair.heel.HeelGoal;
import org.kestan.text.Wording;

/** The slack projection as read, set after set, toward the target and its band. Doubtful readings are hollow. */
final class HeelChart extends ResizableDrawing {

    private static final double LEFT = 16;
    private static final double RIGHT = 130;
    private static final double TOP = 26;
    private static final double BOTTOM = 26;
    private static final double DOT = 5;

    /**
     * The data shown.
     *
     * @param target as the straightedge reads it, mm
     * @param readings as read, mm, each with its place in the log and whether it is believed
     */
    private record Shown(double target, List<Reading> readings, Wording words) {}

    private record Reading(double read, int sets, boolean believed) {}

    private Optional<Shown> shown = Optional.empty();

    HeelChart() {
        super("heel-chart");
    }

    void show(HeelGoal goal, List<HeelEntry> log, HeelAdvice advice, Wording words) {
        List<Reading> readings = new ArrayList<>();
        int sets = 0;
        boolean pulled = false;
        for (int i = 0; i < log.size(); i++) {
            if (log.get(i) instanceof HeelEntry.Read read) {
                sets += pulled ? 1 : 0;
                pulled = false;
                int at = sets;
                boolean believed = !advice.suspect().contains(i);
                read.projection().map(Length::millimeters).ifPresent(mm -> readings.add(new Reading(mm, at, believed)));
            } else {
                pulled = true;
            }
        }
        shown = Optional.of(new Shown(goal.straightedge().asRead(goal.target()), readings, words));
        setAccessibleText(Messages.message(
                "heel-chart.projection-set-by-set",
                readings.size(),
                words.numbers().fine(shown.get().target())));
        changed();
    }

    @Override
    protected void draw(double width, double height) {
        if (shown.isEmpty()) {
            return;
        }
        Shown now = shown.get();
        double least = now.target() - 1;
        double most = now.target() + 0.6;
        int sets = 4;
        for (Reading each : now.readings()) {
            least = Math.min(least, each.read() - 0.2);
            most = Math.max(most, each.read() + 0.2);
            sets = Math.max(sets, each.sets() + 1);
        }
        double low = least;
        double scale = (height - TOP - BOTTOM) / (most - least);
        double step = (width - LEFT - RIGHT) / sets;
        double target = height - BOTTOM - (now.target() - low) * scale;
        double band = HeelAdvice.OVER * scale;
        box(LEFT, target - band, width - LEFT - RIGHT, 2 * band, "chart-band");
        line(LEFT, target, width - RIGHT, target, "chart-target");
        text(width - RIGHT + 8, target - 4, "target", "chart-label");
        text(width - RIGHT + 8, target + 14, now.words().numbers().fine(now.target()), "chart-value");
        line(LEFT, height - BOTTOM, width - RIGHT, height - BOTTOM, "chart-axis");
        for (int i = 0; i <= sets; i++) {
            centered(LEFT + i * step, height - 8, Integer.toString(i), "chart-label");
        }
        text(width - RIGHT + 24, height - 8, "rounds", "chart-label");
        List<Double> path = new ArrayList<>();
        for (Reading each : now.readings()) {
            if (each.believed()) {
                path.add(LEFT + each.sets() * step);
                path.add(height - BOTTOM - (each.read() - low) * scale);
            }
        }
        open(path.stream().mapToDouble(Double::doubleValue).toArray(), "chart-path");
        for (int i = 0; i < now.readings().size(); i++) {
            Reading each = now.readings().get(i);
            double x = LEFT + each.sets() * step;
            double y = height - BOTTOM - (each.read() - low) * scale;
            dot(x, y, DOT, each.believed() ? "chart-dot" : "chart-doubted");
            if (i == now.readings().size() - 1) {
                text(x + 8, y - 7, now.words().numbers().fine(each.read()), "chart-value");
            }
        }
        text(LEFT, 16, Messages.message("heel-chart.slack-projection-as-read"), "chart-label");
    }
}
