package org.kestan.desktop.shell;

import java.util.List;
import javafx.scene.Scene;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import org.kestan.desktop.session.Settings;

/** Theme, fonts and text size of a scene, kept in the settings. */
public final class Look {

    private static final List<String> FONTS = List.of(
            "AtkinsonHyperlegibleNext_400Regular.ttf",
            "AtkinsonHyperlegibleNext_600SemiBold.ttf",
            "AtkinsonHyperlegibleNext_700Bold.ttf",
            "AtkinsonHyperlegibleMono_400Regular.ttf",
            "AtkinsonHyperlegibleMono_600SemiBold.ttf");

    private static final double TEXT_PIXELS = 15;

    /** The ground of both themes, for the frame that is there before any stylesheet is read. */
    private static final Color PAPER = Color.web("#f8f4ea");

    private static final Color LAMPLIGHT = Color.web("#121c25");

    private final Scene scene;
    private final Settings settings;

    /** Dresses a scene by the settings. */
    public Look(Scene scene, Settings settings) {
        this.scene = scene;
        this.settings = settings;
        for (String font : FONTS) {
            Font.loadFont(Look.class.getResourceAsStream("/org/kestan/fonts/" + font), TEXT_PIXELS);
        }
        scene.getStylesheets().add(sheet("kestan.css"));
        apply();
    }

    /**
     * The ground of the theme in use.
     *
     * @param kept whether there is a kept choice to go by
     */
    public static Color ground(boolean kept) {
        return kept && Settings.in(Settings.usualFolder()).dark() ? LAMPLIGHT : PAPER;
    }

    /** Changes between paper and ink by day and the same by lamplight. */
    public void toggleTheme() {
        settings.setDark(!settings.dark());
        apply();
    }

    /** Tells whether the dark theme is on. */
    public boolean dark() {
        return settings.dark();
    }

    /** Steps the text size up (positive) or down. */
    public void stepTextSize(int steps) {
        int at = Settings.TEXT_SIZES.indexOf(settings.textSize());
        int next = Math.max(0, Math.min(Settings.TEXT_SIZES.size() - 1, at + steps));
        settings.setTextSize(Settings.TEXT_SIZES.get(next));
        apply();
    }

    private void apply() {
        scene.getStylesheets().removeAll(sheet("paper.css"), sheet("lamplight.css"));
        scene.getStylesheets().add(sheet(settings.dark() ? "lamplight.css" : "paper.css"));
        scene.getRoot().getStyleClass().removeIf(style -> style.startsWith("text-"));
        scene.getRoot().getStyleClass().add("text-" + settings.textSize());
        scene.getRoot().setStyle("-fx-font-size: " + TEXT_PIXELS * settings.textSize() / 100 + "px;");
    }

    private static String sheet(String name) {
        return Look.class.getResource("/org/kestan/desktop/" + name).toExternalForm();
    }
}
