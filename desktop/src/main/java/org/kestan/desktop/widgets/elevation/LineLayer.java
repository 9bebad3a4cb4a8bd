package org.kestan.desktop.widgets.elevation;

import javafx.scene.Group;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polyline;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.repair.sideview.SideProfile;
import org.kestan.repair.sideview.SideView;

/** Fret line carried on to the bridge and the outer strings, of one state. */
final class LineLayer extends Group {

    /** How far past the saddle the fret line is carried, mm. */
    static final double BEYOND = 24;

    private final Line fretLine;
    private final Sides<Polyline> strings;

    /**
     * @param state style class of the state: "measured" or "planned"
     */
    LineLayer(String state) {
        fretLine = Shapes.line("fret-line", state);
        strings = Sides.of(side -> Shapes.polyline("string", side.key(), state));
        getChildren().addAll(fretLine, strings.bass(), strings.treble());
    }

    void draw(SideView view, ViewScale scale, SideProfile profile) {
        double end = view.saddle() + BEYOND;
        double first = view.frets().at(1);
        Shapes.place(
                fretLine,
                scale.x(first),
                scale.y(profile.fretLineAt(first)),
                scale.x(end),
                scale.y(profile.fretLineAt(end)));
        for (Side side : Side.values()) {
            Shapes.place(
                    strings.get(side),
                    scale.x(0),
                    scale.y(profile.stringAt(side, 0)),
                    scale.x(view.saddle()),
                    scale.y(profile.stringAt(side, view.saddle())),
                    scale.x(profile.stringEnd()),
                    scale.y(profile.stringEndHeight()));
        }
    }
}
