package org.kestan.desktop.widgets.gates;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;
import org.kestan.base.sheet.Line;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.widgets.layout.ScrollToFocus;
import org.kestan.judgment.verdict.Gate;
import org.kestan.judgment.verdict.GateId;
import org.kestan.text.Wording;

/** The gates in order. The arrow keys move from one to the next. */
public final class GatesPane extends ScrollPane {

    private final JobSession session;
    private final List<GateRow> rows = new ArrayList<>();

    /**
     * @param stacked whether the numbers stand under the reason rather than beside it
     * @param opener called to open the field of a line when a gate is pressed
     * @param prefix put before the ids of the rows, so that two such panes can stand in one window
     */
    public GatesPane(JobSession session, String prefix, boolean stacked, Consumer<Line<?>> opener) {
        this.session = session;
        VBox list = new VBox();
        for (GateId id : GateId.values()) {
            GateRow row = new GateRow(id, prefix, stacked);
            rows.add(row);
            list.getChildren().add(row);
            row.focusedProperty().addListener((property, was, is) -> light(id, is));
            row.setOnMouseClicked(click -> {
                row.requestFocus();
                if (click.getClickCount() == 2) {
                    opener.accept(id.place());
                }
            });
            row.setOnKeyPressed(key -> {
                if (key.getCode() == KeyCode.ENTER) {
                    opener.accept(id.place());
                    key.consume();
                    return;
                }
                int step = key.getCode() == KeyCode.DOWN ? 1 : key.getCode() == KeyCode.UP ? -1 : 0;
                int next = id.ordinal() + step;
                while (next >= 0 && next < rows.size() && !rows.get(next).isVisible()) {
                    next += step;
                }
                if (step != 0 && next >= 0 && next < rows.size()) {
                    rows.get(next).requestFocus();
                    key.consume();
                }
            });
        }
        setContent(list);
        setFitToWidth(true);
        getStyleClass().add("station-scroll");
    }

    private void light(GateId id, boolean chosen) {
        if (chosen) {
            ScrollToFocus.in(this, rows.get(id.ordinal()));
            session.focusedLineProperty().set(id.place());
            session.hint(
                    rows.get(id.ordinal()),
                    Messages.message(
                            "gates-pane.enter-opens-the-reading",
                            rows.get(id.ordinal()).reason()));
        } else if (session.focusedLineProperty().get() == id.place()) {
            session.focusedLineProperty().set(null);
        }
    }

    /** Shows gates, all of them and in order. */
    public void show(List<Gate> gates, Wording words) {
        // A gate that does not apply to this instrument is left out.
        for (GateId id : GateId.values()) {
            boolean used = gates.stream().anyMatch(gate -> gate.id() == id);
            rows.get(id.ordinal()).setVisible(used);
            rows.get(id.ordinal()).setManaged(used);
        }
        gates.forEach(gate -> rows.get(gate.id().ordinal()).show(gate, words));
    }
}
