package org.kestan.desktop.shell;

import java.util.Set;
import javafx.scene.Scene;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/**
 * Keys pressed with Ctrl, Alt or Meta are commands. The letters they type reach no field, not even one that the
 * command moved the focus to between the press and the letter; neither do a toolkit's own editing keys. Undo in a
 * field takes back typing as long as something was typed since the field got the focus, and otherwise the last edit of
 * the job.
 */
final class ShortcutGuard {

    /** Keys that edit text everywhere. */
    private static final Set<KeyCode> EDITING =
            Set.of(KeyCode.A, KeyCode.C, KeyCode.V, KeyCode.X, KeyCode.Y, KeyCode.Z);

    /** Marks a field that has listeners. */
    private static final Object HEARD = new Object();

    private final Scene scene;
    private boolean command;
    private boolean typed;

    private ShortcutGuard(Scene scene) {
        this.scene = scene;
    }

    /** Guards all fields of a scene. */
    static void on(Scene scene) {
        ShortcutGuard guard = new ShortcutGuard(scene);
        scene.addEventFilter(KeyEvent.KEY_PRESSED, guard::pressed);
        scene.addEventFilter(KeyEvent.KEY_RELEASED, key -> guard.command = false);
        scene.addEventFilter(KeyEvent.KEY_TYPED, key -> {
            if (guard.command || isCommand(key)) {
                key.consume();
            } else {
                // Enter, Tab and Escape reach the field that has the focus, and write nothing.
                guard.typed |= !key.getCharacter().matches("[\\r\\n\\t\\x1b]?");
            }
        });
        scene.focusOwnerProperty().addListener((property, old, next) -> {
            guard.typed = false;
            if (next instanceof TextInputControl field && field.getProperties().put(HEARD, true) == null) {
                // After the filters of the rooms around it, some of which have their own undo.
                field.addEventFilter(KeyEvent.KEY_PRESSED, guard::undo);
            }
        });
    }

    private void undo(KeyEvent key) {
        if (key.getCode() == KeyCode.Z && key.isShortcutDown() && !typed && !key.isConsumed()) {
            run(key);
        }
    }

    /** Ctrl and Alt together type a letter on some keyboards. */
    private static boolean isCommand(KeyEvent key) {
        return key.isMetaDown() || key.isControlDown() != key.isAltDown();
    }

    private void pressed(KeyEvent key) {
        command = isCommand(key);
        boolean letter = key.getCode().isLetterKey() || key.getCode().isDigitKey();
        if (!command
                || !letter
                || EDITING.contains(key.getCode())
                || !(scene.getFocusOwner() instanceof TextInputControl)) {
            return;
        }
        run(key);
    }

    /** The field never gets the key; its command is run from here. */
    private void run(KeyEvent key) {
        scene.getAccelerators().entrySet().stream()
                .filter(each -> each.getKey().match(key))
                .findFirst()
                .ifPresent(each -> each.getValue().run());
        key.consume();
    }
}
