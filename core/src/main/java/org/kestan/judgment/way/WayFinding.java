package org.kestan.judgment.way;

import java.util.List;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity.Distance;

/** Findings shared by several ways. */
public enum WayFinding implements Finding.Kind {
    SHEET_FIRST,
    ACTION(Distance.class, Distance.class),
    ACTION_RIGHT,
    ACTION_NOT_TOO_HIGH,
    FIGURES_OF_TODAY,
    FLOATING,
    COLLECTIBLE_NOTHING_CUT,
    NECK_STAYS,
    OUT_OF_REACH,
    NOT_BOLTED_ON;

    private final List<Class<?>> takes;

    WayFinding(Class<?>... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public List<Class<?>> takes() {
        return takes;
    }
}
