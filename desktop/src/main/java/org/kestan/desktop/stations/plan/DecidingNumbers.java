package org.kestan.desktop.stations.plan;

import java.util.Map;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.kestan.text.Headline;
import org.kestan.text.Wording;

/**
 * The numbers you cut by, readable from the bench: heel cut, neck angle, what the straightedge shows without strings.
 */
final class DecidingNumbers extends FlowPane {

    private final Map<Headline.Kind, Label> values = new java.util.EnumMap<>(Headline.Kind.class);
    private final Map<Headline.Kind, Label> notes = new java.util.EnumMap<>(Headline.Kind.class);

    DecidingNumbers() {
        setId("deciding-numbers");
        setMinHeight(USE_PREF_SIZE);
        getStyleClass().add("deciding");
        for (Headline.Kind kind : Headline.Kind.values()) {
            Label title = new Label(Wording.label(kind));
            title.getStyleClass().add("figure-title");
            title.setMinWidth(USE_PREF_SIZE);
            Label value = new Label();
            value.setId("deciding-" + kind.key());
            value.getStyleClass().add("deciding-value");
            value.setMinWidth(USE_PREF_SIZE);
            Label note = new Label();
            note.setId("deciding-" + kind.key() + "-note");
            note.getStyleClass().add("card-remark");
            note.setMinWidth(USE_PREF_SIZE);
            values.put(kind, value);
            notes.put(kind, note);
            getChildren().add(new VBox(title, value, note));
        }
    }

    void show(Map<Headline.Kind, Headline> all) {
        values.forEach((kind, label) -> label.setText(all.get(kind).value()));
        notes.forEach((kind, label) -> label.setText(all.get(kind).note()));
    }
}
