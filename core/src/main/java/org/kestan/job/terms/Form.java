package org.kestan.job.terms;

import java.util.Optional;
import org.kestan.base.finding.Keyed;
import org.kestan.base.sheet.Fitting;
import org.kestan.base.standards.Family;

/** The form of the body, which determines what carries the strings over the top. */
public enum Form implements Keyed {
    FLAT_TOP("flat-top", Fitting.PIN_BRIDGE),
    ARCHTOP("archtop", Fitting.FLOATING_BRIDGE);

    private final String key;
    private final Fitting fitting;

    Form(String key, Fitting fitting) {
        this.key = key;
        this.fitting = fitting;
    }

    /** Returns the form of a family's instruments; empty if nothing is known about the family. */
    public static Optional<Form> of(Family family) {
        return switch (family) {
            case STEEL, TWELVE_STRING, CLASSICAL -> Optional.of(FLAT_TOP);
            case ARCHTOP, SWING_ARCHTOP, MANDOLIN -> Optional.of(ARCHTOP);
            case OTHER -> Optional.empty();
        };
    }

    @Override
    public String key() {
        return key;
    }

    /** Returns what carries the strings on this form. */
    public Fitting fitting() {
        return fitting;
    }
}
