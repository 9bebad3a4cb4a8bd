package org.kestan.desktop.widgets.layout;

import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;

/** Scrolls a list so that the focused row is visible. */
public final class ScrollToFocus {

    private ScrollToFocus() {}

    /** Scrolls just far enough to show a row of a pane's content. */
    public static void in(ScrollPane pane, Node row) {
        Bounds content = pane.getContent().getBoundsInLocal();
        double seen = pane.getViewportBounds().getHeight();
        double hidden = content.getHeight() - seen;
        if (hidden <= 0) {
            return;
        }
        show(pane, row.getBoundsInParent(), hidden, seen);
    }

    /** Scrolls just far enough to show a node anywhere in a pane's content, with its note. */
    public static void deep(ScrollPane pane, Node node) {
        Node content = pane.getContent();
        double seen = pane.getViewportBounds().getHeight();
        double hidden = content.getBoundsInLocal().getHeight() - seen;
        Node whole = node.getParent() != null && node.getParent() != content ? node.getParent() : node;
        Bounds bounds = content.sceneToLocal(whole.localToScene(whole.getBoundsInLocal()));
        if (hidden > 0) {
            show(pane, bounds, hidden, seen);
        }
        double wide = pane.getViewportBounds().getWidth();
        double aside = content.getBoundsInLocal().getWidth() - wide;
        if (aside > 0) {
            double left = pane.getHvalue() * aside;
            if (bounds.getMinX() < left) {
                pane.setHvalue(bounds.getMinX() / aside);
            } else if (bounds.getMaxX() > left + wide) {
                pane.setHvalue((bounds.getMaxX() - wide) / aside);
            }
        }
    }

    private static void show(ScrollPane pane, Bounds bounds, double hidden, double seen) {
        double top = pane.getVvalue() * hidden;
        // Something taller than the visible part is shown from its top.
        if (bounds.getMinY() < top || bounds.getHeight() > seen) {
            pane.setVvalue(Math.min(1, bounds.getMinY() / hidden));
        } else if (bounds.getMaxY() > top + seen) {
            pane.setVvalue((bounds.getMaxY() - seen) / hidden);
        }
    }
}
