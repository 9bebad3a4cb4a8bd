package org.kestan.desktop.shell;

import javafx.scene.Parent;
import javafx.scene.control.Label;
import org.kestan.desktop.room.Room;

/** Stands where a room could not be built. */
final class BrokenRoom extends Label implements Room {

    BrokenRoom(String title) {
        super(
                title
                        + " can\u2019t be shown for this job. The job is kept and the other stations work; F12 shows the report.");
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
