package org.kestan.base.release;

import java.util.ResourceBundle;

/** Which release of Kestan this is. It is said once, in the build. */
public final class Release {

    /** The version, such as {@code 0.1.0}. */
    public static final String VERSION =
            ResourceBundle.getBundle("org.kestan.base.release.release").getString("version");

    private Release() {}
}
