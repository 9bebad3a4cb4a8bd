package org.kestan.desktop.widgets.instrument;

import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;

/** Whether pictures may be animated. */
public final class Motion {

    private static final BooleanProperty WANTED = new SimpleBooleanProperty(null, "wanted", true);

    private Motion() {}

    /** Whether changes are shown gradually; otherwise at once. */
    public static BooleanProperty wantedProperty() {
        return WANTED;
    }

    static boolean isWanted() {
        return WANTED.get();
    }
}
