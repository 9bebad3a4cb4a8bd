package org.kestan.files.papers;

import java.util.Locale;
import java.util.ResourceBundle;
import java.util.Set;
import org.kestan.text.Placeholders;

/** The papers' own texts, by key; texts for what the core finds and names are in {@code org.kestan.text}. */
final class PaperText {

    private static final ResourceBundle BUNDLE =
            ResourceBundle.getBundle("org.kestan.files.papers.papers", Locale.ROOT);

    private PaperText() {}

    /**
     * Returns the text for a key.
     *
     * @param arguments the values of {@code {0}}, {@code {1}} and so on
     * @throws java.util.MissingResourceException if there is no such key
     */
    static String text(String key, Object... arguments) {
        return Placeholders.fill(BUNDLE.getString(key), arguments);
    }

    /** Returns all keys. */
    static Set<String> keys() {
        return BUNDLE.keySet();
    }
}
