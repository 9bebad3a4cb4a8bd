package org.kestan.desktop.parts.pages;

import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;

/** Scrolls a list so that the row that has the focus is seen. */
public final class Reveal {

    private Reveal() {}

    /** Scrolls no farther than it takes to see a row of a pane's content. */
    public static void in(ScrollPane pane, Node row) {
        Bounds content = pane.getContent().getBoundsInLocal();
        double seen = pane.getViewportBounds().getHeight();
        double hidden = content.getHeight() - seen;
        if (hidden <= 0) {
            return;
        }
        Bounds bounds = row.getBoundsInParent();
        double top = pane.getVvalue() * hidden;
        if (bounds.getMinY() < top) {
            pane.setVvalue(bounds.getMinY() / hidden);
        } else if (bounds.getMaxY() > top + seen) {
            pane.setVvalue((bounds.getMaxY() - seen) / hidden);
        }
    }
}
