package org.kestan.desktop.stations.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Measurable;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.job.Job;
import org.kestan.job.visits.Visit;
import org.kestan.text.BenchUnit;
import org.kestan.text.Wording;

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
        Button back = new Button(Messages.message("compare-pane.back-to-the-sheet"));
        back.setId("compare-close");
        back.getStyleClass().add("plain-button");
        back.setOnAction(event -> close.run());
        HBox bar = new HBox(left, new Label("\u2192"), right, back);
        bar.getStyleClass().add("ledger-bar");
        grid.getStyleClass().add("number-grid");
        getChildren().addAll(bar, grid);
        left.valueProperty().addListener((property, old, next) -> compare());
        right.valueProperty().addListener((property, old, next) -> compare());
        session.analysisProperty().addListener((property, old, next) -> show());
        session.unitProperty().addListener((property, old, next) -> compare());
        visibleProperty().addListener((property, was, is) -> show());
        show();
    }

    private void show() {
        showing = true;
        List<String> names = visits(session.job()).map(SurveyBar::name).toList();
        List<String> numbered = new ArrayList<>();
        for (int i = 0; i < names.size(); i++) {
            numbered.add((i + 1) + "  " + names.get(i));
        }
        int from = clamped(left.getSelectionModel().getSelectedIndex(), numbered);
        int to = clamped(right.getSelectionModel().getSelectedIndex(), numbered);
        left.getItems().setAll(numbered);
        right.getItems().setAll(numbered);
        // Comparing a survey with itself is useless, so the last one put aside is compared with the one on the sheet.
        left.getSelectionModel().select(from == to ? numbered.size() - 1 : from);
        right.getSelectionModel().select(from == to ? 0 : to);
        showing = false;
        compare();
    }

    private static int clamped(int index, List<String> names) {
        return Math.max(0, Math.min(index, names.size() - 1));
    }

    private static Stream<Visit> visits(Job job) {
        return Stream.concat(Stream.of(job.visit()), job.otherVisits().stream());
    }

    private void compare() {
        if (showing || !isVisible()) {
            return;
        }
        List<Visit> all = visits(session.job()).toList();
        Visit from = all.get(Math.max(0, left.getSelectionModel().getSelectedIndex()));
        Visit to = all.get(Math.max(0, right.getSelectionModel().getSelectedIndex()));
        grid.getChildren().clear();
        int row = 0;
        grid.addRow(
                row++,
                cell("", "number-head"),
                cell("first", "number-head"),
                cell("second", "number-head"),
                cell("change", "number-head"));
        SortedSet<Measurable> read = new TreeSet<>(Measurable.IN_ORDER);
        read.addAll(from.taken());
        read.addAll(to.taken());
        for (Measurable reading : read) {
            BenchUnit unit = reading.withFeelers() ? session.unit().fine() : session.unit();
            grid.addRow(
                    row++,
                    cell(reading.number() + "  " + Wording.full(reading), "number-key"),
                    cell(from.get(reading).map(Length::text).orElse("\u2014"), "number-cell"),
                    cell(to.get(reading).map(Length::text).orElse("\u2014"), "number-cell"),
                    cell(change(from, to, reading, unit), "number-cell"));
        }
    }

    private static String change(Visit from, Visit to, Measurable reading, BenchUnit unit) {
        OptionalDouble before = from.millimeters(reading);
        OptionalDouble after = to.millimeters(reading);
        return before.isPresent() && after.isPresent()
                ? unit.formatSigned(after.getAsDouble() - before.getAsDouble())
                : "";
    }

    private static Label cell(String text, String style) {
        Label label = new Label(text);
        label.getStyleClass().add(style);
        label.setMinWidth(USE_PREF_SIZE);
        return label;
    }
}
