package org.kestan.job.bench;

import org.kestan.base.finding.Keyed;

/** The kinds of waits. */
public enum WaitKind implements Keyed {
    HEAT,
    STEAM_REST,
    GLUE,
    DRYING,
    CONDITIONING,
    SETTLING,
    PART,
    OTHER;

    @Override
    public String key() {
        return Keyed.kebab(this);
    }

    @Override
    public String family() {
        return "wait";
    }
}
