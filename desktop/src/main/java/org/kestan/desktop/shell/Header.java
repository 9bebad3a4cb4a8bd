package org.kestan.desktop.shell;

import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.MenuBar;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** One row: menus above the instrument's name, and the stations beside them, which shrink in a narrow window. */
final class Header extends HBox {

    /** The share of the row that the name gets before the stations shrink to their titles. */
    private static final double NAME_SHARE = 0.29;

    private final MenuBar menus;
    private final StationStrip stations;
    private final HBox bar = new HBox();

    Header(MenuBar menus, Label name, StationStrip stations) {
        this.menus = menus;
        this.stations = stations;
        getStyleClass().add("header");
        menus.setMinWidth(USE_PREF_SIZE);
        bar.getChildren().add(menus);
        bar.setAlignment(Pos.CENTER_LEFT);
        name.setWrapText(true);
        name.setMinWidth(0);
        VBox left = new VBox(bar, name);
        left.setMinWidth(0);
        HBox.setHgrow(left, Priority.ALWAYS);
        stations.setMinWidth(USE_PREF_SIZE);
        getChildren().addAll(left, stations);
        widthProperty().addListener((property, old, next) -> arrange());
        for (Node each : new Node[] {menus, stations}) {
            each.layoutBoundsProperty().addListener((property, old, next) -> arrange());
        }
    }

    /** Adds a word beside the menus that says what kind of window this is. */
    void add(Label word) {
        word.setMinWidth(USE_PREF_SIZE);
        bar.getChildren().add(word);
    }

    private void arrange() {
        double left = Math.max(bar.prefWidth(-1), getWidth() * NAME_SHARE);
        for (StationStrip.Room room : StationStrip.Room.values()) {
            stations.setRoom(room);
            stations.applyCss();
            if (getWidth() <= 0 || stations.prefWidth(-1) + left + getSpacing() * 3 <= getWidth()) {
                return;
            }
        }
    }
}
