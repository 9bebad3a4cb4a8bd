package org.kestan.desktop.shell;

import java.util.HashMap;
import java.util.Map;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.scene.Node;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.kestan.desktop.house.House;
import org.kestan.desktop.house.Room;
import org.kestan.desktop.parts.elevation.ElevationView;

/** The rooms, one of them shown: the stations under the drawing, the others in its place. Each is built when first shown. */
final class RoomStack extends StackPane {

    private final ReadOnlyObjectWrapper<Door> shown = new ReadOnlyObjectWrapper<>(this, "shown");
    private final Map<Door, Room> rooms = new HashMap<>();
    private final StackPane stations = new StackPane();
    private final VBox bench;
    private House house;

    RoomStack(ElevationView elevation) {
        elevation.setId("elevation");
        stations.setMinWidth(0);
        stations.getStyleClass().add("station-body");
        VBox.setVgrow(elevation, Priority.ALWAYS);
        VBox.setVgrow(stations, Priority.ALWAYS);
        elevation.setMinHeight(170);
        elevation.setPrefHeight(270);
        stations.setMinHeight(180);
        stations.setPrefHeight(330);
        bench = new VBox(elevation, stations);
        getChildren().add(bench);
    }

    /** Says what the rooms find in the window. */
    void setHouse(House next) {
        house = next;
    }

    /** The door of the room that is shown; null before the first. */
    ReadOnlyObjectProperty<Door> shownProperty() {
        return shown.getReadOnlyProperty();
    }

    /** Shows a room. */
    Room show(Door door) {
        Room room = rooms.get(door);
        if (room == null) {
            room = door.builder().apply(house);
            rooms.put(door, room);
            room.node().setVisible(false);
            (door.station().isPresent() ? stations : this).getChildren().add(room.node());
        }
        // The one that goes is hidden first, so that what both draw on is free for the one that comes.
        rooms.forEach((each, other) -> hide(each, other.node(), door));
        bench.setVisible(door.station().isPresent());
        room.node().setVisible(true);
        shown.set(door);
        return room;
    }

    private static void hide(Door door, Node node, Door next) {
        if (door != next) {
            node.setVisible(false);
        }
    }

    /** Shows a room and puts the focus into it. */
    void enter(Door door) {
        Room room = show(door);
        // A room built just now has no fields in the scene yet: what scrolls brings its content with its skin.
        applyCss();
        layout();
        room.focusFirst();
    }
}
