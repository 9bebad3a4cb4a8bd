package org.kestan.base.release;

import java.util.ResourceBundle;

/** The release of Kestan. The build defines it, in one place. */
public final class Release {

    /** The version, such as {@code 0.1.0}. */
    public static final String VERSION =
            ResourceBundle.getBundle("org.kestan.base.release.release").getString("version");

    private Release() {}
}
