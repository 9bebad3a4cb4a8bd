package org.kestan.desktop.stations.proof;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.RowConstraints;
import javafx.scene.layout.VBox;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.session.JobStore;
import org.kestan.desktop.widgets.field.TextButton;
import org.kestan.desktop.widgets.layout.OwnerPaperExport;
import org.kestan.files.papers.SheetPdf;
import org.kestan.repair.history.History;
import org.kestan.text.HistoryText;

/** The instrument over its visits: what it shows, in sentences and in four charts. */
final class HistoryPane extends VBox {

    private final JobSession session;
    private final VBox said = new VBox();
    private final List<HistoryChart> charts = new ArrayList<>();

    HistoryPane(JobSession session, JobStore store) {
        this.session = session;
        OwnerPaperExport writing = new OwnerPaperExport(session, store);
        getStyleClass().add("bench-page");
        said.setId("history-said");
        said.getStyleClass().add("step-side");
        Label bands = new Label(Messages.message("history-pane.dots-as-read-line"));
        bands.getStyleClass().add("card-remark");
        bands.setWrapText(true);
        TextButton paper = new TextButton(
                Messages.message("history-pane.write-as-a-paper"),
                "history-write",
                () -> writing.write("history", writing.history(), getScene().getWindow(), SheetPdf.Paper.A4));
        HBox foot = new HBox(12, paper, bands);
        foot.setAlignment(Pos.CENTER_LEFT);
        foot.getStyleClass().add("step-bar");
        GridPane grid = new GridPane();
        grid.getStyleClass().add("history-grid");
        ColumnConstraints half = new ColumnConstraints();
        half.setPercentWidth(50);
        grid.getColumnConstraints().setAll(half, half);
        RowConstraints row = new RowConstraints();
        row.setVgrow(Priority.ALWAYS);
        grid.getRowConstraints().setAll(row, row);
        for (History.Quantity quantity : History.Quantity.values()) {
            HistoryChart chart = new HistoryChart(quantity);
            charts.add(chart);
            grid.add(chart, quantity.ordinal() % 2, quantity.ordinal() / 2);
        }
        VBox.setVgrow(grid, Priority.ALWAYS);
        getChildren().addAll(said, grid, foot);
    }

    void show() {
        History history = History.of(session.job(), session.standards());
        said.getChildren().clear();
        List<String> lines = HistoryText.say(history, session.words());
        for (int i = 0; i < lines.size(); i++) {
            Label line = new Label(lines.get(i));
            line.getStyleClass().add(i == 0 ? "heel-watch" : "step-side-line");
            line.setWrapText(true);
            line.setMinWidth(0);
            said.getChildren().add(line);
        }
        charts.forEach(chart -> chart.show(history, session.words()));
    }
}
