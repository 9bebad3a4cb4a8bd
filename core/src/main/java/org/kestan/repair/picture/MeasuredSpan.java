package org.kestan.repair.picture;

import java.util.Optional;
import org.kestan.base.geometry.Frets;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Line;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Span;
import org.kestan.repair.picture.Picture.Point;
import org.kestan.repair.sideview.SideProfile;
import org.kestan.repair.sideview.SideView;

/**
 * The dimension of a line of the sheet, placed on its picture.
 *
 * @param loupe the loupe it is seen in; empty for the whole instrument
 * @param from where the tool begins, in the picture's coordinates
 * @param to where it ends
 */
public record MeasuredSpan(Optional<Loupe> loupe, Point from, Point to) {

    private static final double UNREAD_HEEL = 92;
    private static final double UNREAD_OBSTACLE = 6;
    private static final double BRIDGE_FRONT = 9;
    private static final double BRIDGE_BACK = 15;
    private static final double SLOT = 2.5;
    private static final double LAST_FRET = 3;
    private static final double BESIDE_HEEL = 30;
    private static final double POCKET = 60;

    /**
     * Places the dimension of a line.
     *
     * @param heights how heights are exaggerated along the neck
     * @return empty if it can't be placed: a line of another kind, one seen from above, or one that needs readings that
     *     are still missing
     */
    public static Optional<MeasuredSpan> of(Line<?> line, SideView view, double heights) {
        // A target is a dimension of the plan.
        Optional<SideProfile> profile = line instanceof Aim ? view.outcome().profile() : view.measured();
        return line.span().flatMap(span -> new Placing(view, profile, heights).place(span));
    }

    private record Placing(SideView view, Optional<SideProfile> profile, double heights) {

        Optional<MeasuredSpan> place(Span span) {
            if (span instanceof Span.Upright upright) {
                Optional<Loupe> loupe = loupe(upright.at());
                double x = x(upright.at());
                return span(loupe, x, x, y(upright.at(), upright.from()), y(upright.at(), upright.to()));
            }
            if (span instanceof Span.OverFret over) {
                double x = view.frets().at(Math.min(over.fret(), Frets.HIGHEST));
                return span(
                        Optional.of(Loupe.NECK),
                        x,
                        x,
                        profile.map(each -> height(each, x, over.from())),
                        profile.map(each -> height(each, x, over.to())));
            }
            if (span instanceof Span.Along along) {
                Optional<Loupe> loupe = loupe(along.from())
                        .filter(each -> loupe(along.to()).filter(each::equals).isPresent());
                return span(
                        loupe,
                        x(along.from()),
                        x(along.to()),
                        y(along.from(), along.level()),
                        y(along.from(), along.level()));
            }
            return Optional.empty();
        }

        private Optional<MeasuredSpan> span(
                Optional<Loupe> loupe, double x1, double x2, Optional<Double> y1, Optional<Double> y2) {
            return y1.flatMap(from -> y2.map(to -> new MeasuredSpan(loupe, in(loupe, x1, from), in(loupe, x2, to))));
        }

        /** A point of the instrument in the coordinates of a picture. */
        private Point in(Optional<Loupe> loupe, double x, double y) {
            if (loupe.isEmpty()) {
                return new Point(x, y);
            }
            return switch (loupe.get()) {
                case FIRST_FRET -> overCrown(view.frets().at(1), x, y);
                case ACTION_FRET -> overCrown(view.frets().at(view.marks().action()), x, y);
                case NECK ->
                    new Point(
                            x,
                            profile.map(each -> (y - each.fretLineAt(x)) * heights)
                                    .orElse(0.0));
                case HEEL -> new Point(x - view.joint(), y);
                case BRIDGE -> new Point(x - view.saddle(), y);
            };
        }

        private Point overCrown(double at, double x, double y) {
            return new Point(x - at, y - profile.map(each -> each.crownAt(at)).orElse(0.0));
        }

        private static Optional<Loupe> loupe(Span.Spot spot) {
            return switch (spot) {
                case FIRST_FRET -> Optional.of(Loupe.FIRST_FRET);
                case RELIEF_FRET -> Optional.of(Loupe.NECK);
                case ACTION_FRET -> Optional.of(Loupe.ACTION_FRET);
                case BRIDGE_FRONT, SADDLE, BRIDGE_BACK, STRING_END -> Optional.of(Loupe.BRIDGE);
                case NUT_END, HEEL_FRONT, POCKET_START, JOINT, LAST_FRET, OBSTACLE, SCALE_END -> Optional.empty();
            };
        }

        private double x(Span.Spot spot) {
            return switch (spot) {
                case NUT_END -> 0;
                case FIRST_FRET -> view.frets().at(1);
                case RELIEF_FRET -> view.frets().at(view.marks().relief());
                case ACTION_FRET -> view.frets().at(view.marks().action());
                case HEEL_FRONT -> view.joint() - BESIDE_HEEL;
                case POCKET_START -> view.joint() - POCKET;
                case JOINT -> view.joint();
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
                case TOP -> Optional.of(0.0);
                case UNDER_TOP -> Optional.of(-2.0);
                case HEEL_CAP -> Optional.of(-view.heelHeight().orElse(UNREAD_HEEL));
                case LIFT -> Optional.of(1.0);
                case STRING_END -> Optional.of(view.end().height());
                case OVER_STRING_END -> Optional.of(view.end().height() + 5);
                case OBSTACLE -> Optional.of(view.obstacle().height().orElse(UNREAD_OBSTACLE));
                case FINGERBOARD,
                        CROWN,
                        FRET_LINE,
                        BASS_STRING,
                        TREBLE_STRING,
                        BETWEEN_STRINGS,
                        SLOT_FLOOR,
                        BRIDGE_TOP -> profile.map(each -> height(each, x(spot), level));
            };
        }

        /** Height over the soundboard of a level that only an analyzed instrument has. */
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
