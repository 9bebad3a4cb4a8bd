package org.kestan.job.terms;

import java.util.Locale;
import org.kestan.base.finding.Keyed;

/** Where a leaf goes under a bridge. */
public enum LiftPlace implements Keyed {
    FRONT,
    BACK,
    BASS_WING,
    TREBLE_WING,
    MIDDLE;

    @Override
    public String key() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    @Override
    public String family() {
        return "lift-place";
    }
}
