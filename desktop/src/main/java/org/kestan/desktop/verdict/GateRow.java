package org.kestan.desktop.verdict;

import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import org.kestan.desktop.figures.StateShape;
import org.kestan.reckoning.State;
import org.kestan.verdict.Gate;
import org.kestan.verdict.GateId;
import org.kestan.verdict.GateState;

/** One gate: its number, the mark of its state, what it is about, the reason. */
final class GateRow extends HBox {

    private final StateShape mark = new StateShape();
    private final Label reason = new Label();
    private final Label provisional = new Label("provisional");

    GateRow(GateId id) {
        getStyleClass().add("gate");
        setId("gate-" + id.key());
        setAlignment(Pos.CENTER_LEFT);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.TEXT);
        Label number = new Label(Integer.toString(id.ordinal() + 1));
        number.getStyleClass().add("entry-number");
        number.setMinWidth(24);
        Label name = new Label(id.label());
        name.getStyleClass().add("gate-name");
        reason.setId("gate-" + id.key() + "-reason");
        reason.getStyleClass().add("gate-reason");
        reason.setWrapText(true);
        HBox.setHgrow(reason, Priority.ALWAYS);
        provisional.getStyleClass().add("gate-provisional");
        provisional.setMinWidth(USE_PREF_SIZE);
        getChildren().addAll(number, mark, name, reason, provisional);
    }

    String reason() {
        return reason.getText();
    }

    void show(Gate gate) {
        mark.show(state(gate.state()));
        reason.setText(gate.reason());
        provisional.setVisible(gate.provisional());
        getStyleClass().remove("gate-later");
        if (gate.provisional()) {
            getStyleClass().add("gate-later");
        }
        setAccessibleText(gate.id().label() + " " + gate.state().label() + (gate.provisional() ? ", provisional" : "")
                + ": " + gate.reason());
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
