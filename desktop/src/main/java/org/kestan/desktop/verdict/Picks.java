package org.kestan.desktop.verdict;

import java.util.ArrayList;
import java.util.List;
import org.kestan.ways.WayId;

/** The ways picked for comparison, three at most: one more puts out the first. */
final class Picks {

    private static final int MOST = 3;

    private final List<WayId> ids = new ArrayList<>();
    private final List<Runnable> listeners = new ArrayList<>();

    List<WayId> ids() {
        return List.copyOf(ids);
    }

    void toggle(WayId id) {
        if (!ids.remove(id)) {
            if (ids.size() == MOST) {
                ids.remove(0);
            }
            ids.add(id);
        }
        listeners.forEach(Runnable::run);
    }

    void clear() {
        ids.clear();
        listeners.forEach(Runnable::run);
    }

    void onChange(Runnable listener) {
        listeners.add(listener);
    }
}
