package org.kestan.desktop.messages;

import java.util.Locale;
import java.util.ResourceBundle;
import java.util.Set;

/** The window's own texts, by their keys; those of the core are in {@code org.kestan.text}. */
public final class Messages {

    private static final ResourceBundle BUNDLE =
            ResourceBundle.getBundle("org.kestan.desktop.messages.messages", Locale.ROOT);

    private Messages() {}

    /**
     * Returns the text of a key.
     *
     * @param arguments what stands in for {@code {0}}, {@code {1}} and so on
     * @throws java.util.MissingResourceException if there is no such key
     */
    public static String message(String key, Object... arguments) {
        String text = BUNDLE.getString(key);
        for (int i = 0; i < arguments.length; i++) {
            text = text.replace("{" + i + "}", String.valueOf(arguments[i]));
        }
        return text;
    }

    /** Returns every key. */
    public static Set<String> keys() {
        return BUNDLE.keySet();
    }
}
