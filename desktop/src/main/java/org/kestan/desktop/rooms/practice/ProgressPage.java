package org.kestan.desktop.rooms.practice;

import java.util.List;
import java.util.Locale;
import javafx.scene.control.Label;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.practice.PracticeDesk;
import org.kestan.desktop.widgets.chart.ResizableDrawing;
import org.kestan.practice.file.PracticeRecord;
import org.kestan.practice.reckoning.Marks;
import org.kestan.practice.text.PracticeText;

/** The marks of all cases in order, and the last drills. */
final class ProgressPage extends VBox {

    private static final int LAST = 5;

    private final Chart chart = new Chart();
    private final Label drills = new Label();

    ProgressPage(PracticeDesk desk) {
        setSpacing(8);
        setMinHeight(0);
        chart.setMinHeight(0);
        VBox.setVgrow(chart, Priority.ALWAYS);
        drills.setId("practice-drills-done");
        drills.setWrapText(true);
        getChildren().addAll(chart, drills);
        desk.recordProperty().addListener((property, old, next) -> show(next));
        show(desk.recordProperty().get());
    }

    private void show(PracticeRecord record) {
        chart.show(record);
        List<PracticeRecord.Done> all = record.drills();
        StringBuilder text = new StringBuilder();
        for (PracticeRecord.Done each : all.subList(Math.max(0, all.size() - LAST), all.size())) {
            text.append(text.isEmpty() ? "" : "    ")
                    .append(Messages.message(
                            "progress-page.drill", PracticeText.label(each.drill()), each.right(), each.of()));
        }
        drills.setText(text.isEmpty() ? Messages.message("progress-page.no-drills") : text.toString());
    }

    /** Marks from 0 to 10 over the cases in order; each skill has its own dot shape. */
    private static final class Chart extends ResizableDrawing {

        private static final double LEFT = 40;
        private static final double RIGHT = 130;
        private static final double TOP = 34;
        private static final double BOTTOM = 40;
        private static final int STEP = 2;

        private PracticeRecord record = PracticeRecord.NONE;

        Chart() {
            super("practice-progress");
        }

        void show(PracticeRecord next) {
            record = next;
            setAccessibleText(
                    Messages.message("progress-page.cases", next.cases().size()));
            changed();
        }

        @Override
        protected void draw(double width, double height) {
            text(8, 20, Messages.message("progress-page.title"), "chart-value");
            List<PracticeRecord.Case> cases = record.cases();
            if (cases.isEmpty()) {
                text(LEFT, height / 2, Messages.message("progress-page.none"), "chart-label");
                return;
            }
            double bottom = height - BOTTOM;
            double each = (bottom - TOP) / Marks.MOST;
            double along = (width - LEFT - RIGHT) / Math.max(1, cases.size() - 1);
            for (int mark = 0; mark <= Marks.MOST; mark += STEP) {
                double y = bottom - mark * each;
                line(LEFT - 4, y, width - RIGHT, y, mark == 0 ? "chart-axis" : "chart-grid");
                text(10, y + 5, Integer.toString(mark), "chart-label");
            }
            text(LEFT, height - 4, Messages.message("progress-page.axis"), "chart-label");
            int every = Math.max(1, cases.size() / 10);
            for (int i = 0; i < cases.size(); i += every) {
                double x = LEFT + i * along;
                line(x, bottom, x, bottom + 4, "chart-axis");
                centered(x, bottom + 18, Integer.toString(i + 1), "chart-label");
            }
            double label = -1;
            for (Marks.Skill skill : Marks.Skill.values()) {
                label = draw(skill, cases, bottom, each, along, width, label);
            }
        }

        private double draw(
                Marks.Skill skill,
                List<PracticeRecord.Case> cases,
                double bottom,
                double each,
                double along,
                double width,
                double before) {
            String style = "skill-" + skill.name().toLowerCase(Locale.ROOT);
            double[] points = new double[2 * cases.size()];
            for (int i = 0; i < cases.size(); i++) {
                points[2 * i] = LEFT + i * along;
                points[2 * i + 1] = bottom - cases.get(i).marks().of(skill) * each;
            }
            open(points, "chart-path", style);
            for (int i = 0; i < cases.size(); i++) {
                double x = points[2 * i];
                double y = points[2 * i + 1];
                switch (skill) {
                    case MEASURING -> dot(x, y, 5, "chart-dot");
                    case JUDGING -> box(x - 4.5, y - 4.5, 9, 9, "chart-dot");
                    case WORKING -> closed(new double[] {x, y - 6, x + 6, y + 5, x - 6, y + 5}, "chart-dot");
                }
            }
            // The names are stacked if the last marks are equal.
            double y = Math.max(points[points.length - 1] + 5, before + 18);
            text(width - RIGHT + 12, y, PracticeText.label(skill), "chart-value");
            return y;
        }
    }
}
