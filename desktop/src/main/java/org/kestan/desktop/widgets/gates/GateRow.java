package org.kestan.desktop.widgets.gates;

import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kestan.analysis.figures.State;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.widgets.figures.StateShape;
import org.kestan.desktop.widgets.terms.LazyTooltip;
import org.kestan.judgment.verdict.Gate;
import org.kestan.judgment.verdict.GateId;
import org.kestan.judgment.verdict.GateState;
import org.kestan.text.Wording;

/** One gate: its number, the mark of its state, its name, the reason, the numbers behind it. */
final class GateRow extends HBox {

    private static final double NUMBERS_WIDTH = 560;

    /** The numbers keep this width, in text sizes, beside a long reason, so that none of them wraps. */
    private static final double NUMBERS_LEAST = 20;

    /** Below this width, in text sizes, there is room for the reason only. */
    private static final double NARROW = 58;

    private final StateShape mark = new StateShape();
    private final Label reason = new Label();
    private final Label numbers = new Label();
    private final Label provisional = new Label(Messages.message("gate-row.provisional"));

    GateRow(GateId id, String prefix, boolean stacked) {
        getStyleClass().add("gate");
        setId(prefix + "gate-" + id.key());
        setAlignment(Pos.CENTER_LEFT);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.TEXT);
        Label number = new Label(Integer.toString(id.ordinal() + 1));
        number.getStyleClass().add("entry-number");
        number.setMinWidth(24);
        Label name = new Label(Wording.label(id));
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
        LazyTooltip.on(reason, numbers::getText);
        widthProperty().addListener((property, old, width) -> arrange(stacked));
        provisional.getStyleClass().add("gate-provisional");
        provisional.setMinWidth(USE_PREF_SIZE);
        // In a narrow pane the name is above its reason.
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

    /** In a narrow pane the numbers are in the reason's tooltip. */
    private void arrange(boolean stacked) {
        double size = reason.getFont().getSize();
        boolean shown = !numbers.getText().isEmpty() && (stacked || getWidth() == 0 || getWidth() > NARROW * size);
        numbers.setVisible(shown);
        numbers.setManaged(shown);
        numbers.setMinWidth(stacked ? 0 : Math.min(numbers.prefWidth(-1), NUMBERS_LEAST * size));
    }

    String reason() {
        return reason.getText();
    }

    void show(Gate gate, Wording words) {
        mark.show(state(gate.state()));
        reason.setText(words.say(gate.reasons()));
        numbers.setText(numbers(gate, words));
        arrange(numbers.getParent() instanceof VBox);
        provisional.setVisible(gate.provisional());
        getStyleClass().remove("gate-later");
        if (gate.provisional()) {
            getStyleClass().add("gate-later");
        }
        setAccessibleText(spoken(gate, words));
    }

    /** The numbers behind a gate, none of them wrapped. */
    static String numbers(Gate gate, Wording words) {
        return gate.numbers().entrySet().stream()
                .map(entry -> Wording.label(entry.getKey()) + " " + words.print(entry.getValue()))
                .map(each -> each.replace(' ', '\u00a0'))
                .collect(Collectors.joining("   "));
    }

    /** Everything about a gate, for screen readers. */
    static String spoken(Gate gate, Wording words) {
        String behind = numbers(gate, words);
        return Wording.label(gate.id()) + " " + Wording.label(gate.state())
                + (gate.provisional() ? ", provisional" : "") + ": " + words.say(gate.reasons())
                + (behind.isEmpty() ? "" : Messages.message("gate-row.numbers", behind));
    }

    /** The mark of a gate's state. */
    static State state(GateState state) {
        return switch (state) {
            case PASS -> State.GOOD;
            case WARN -> State.MARGINAL;
            case STOP -> State.STOP;
            case UNKNOWN -> State.UNKNOWN;
        };
    }
}
