package org.kestan.desktop.stations.verdict;

import java.util.ArrayList;
import java.util.List;
import org.kestan.judgment.way.Way;

/** The ways selected for comparison, three at most; selecting a fourth drops the first. */
final class ComparisonSelection {

    private static final int MOST = 3;

    private final List<Way> ways = new ArrayList<>();
    private final List<Runnable> listeners = new ArrayList<>();

    List<Way> ways() {
        return List.copyOf(ways);
    }

    void toggle(Way way) {
        if (!ways.remove(way)) {
            if (ways.size() == MOST) {
                ways.remove(0);
            }
            ways.add(way);
        }
        listeners.forEach(Runnable::run);
    }

    void clear() {
        ways.clear();
        listeners.forEach(Runnable::run);
    }

    void onChange(Runnable listener) {
        listeners.add(listener);
    }
}
