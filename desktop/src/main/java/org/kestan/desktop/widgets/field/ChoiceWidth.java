package org.kestan.desktop.widgets.field;

import java.util.Locale;
import java.util.stream.Stream;
import javafx.scene.control.ComboBox;

/**
 * Makes a box as wide as its longest choice, in text sizes. By itself a box would keep the width it had with larger
 * text.
 */
public final class ChoiceWidth {

    /** Mean width of a letter, and the width of the arrow and the edges, in text sizes. */
    private static final double LETTER = 0.49;

    private static final double EDGES = 3.75;

    private ChoiceWidth() {}

    /** Gives a box the width for these words. */
    public static void of(ComboBox<?> box, Stream<String> words) {
        int longest = words.mapToInt(String::length).max().orElse(0);
        box.setStyle(String.format(Locale.ROOT, "-fx-pref-width: %.1fem;", longest * LETTER + EDGES));
    }
}
