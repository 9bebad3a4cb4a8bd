package org.kestan.desktop.shell;

import java.util.EnumMap;
import java.util.Locale;
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
import org.kestan.desktop.session.JobStore;
import org.kestan.station.Station;
import org.kordamp.ikonli.javafx.FontIcon;

/** The ledger and the stations in their order, each with how it stands; the chosen one is shown below. */
final class StationStrip extends HBox {

    private final ObjectProperty<Room> chosen = new SimpleObjectProperty<>(this, "chosen", Room.MEASURE);
    private final Map<Room, ToggleButton> buttons = new EnumMap<>(Room.class);
    private final Map<Room, Label> reasons = new EnumMap<>(Room.class);
    private final Map<Room, FontIcon> icons = new EnumMap<>(Room.class);
    private final JobStore store;

    StationStrip(JobSession session, JobStore store) {
        this.store = store;
        getStyleClass().add("stations");
        ToggleGroup group = new ToggleGroup();
        for (Room room : Room.values()) {
            if (room.isOnStrip()) {
                add(room, group);
            }
        }
        group.selectedToggleProperty().addListener((property, old, next) -> {
            if (next != null) {
                chosen.set((Room) next.getUserData());
            } else if (chosen.get().isOnStrip()) {
                group.selectToggle(old);
            }
        });
        chosen.addListener((property, old, next) -> group.selectToggle(buttons.get(next)));
        group.selectToggle(buttons.get(chosen.get()));
        session.reckoningProperty().addListener((property, old, next) -> show(session));
        store.changesProperty().addListener((property, old, next) -> showLedger());
        show(session);
        showLedger();
    }

    ObjectProperty<Room> chosenProperty() {
        return chosen;
    }

    private void add(Room room, ToggleGroup group) {
        FontIcon icon = new FontIcon();
        icon.getStyleClass().add("station-icon");
        Label title = new Label(room.title());
        title.getStyleClass().add("station-title");
        Label why = new Label();
        why.getStyleClass().add("station-why");
        VBox words = new VBox(title, why);
        HBox content = new HBox(icon, words);
        content.setAlignment(Pos.CENTER_LEFT);
        content.getStyleClass().add("station-content");
        ToggleButton button = new ToggleButton();
        button.setGraphic(content);
        button.setId("station-" + room.title().toLowerCase(Locale.ROOT));
        button.setUserData(room);
        button.setToggleGroup(group);
        button.getStyleClass().add("station");
        button.setMinWidth(USE_PREF_SIZE);
        buttons.put(room, button);
        reasons.put(room, why);
        icons.put(room, icon);
        getChildren().add(button);
    }

    private void showLedger() {
        int count = store.ledger().count();
        icons.get(Room.LEDGER).setIconLiteral("fth-book-open");
        reasons.get(Room.LEDGER).setText(count + (count == 1 ? " job" : " jobs"));
        buttons.get(Room.LEDGER)
                .setAccessibleText("Ledger, " + reasons.get(Room.LEDGER).getText());
    }

    private void show(JobSession session) {
        for (Room room : Room.values()) {
            room.station().ifPresent(station -> {
                Station.Progress progress = station.progress(session.reckoning());
                icons.get(room).setIconLiteral(icon(progress.stage()));
                reasons.get(room).setText(progress.why());
                buttons.get(room)
                        .setAccessibleText(
                                room.title() + ", " + progress.stage().word() + ": " + progress.why());
            });
        }
    }

    private static String icon(Station.Stage stage) {
        return switch (stage) {
            case DONE -> "fth-check-circle";
            case UNDER_WAY -> "fth-edit-3";
            case WAITING -> "fth-clock";
        };
    }
}
