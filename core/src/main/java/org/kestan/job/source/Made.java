package org.kestan.job.source;

import java.util.Locale;
import org.kestan.base.finding.Keyed;

/** How a reading was made that was not typed. */
public enum Made implements Keyed {
    PICTURE,
    SOUND,
    GAUGE;

    @Override
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }
}
