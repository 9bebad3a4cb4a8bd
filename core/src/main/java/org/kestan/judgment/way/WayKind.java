package org.kestan.judgment.way;

import java.util.Locale;
import org.kestan.base.finding.Keyed;
import org.kestan.base.standards.Standard;

/** How heavy a way is, judged by what it changes for good, lightest first (§6). */
public enum WayKind implements Keyed {
    /** Can be undone. */
    REVERSIBLE(Standard.CHANCE_REVERSIBLE),
    /** Takes something that can't be put back. */
    IRREVERSIBLE(Standard.CHANCE_IRREVERSIBLE),
    /** Cuts the heel or the back, or makes a new bridge. */
    HEAVY(Standard.CHANCE_HEAVY);

    private final Standard needs;

    WayKind(Standard needs) {
        this.needs = needs;
    }

    /**
     * Returns the chance, 0 to 1, with which the best of all lighter ways has to end up out of tolerance before a way
     * of this kind is recommended.
     */
    public Standard needs() {
        return needs;
    }

    @Override
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }
}
