package org.kestan.desktop.rooms.picture;

import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.widgets.field.TextButton;

/** The buttons that nudge an edge that was not found well, a row for each edge, up before down. */
final class EdgePushes extends GridPane {

    /** Nudges an edge. */
    @FunctionalInterface
    interface Push {

        /**
         * Nudges it away from the other edge, or toward it.
         *
         * @param upper the one the gap ends at, else the one it begins at
         * @param away 1 for away, -1 for toward
         */
        void push(boolean upper, int away);
    }

    EdgePushes(Push push) {
        setHgap(6);
        setVgap(6);
        String up = Messages.message("picture-room.up");
        String down = Messages.message("picture-room.down");
        addEdge(
                Messages.message("picture-room.upper-edge"),
                new TextButton(up, "picture-outward", () -> push.push(true, 1)),
                new TextButton(down, "picture-inward", () -> push.push(true, -1)));
        addEdge(
                Messages.message("picture-room.lower-edge"),
                new TextButton(up, "picture-lower-inward", () -> push.push(false, -1)),
                new TextButton(down, "picture-lower-outward", () -> push.push(false, 1)));
    }

    private void addEdge(String name, Button up, Button down) {
        up.setAccessibleText(name + " " + up.getText());
        down.setAccessibleText(name + " " + down.getText());
        addRow(getRowCount(), new Label(name), up, down);
    }
}
