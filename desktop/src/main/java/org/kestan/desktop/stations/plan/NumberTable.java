package org.kestan.desktop.stations.plan;

import java.util.List;
import javafx.geometry.HPos;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** A titled table with aligned columns of numbers, scrolled if it is long. */
class NumberTable extends VBox {

    private final Label title = new Label();
    private final GridPane grid = new GridPane();

    NumberTable(String id, int columns) {
        getStyleClass().add("number-table");
        setId(id);
        title.getStyleClass().add("place-title");
        title.setWrapText(true);
        grid.getStyleClass().add("number-grid");
        for (int i = 0; i < columns; i++) {
            ColumnConstraints column = new ColumnConstraints();
            column.setHalignment(HPos.RIGHT);
            column.setHgrow(i == 0 ? Priority.NEVER : Priority.ALWAYS);
            grid.getColumnConstraints().add(column);
        }
        ScrollPane scroll = new ScrollPane(grid);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.getStyleClass().add("station-scroll");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(title, scroll);
    }

    /** A formatted length without its unit, which is in the heading. */
    static String bare(String length) {
        return length.substring(0, length.lastIndexOf(' '));
    }

    /** Shows a table: the first row is the head, the cells are texts. */
    void show(String heading, List<List<String>> rows) {
        title.setText(heading);
        int cells = rows.stream().mapToInt(List::size).sum();
        while (grid.getChildren().size() < cells) {
            Label cell = new Label();
            cell.setMinWidth(USE_PREF_SIZE);
            grid.getChildren().add(cell);
        }
        grid.getChildren().remove(cells, grid.getChildren().size());
        int next = 0;
        for (int row = 0; row < rows.size(); row++) {
            for (int column = 0; column < rows.get(row).size(); column++) {
                Label cell = (Label) grid.getChildren().get(next++);
                GridPane.setConstraints(cell, column, row);
                cell.setText(rows.get(row).get(column));
                String style = row == 0 ? "number-head" : column == 0 ? "number-key" : "number-cell";
                if (!cell.getStyleClass().contains(style)) {
                    cell.getStyleClass().setAll("label", style);
                }
            }
        }
    }
}
