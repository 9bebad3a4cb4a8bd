package org.kestan.desktop.widgets.elevation;

import javafx.scene.Group;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Polyline;
import org.kestan.base.sheet.Fitting;
import org.kestan.base.sheet.Side;
import org.kestan.repair.sideview.SideProfile;
import org.kestan.repair.sideview.SideView;

/** Soundboard plane, body side, bridge, saddle, pins or tailpiece. */
final class BodyLayer extends Group {

    private static final double BRIDGE_FRONT = 11;
    private static final double BRIDGE_BACK = 19;
    private static final double SADDLE_HALF = 1.6;

    private final Polygon side = Shapes.polygon("body-side");
    private final Line soundboard = Shapes.line("soundboard");
    private final Polygon obstacle = Shapes.polygon("obstacle");
    private final Polygon bridge = Shapes.polygon("bridge");
    private final Polygon plannedBridge = Shapes.polygon("bridge-planned");
    private final Polygon saddle = Shapes.polygon("saddle");
    private final Polygon plannedSaddle = Shapes.polygon("saddle-planned");
    private final Polyline tail = Shapes.polyline("string-end");

    BodyLayer() {
        getChildren().addAll(side, soundboard, obstacle, bridge, plannedBridge, saddle, plannedSaddle, tail);
    }

    void draw(SideView view, ViewScale scale, double width, double height) {
        double joint = scale.x(view.joint());
        double right = width - 10;
        double under = Math.min(height - 12, scale.depth(view.heelHeight().orElse(60) * 0.94));
        Shapes.place(side, joint, scale.baseline(), right, scale.baseline(), right, under, joint, under);
        Shapes.place(soundboard, joint, scale.baseline(), right, scale.baseline());
        obstacle.setVisible(view.obstacle().height().isPresent());
        view.obstacle().height().ifPresent(tall -> {
            double at = scale.x(view.joint() + view.obstacle().distance());
            double half = 9 * scale.along();
            double crest = scale.y(tall);
            Shapes.place(
                    obstacle,
                    at - half,
                    scale.baseline(),
                    at - half,
                    crest,
                    at + half,
                    crest,
                    at + half,
                    scale.baseline());
        });
        boolean floating = view.fitting() == Fitting.FLOATING_BRIDGE;
        double top = view.measured().map(SideProfile::bridgeTop).orElse(0.0);
        bridge.setVisible(view.measured().isPresent());
        saddle.setVisible(view.measured().isPresent() && !floating);
        plannedBridge.setVisible(view.outcome().profile().isPresent());
        plannedSaddle.setVisible(view.outcome().profile().isPresent() && !floating);
        outline(bridge, view, scale, top, floating);
        view.measured().ifPresent(now -> crown(saddle, view, scale, now));
        view.outcome().profile().ifPresent(plan -> {
            outline(plannedBridge, view, scale, plan.bridgeTop(), floating);
            crown(plannedSaddle, view, scale, plan);
            plannedBridge.setVisible(Math.abs(plan.bridgeTop() - top) > 1e-6);
        });
        double end = scale.x(view.end().position());
        double endHeight = scale.y(view.end().height());
        if (floating) {
            Shapes.place(tail, end, endHeight, end + 6, endHeight - 5, right, scale.baseline() - 3);
        } else {
            Shapes.place(tail, end - 3, endHeight - 8, end + 3, endHeight - 8, end, endHeight - 8, end, endHeight + 6);
        }
        tail.setVisible(view.measured().isPresent());
    }

    /** A pin bridge tapers to its wings; a floating one stands on a foot and narrows to its crown. */
    private static void outline(Polygon shape, SideView view, ViewScale scale, double top, boolean floating) {
        double x = view.saddle();
        double base = scale.baseline();
        if (floating) {
            Shapes.place(
                    shape,
                    scale.x(x - BRIDGE_FRONT),
                    base,
                    scale.x(x - BRIDGE_FRONT),
                    scale.y(top * 0.3),
                    scale.x(x - 3),
                    scale.y(top * 0.42),
                    scale.x(x - 1.5),
                    scale.y(top),
                    scale.x(x + 1.5),
                    scale.y(top),
                    scale.x(x + 3),
                    scale.y(top * 0.42),
                    scale.x(x + BRIDGE_FRONT),
                    scale.y(top * 0.3),
                    scale.x(x + BRIDGE_FRONT),
                    base);
        } else {
            Shapes.place(
                    shape,
                    scale.x(x - BRIDGE_FRONT),
                    base,
                    scale.x(x - BRIDGE_FRONT + 2),
                    scale.y(top),
                    scale.x(x + BRIDGE_BACK - 2),
                    scale.y(top),
                    scale.x(x + BRIDGE_BACK),
                    base);
        }
    }

    private static void crown(Polygon shape, SideView view, ViewScale scale, SideProfile profile) {
        double x = view.saddle();
        double crown = Math.max(profile.stringAt(Side.BASS, x), profile.stringAt(Side.TREBLE, x));
        double slot = profile.bridgeTop() - 2.5;
        Shapes.place(
                shape,
                scale.x(x - SADDLE_HALF),
                scale.y(slot),
                scale.x(x - SADDLE_HALF),
                scale.y(crown),
                scale.x(x + SADDLE_HALF),
                scale.y(crown),
                scale.x(x + SADDLE_HALF),
                scale.y(slot));
    }
}
