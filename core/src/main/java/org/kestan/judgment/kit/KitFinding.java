package org.kestan.judgment.kit;

import java.util.List;
import org.kestan.base.finding.Finding;

/** Why a build cannot work as intended. */
public enum KitFinding implements Finding.Kind {
    FLAT_TOO_LOW,
    FLAT_TOO_HIGH,
    LEANS_FORWARD,
    TOO_STEEP,
    BENDS_TOO_LITTLE;

    @Override
    public List<Class<?>> takes() {
        return List.of();
    }
}
