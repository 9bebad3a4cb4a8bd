package org.kestan.desktop.widgets.elevation;

import java.util.EnumMap;
import java.util.Map;
import javafx.scene.Group;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Polyline;
import org.kestan.base.sheet.Place;
import org.kestan.repair.sideview.SideView;

/** Thin lines from the places on the instrument down to where their readings stand under the drawing. */
final class LeaderLayer extends Group {

    private final Map<Place, Polyline> lines = new EnumMap<>(Place.class);
    private final Map<Place, Circle> dots = new EnumMap<>(Place.class);

    LeaderLayer() {
        setMouseTransparent(true);
        for (Place place : Place.values()) {
            Polyline line = Shapes.polyline("leader");
            Circle dot = new Circle(2.2);
            dot.getStyleClass().add("leader-dot");
            lines.put(place, line);
            dots.put(place, dot);
            getChildren().addAll(line, dot);
        }
    }

    void draw(SideView view, ViewScale scale, double height, Map<Place, Double> anchors) {
        for (Place place : Place.values()) {
            Double anchor = anchors.get(place);
            lines.get(place).setVisible(anchor != null);
            dots.get(place).setVisible(anchor != null);
            if (anchor == null) {
                continue;
            }
            double x = scale.x(position(view, place));
            double y = place == Place.HEEL ? scale.depth(view.heelHeight().orElse(60)) + 3 : start(view, scale, place);
            Shapes.place(lines.get(place), x, y, x, height - 20, anchor, height - 8, anchor, height);
            dots.get(place).setCenterX(x);
            dots.get(place).setCenterY(y);
        }
    }

    private static double start(SideView view, ViewScale scale, Place place) {
        double x = position(view, place);
        boolean overNeck = x < view.joint();
        double height = overNeck
                ? view.measured()
                        .map(profile -> profile.crownAt(x) - profile.fretsOverTop())
                        .orElse(1.0)
                : 0;
        return scale.y(height) + 4;
    }

    /** Where on the instrument a place is, mm from the nut. */
    static double position(SideView view, Place place) {
        return switch (place) {
            case NUT -> view.frets().at(1);
            case RELIEF -> view.frets().at(view.marks().relief());
            case ACTION -> view.frets().at(view.marks().action());
            case HEEL -> view.joint() - 6;
            case EXTENSION -> view.joint() + (view.fretboardEnd() - view.joint()) * 0.8;
            case PROJECTION -> view.saddle() - 16;
            case BRIDGE -> view.saddle();
            case TAIL -> view.end().position() + 3;
        };
    }
}
