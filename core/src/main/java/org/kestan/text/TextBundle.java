package org.kestan.text;

import java.util.Locale;
import java.util.MissingResourceException;
import java.util.Optional;
import java.util.ResourceBundle;
import java.util.Set;

/** The bundle of texts. */
final class TextBundle {

    private static final ResourceBundle BUNDLE =
            ResourceBundle.getBundle("org.kestan.text.text", Locale.ROOT, TextBundle.class.getModule());

    private TextBundle() {}

    /**
     * Returns the text for a key.
     *
     * @throws MissingResourceException if there are none: a test sees to it that there are
     */
    static String text(String key) {
        return BUNDLE.getString(key);
    }

    /** Returns the text for a key, if there is one. */
    static Optional<String> find(String key) {
        return BUNDLE.containsKey(key) ? Optional.of(BUNDLE.getString(key)) : Optional.empty();
    }

    /** Returns every key. */
    static Set<String> keys() {
        return BUNDLE.keySet();
    }
}
