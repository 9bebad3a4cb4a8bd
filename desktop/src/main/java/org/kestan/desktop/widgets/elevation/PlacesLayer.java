package org.kestan.desktop.widgets.elevation;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import javafx.scene.Group;
import javafx.scene.control.Label;
import org.kestan.base.sheet.Place;
import org.kestan.repair.sideview.PlaceholderInstrument;
import org.kestan.repair.sideview.SideView;
import org.kestan.text.Wording;

/** The numbers of the sheet at the places where they are measured. */
final class PlacesLayer extends Group {

    private static final double GAP = 6;
    private static final double ROW = 22;

    private final Map<Place, Label> marks = new EnumMap<>(Place.class);

    PlacesLayer() {
        setId("places-to-measure");
        setMouseTransparent(true);
        for (Place place : Place.values()) {
            Label mark = new Label();
            mark.getStyleClass().add("place-mark");
            marks.put(place, mark);
            getChildren().add(mark);
        }
    }

    void draw(PlaceholderInstrument plain, ViewScale scale, double width) {
        SideView view = plain.view();
        double[] ends = new double[3];
        for (Place place : Place.values()) {
            Label mark = marks.get(place);
            List<Integer> numbers = plain.numbers().get(place);
            mark.setVisible(!numbers.isEmpty());
            if (numbers.isEmpty()) {
                continue;
            }
            mark.setText(Wording.label(place) + "  "
                    + String.join(", ", numbers.stream().map(String::valueOf).toList()));
            mark.applyCss();
            mark.autosize();
            double wide = mark.getWidth();
            double x = Math.max(4, Math.min(width - wide - 4, scale.x(LeaderLayer.position(view, place)) - wide / 2));
            int row = 0;
            while (row < ends.length - 1 && x < ends[row]) {
                row++;
            }
            x = Math.max(x, ends[row]);
            ends[row] = x + wide + GAP;
            mark.relocate(Math.min(x, width - wide - 4), scale.baseline() + 14 + row * ROW);
        }
    }
}
