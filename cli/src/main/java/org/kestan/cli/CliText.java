package org.kestan.cli;

import java.util.Locale;
import java.util.ResourceBundle;
import org.kestan.text.Placeholders;

/** The texts of the command line; the annotations of commands and options refer to them. */
final class CliText {

    /** The bundle's name, for annotations. */
    static final String BUNDLE_NAME = "org.kestan.cli.cli";

    private static final ResourceBundle BUNDLE = ResourceBundle.getBundle(BUNDLE_NAME, Locale.ROOT);

    private CliText() {}

    /**
     * Returns the text for a key.
     *
     * @param arguments the values of {@code {0}}, {@code {1}} and so on
     */
    static String text(String key, Object... arguments) {
        return Placeholders.fill(BUNDLE.getString(key), arguments);
    }
}
