package org.kestan.job;

import org.kestan.sheet.Keyed;

/** How the neck is joined to the body. */
public enum Joint implements Keyed {
    DOVETAIL("dovetail", "Dovetail"),
    MORTISE_BOLT("mortise-bolt", "Mortise with bolts"),
    POCKET_BOLT("pocket-bolt", "Bolt-on in a flat pocket"),
    THROUGH("through", "Through neck"),
    UNKNOWN("unknown", "Not known");

    private final String key;
    private final String label;

    Joint(String key, String label) {
        this.key = key;
        this.label = label;
    }

    @Override
    public String key() {
        return key;
    }

    @Override
    public String label() {
        return label;
    }
}
