package org.kestan.job;

import org.kestan.sheet.Fitting;
import org.kestan.sheet.Keyed;

/** The form of the body, which decides what carries the strings over the top. */
public enum Form implements Keyed {
    FLAT_TOP("flat-top", "Flat-top", Fitting.PIN_BRIDGE),
    ARCHTOP("archtop", "Archtop", Fitting.FLOATING_BRIDGE);

    private final String key;
    private final String label;
    private final Fitting fitting;

    Form(String key, String label, Fitting fitting) {
        this.key = key;
        this.label = label;
        this.fitting = fitting;
    }

    @Override
    public String key() {
        return key;
    }

    @Override
    public String label() {
        return label;
    }

    /** Returns the fitting that carries the strings on this form. */
    public Fitting fitting() {
        return fitting;
    }
}
