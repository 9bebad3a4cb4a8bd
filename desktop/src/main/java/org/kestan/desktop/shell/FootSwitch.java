package org.kestan.desktop.shell;

import java.util.Optional;
import java.util.Set;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.session.Settings;

/**
 * A foot switch that types a key. Kestan learns which one when you step on it once. From then on it takes the reading
 * from a gauge, a photograph or the ear, with both hands on the instrument.
 */
final class FootSwitch {

    /** Keys that type nothing and have no other use in the window. */
    private static final Set<KeyCode> USABLE = Set.of(
            KeyCode.F13,
            KeyCode.F14,
            KeyCode.F15,
            KeyCode.F16,
            KeyCode.F17,
            KeyCode.F18,
            KeyCode.F19,
            KeyCode.F20,
            KeyCode.F21,
            KeyCode.F22,
            KeyCode.F23,
            KeyCode.F24,
            KeyCode.PAUSE,
            KeyCode.SCROLL_LOCK,
            KeyCode.INSERT);

    private final JobSession session;
    private final Settings settings;
    private final Runnable take;
    private boolean learning;

    /** @param take takes what was read */
    FootSwitch(Scene scene, JobSession session, Settings settings, Runnable take) {
        this.session = session;
        this.settings = settings;
        this.take = take;
        scene.addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
    }

    /** The next key pressed becomes the switch's. */
    void learn() {
        learning = true;
        session.say(Messages.message("foot-switch.step-on-it"));
    }

    /** Forgets the switch's key. */
    void forget() {
        learning = false;
        settings.setFootSwitch("");
        session.say(Messages.message("foot-switch.forgotten"));
    }

    private void pressed(KeyEvent key) {
        if (learning) {
            learning = false;
            key.consume();
            if (key.getCode() == KeyCode.ESCAPE) {
                session.say("");
            } else if (USABLE.contains(key.getCode())) {
                settings.setFootSwitch(key.getCode().name());
                session.say(
                        Messages.message("foot-switch.learned", key.getCode().getName()));
            } else {
                session.complain(Messages.message(
                        "foot-switch.not-that-key", key.getCode().getName()));
            }
        } else if (isSwitch(key)) {
            key.consume();
            take.run();
        }
    }

    private boolean isSwitch(KeyEvent key) {
        return Optional.of(settings.footSwitch())
                .filter(name -> !name.isEmpty())
                .filter(key.getCode().name()::equals)
                .isPresent();
    }
}
