package org.kestan.job.terms;

import org.kestan.ground.finding.Keyed;
import org.kestan.ground.sheet.Fitting;

/** The form of the body, which decides what carries the strings over the top. */
public enum Form implements Keyed {
    FLAT_TOP("flat-top", Fitting.PIN_BRIDGE),
    ARCHTOP("archtop", Fitting.FLOATING_BRIDGE);

    private final String key;
    private final Fitting fitting;

    Form(String key, Fitting fitting) {
        this.key = key;
        this.fitting = fitting;
    }

    @Override
    public String key() {
        return key;
    }

    /** Returns the fitting that carries the strings on this form. */
    public Fitting fitting() {
        return fitting;
    }
}
