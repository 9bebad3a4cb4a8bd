package org.kestan.desktop.shell;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Rectangle2D;
import javafx.stage.Screen;
import javafx.stage.Stage;
import org.kestan.desktop.session.Settings;

/** The window's place and size, remembered from one run to the next. */
public final class WindowPlacement {

    /** How much of the title bar has to be visible to grab it, in pixels. */
    private static final double TO_GRASP = 100;

    private static final double TITLE_BAR = 32;

    private WindowPlacement() {}

    /** Puts a window that is not visible yet where the last one was, and saves its place when it closes. */
    public static void restore(Stage stage, Settings settings) {
        List<Rectangle2D> screens =
                Screen.getScreens().stream().map(Screen::getVisualBounds).toList();
        Rectangle2D usual = new Rectangle2D(0, 0, MainWindow.WIDTH, MainWindow.HEIGHT);
        Optional<Rectangle2D> kept = settings.window().flatMap(last -> fitting(last, screens));
        Rectangle2D size =
                kept.orElseGet(() -> within(usual, Screen.getPrimary().getVisualBounds()));
        kept.ifPresent(place -> {
            stage.setX(place.getMinX());
            stage.setY(place.getMinY());
        });
        stage.setWidth(size.getWidth());
        stage.setHeight(size.getHeight());
        stage.setMaximized(settings.maximized());
        stage.setOnHiding(event -> keep(stage, settings));
    }

    private static void keep(Stage stage, Settings settings) {
        settings.setMaximized(stage.isMaximized());
        // The size of a maximized window says nothing about its normal size.
        if (!stage.isMaximized()) {
            settings.setWindow(new Rectangle2D(stage.getX(), stage.getY(), stage.getWidth(), stage.getHeight()));
        }
    }

    /**
     * Returns where a window may appear again: in its old place, no larger than the screen it was on.
     *
     * @param screens what is free on each, pixels
     * @return empty if nothing of its title bar would be in sight
     */
    static Optional<Rectangle2D> fitting(Rectangle2D last, List<Rectangle2D> screens) {
        return screens.stream()
                .filter(screen -> inSight(last, screen) >= TO_GRASP)
                .max(Comparator.comparingDouble(screen -> inSight(last, screen)))
                .map(screen -> within(last, screen));
    }

    private static Rectangle2D within(Rectangle2D window, Rectangle2D screen) {
        return new Rectangle2D(
                window.getMinX(),
                window.getMinY(),
                Math.min(window.getWidth(), screen.getWidth()),
                Math.min(window.getHeight(), screen.getHeight()));
    }

    /** The visible width of the title bar on a screen, in pixels. */
    private static double inSight(Rectangle2D window, Rectangle2D screen) {
        boolean grasped = window.getMinY() >= screen.getMinY() && window.getMinY() + TITLE_BAR <= screen.getMaxY();
        double left = Math.max(window.getMinX(), screen.getMinX());
        double right = Math.min(window.getMaxX(), screen.getMaxX());
        return grasped ? right - left : 0;
    }
}
