package org.kestan.desktop.room;

import javafx.scene.Parent;
import org.kestan.base.sheet.Line;
import org.kestan.desktop.widgets.layout.FrameTasks;

/**
 * Something the window can show: a station of the open job, or another room. It exists as long as its node is visible.
 */
public interface Room {

    /** Returns the node to show. */
    Parent node();

    /** Puts the focus on the first thing to do. */
    void focusFirst();

    /** What still has to be built; the window builds it piece by piece if this is the first room shown. */
    default FrameTasks rest() {
        return new FrameTasks();
    }

    /**
     * Takes a reading made here by something without fields, as a foot switch does.
     *
     * @return whether this room handles it; if not, the gauge's reading is taken
     */
    default boolean takeIt() {
        return false;
    }

    /** Makes the field of a line visible, in a room that folds some of them. */
    default void unfold(Line<?> line) {}
}
