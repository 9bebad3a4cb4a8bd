package org.kestan.desktop.parts.field;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;

/** The order in which Enter goes from field to field: the working order, not the order on the screen. */
public final class WorkingOrder {

    private final List<Node> stops = new ArrayList<>();
    private Runnable afterLast = () -> {};

    /** Adds a stop at the end. */
    public void add(Node stop) {
        stops.add(stop);
    }

    /** Forgets all stops. */
    public void clear() {
        keepFirst(0);
    }

    /** Returns how many stops there are. */
    public int size() {
        return stops.size();
    }

    /** Forgets all stops after the first so many. */
    public void keepFirst(int count) {
        stops.subList(count, stops.size()).clear();
    }

    /** Says what happens when Enter is pressed on the last stop. */
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

    /** Moves the focus to the first stop. */
    public void first() {
        stops.stream().findFirst().ifPresent(Node::requestFocus);
    }
}
