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

    /** How long there has to be no input before a room is built ahead of time. */
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

    /**
     * Sets what is below the rooms. Its height counts when the drawing's is chosen, so that the drawing is not folded
     * because of it.
     */
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

    /** Sets what the rooms find in the window. */
    void setContext(RoomContext next) {
        context = next;
    }

    /** The entry of the visible room; null before the first. */
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
        // The old room is hidden first, so that what both draw on is free for the new one.
        rooms.forEach((each, other) -> hide(each, other.node(), entry));
        entry.station().ifPresent(divider::show);
        bring(entry, room.node());
        room.node().setVisible(true);
        shown.set(entry);
        return room;
    }

    /**
     * Only the visible room is in the scene, because the toolkit goes through everything there at each pulse, visible
     * or not.
     */
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

    /** Builds at once whatever is missing of the visible room. */
    void finish() {
        rooms.get(shown.get()).rest().finish();
    }

    /** Returns whether a room has been built. */
    boolean isBuilt(RoomEntry entry) {
        return rooms.containsKey(entry);
    }

    /** Returns the visible room. */
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

    /** Builds the remaining rooms ahead of time, one in each quiet moment. */
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

    /** If a room can't be built, an error is shown in its place; the rest of the window keeps working. */
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

    /**
     * Shows a room and puts the focus into the field of a line, or on the first thing to do if it has no such field.
     */
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

    /**
     * The fields of a room that was never shown are not in the scene yet: a scroll pane adds its content together with
     * its skin.
     */
    private void settle(Room room) {
        room.node().applyCss();
        layout();
    }
}
