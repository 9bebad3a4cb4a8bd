package org.kestan.desktop.stations.verdict;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.geometry.HPos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import org.kestan.analysis.loads.StrungSetup;
import org.kestan.base.finding.Keyed;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.judgment.advice.Assessment;
import org.kestan.judgment.advice.Combination;
import org.kestan.judgment.advice.Ways;
import org.kestan.judgment.way.Way;
import org.kestan.repair.holding.HoldingTime;
import org.kestan.text.HoldingText;
import org.kestan.text.Numbers;
import org.kestan.text.Wording;

/** The selected ways in columns beside the instrument as measured, and all of them combined in working order. */
final class SideBySidePane extends ScrollPane {

    private static final double LABELS = 20;

    private final JobSession session;
    private final Consumer<List<Way>> taker;
    private final GridPane grid = new GridPane();
    private final Label none = new Label(Messages.message("side-by-side-pane.pick-two-or-three"));

    SideBySidePane(JobSession session, Consumer<List<Way>> taker) {
        this.session = session;
        this.taker = taker;
        grid.getStyleClass().add("compare-grid");
        none.getStyleClass().add("waiting");
        none.setWrapText(true);
        setFitToWidth(true);
        getStyleClass().add("station-scroll");
    }

    /**
     * A column of the comparison.
     *
     * @param head what it is
     * @param ways the ways it takes; none for the instrument as measured
     * @param predicted the instrument afterward; empty if unknown
     * @param reaches whether the target action is reached
     * @param remarks hours, price, whether it can be undone, and why
     */
    private record Column(
            String head, List<Way> ways, Optional<StrungSetup> predicted, boolean reaches, List<String> remarks) {}

    /** The setups compared with the measured one, in column order. */
    List<StrungSetup> compared(Ways ways, List<Way> picked) {
        return columns(ways, picked).stream()
                .skip(1)
                .flatMap(column -> column.predicted().stream())
                .toList();
    }

    private List<Column> columns(Ways ways, List<Way> picked) {
        List<Column> columns = new ArrayList<>();
        columns.add(new Column(
                Messages.message("side-by-side-pane.as-measured"),
                List.of(),
                ways.measured(),
                false,
                List.of("", "", "", "", "", "")));
        for (Way way : picked) {
            Assessment judged = ways.of(way);
            columns.add(new Column(
                    Wording.label(way),
                    judged.possible() ? List.of(way) : List.of(),
                    judged.predicted(),
                    judged.reaches(),
                    remarks(
                            judged.price().hours(),
                            judged.price().cost(),
                            judged.reversible(),
                            Wording.label(judged.fit()),
                            holds(
                                    judged.predicted(),
                                    judged.possible() ? List.of(way) : List.of(),
                                    judged.price().cost()))));
        }
        if (picked.size() > 1) {
            Combination all = ways.combined(picked);
            List<Way> done = all.possible();
            columns.add(new Column(
                    Messages.message("side-by-side-pane.all-of-them-in"),
                    done,
                    all.predicted(),
                    all.reaches(),
                    remarks(
                            all.hours(),
                            all.cost(),
                            all.reversible(),
                            done.size() == picked.size() ? "possible" : Messages.message("side-by-side-pane.in-part"),
                            holds(all.predicted(), done, all.cost()))));
        }
        return columns;
    }

    private List<String> remarks(
            double hours, double cost, boolean reversible, String fit, Optional<HoldingTime> holds) {
        String currency = session.standards().currency();
        return List.of(
                fit,
                Numbers.plain(hours),
                WayRow.price(cost, currency),
                reversible ? "yes" : "no",
                holds.map(HoldingText::years).orElse(Numbers.NONE),
                holds.map(each -> WayRow.price(each.pricePerYear(), currency)).orElse(Numbers.NONE));
    }

    private Optional<HoldingTime> holds(Optional<StrungSetup> predicted, List<Way> ways, double cost) {
        return predicted
                .filter(after -> !ways.isEmpty())
                .map(after -> session.analysis().holds(after.setup(), ways, cost, LocalDate.now()));
    }

    void show(Ways ways, List<Way> picked) {
        if (picked.isEmpty()) {
            setContent(none);
            return;
        }
        setContent(grid);
        grid.getChildren().clear();
        grid.getColumnConstraints().clear();
        List<Column> columns = columns(ways, picked);
        Figures figures = new Figures(session.words().numbers());
        List<Figures.Line> lines = figures.lines();
        label(0, 0, "", "number-head");
        grid.getColumnConstraints().add(constraints(LABELS));
        int number = 0;
        for (int i = 0; i < columns.size(); i++) {
            Column column = columns.get(i);
            boolean drawn = i > 0 && column.predicted().isPresent();
            number += drawn ? 1 : 0;
            head(i + 1, column, drawn ? number : 0);
            grid.getColumnConstraints().add(constraints((100.0 - LABELS) / columns.size()));
        }
        int row = 2;
        for (Figures.Line line : lines) {
            label(0, row, line.label(), "card-label");
            List<String> texts = columns.stream()
                    .map(column -> column.predicted().map(line.text()).orElse(Numbers.NONE))
                    .toList();
            cells(row, 1, texts.subList(0, 1), texts.subList(1, texts.size()));
            row++;
            if (row == 3) {
                row = remarks(columns, row);
            }
        }
    }

    /** Whether it reaches the action, what it costs, whether it can be undone: right below the action. */
    private int remarks(List<Column> columns, int from) {
        List<String> heads = List.of(
                Messages.message("side-by-side-pane.for-this-one"),
                Messages.message("side-by-side-pane.hours"),
                Messages.message("side-by-side-pane.price"),
                Messages.message("side-by-side-pane.can-be-undone"),
                Messages.message("side-by-side-pane.holds-until"),
                Messages.message("side-by-side-pane.price-a-year"));
        int row = from;
        label(0, row, Messages.message("side-by-side-pane.reaches-the-action-wanted"), "card-label");
        for (int i = 1; i < columns.size(); i++) {
            label(i + 1, row, columns.get(i).reaches() ? "yes" : "no", "number-cell");
        }
        row++;
        for (int line = 0; line < heads.size(); line++, row++) {
            label(0, row, heads.get(line), "card-label");
            int at = line;
            cells(
                    row,
                    2,
                    List.of(),
                    columns.stream()
                            .skip(1)
                            .map(column -> column.remarks().get(at))
                            .toList());
        }
        return row;
    }

    /** Values side by side; those that differ between the ways stand out. */
    private void cells(int row, int column, List<String> measured, List<String> ways) {
        boolean differ = ways.stream().distinct().count() > 1;
        int at = column;
        for (String text : measured) {
            label(at++, row, text, "number-cell");
        }
        for (String text : ways) {
            label(at++, row, text, differ ? "number-differs" : "number-cell");
        }
    }

    private void head(int column, Column shown, int number) {
        Label name = new Label((number > 0 ? number + "  " : "") + shown.head());
        name.getStyleClass().add("card-title");
        name.setWrapText(true);
        grid.add(name, column, 0);
        if (!shown.ways().isEmpty()) {
            Button take = new Button(Messages.message("side-by-side-pane.take-into-the-plan"));
            take.getStyleClass().add("plain-button");
            take.setId("take-" + shown.ways().stream().map(Keyed::key).collect(Collectors.joining("-and-")));
            take.setOnAction(event -> taker.accept(shown.ways()));
            grid.add(take, column, 1);
        }
    }

    private void label(int column, int row, String text, String style) {
        Label label = new Label(text);
        label.getStyleClass().add(style);
        label.setWrapText(true);
        grid.add(label, column, row);
    }

    /** The labels take a fifth of the width, the columns share the rest. */
    private static ColumnConstraints constraints(double percent) {
        ColumnConstraints column = new ColumnConstraints();
        column.setPercentWidth(percent);
        column.setHalignment(HPos.LEFT);
        return column;
    }
}
