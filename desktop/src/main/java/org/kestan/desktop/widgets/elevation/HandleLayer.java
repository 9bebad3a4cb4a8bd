package org.kestan.desktop.widgets.elevation;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.Group;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import org.kestan.base.expect.Expect;
import org.kestan.base.sheet.Side;
import org.kestan.desktop.messages.Messages;
import org.kestan.repair.drag.Handle;
import org.kestan.repair.sideview.SideProfile;
import org.kestan.repair.sideview.SideView;

/** What can be taken hold of: fret line, saddle crown, action on each side. Dragged, or moved by the arrow keys. */
final class HandleLayer extends Group {

    /** Handles of the two sides stand this far apart from the action fret, so that both can be taken, in pixels. */
    private static final double APART = 13;

    private static final double SIZE = 15;

    private final ElevationView control;
    private final Map<Handle, Region> grips = new EnumMap<>(Handle.class);
    private SideView view;
    private ViewScale scale;
    private Optional<ViewScale> held = Optional.empty();
    private Object gesture;
    private double grabbedAt;

    HandleLayer(ElevationView control) {
        this.control = control;
        for (Handle handle : Handle.values()) {
            Region grip = grip(handle);
            grips.put(handle, grip);
            getChildren().add(grip);
        }
    }

    /** The scale a drag began with: while it lasts the drawing is not fitted again under the hand. */
    Optional<ViewScale> held() {
        return held;
    }

    void draw(SideView nextView, ViewScale nextScale) {
        view = nextView;
        scale = nextScale;
        setVisible(view.outcome().profile().isPresent());
        view.outcome()
                .profile()
                .ifPresent(plan -> grips.forEach((handle, grip) -> {
                    grip.setLayoutX(x(handle) - SIZE / 2);
                    grip.setLayoutY(scale.y(height(handle, plan)) - SIZE / 2);
                    grip.setAccessibleText(
                            name(handle) + ", " + control.unitProperty().get().format(value(handle, plan)));
                }));
    }

    private Region grip(Handle handle) {
        Region grip = new Region();
        grip.setId("handle-" + handle.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-'));
        grip.getStyleClass().addAll("grip", "grip-" + shape(handle));
        grip.resize(SIZE, SIZE);
        grip.setMinSize(SIZE, SIZE);
        grip.setPrefSize(SIZE, SIZE);
        grip.setCursor(Cursor.V_RESIZE);
        grip.setFocusTraversable(true);
        grip.setAccessibleRole(AccessibleRole.SLIDER);
        Tooltip.install(grip, new Tooltip(Messages.message("handle-layer.drag-or-use-the", name(handle))));
        grip.addEventHandler(MouseEvent.MOUSE_PRESSED, event -> {
            gesture = new Object();
            held = Optional.of(scale);
            grabbedAt = event.getSceneY() - sceneY(handle);
            grip.requestFocus();
            event.consume();
        });
        grip.addEventHandler(MouseEvent.MOUSE_DRAGGED, event -> {
            drag(handle, event);
            event.consume();
        });
        grip.addEventHandler(MouseEvent.MOUSE_RELEASED, event -> {
            held = Optional.empty();
            control.requestLayout();
            event.consume();
        });
        grip.addEventHandler(MouseEvent.MOUSE_CLICKED, event -> {
            if (event.getClickCount() == 2) {
                control.planListenerProperty().get().reset(handle);
            }
            event.consume();
        });
        grip.addEventHandler(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.UP || event.getCode() == KeyCode.DOWN) {
                nudge(handle, event.getCode() == KeyCode.UP ? 1 : -1);
                event.consume();
            }
        });
        return grip;
    }

    private void drag(Handle handle, MouseEvent event) {
        if (view == null || view.outcome().profile().isEmpty()) {
            return;
        }
        double row = sceneToLocal(0, event.getSceneY() - grabbedAt).getY();
        move(handle, scale.heightAt(row), gesture);
    }

    private double sceneY(Handle handle) {
        return view == null || view.outcome().profile().isEmpty()
                ? 0
                : localToScene(
                                0,
                                scale.y(height(handle, view.outcome().profile().get())))
                        .getY();
    }

    private void nudge(Handle handle, int steps) {
        if (view != null && view.outcome().profile().isPresent()) {
            double by = steps * control.unitProperty().get().step();
            control.planListenerProperty()
                    .get()
                    .moved(handle, value(handle, view.outcome().profile().get()) + by, new Object());
        }
    }

    /** A height over the soundboard at the handle's column, told as what the handle stands for. */
    private void move(Handle handle, double height, Object token) {
        SideProfile plan = view.outcome().profile().orElseThrow(Expect.present("planned setup"));
        double moved =
                switch (handle) {
                    case FRET_LINE ->
                        plan.fretsOverTop()
                                + (height - plan.fretsOverTop())
                                        * (plan.saddle() - plan.joint())
                                        / (scale.positionAt(x(handle)) - plan.joint());
                    case SADDLE_CROWN -> height;
                    case ACTION_BASS, ACTION_TREBLE -> height - plan.crownAt(scale.positionAt(x(handle)));
                };
        control.planListenerProperty().get().moved(handle, moved, token);
    }

    private double x(Handle handle) {
        double action = scale.x(view.frets().at(view.marks().action()));
        return switch (handle) {
            case FRET_LINE -> scale.x(view.saddle() + LineLayer.BEYOND);
            case SADDLE_CROWN -> scale.x(view.saddle());
            case ACTION_BASS -> action - APART;
            case ACTION_TREBLE -> action + APART;
        };
    }

    private double height(Handle handle, SideProfile plan) {
        double at = scale.positionAt(x(handle));
        return switch (handle) {
            case FRET_LINE -> plan.fretLineAt(at);
            case SADDLE_CROWN -> (plan.stringAt(Side.BASS, at) + plan.stringAt(Side.TREBLE, at)) / 2;
            case ACTION_BASS -> plan.stringAt(Side.BASS, at);
            case ACTION_TREBLE -> plan.stringAt(Side.TREBLE, at);
        };
    }

    /** What the handle stands for, in mm: projection, crown over the soundboard, or action. */
    private double value(Handle handle, SideProfile plan) {
        double action = view.frets().at(view.marks().action());
        return switch (handle) {
            case FRET_LINE -> plan.projection();
            case SADDLE_CROWN -> height(handle, plan);
            case ACTION_BASS -> plan.actionAt(Side.BASS, action);
            case ACTION_TREBLE -> plan.actionAt(Side.TREBLE, action);
        };
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
