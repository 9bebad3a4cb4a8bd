package org.kestan.desktop.widgets.field;

import java.util.ArrayList;
import java.util.List;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import org.kestan.desktop.widgets.layout.ScrollToFocus;

/** The order in which Enter moves from field to field; the next field is scrolled into view. */
public class WorkingOrder {

    private final List<Node> stops = new ArrayList<>();
    private Runnable afterLast = () -> {};

    /** Adds a stop at the end. */
    public void add(Node stop) {
        stops.add(stop);
    }

    /** Sets what happens when Enter is pressed on the last stop. */
    public void setAfterLast(Runnable action) {
        afterLast = action;
    }

    /** Moves the focus to the stop after the given one. */
    public void next(Node from) {
        int at = stops.indexOf(from);
        for (int i = at + 1; i < stops.size(); i++) {
            if (!stops.get(i).isDisabled() && isShown(stops.get(i))) {
                stops.get(i).requestFocus();
                return;
            }
        }
        afterLast.run();
    }

    private static boolean isShown(Node stop) {
        return stop.isVisible() && (stop.getParent() == null || stop.getParent().isVisible());
    }

    /** Moves the focus to the first visible stop. */
    public void first() {
        stops.stream().filter(WorkingOrder::isShown).findFirst().ifPresent(Node::requestFocus);
    }

    /** Keeps the focused node of a pane in view. */
    public static void follow(ScrollPane pane) {
        pane.sceneProperty().addListener((property, old, scene) -> {
            if (scene != null) {
                scene.focusOwnerProperty().addListener((focus, was, is) -> {
                    if (is != null && isWithin(is, pane.getContent())) {
                        Platform.runLater(() -> ScrollToFocus.deep(pane, is));
                    }
                });
            }
        });
    }

    private static boolean isWithin(Node node, Node ancestor) {
        for (Node each = node; each != null; each = each.getParent()) {
            if (each == ancestor) {
                return true;
            }
        }
        return false;
    }
}
