package org.kestan.desktop.rooms.ledger;

import java.time.LocalDate;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.RowConstraints;
import javafx.scene.layout.VBox;
import org.kestan.desktop.messages.Counts;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.session.JobStore;
import org.kestan.desktop.widgets.chart.BarChart;
import org.kestan.repair.history.Ticks;
import org.kestan.repair.memory.ShopStatistics;
import org.kestan.text.MemoryText;
import org.kestan.text.Numbers;

/** The shop's numbers at a glance: five questions a shop asks itself, each with its answer. */
final class LogbookPane extends VBox {

    private static final double MOST_TICKS = 5;
    private static final String NOTHING = Messages.message("logbook-pane.no-finished-job-tells");

    private final JobSession session;
    private final JobStore store;
    private final Label headline = new Label();
    private final BarChart ways = new BarChart("logbook-ways", Messages.message("logbook-pane.what-do-we-do"));
    private final BarChart misses = new BarChart("logbook-misses", Messages.message("logbook-pane.how-far-off-does"));
    private final BarChart hours = new BarChart("logbook-hours", Messages.message("logbook-pane.do-we-take-the"));
    private final BarChart returns =
            new BarChart("logbook-returns", Messages.message("logbook-pane.what-comes-back-within"));
    private final BarChart promises =
            new BarChart("logbook-promises", Messages.message("logbook-pane.do-we-keep-promises"));
    private ShopStatistics logbook = ShopStatistics.of(List.of(), LocalDate.now());

    LogbookPane(JobSession session, JobStore store) {
        this.session = session;
        this.store = store;
        setId("logbook");
        getStyleClass().add("logbook");
        headline.setId("logbook-headline");
        headline.getStyleClass().add("card-remark");
        headline.setWrapText(true);
        headline.setMinHeight(USE_PREF_SIZE);
        GridPane grid = new GridPane();
        grid.getStyleClass().add("logbook-grid");
        grid.setMinHeight(0);
        setMinHeight(0);
        ColumnConstraints half = new ColumnConstraints();
        half.setPercentWidth(50);
        grid.getColumnConstraints().setAll(half, half);
        RowConstraints row = new RowConstraints();
        row.setVgrow(Priority.ALWAYS);
        row.setPercentHeight(100.0 / 3);
        grid.getRowConstraints().setAll(row, row, row);
        // How many ways are listed, since there are many.
        grid.add(ways, 0, 0, 1, 2);
        grid.add(hours, 1, 0, 1, 2);
        grid.add(misses, 0, 2);
        grid.add(new HBox(promises, returns), 1, 2);
        HBox.setHgrow(promises, Priority.ALWAYS);
        HBox.setHgrow(returns, Priority.ALWAYS);
        VBox.setVgrow(grid, Priority.ALWAYS);
        getChildren().addAll(headline, grid);
        session.unitProperty().addListener((property, old, next) -> show());
    }

    /** Updates the numbers. */
    void refresh() {
        store.ask(() -> ShopStatistics.of(store.ledger().lessons(), LocalDate.now()), next -> {
            logbook = next;
            show();
        });
    }

    private void show() {
        headline.setText(Messages.message(
                "logbook-pane.those-put-away-included",
                logbook.finished()
                        + (logbook.finished() == 1
                                ? Messages.message("logbook-pane.finished-job")
                                : Messages.message("logbook-pane.finished-jobs"))));
        ways.show(
                logbook.ways().stream()
                        .map(each -> new BarChart.Row(
                                MemoryText.ways(each.ways()), each.jobs(), -1, Integer.toString(each.jobs())))
                        .toList(),
                counting(Messages.message("logbook-pane.scale-jobs")),
                NOTHING);
        Numbers numbers = session.words().numbers();
        misses.show(
                logbook.misses().stream()
                        .map(each -> new BarChart.Row(
                                Integer.toString(each.year()),
                                each.median(),
                                -1,
                                numbers.fine(each.median()) + ", " + Counts.jobs(each.jobs())))
                        .toList(),
                new BarChart.Scale(
                        Messages.message("logbook-pane.scale-miss"),
                        numbers.unit().step(),
                        most -> Ticks.between(0, most, numbers.unit().fine().step(), MOST_TICKS),
                        numbers::fine),
                Messages.message("logbook-pane.no-job-kept-what"));
        hours.show(
                logbook.hours().stream()
                        .map(each -> new BarChart.Row(
                                MemoryText.ways(each.ways()),
                                each.taken(),
                                each.estimated(),
                                Messages.message("logbook-pane.h-for", hours(each.taken()), hours(each.estimated()))))
                        .toList(),
                counting(Messages.message("logbook-pane.scale-hours")),
                Messages.message("logbook-pane.no-diary-of-the"));
        ShopStatistics.Returns back = logbook.returns();
        returns.show(
                back.watched() == 0
                        ? List.of()
                        : List.of(
                                row(Messages.message("logbook-pane.came-back"), back.back(), back.watched()),
                                row(
                                        Messages.message("logbook-pane.stayed-away"),
                                        back.watched() - back.back(),
                                        back.watched())),
                counting(Messages.message("logbook-pane.scale-jobs")),
                Messages.message("logbook-pane.no-job-was-finished"));
        showPromises();
    }

    private void showPromises() {
        ShopStatistics.Promises made = logbook.promises();
        promises.show(
                made.made() == 0
                        ? List.of()
                        : List.of(
                                row(Messages.message("logbook-pane.kept"), made.kept(), made.made()),
                                row(Messages.message("logbook-pane.late"), made.made() - made.kept(), made.made())),
                counting(Messages.message("logbook-pane.scale-jobs")),
                Messages.message("logbook-pane.nothing-promised"));
    }

    private static BarChart.Scale counting(String name) {
        return new BarChart.Scale(name, 1, most -> Ticks.counting(most, MOST_TICKS), Numbers::plain);
    }

    private static BarChart.Row row(String label, int jobs, int of) {
        return new BarChart.Row(
                label, jobs, -1, Messages.message("logbook-pane.jobs-of", jobs, of, Math.round(100.0 * jobs / of)));
    }

    private static String hours(double hours) {
        return Numbers.plain(Math.round(hours * 10) / 10.0);
    }
}
