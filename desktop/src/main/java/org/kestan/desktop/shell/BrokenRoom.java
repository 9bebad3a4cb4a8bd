package org.kestan.desktop.shell;

import javafx.scene.Parent;
import javafx.scene.control.Label;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.room.Room;

/** Shown in place of a room that could not be built. */
final class BrokenRoom extends Label implements Room {

    BrokenRoom(String title) {
        super(Messages.message("broken-room.cant-be-shown-for", title));
        setId("broken-room");
        getStyleClass().add("waiting");
        setWrapText(true);
        setFocusTraversable(true);
    }

    @Override
    public Parent node() {
        return this;
    }

    @Override
    public void focusFirst() {
        requestFocus();
    }
}
