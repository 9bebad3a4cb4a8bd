package org.kestan.job.bench;

import java.util.Locale;
import org.kestan.base.finding.Keyed;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Sides;

/**
 * What stands of a part after some was taken off, as it was read.
 *
 * @param part the part
 * @param stands how tall or thick it is now on each side
 */
public record Trim(Part part, Sides<Length> stands) {

    /** What is taken down toward a number. */
    public enum Part implements Keyed {
        SADDLE,
        BRIDGE;

        @Override
        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }

        @Override
        public String family() {
            return "trim-part";
        }
    }
}
