package org.kestan.job.terms;

import org.kestan.base.finding.Keyed;

/** Where a feeler leaf goes under a bridge. */
public enum LiftPlace implements Keyed {
    FRONT,
    BACK,
    BASS_WING,
    TREBLE_WING,
    MIDDLE;

    @Override
    public String key() {
        return Keyed.kebab(this);
    }

    @Override
    public String family() {
        return "lift-place";
    }
}
