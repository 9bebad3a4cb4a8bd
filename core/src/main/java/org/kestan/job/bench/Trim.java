package org.kestan.job.bench;

import java.util.Locale;
import org.kestan.base.finding.Keyed;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Sides;

/**
 * The height of a part after some was taken off, as read.
 *
 * @param part the part
 * @param stands how tall or thick it is now on each side
 */
public record Trim(Part part, Sides<Length> stands) {

    /** The parts that are taken down toward a target. */
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
