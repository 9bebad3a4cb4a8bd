package org.kestan.desktop.widgets.instrument;

import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import org.kestan.desktop.messages.Messages;
import org.kestan.repair.drag.Handle;
import org.kestan.repair.picture.Grip;
import org.kestan.repair.picture.Picture;
import org.kestan.text.BenchUnit;

/**
 * A handle of the plan: as large as a fingertip for the pointer, small for the eye. Dragged, it moves in working steps
 * and snaps to the shop's usual values; with Shift it moves by hundredths. The arrow keys do the same.
 */
final class GripNode extends StackPane {

    /** The size of a fingertip. */
    private static final double SIZE = 34;

    /** The distance in pixels at which it snaps to a usual value. */
    private static final double CATCH = 5;

    /** With Shift the pointer moves this many times as far as the handle. */
    private static final double FINE_SHARE = 0.2;

    private final InstrumentView control;
    private final Handle handle;
    private final PicturePane pane;
    private Optional<Grip> grip = Optional.empty();
    private Object gesture;
    private boolean held;
    private double scale;
    private double lastRow;
    private double wanted;

    GripNode(InstrumentView control, Handle handle, PicturePane pane) {
        this.control = control;
        this.handle = handle;
        this.pane = pane;
        String key = handle.name().toLowerCase(Locale.ROOT).replace('_', '-');
        setId("handle-" + key);
        getStyleClass().add("grip");
        Region mark = new Region();
        mark.getStyleClass().addAll("grip-mark", "grip-" + shape(handle));
        mark.setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        getChildren().add(mark);
        setManaged(false);
        resize(SIZE, SIZE);
        setCursor(Cursor.V_RESIZE);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.SLIDER);
        Tooltip.install(this, new Tooltip(Messages.message("handle-layer.drag-or-use-the", name(handle))));
        addEventHandler(MouseEvent.MOUSE_PRESSED, this::take);
        addEventHandler(MouseEvent.MOUSE_DRAGGED, this::drag);
        addEventHandler(MouseEvent.MOUSE_RELEASED, event -> {
            held = false;
            control.setDragging(false);
            control.requestLayout();
            event.consume();
        });
        addEventHandler(MouseEvent.MOUSE_CLICKED, event -> {
            if (event.getClickCount() == 2) {
                control.planListenerProperty().get().reset(handle);
            }
            event.consume();
        });
        addEventHandler(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.UP || event.getCode() == KeyCode.DOWN) {
                nudge(event.getCode() == KeyCode.UP ? 1 : -1, event.isShiftDown());
                event.consume();
            }
        });
    }

    void show(Optional<Grip> next, BenchUnit unit) {
        grip = next;
        grip.ifPresent(each ->
                setAccessibleText(name(handle) + ", " + unit.format(each.at().y())));
    }

    /** Puts it at its place in the picture. */
    void place(boolean pictured) {
        setVisible(pictured && grip.isPresent());
        if (isVisible()) {
            Point2D at = pane.place(grip.get().at());
            setLayoutX(pane.getLayoutX() + at.getX() - SIZE / 2);
            setLayoutY(pane.getLayoutY() + at.getY() - SIZE / 2);
        }
    }

    private void take(MouseEvent event) {
        gesture = new Object();
        held = grip.isPresent();
        control.setDragging(held);
        scale = pane.scale();
        lastRow = event.getSceneY();
        wanted = grip.map(each -> each.at().y()).orElse(0.0);
        requestFocus();
        event.consume();
    }

    private void drag(MouseEvent event) {
        event.consume();
        if (!held) {
            return;
        }
        boolean fine = event.isShiftDown();
        wanted -= (event.getSceneY() - lastRow) / scale * (fine ? FINE_SHARE : 1);
        lastRow = event.getSceneY();
        Optional<Double> usual = fine ? Optional.empty() : caught();
        control.planListenerProperty().get().moved(handle, usual.orElse(wanted), fine || usual.isPresent(), gesture);
    }

    /** The nearest usual value. */
    private Optional<Double> caught() {
        return control.usualValues(handle).stream()
                .filter(each -> Math.abs(each - wanted) * scale <= CATCH)
                .min((one, other) -> Double.compare(Math.abs(one - wanted), Math.abs(other - wanted)));
    }

    private void nudge(int steps, boolean fine) {
        grip.ifPresent(each -> {
            BenchUnit unit = control.unitProperty().get();
            Picture.Point at = each.at();
            control.planListenerProperty()
                    .get()
                    .moved(handle, at.y() + steps * (fine ? unit.fineStep() : unit.step()), fine, new Object());
        });
    }

    private static String name(Handle handle) {
        return switch (handle) {
            case FRET_LINE -> Messages.message("handle-layer.planned-fret-line");
            case SADDLE_CROWN -> Messages.message("handle-layer.planned-saddle-crown");
            case ACTION_BASS -> Messages.message("handle-layer.planned-action-bass");
            case ACTION_TREBLE -> Messages.message("handle-layer.planned-action-treble");
        };
    }

    private static String shape(Handle handle) {
        return switch (handle) {
            case FRET_LINE -> "line";
            case SADDLE_CROWN -> "crown";
            case ACTION_BASS -> "bass";
            case ACTION_TREBLE -> "treble";
        };
    }
}
