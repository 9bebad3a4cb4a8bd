package org.kestan.desktop.elevation;

import java.util.Optional;
import javafx.scene.Group;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.text.Text;
import org.kestan.sheet.Aim;
import org.kestan.sheet.Dimension;
import org.kestan.sheet.Item;
import org.kestan.sheet.Reading;
import org.kestan.sheet.Side;
import org.kestan.sideview.Profile;
import org.kestan.sideview.SideView;

/** The dimension of the reading that has the focus, shown where the tool goes. */
final class DimensionLayer extends Group {

    private final Line line = Shapes.line("dimension");
    private final Circle from = new Circle(3.5);
    private final Circle to = new Circle(3.5);
    private final Text label = Shapes.text("drawing-note", "dimension-note");

    DimensionLayer() {
        setMouseTransparent(true);
        from.getStyleClass().add("dimension-end");
        to.getStyleClass().add("dimension-end");
        getChildren().addAll(line, from, to, label);
    }

    /** Two ends in pixels. */
    private record Ends(double x1, double y1, double x2, double y2) {}

    void draw(SideView view, ViewScale scale, double width, Item item) {
        Optional<Ends> ends = item == null ? Optional.empty() : ends(view, scale, item);
        setVisible(ends.isPresent());
        ends.ifPresent(at -> {
            Shapes.place(line, at.x1, at.y1, at.x2, at.y2);
            from.setCenterX(at.x1);
            from.setCenterY(at.y1);
            to.setCenterX(at.x2);
            to.setCenterY(at.y2);
            label.setText(item instanceof Reading reading ? reading.row() + "  " + reading.fullLabel() : item.label());
            Shapes.centre(label, (at.x1 + at.x2) / 2, Math.max(14, Math.min(at.y1, at.y2) - 10), width);
        });
    }

    private static Optional<Ends> ends(SideView view, ViewScale scale, Item item) {
        if (item == Dimension.SCALE) {
            double y = scale.y(0) + 10;
            return Optional.of(new Ends(scale.x(0), y, scale.x(view.frets().scale()), y));
        }
        if (item instanceof Aim aim) {
            return view.planned().flatMap(plan -> ends(view, scale, aim.measured(), plan));
        }
        return item instanceof Reading reading ? of(view, scale, reading) : Optional.empty();
    }

    private static Optional<Ends> of(SideView view, ViewScale scale, Reading reading) {
        double joint = scale.x(view.joint());
        double heel = view.heelHeight().orElse(60);
        double below = scale.baseline() + 8;
        return switch (reading) {
            case JOINT_TO_SADDLE -> Optional.of(new Ends(joint, below, scale.x(view.saddle()), below));
            case HEEL_HEIGHT -> Optional.of(new Ends(joint + 8, scale.baseline(), joint + 8, scale.depth(heel)));
            case HEEL_WIDTH_TOP -> Optional.of(new Ends(joint - 30, scale.baseline() + 6, joint, scale.baseline() + 6));
            case HEEL_WIDTH_CAP -> Optional.of(new Ends(joint - 20, scale.depth(heel), joint, scale.depth(heel)));
            case EXTENSION_LENGTH -> Optional.of(new Ends(joint, below, scale.x(view.fretboardEnd() - 3), below));
            case PIN_DISTANCE, TAILPIECE_DISTANCE -> {
                double y = scale.y(view.stringEndHeight()) - 16;
                yield Optional.of(new Ends(scale.x(view.saddle()), y, scale.x(view.stringEnd()), y));
            }
            case STRING_RAMP, TAILPIECE_HEIGHT -> {
                double x = scale.x(view.stringEnd());
                yield Optional.of(new Ends(x, scale.baseline(), x, scale.y(view.stringEndHeight())));
            }
            case POCKET_LENGTH -> Optional.of(new Ends(joint - 70, below, joint, below));
            case OBSTACLE_HEIGHT ->
                vertical(
                        scale,
                        view.joint() + view.obstacleDistance(),
                        0,
                        view.obstacleHeight().orElse(6));
            case OBSTACLE_DISTANCE ->
                Optional.of(new Ends(joint, below, scale.x(view.joint() + view.obstacleDistance()), below));
            default -> view.measured().flatMap(profile -> ends(view, scale, reading, profile));
        };
    }

    private static Optional<Ends> ends(SideView view, ViewScale scale, Reading reading, Profile profile) {
        double action = view.frets().at(view.actionFret());
        double first = view.frets().at(1);
        double saddle = view.saddle();
        return switch (reading) {
            case RELIEF -> {
                double at = view.frets().at(view.reliefFret());
                yield vertical(scale, at, profile.crownAt(at), profile.fretLineAt(at));
            }
            case NUT_BASS -> vertical(scale, first, profile.crownAt(first), profile.stringAt(Side.BASS, first));
            case NUT_TREBLE -> vertical(scale, first, profile.crownAt(first), profile.stringAt(Side.TREBLE, first));
            case ACTION_BASS -> vertical(scale, action, profile.crownAt(action), profile.stringAt(Side.BASS, action));
            case ACTION_TREBLE ->
                vertical(scale, action, profile.crownAt(action), profile.stringAt(Side.TREBLE, action));
            case SADDLE_BASS -> vertical(scale, saddle, profile.bridgeTop(), profile.stringAt(Side.BASS, saddle));
            case SADDLE_TREBLE -> vertical(scale, saddle, profile.bridgeTop(), profile.stringAt(Side.TREBLE, saddle));
            case SADDLE_CENTRE ->
                vertical(
                        scale,
                        saddle,
                        profile.bridgeTop(),
                        (profile.stringAt(Side.BASS, saddle) + profile.stringAt(Side.TREBLE, saddle)) / 2);
            case SLOT_WIDTH, SLOT_DEPTH, SLOT_LENGTH, SPACING_BRIDGE ->
                vertical(scale, saddle, profile.bridgeTop() - 2.5, profile.bridgeTop());
            case BRIDGE_LIFT -> vertical(scale, saddle + 19, 0, 1);
            case SPACING_NUT, BOARD_WIDTH, RADIUS_NUT ->
                vertical(scale, first, profile.crownAt(first) - profile.fretsOverTop(), profile.crownAt(first));
            case RADIUS_BODY -> vertical(scale, view.fretboardEnd() - 3, 0, profile.crownAt(view.fretboardEnd() - 3));
            case BRIDGE_LOWEST, BRIDGE_HIGHEST, BRIDGE_THICKNESS, BRIDGE_HEIGHT ->
                vertical(scale, saddle, 0, profile.bridgeTop());
            case PROJECTION_STRUNG, PROJECTION_SLACK, SIDE_DRIFT ->
                vertical(scale, saddle - 11, 0, profile.fretLineAt(saddle - 11));
            case FRETS_OVER_TOP -> vertical(scale, view.joint(), 0, profile.crownAt(view.joint()));
            case EXTENSION_FALL_AWAY -> {
                double end = view.fretboardEnd() - 3;
                yield vertical(scale, end, profile.crownAt(end), profile.fretLineAt(end));
            }
            default -> Optional.empty();
        };
    }

    private static Optional<Ends> vertical(ViewScale scale, double x, double low, double high) {
        return Optional.of(new Ends(scale.x(x), scale.y(low), scale.x(x), scale.y(high)));
    }
}
