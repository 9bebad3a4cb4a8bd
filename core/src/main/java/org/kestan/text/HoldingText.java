package org.kestan.text;

import org.kestan.repair.holding.HoldingTime;

/** Says how long a repair holds. */
public final class HoldingText {

    private HoldingText() {}

    /** The year, and the years between which it falls in eight of ten cases. */
    public static String years(HoldingTime holds) {
        return Wording.text("advice.holding-years")
                .replace("{0}", Integer.toString(holds.until()))
                .replace("{1}", Integer.toString(holds.from()))
                .replace("{2}", Integer.toString(holds.to()));
    }
}
