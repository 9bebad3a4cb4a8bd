package org.kestan.desktop.widgets.elevation;

import javafx.scene.Group;
import javafx.scene.control.Label;
import javafx.scene.shape.Line;
import org.kestan.base.sheet.Side;
import org.kestan.desktop.messages.Messages;
import org.kestan.repair.sideview.SideProfile;
import org.kestan.repair.sideview.SideView;
import org.kestan.text.BenchUnit;

/** The read-out under the pointer: the strings' height over the nearest fret, as measured and as planned. */
final class HoverLayer extends Group {

    private final Line line = Shapes.line("hover-line");
    private final Label label = new Label();

    HoverLayer() {
        setMouseTransparent(true);
        label.setId("hover-readout");
        label.getStyleClass().add("hover-readout");
        getChildren().addAll(line, label);
        setVisible(false);
    }

    /**
     * @param pointer pixel column of the pointer; negative when it is not over the drawing
     */
    void draw(SideView view, ViewScale scale, double width, double height, double pointer, BenchUnit unit) {
        double x = scale.positionAt(pointer);
        boolean over = pointer >= 0 && view.measured().isPresent() && x >= 0 && x <= view.saddle();
        setVisible(over);
        if (!over) {
            return;
        }
        int fret = view.frets().nearest(x, 1, view.marks().last());
        boolean overFret = x <= view.fretboardEnd();
        double at = overFret ? view.frets().at(fret) : x;
        SideProfile now = view.measured().get();
        StringBuilder text = new StringBuilder(
                overFret
                        ? Messages.message("hover-layer.over-fret", fret)
                        : Messages.message("hover-layer.past-joint", Math.round(x - view.joint())));
        for (Side side : Side.values()) {
            text.append(side == Side.BASS ? "   bass " : "   treble ")
                    .append(unit.format(read(now, side, at, overFret)));
            view.outcome()
                    .profile()
                    .ifPresent(plan -> text.append(" \u2192 ").append(unit.format(read(plan, side, at, overFret))));
        }
        label.setText(text.toString());
        label.applyCss();
        label.autosize();
        Shapes.place(line, scale.x(at), ViewScale.TOP_MARGIN, scale.x(at), height - 12);
        // Along the lower edge, where nothing can be taken hold of and no words stand.
        label.relocate(
                Math.max(4, Math.min(width - label.getWidth() - 4, scale.x(at) - label.getWidth() / 2)),
                height - label.getHeight() - 2);
    }

    private static double read(SideProfile profile, Side side, double x, boolean overFret) {
        return overFret
                ? profile.actionAt(side, x)
                : profile.strings().get(side).heightAt(x);
    }
}
