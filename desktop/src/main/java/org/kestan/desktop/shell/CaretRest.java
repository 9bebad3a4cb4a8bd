package org.kestan.desktop.shell;

import javafx.animation.PauseTransition;
import javafx.scene.Scene;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.skin.TextInputControlSkin;
import javafx.scene.input.InputEvent;
import javafx.util.Duration;

/**
 * A blinking caret keeps the whole window redrawing. It blinks while somebody types, and stands still after a while
 * without input.
 */
final class CaretRest {

    private static final Duration AFTER = Duration.seconds(3);

    private CaretRest() {}

    /** Rests the carets of a scene. */
    static void on(Scene scene) {
        PauseTransition idle = new PauseTransition(AFTER);
        idle.setOnFinished(event -> {
            if (scene.getFocusOwner() instanceof TextInputControl field
                    && field.getSkin() instanceof TextInputControlSkin<?> skin) {
                skin.setCaretAnimating(false);
            }
        });
        scene.addEventFilter(InputEvent.ANY, event -> idle.playFromStart());
        scene.focusOwnerProperty().addListener((property, old, next) -> idle.playFromStart());
    }
}
