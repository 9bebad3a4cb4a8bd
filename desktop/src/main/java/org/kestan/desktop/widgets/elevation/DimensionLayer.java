package org.kestan.desktop.widgets.elevation;

import java.util.Optional;
import javafx.geometry.Bounds;
import javafx.scene.Group;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;
import org.kestan.base.geometry.Frets;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Span;
import org.kestan.repair.sideview.SideProfile;
import org.kestan.repair.sideview.SideView;
import org.kestan.text.Wording;

/** What the line of the sheet that has the focus measures, shown where the tool goes. */
final class DimensionLayer extends Group {

    private static final double UNREAD_HEEL = 60;
    private static final double UNREAD_OBSTACLE = 6;
    private static final double BRIDGE_FRONT = 11;
    private static final double BRIDGE_BACK = 19;
    private static final double SLOT = 2.5;
    private static final double LAST_FRET = 3;

    private final Line line = Shapes.line("dimension");
    private final Circle from = new Circle(3.5);
    private final Circle to = new Circle(3.5);
    private final Rectangle ground = Shapes.ground();
    private final Text label = Shapes.text("drawing-note", "dimension-note");

    DimensionLayer() {
        setMouseTransparent(true);
        from.getStyleClass().add("dimension-end");
        to.getStyleClass().add("dimension-end");
        getChildren().addAll(line, from, to, ground, label);
    }

    void draw(SideView view, ViewScale scale, double width, org.kestan.base.sheet.Line<?> shown) {
        Optional<Span> span = shown.span();
        // An aim is a dimension of the plan; what can't be placed yet is not shown.
        Optional<SideProfile> profile = shown instanceof Aim ? view.outcome().profile() : view.measured();
        Optional<Ends> ends = span.flatMap(each -> new Placing(view, scale, profile).ends(each));
        setVisible(ends.isPresent());
        ends.ifPresent(at -> {
            Shapes.place(line, at.x1, at.y1, at.x2, at.y2);
            from.setCenterX(at.x1);
            from.setCenterY(at.y1);
            to.setCenterX(at.x2);
            to.setCenterY(at.y2);
            int number = shown.number();
            label.setText(number == 0 ? Wording.label(shown) : number + "  " + Wording.full(shown));
            Shapes.center(
                    label, (at.x1 + at.x2) / 2, Math.max(ViewScale.TOP_MARGIN + 8, Math.min(at.y1, at.y2) - 10), width);
            Shapes.under(label, ground);
        });
    }

    /** Tells whether the label lies over something else of the drawing. */
    boolean covers(Bounds other) {
        return isVisible() && ground.getBoundsInParent().intersects(other);
    }

    /** Two ends in pixels. */
    private record Ends(double x1, double y1, double x2, double y2) {}

    /** Places spans on the instrument as it is drawn. */
    private record Placing(SideView view, ViewScale scale, Optional<SideProfile> profile) {

        Optional<Ends> ends(Span span) {
            if (span instanceof Span.Upright upright) {
                Optional<Double> low = y(upright.at(), upright.from());
                Optional<Double> high = y(upright.at(), upright.to());
                double x = x(upright.at());
                return low.flatMap(one -> high.map(other -> new Ends(x, one, x, other)));
            }
            if (span instanceof Span.OverFret over) {
                double at = view.frets().at(Math.min(over.fret(), Frets.HIGHEST));
                return profile.map(each -> new Ends(
                        scale.x(at),
                        scale.y(height(each, at, over.from())),
                        scale.x(at),
                        scale.y(height(each, at, over.to()))));
            }
            if (!(span instanceof Span.Along along)) {
                return Optional.empty();
            }
            return y(along.from(), along.level()).map(y -> new Ends(x(along.from()), y, x(along.to()), y));
        }

        private double x(Span.Spot spot) {
            return switch (spot) {
                case HEEL_FRONT -> scale.x(view.joint()) - 30;
                case POCKET_START -> scale.x(view.joint()) - 70;
                default -> scale.x(along(spot));
            };
        }

        /** Position along the instrument, mm. */
        private double along(Span.Spot spot) {
            return switch (spot) {
                case NUT_END -> 0;
                case FIRST_FRET -> view.frets().at(1);
                case RELIEF_FRET -> view.frets().at(view.marks().relief());
                case ACTION_FRET -> view.frets().at(view.marks().action());
                case HEEL_FRONT, POCKET_START, JOINT -> view.joint();
                case LAST_FRET -> view.fretboardEnd() - LAST_FRET;
                case OBSTACLE -> view.joint() + view.obstacle().distance();
                case BRIDGE_FRONT -> view.saddle() - BRIDGE_FRONT;
                case SADDLE -> view.saddle();
                case BRIDGE_BACK -> view.saddle() + BRIDGE_BACK;
                case STRING_END -> view.end().position();
                case SCALE_END -> view.frets().scale();
            };
        }

        private Optional<Double> y(Span.Spot spot, Span.Level level) {
            return switch (level) {
                case TOP -> Optional.of(scale.baseline());
                case UNDER_TOP -> Optional.of(scale.baseline() + 8);
                case HEEL_CAP -> Optional.of(scale.depth(view.heelHeight().orElse(UNREAD_HEEL)));
                case LIFT -> Optional.of(scale.y(1));
                case STRING_END -> Optional.of(scale.y(view.end().height()));
                case OVER_STRING_END -> Optional.of(scale.y(view.end().height()) - 16);
                case OBSTACLE -> Optional.of(scale.y(view.obstacle().height().orElse(UNREAD_OBSTACLE)));
                case FINGERBOARD,
                        CROWN,
                        FRET_LINE,
                        BASS_STRING,
                        TREBLE_STRING,
                        BETWEEN_STRINGS,
                        SLOT_FLOOR,
                        BRIDGE_TOP -> profile.map(each -> scale.y(height(each, along(spot), level)));
            };
        }

        /** Height over the soundboard of a level that only a worked-out instrument has, mm. */
        private static double height(SideProfile profile, double x, Span.Level level) {
            return switch (level) {
                case FINGERBOARD -> profile.crownAt(x) - profile.fretsOverTop();
                case CROWN -> profile.crownAt(x);
                case FRET_LINE -> profile.fretLineAt(x);
                case BASS_STRING -> profile.stringAt(Side.BASS, x);
                case TREBLE_STRING -> profile.stringAt(Side.TREBLE, x);
                case BETWEEN_STRINGS -> (profile.stringAt(Side.BASS, x) + profile.stringAt(Side.TREBLE, x)) / 2;
                case SLOT_FLOOR -> profile.bridgeTop() - SLOT;
                default -> profile.bridgeTop();
            };
        }
    }
}
