package org.kestan.desktop.verdict;

import java.util.Locale;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kestan.desktop.figures.StateShape;
import org.kestan.notation.BenchUnit;
import org.kestan.reckoning.State;
import org.kestan.verdict.Gate;
import org.kestan.verdict.GateId;
import org.kestan.verdict.GateNumber;
import org.kestan.verdict.GateState;

/** One gate: its number, the mark of its state, what it is about, the reason, the numbers behind it. */
final class GateRow extends HBox {

    private static final double NUMBERS_WIDTH = 560;

    private final StateShape mark = new StateShape();
    private final Label reason = new Label();
    private final Label numbers = new Label();
    private final Label provisional = new Label("provisional");

    GateRow(GateId id, String prefix, boolean stacked) {
        getStyleClass().add("gate");
        setId(prefix + "gate-" + id.key());
        setAlignment(Pos.CENTER_LEFT);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.TEXT);
        Label number = new Label(Integer.toString(id.ordinal() + 1));
        number.getStyleClass().add("entry-number");
        number.setMinWidth(24);
        Label name = new Label(id.label());
        name.getStyleClass().add("gate-name");
        reason.setId(getId() + "-reason");
        reason.getStyleClass().add("gate-reason");
        reason.setWrapText(true);
        numbers.setId(getId() + "-numbers");
        numbers.getStyleClass().add("gate-numbers");
        numbers.setWrapText(true);
        numbers.setMinWidth(0);
        HBox.setHgrow(reason, Priority.ALWAYS);
        reason.setMaxWidth(Double.MAX_VALUE);
        reason.setMinWidth(0);
        numbers.setMaxWidth(NUMBERS_WIDTH);
        provisional.getStyleClass().add("gate-provisional");
        provisional.setMinWidth(USE_PREF_SIZE);
        // Where it is narrow the name stands over its reason.
        Pane words = stacked ? new VBox(name, reason, numbers) : new HBox(reason, numbers);
        words.getStyleClass().add("gate-words");
        HBox.setHgrow(words, Priority.ALWAYS);
        words.setMinWidth(0);
        getChildren().addAll(number, mark);
        if (!stacked) {
            getChildren().add(name);
        }
        getChildren().addAll(words, provisional);
    }

    String reason() {
        return reason.getText();
    }

    void show(Gate gate, BenchUnit unit) {
        mark.show(state(gate.state()));
        reason.setText(gate.reason());
        String behind = gate.numbers().entrySet().stream()
                .map(entry -> GateNumber.words(entry.getKey()) + " " + number(entry.getKey(), entry.getValue(), unit))
                .map(each -> each.replace(' ', '\u00a0'))
                .collect(Collectors.joining("   "));
        numbers.setText(behind);
        numbers.setVisible(!behind.isEmpty());
        numbers.setManaged(!behind.isEmpty());
        provisional.setVisible(gate.provisional());
        getStyleClass().remove("gate-later");
        if (gate.provisional()) {
            getStyleClass().add("gate-later");
        }
        setAccessibleText(gate.id().label() + " " + gate.state().label() + (gate.provisional() ? ", provisional" : "")
                + ": " + gate.reason() + (behind.isEmpty() ? "" : " Numbers: " + behind));
    }

    private static String number(String name, double value, BenchUnit unit) {
        return switch (GateNumber.kind(name)) {
            case LENGTH -> unit.format(value);
            case FINE -> unit.fine().format(value);
            case DEGREES -> String.format(Locale.ROOT, "%.1f\u00b0", value).replace('-', '\u2212');
            case PERCENT -> Math.round(value) + " %";
            case PLAIN -> Long.toString(Math.round(value));
        };
    }

    private static State state(GateState state) {
        return switch (state) {
            case PASS -> State.GOOD;
            case WARN -> State.MARGINAL;
            case STOP -> State.STOP;
            case UNKNOWN -> State.UNKNOWN;
        };
    }
}
