package org.kestan.desktop.shell;

import java.util.EnumMap;
import java.util.Map;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.kestan.desktop.session.JobSession;
import org.kordamp.ikonli.javafx.FontIcon;

/** The stations in their order, each with how it stands; the chosen one is shown below the drawing. */
final class StationStrip extends HBox {

    private final ObjectProperty<Station> chosen = new SimpleObjectProperty<>(this, "chosen", Station.MEASURE);
    private final Map<Station, ToggleButton> buttons = new EnumMap<>(Station.class);
    private final Map<Station, Label> reasons = new EnumMap<>(Station.class);
    private final Map<Station, FontIcon> icons = new EnumMap<>(Station.class);

    StationStrip(JobSession session) {
        getStyleClass().add("stations");
        ToggleGroup group = new ToggleGroup();
        for (Station station : Station.values()) {
            add(station, group);
        }
        group.selectedToggleProperty().addListener((property, old, next) -> {
            if (next == null) {
                group.selectToggle(old);
            } else {
                chosen.set((Station) next.getUserData());
            }
        });
        chosen.addListener((property, old, next) -> group.selectToggle(buttons.get(next)));
        group.selectToggle(buttons.get(chosen.get()));
        session.reckoningProperty().addListener((property, old, next) -> show(session));
        show(session);
    }

    ObjectProperty<Station> chosenProperty() {
        return chosen;
    }

    private void add(Station station, ToggleGroup group) {
        FontIcon icon = new FontIcon();
        icon.getStyleClass().add("station-icon");
        Label title = new Label(station.title());
        title.getStyleClass().add("station-title");
        Label why = new Label();
        why.getStyleClass().add("station-why");
        VBox words = new VBox(title, why);
        HBox content = new HBox(icon, words);
        content.setAlignment(Pos.CENTER_LEFT);
        content.getStyleClass().add("station-content");
        ToggleButton button = new ToggleButton();
        button.setGraphic(content);
        button.setId("station-" + station.title().toLowerCase(java.util.Locale.ROOT));
        button.setUserData(station);
        button.setToggleGroup(group);
        button.getStyleClass().add("station");
        buttons.put(station, button);
        reasons.put(station, why);
        icons.put(station, icon);
        getChildren().add(button);
    }

    private void show(JobSession session) {
        for (Station station : Station.values()) {
            Station.Progress progress = station.progress(session.reckoning());
            icons.get(station).setIconLiteral(progress.stage().icon());
            reasons.get(station).setText(progress.why());
            buttons.get(station)
                    .setAccessibleText(station.title() + ", " + progress.stage().word() + ": " + progress.why());
        }
    }
}
