package org.kestan.text;

import org.kestan.repair.holding.HoldingTime;

/** How long a repair holds, in words. */
public final class HoldingText {

    private HoldingText() {}

    /**
     * The year, and the range of years that holds in eight of ten cases; a year too far off is only said to be later.
     */
    public static String years(HoldingTime holds) {
        String key = holds.until() >= holds.farthest()
                ? "advice.holding-later"
                : holds.to() >= holds.farthest() ? "advice.holding-years-open" : "advice.holding-years";
        return Wording.text(key)
                .replace("{0}", Integer.toString(holds.until()))
                .replace("{1}", Integer.toString(holds.from()))
                .replace("{2}", Integer.toString(holds.to()));
    }
}
