package org.kestan.desktop.messages;

import java.util.Locale;
import java.util.ResourceBundle;
import java.util.Set;
import org.kestan.text.Placeholders;

/** The window's own texts, by key; those of the core are in {@code org.kestan.text}. */
public final class Messages {

    private static final ResourceBundle BUNDLE =
            ResourceBundle.getBundle("org.kestan.desktop.messages.messages", Locale.ROOT);

    private Messages() {}

    /**
     * Returns the text for a key.
     *
     * @param arguments the values of {@code {0}}, {@code {1}} and so on
     * @throws java.util.MissingResourceException if there is no such key
     */
    public static String message(String key, Object... arguments) {
        return Placeholders.fill(BUNDLE.getString(key), arguments);
    }

    /** Returns all keys. */
    public static Set<String> keys() {
        return BUNDLE.keySet();
    }
}
