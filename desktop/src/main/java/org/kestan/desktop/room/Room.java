package org.kestan.desktop.room;

import javafx.scene.Parent;
import org.kestan.base.sheet.Line;
import org.kestan.desktop.widgets.layout.FrameTasks;

/**
 * Something the window can show: a station of the open job, or another room. It exists as long as its node is visible.
 */
public interface Room {

    /** Returns what is shown. */
    Parent node();

    /** Puts the focus on the first thing to do. */
    void focusFirst();

    /** What is still to be made of it; the window makes it piece by piece where the room is the first one shown. */
    default FrameTasks rest() {
        return new FrameTasks();
    }

    /**
     * Takes what was read here by something that has no fields, as a foot switch does.
     *
     * @return whether this room has anything like that; else a gauge's reading is taken
     */
    default boolean takeIt() {
        return false;
    }

    /** Brings the field of a line into sight, where the room folds some of them. */
    default void unfold(Line<?> line) {}
}
