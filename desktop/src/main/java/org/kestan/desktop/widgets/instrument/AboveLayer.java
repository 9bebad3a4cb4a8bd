package org.kestan.desktop.widgets.instrument;

import javafx.scene.Group;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import javafx.scene.text.Text;
import org.kestan.base.sheet.Side;
import org.kestan.desktop.messages.Messages;
import org.kestan.repair.sideview.SideView;
import org.kestan.text.Wording;

/**
 * What is measured across the instrument, seen from above: bass at the top, the neck pointing to one side by an
 * exaggerated amount.
 */
final class AboveLayer extends Group {

    private static final double HALF_BRIDGE = 22;
    private static final double HALF_BOARD = 11;
    private static final double LEAST_STEP = 9;
    private static final double MOST_STEP = 16;

    /** Pixels per millimeter of drift, if there is room. */
    private static final double STEP = 5;

    private final Polygon ground = Shapes.polygon("above-ground");
    private final Polygon bridge = Shapes.polygon("bridge");
    private final Line middle = Shapes.line("above-middle");
    private final Line[] edges = {Shapes.line("above-straightedge"), Shapes.line("above-straightedge")};
    private final Line pointing = Shapes.line("fret-line", "measured");
    private final Line drift = Shapes.line("dimension");
    private final Text label = Shapes.text("drawing-note", "dimension-note");
    private final Text bass = Shapes.text("drawing-note");
    private final Text treble = Shapes.text("drawing-note");

    AboveLayer() {
        setId("seen-from-above");
        setMouseTransparent(true);
        bass.setText(Wording.label(Side.BASS));
        treble.setText(Wording.label(Side.TREBLE));
        getChildren().addAll(ground, bridge, middle, edges[0], edges[1], pointing, drift, label, bass, treble);
    }

    void draw(SideView view, PicturePane pane, double width, double height, org.kestan.base.sheet.Line<?> shown) {
        boolean across = WholePane.isAcross(shown);
        setVisible(across);
        if (!across) {
            return;
        }
        double row = height - HALF_BRIDGE - 10;
        double joint = pane.x(view.joint());
        double saddle = pane.x(view.saddle());
        // Without a reading, it shows what to look for.
        double read = view.drift().orElse(0);
        double step = read == 0 && view.drift().isPresent()
                ? 0
                : Math.copySign(Math.max(LEAST_STEP, Math.min(MOST_STEP, Math.abs(read) * STEP)), read);
        Shapes.place(
                ground,
                joint - 30,
                row - HALF_BRIDGE - 8,
                width - 10,
                row - HALF_BRIDGE - 8,
                width - 10,
                height - 2,
                joint - 30,
                height - 2);
        Shapes.place(
                bridge,
                saddle - 8,
                row - HALF_BRIDGE,
                saddle + 14,
                row - HALF_BRIDGE,
                saddle + 14,
                row + HALF_BRIDGE,
                saddle - 8,
                row + HALF_BRIDGE);
        Shapes.place(middle, joint, row, saddle + 20, row);
        for (int i = 0; i < edges.length; i++) {
            double half = i == 0 ? -HALF_BOARD : HALF_BOARD;
            Shapes.place(edges[i], joint - 20, row + half * 0.8, saddle, row + step + half);
        }
        Shapes.place(pointing, joint - 20, row, saddle, row + step);
        Shapes.place(drift, saddle, row, saddle, row + step);
        label.setText(Messages.message("above-layer.seen-from-above", shown.number(), Wording.full(shown)));
        label.setX(Math.max(joint, saddle - 20 - label.getLayoutBounds().getWidth()));
        label.setY(row - HALF_BRIDGE + 4);
        bass.setX(saddle + 22);
        bass.setY(row - HALF_BRIDGE + 12);
        treble.setX(saddle + 22);
        treble.setY(row + HALF_BRIDGE);
    }
}
