package org.kestan.desktop.shell;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import javafx.collections.ListChangeListener;
import javafx.collections.WeakListChangeListener;
import javafx.css.PseudoClass;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.image.Image;
import javafx.scene.text.Font;
import javafx.stage.PopupWindow;
import javafx.stage.Stage;
import javafx.stage.Window;
import org.kestan.desktop.session.Settings;

/** Theme, fonts and text size of a scene, kept in the settings. */
public final class Appearance {

    private static final int[] ICONS = {64, 256};
    private static final List<String> FONTS = List.of(
            "AtkinsonHyperlegibleNext_400Regular.ttf",
            "AtkinsonHyperlegibleNext_600SemiBold.ttf",
            "AtkinsonHyperlegibleNext_700Bold.ttf",
            "AtkinsonHyperlegibleMono_400Regular.ttf",
            "AtkinsonHyperlegibleMono_600SemiBold.ttf");

    private static final double TEXT_PIXELS = 15;

    private static final String DRESSED = "kestan";
    private static final PseudoClass DARK = PseudoClass.getPseudoClass("lamplight");
    private static final Map<Integer, PseudoClass> SIZES = Settings.TEXT_SIZES.stream()
            .collect(Collectors.toMap(size -> size, size -> PseudoClass.getPseudoClass("text-" + size)));

    private static boolean fontsLoaded;

    private final Scene scene;
    private final Settings settings;

    /** Menus, lists and tooltips have scenes of their own, each styled when it appears. */
    private final ListChangeListener<Window> dresser = change -> {
        while (change.next()) {
            change.getAddedSubList().forEach(this::dress);
        }
    };

    /** Styles a scene by the settings. */
    public Appearance(Scene scene, Settings settings) {
        this.scene = scene;
        this.settings = settings;
        loadFonts();
        scene.getStylesheets().setAll(Stylesheets.common());
        apply();
        // The list of all windows outlives this one and must not keep it alive; only its scene does.
        scene.getProperties().put(Appearance.class, this);
        Window.getWindows().addListener(new WeakListChangeListener<>(dresser));
    }

    /** Replaces the content of the scene. */
    void setRoot(Parent root) {
        dress(root);
        scene.setRoot(root);
    }

    /** Loads the fonts that ship, once. */
    static void loadFonts() {
        if (!fontsLoaded) {
            for (String font : FONTS) {
                Font.loadFont(Appearance.class.getResourceAsStream("/org/kestan/fonts/" + font), TEXT_PIXELS);
            }
            fontsLoaded = true;
        }
    }

    /** Gives a window the icons that ship. */
    static void setIcons(Stage stage) {
        for (int size : ICONS) {
            stage.getIcons()
                    .add(new Image(
                            Appearance.class.getResourceAsStream("/org/kestan/desktop/icons/kestan-" + size + ".png")));
        }
    }

    /** Changes between the light and the dark theme. */
    public void toggleTheme() {
        settings.setDark(!settings.dark());
        apply();
    }

    /** Returns whether the dark theme is on. */
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
        dress(scene.getRoot());
        Window.getWindows().forEach(this::dress);
    }

    private void dress(Window window) {
        if (window instanceof PopupWindow && window.getScene() != null) {
            dress(window.getScene().getRoot());
        }
    }

    private void dress(Parent root) {
        if (!root.getStyleClass().contains(DRESSED)) {
            root.getStyleClass().add(DRESSED);
        }
        root.pseudoClassStateChanged(DARK, settings.dark());
        SIZES.forEach((size, state) -> root.pseudoClassStateChanged(state, size == settings.textSize()));
    }
}
