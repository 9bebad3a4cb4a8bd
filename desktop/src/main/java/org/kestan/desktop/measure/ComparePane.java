package org.kestan.desktop.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.kestan.desktop.session.JobSession;
import org.kestan.job.Job;
import org.kestan.job.Survey;
import org.kestan.notation.BenchUnit;
import org.kestan.notation.Length;
import org.kestan.sheet.Reading;

/** Any two surveys of the job side by side, with what changed between them. */
final class ComparePane extends VBox {

    private final JobSession session;
    private final ComboBox<String> left = new ComboBox<>();
    private final ComboBox<String> right = new ComboBox<>();
    private final GridPane grid = new GridPane();
    private boolean showing;

    ComparePane(JobSession session, Runnable close) {
        this.session = session;
        setId("compare");
        getStyleClass().add("compare");
        left.setId("compare-left");
        right.setId("compare-right");
        Button back = new Button("Back to the sheet");
        back.setId("compare-close");
        back.getStyleClass().add("plain-button");
        back.setOnAction(event -> close.run());
        HBox bar = new HBox(left, new Label("\u2192"), right, back);
        bar.getStyleClass().add("ledger-bar");
        grid.getStyleClass().add("number-grid");
        getChildren().addAll(bar, grid);
        left.valueProperty().addListener((property, old, next) -> compare());
        right.valueProperty().addListener((property, old, next) -> compare());
        session.reckoningProperty().addListener((property, old, next) -> show());
        session.unitProperty().addListener((property, old, next) -> compare());
        visibleProperty().addListener((property, was, is) -> show());
        show();
    }

    private void show() {
        showing = true;
        List<String> names = surveys(session.job()).map(SurveyBar::name).toList();
        List<String> numbered = new ArrayList<>();
        for (int i = 0; i < names.size(); i++) {
            numbered.add((i + 1) + "  " + names.get(i));
        }
        int from = clamped(left.getSelectionModel().getSelectedIndex(), numbered);
        int to = clamped(right.getSelectionModel().getSelectedIndex(), numbered);
        left.getItems().setAll(numbered);
        right.getItems().setAll(numbered);
        // Two of a kind say nothing: the one put aside last stands against the one on the sheet.
        left.getSelectionModel().select(from == to ? numbered.size() - 1 : from);
        right.getSelectionModel().select(from == to ? 0 : to);
        showing = false;
        compare();
    }

    private static int clamped(int index, List<String> names) {
        return Math.max(0, Math.min(index, names.size() - 1));
    }

    private static Stream<Survey> surveys(Job job) {
        return Stream.concat(Stream.of(job.survey()), job.surveys().stream());
    }

    private void compare() {
        if (showing || !isVisible()) {
            return;
        }
        List<Survey> all = surveys(session.job()).toList();
        Survey from = all.get(Math.max(0, left.getSelectionModel().getSelectedIndex()));
        Survey to = all.get(Math.max(0, right.getSelectionModel().getSelectedIndex()));
        grid.getChildren().clear();
        int row = 0;
        grid.addRow(
                row++,
                cell("", "number-head"),
                cell("first", "number-head"),
                cell("second", "number-head"),
                cell("change", "number-head"));
        for (Reading reading : Reading.values()) {
            if (from.reading(reading).isEmpty() && to.reading(reading).isEmpty()) {
                continue;
            }
            BenchUnit unit = reading.withFeelers() ? session.unit().fine() : session.unit();
            grid.addRow(
                    row++,
                    cell(reading.row() + "  " + reading.fullLabel(), "number-key"),
                    cell(from.reading(reading).map(Length::text).orElse("\u2014"), "number-cell"),
                    cell(to.reading(reading).map(Length::text).orElse("\u2014"), "number-cell"),
                    cell(change(from.millimetres(reading), to.millimetres(reading), unit), "number-cell"));
        }
    }

    private static String change(OptionalDouble from, OptionalDouble to, BenchUnit unit) {
        return from.isPresent() && to.isPresent() ? unit.formatSigned(to.getAsDouble() - from.getAsDouble()) : "";
    }

    private static Label cell(String text, String style) {
        Label label = new Label(text);
        label.getStyleClass().add(style);
        label.setMinWidth(USE_PREF_SIZE);
        return label;
    }
}
