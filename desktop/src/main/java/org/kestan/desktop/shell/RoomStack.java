package org.kestan.desktop.shell;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.animation.PauseTransition;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.event.EventHandler;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.input.InputEvent;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import org.kestan.base.sheet.Line;
import org.kestan.desktop.room.Room;
import org.kestan.desktop.room.RoomContext;
import org.kestan.desktop.session.Settings;
import org.kestan.desktop.widgets.field.EntryField;
import org.kestan.desktop.widgets.instrument.InstrumentView;

/**
 * The rooms, one of them visible: stations under the drawing, others in its place. Each is built when it is first
 * shown.
 */
final class RoomStack extends StackPane {

    /** How long nothing was typed or moved before a room is built that was not asked for. */
    private static final Duration QUIET = Duration.seconds(1.5);

    private final ReadOnlyObjectWrapper<RoomEntry> shown = new ReadOnlyObjectWrapper<>(this, "shown");
    private final Map<RoomEntry, Room> rooms = new HashMap<>();
    private final Set<RoomEntry> entered = new HashSet<>();
    private final StackPane stations = new StackPane();
    private final DrawingDivider divider;
    private final VBox bench;
    private Optional<Region> below = Optional.empty();
    private RoomContext context;

    RoomStack(InstrumentView instrument, Settings settings) {
        instrument.setId("instrument");
        divider = new DrawingDivider(instrument, settings);
        stations.setMinWidth(0);
        stations.setMinHeight(0);
        stations.getStyleClass().add("station-body");
        VBox.setVgrow(stations, Priority.ALWAYS);
        bench = new VBox(instrument, divider, stations);
        bench.setMinHeight(0);
        heightProperty().addListener((property, old, next) -> fit());
        getChildren().add(bench);
    }

    /** Says what lies under the rooms: its height counts when the drawing's is chosen, so that it is not folded for it. */
    void setBelow(Region next) {
        below = Optional.of(next);
        next.heightProperty().addListener((property, old, now) -> fit());
    }

    private void fit() {
        divider.fit(getHeight() + below.map(Region::getHeight).orElse(0.0));
    }

    /** The bar between the drawing and the station. */
    DrawingDivider divider() {
        return divider;
    }

    /** Says what the rooms find in the window. */
    void setContext(RoomContext next) {
        context = next;
    }

    /** The entry of the room that is shown; null before the first. */
    ReadOnlyObjectProperty<RoomEntry> shownProperty() {
        return shown.getReadOnlyProperty();
    }

    /** Shows a room. */
    Room show(RoomEntry entry) {
        Room room = room(entry);
        if (shown.get() == null) {
            room.rest().begin();
        } else if (shown.get() != entry) {
            room.rest().finish();
        }
        // The one that goes is hidden first, so that what both draw on is free for the one that comes.
        rooms.forEach((each, other) -> hide(each, other.node(), entry));
        entry.station().ifPresent(divider::show);
        bring(entry, room.node());
        room.node().setVisible(true);
        shown.set(entry);
        return room;
    }

    /** Only the room that is shown lies in the scene: all that lies there is gone through at each pulse, seen or not. */
    private void bring(RoomEntry entry, Node node) {
        Node here = node;
        if (entry.station().isPresent()) {
            only(stations, node);
            here = bench;
        }
        only(this, here);
    }

    private static void only(StackPane place, Node node) {
        if (!place.getChildren().equals(List.of(node))) {
            place.getChildren().setAll(node);
        }
    }

    /** Makes at once what is still to be made of the room that is shown. */
    void finish() {
        rooms.get(shown.get()).rest().finish();
    }

    /** Tells whether a room has been built. */
    boolean isBuilt(RoomEntry entry) {
        return rooms.containsKey(entry);
    }

    /** Returns the room that is shown. */
    Room current() {
        return room(shownProperty().get());
    }

    private Room room(RoomEntry entry) {
        Room known = rooms.get(entry);
        if (known != null) {
            return known;
        }
        Room room = built(entry);
        rooms.put(entry, room);
        room.node().getStylesheets().setAll(Stylesheets.of(entry));
        room.node().setVisible(false);
        return room;
    }

    /** Builds the rooms that were not asked for yet, one at each quiet moment, so that each is there when it is wanted. */
    void warm(Scene scene) {
        PauseTransition quiet = new PauseTransition(QUIET);
        EventHandler<InputEvent> busy = event -> quiet.playFromStart();
        scene.addEventFilter(InputEvent.ANY, busy);
        quiet.setOnFinished(done -> {
            Optional<RoomEntry> next = RoomRegistry.ALL.stream()
                    .filter(entry -> !rooms.containsKey(entry))
                    .findFirst();
            if (next.isPresent()
                    && scene.getWindow() != null
                    && scene.getWindow().isShowing()) {
                room(next.get());
                quiet.playFromStart();
            } else {
                scene.removeEventFilter(InputEvent.ANY, busy);
            }
        });
        quiet.playFromStart();
    }

    /** A room that can't be built says so in its place; the rest of the window goes on. */
    private Room built(RoomEntry entry) {
        try {
            return entry.builder().apply(context);
        } catch (RuntimeException failed) {
            Thread.currentThread().getUncaughtExceptionHandler().uncaughtException(Thread.currentThread(), failed);
            return new BrokenRoom(entry.title());
        }
    }

    private static void hide(RoomEntry entry, Node node, RoomEntry next) {
        if (entry != next) {
            node.setVisible(false);
        }
    }

    /** Shows a room and puts the focus into the field of a line; on the first thing to do when it has no such field. */
    void enter(RoomEntry entry, Line<?> line) {
        Room room = show(entry);
        room.unfold(line);
        settle(room);
        Node field = room.node().lookup("#" + EntryField.id(line));
        if (field == null) {
            room.focusFirst();
        } else {
            field.requestFocus();
        }
    }

    /** Shows a room and puts the focus into it. */
    void enter(RoomEntry entry) {
        Room room = show(entry);
        if (entered.add(entry) || !room.rest().isFinished()) {
            settle(room);
        }
        room.focusFirst();
    }

    /** A room that was never shown has no fields in the scene yet: what scrolls brings its content with its skin. */
    private void settle(Room room) {
        room.node().applyCss();
        layout();
    }
}
