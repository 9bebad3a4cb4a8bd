package org.kestan.desktop.verdict;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kestan.desktop.session.JobSession;
import org.kestan.verdict.Gate;
import org.kestan.verdict.GateId;
import org.kestan.verdict.Verdict;

/** The gates in the order in which they are looked at. The arrow keys go from one to the next. */
public final class VerdictStation extends VBox {

    private final JobSession session;
    private final List<GateRow> rows = new ArrayList<>();

    /** Makes the station for a session. */
    public VerdictStation(JobSession session) {
        this.session = session;
        getStyleClass().add("verdict");
        VBox list = new VBox();
        for (GateId id : GateId.values()) {
            GateRow row = new GateRow(id);
            rows.add(row);
            list.getChildren().add(row);
            row.focusedProperty().addListener((property, was, is) -> light(id, is));
            row.setOnMouseClicked(click -> row.requestFocus());
            row.setOnKeyPressed(key -> {
                int step = key.getCode() == KeyCode.DOWN ? 1 : key.getCode() == KeyCode.UP ? -1 : 0;
                int next = id.ordinal() + step;
                if (step != 0 && next >= 0 && next < rows.size()) {
                    rows.get(next).requestFocus();
                    key.consume();
                }
            });
        }
        ScrollPane scroll = new ScrollPane(list);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("station-scroll");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().add(scroll);
        session.reckoningProperty().addListener((property, old, next) -> show());
        session.unitProperty().addListener((property, old, next) -> show());
        visibleProperty().addListener((property, was, is) -> show());
        show();
    }

    private void light(GateId id, boolean chosen) {
        if (chosen) {
            session.focusedItemProperty().set(id.place());
            session.say(rows.get(id.ordinal()).reason());
        } else if (session.focusedItemProperty().get() == id.place()) {
            session.focusedItemProperty().set(null);
        }
    }

    private void show() {
        if (isVisible()) {
            List<Gate> gates = Verdict.of(session.reckoning(), session.unit());
            gates.forEach(gate -> rows.get(gate.id().ordinal()).show(gate));
        }
    }
}
