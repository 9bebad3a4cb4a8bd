package org.kestan.desktop.widgets.elevation;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Group;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polyline;
import javafx.scene.text.Text;
import org.kestan.base.sheet.Side;
import org.kestan.repair.sideview.SideProfile;
import org.kestan.repair.sideview.SideView;

/** Set-ups to be compared: the bass string and the fret line of each, told apart by their dashes and by a number. */
final class CandidateLayer extends Group {

    private static final double FIRST_NUMBER = 20;
    private static final double NEXT_NUMBER = 22;
    private static final double RADIUS = 9;

    /** What is drawn of one setup. */
    private record Mark(Polyline string, Line fretLine, Circle disc, Text number) {}

    private final List<Mark> marks = new ArrayList<>();

    CandidateLayer() {
        for (int i = 1; i <= ElevationView.MOST_CANDIDATES; i++) {
            String style = "candidate-" + i;
            Circle disc = new Circle(RADIUS);
            disc.getStyleClass().add("candidate-disc");
            Text number = Shapes.text("candidate-number");
            number.setText(Integer.toString(i));
            Mark mark = new Mark(
                    Shapes.polyline("candidate", style), Shapes.line("candidate-fret-line", style), disc, number);
            marks.add(mark);
            getChildren().addAll(mark.fretLine(), mark.string());
        }
        // Over all lines, so that none crosses a number.
        marks.forEach(mark -> getChildren().addAll(mark.disc(), mark.number()));
    }

    void draw(SideView view, ViewScale scale, List<SideProfile> candidates) {
        for (int i = 0; i < marks.size(); i++) {
            Mark mark = marks.get(i);
            boolean shown = i < candidates.size();
            for (var shape : List.of(mark.string(), mark.fretLine(), mark.disc(), mark.number())) {
                shape.setVisible(shown);
            }
            if (shown) {
                draw(mark, view, scale, candidates.get(i), FIRST_NUMBER + i * NEXT_NUMBER);
            }
        }
    }

    private static void draw(Mark mark, SideView view, ViewScale scale, SideProfile profile, double right) {
        double end = view.saddle();
        double first = view.frets().at(1);
        double crown = scale.y(profile.stringAt(Side.BASS, end));
        double column = scale.x(end) + right;
        Shapes.place(
                mark.string(), scale.x(0), scale.y(profile.stringAt(Side.BASS, 0)), scale.x(end), crown, column, crown);
        Shapes.place(
                mark.fretLine(),
                scale.x(first),
                scale.y(profile.fretLineAt(first)),
                scale.x(end),
                scale.y(profile.fretLineAt(end)));
        mark.disc().setCenterX(column);
        mark.disc().setCenterY(crown);
        mark.number().setX(column - mark.number().getLayoutBounds().getWidth() / 2);
        mark.number().setY(crown + 4.5);
    }
}
