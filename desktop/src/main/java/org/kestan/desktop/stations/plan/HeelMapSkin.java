package org.kestan.desktop.stations.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.ToDoubleFunction;
import javafx.scene.control.SkinBase;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import javafx.scene.text.Text;
import org.kestan.base.geometry.HeelCut;
import org.kestan.base.sheet.Side;
import org.kestan.desktop.messages.Messages;
import org.kestan.job.terms.Joint;
import org.kestan.text.BenchUnit;
import org.kestan.text.Wording;

/**
 * Draws the heel: its gluing face as seen from the body, with the tail or the bolts that hold it and the wood to take
 * off the face of each cheek, darker where deeper; and from the side, with its sweep and its cap. Heights and widths
 * are in proportion; from the side, the thickness of the wood is exaggerated by the factor shown.
 */
final class HeelMapSkin extends SkinBase<HeelMap> {

    /** The line height these sizes are made for; they grow with the text. */
    private static final double LINE = 14;

    private static final double BOTTOM = 14;
    private static final double NOMINAL_WIDTH = 50;
    private static final int CURVE = 16;

    /** The heel from the side, as shares of its height: the length of its cap, and how far it sweeps beyond that. */
    private static final double CAP_LENGTH = 0.22;

    private static final double SWEEP = 0.42;

    /** Millimeters: the cap's thickness, a bolt's radius. */
    private static final double CAP = 3;

    private static final double BOLT = 4;

    /** How many pixels of the body's side are visible. */
    private static final double RIM = 16;

    /** The tail as shares of the heel's width, at the top and at the cap, and of its height. */
    private static final double TAIL_TOP = 0.42;

    private static final double TAIL_CAP = 0.34;
    private static final double TENON = 0.55;
    private static final double TAIL_ENDS = 0.9;
    private static final double[] BOLTS = {0.28, 0.68};

    /** The drawn width of the thinnest strip of wood to remove. */
    private static final double LEAST_SEEN = 0.15;

    private static final double THICK = 34;

    private static final List<Double> FACTORS = List.of(50.0, 30.0, 20.0, 15.0, 10.0, 8.0, 5.0, 3.0, 2.0, 1.0);

    HeelMapSkin(HeelMap map) {
        super(map);
        registerChangeListener(map.shownProperty(), change -> map.requestLayout());
    }

    /** A text with its size: it gets its style before its width is requested. */
    private Text text(String style, String words) {
        Text text = new Text(words);
        text.getStyleClass().add(style);
        text.setManaged(false);
        getChildren().add(text);
        text.applyCss();
        return text;
    }

    @Override
    protected void layoutChildren(double x, double y, double width, double height) {
        getChildren().clear();
        getSkinnable()
                .shownProperty()
                .get()
                .ifPresentOrElse(
                        shown -> {
                            Drawing drawing = new Drawing(shown, width, height);
                            drawing.endOn();
                            drawing.fromTheSide();
                        },
                        this::nothing);
    }

    private void nothing() {
        Text none = text("empty-note", Messages.message("heel-map-skin.nothing-goes-from-the"));
        none.setX(24);
        none.setY(40);
    }

    /** One drawing at the present size. */
    private final class Drawing {

        private final HeelCut cut;
        private final BenchUnit unit;
        private final Side drift;
        private final Joint joint;
        private final double scale;
        private final double factor;
        private final double topWidth;
        private final double capWidth;
        private final double middle;
        private final double line;
        private final double top;
        private double right;

        Drawing(HeelMap.Shown shown, double width, double height) {
            cut = shown.cut();
            unit = shown.unit();
            drift = shown.drift();
            joint = shown.joint();
            Text ruler = text("heel-value", "0");
            line = Math.max(LINE, ruler.getLayoutBounds().getHeight());
            getChildren().remove(ruler);
            top = 3.4 * line;
            topWidth = cut.widths().map(HeelCut.Widths::top).orElse(NOMINAL_WIDTH);
            capWidth = cut.widths().map(HeelCut.Widths::cap).orElse(NOMINAL_WIDTH);
            double wide = Math.max(topWidth, capWidth);
            scale = Math.max(0.4, Math.min((height - top - BOTTOM - 2 * line) / cut.height(), width * 0.3 / wide));
            double most = cut.stations().stream()
                    .mapToDouble(each -> Math.max(Math.abs(each.driftSide()), Math.abs(each.otherSide())))
                    .max()
                    .orElse(0);
            factor = FACTORS.stream()
                    .filter(each -> most * each * scale <= THICK)
                    .findFirst()
                    .orElse(1.0);
            middle = 6.6 * line + wide * scale / 2;
        }

        private double y(double depth) {
            return top + depth * scale;
        }

        private double half(double depth) {
            return (topWidth + (capWidth - topWidth) * depth / cut.height()) * scale / 2;
        }

        /** Bass cheek on the left, treble cheek on the right, as seen from the body. */
        void endOn() {
            caption(middle - half(0), Messages.message("heel-map-skin.end-on-wood-off"));
            Polygon heel = new Polygon(
                    middle - half(0),
                    y(0),
                    middle + half(0),
                    y(0),
                    middle + half(cut.height()),
                    y(cut.height()),
                    middle - half(cut.height()),
                    y(cut.height()));
            heel.getStyleClass().add("heel");
            getChildren().add(heel);
            tail();
            for (Side side : Side.values()) {
                cheek(side);
            }
            depths(middle);
        }

        private ToDoubleFunction<HeelCut.Cheeks> off(Side side) {
            return side == drift ? HeelCut.Cheeks::driftSide : HeelCut.Cheeks::otherSide;
        }

        /** The tail of a dovetail narrows toward the cap; a tenon stays the same width and has bolts. */
        private double tail(double depth) {
            double share = depth / cut.height();
            return switch (joint) {
                case DOVETAIL, UNKNOWN -> (topWidth * TAIL_TOP * (1 - share) + capWidth * TAIL_CAP * share) * scale / 2;
                case MORTISE_BOLT -> Math.min(topWidth, capWidth) * TENON * scale / 2;
                case POCKET_BOLT, TILT_SCREW, THROUGH -> 0;
            };
        }

        private void tail() {
            double cap = cut.height() * TAIL_ENDS;
            if (tail(0) == 0) {
                return;
            }
            Polygon tail = new Polygon(
                    middle - tail(0),
                    y(0),
                    middle + tail(0),
                    y(0),
                    middle + tail(cap),
                    y(cap),
                    middle - tail(cap),
                    y(cap));
            tail.getStyleClass().add("heel-tail");
            getChildren().add(tail);
            if (joint == Joint.MORTISE_BOLT) {
                for (double share : BOLTS) {
                    Circle bolt = new Circle(middle, y(cut.height() * share), BOLT * scale);
                    bolt.getStyleClass().add("heel-bolt");
                    getChildren().add(bolt);
                }
            }
        }

        /** The wood to take off the face of a cheek, strip by strip, with the values beside it. */
        private void cheek(Side side) {
            int sign = side == Side.BASS ? -1 : 1;
            ToDoubleFunction<HeelCut.Cheeks> off = off(side);
            double most = Math.max(
                    Math.abs(off.applyAsDouble(cut.cheeksAt(0))),
                    Math.abs(off.applyAsDouble(cut.cheeksAt(cut.height()))));
            List<HeelCut.Cheeks> stations = cut.stations();
            for (int i = 0; i + 1 < stations.size(); i++) {
                double upper = stations.get(i).depth();
                double lower = stations.get(i + 1).depth();
                double here = off.applyAsDouble(cut.cheeksAt((upper + lower) / 2));
                Polygon strip = new Polygon(
                        middle + sign * tail(upper),
                        y(upper),
                        middle + sign * half(upper),
                        y(upper),
                        middle + sign * half(lower),
                        y(lower),
                        middle + sign * tail(lower),
                        y(lower));
                strip.getStyleClass().add(here < 0 ? "wood-to-add" : "heel-strip");
                strip.setOpacity(most == 0 ? 0 : LEAST_SEEN + (1 - LEAST_SEEN) * Math.abs(here) / most);
                getChildren().add(strip);
            }
            for (HeelCut.Cheeks station : stations) {
                boolean corner = station.depth() == 0 || station.depth() == cut.height();
                if (!corner && (station.depth() * scale < line || (cut.height() - station.depth()) * scale < line)) {
                    continue;
                }
                boolean shown =
                        corner || HeelCut.STATION * scale >= line || station.depth() % (2 * HeelCut.STATION) == 0;
                double edge = middle + sign * half(station.depth());
                Line tick = new Line(edge, y(station.depth()), edge + sign * 6, y(station.depth()));
                tick.getStyleClass().add("leader");
                getChildren().add(tick);
                if (shown) {
                    Text value = text(corner ? "heel-corner" : "heel-value", bare(off.applyAsDouble(station)));
                    double wide = value.getLayoutBounds().getWidth();
                    value.setX(side == Side.BASS ? edge - 10 - wide : edge + 10);
                    value.setY(y(station.depth()) + 4);
                    right = Math.max(right, value.getX() + wide);
                }
            }
            Text name = text("drawing-note", Wording.label(side) + ", " + unit.label());
            name.setX(
                    side == Side.BASS
                            ? middle - half(0) - name.getLayoutBounds().getWidth()
                            : middle + half(0) + 10);
            right = Math.max(right, name.getX() + name.getLayoutBounds().getWidth());
            name.setY(this.top - line);
        }

        /** The heel in true shape from the side: its sweep, its cap, and the wood to remove where it meets the body. */
        void fromTheSide() {
            double left = right + 5 * line;
            caption(left, Messages.message("heel-map-skin.from-the-side-wood", plain(factor)));
            double tall = cut.height();
            double edge = left + tall * (SWEEP + CAP_LENGTH) * scale;
            List<Double> points = new ArrayList<>(List.of(edge, y(0), edge, y(tall)));
            for (int i = 0; i <= CURVE; i++) {
                double turn = Math.PI / 2 * i / CURVE;
                points.add(edge - tall * (CAP_LENGTH + SWEEP * (1 - Math.cos(turn))) * scale);
                points.add(y(tall * (1 - Math.sin(turn))));
            }
            Polygon heel = new Polygon();
            heel.getPoints().setAll(points);
            heel.getStyleClass().add("heel");
            Polygon cap = new Polygon(
                    edge,
                    y(tall),
                    edge,
                    y(tall) + CAP * scale,
                    edge - tall * CAP_LENGTH * scale,
                    y(tall) + CAP * scale,
                    edge - tall * CAP_LENGTH * scale,
                    y(tall));
            cap.getStyleClass().add("heel-cap");
            Polygon body = new Polygon(edge, y(0), edge + RIM, y(0), edge + RIM, y(tall) + 8, edge, y(tall) + 8);
            body.getStyleClass().add("heel-body");
            getChildren().addAll(heel, cap, body);
            for (Side side : Side.values()) {
                double atTop = off(side).applyAsDouble(cut.cheeksAt(0)) * factor * scale;
                double atCap = off(side).applyAsDouble(cut.cheeksAt(tall)) * factor * scale;
                boolean deeper = Math.abs(off(side).applyAsDouble(cut.cheeksAt(tall)))
                        >= Math.abs(off(other(side)).applyAsDouble(cut.cheeksAt(tall)));
                boolean same = off(side).applyAsDouble(cut.cheeksAt(tall))
                        == off(other(side)).applyAsDouble(cut.cheeksAt(tall));
                if (deeper && (!same || side == Side.BASS)) {
                    Polygon wood = new Polygon(edge, y(0), edge - atTop, y(0), edge - atCap, y(tall), edge, y(tall));
                    wood.getStyleClass().add(atCap < 0 ? "wood-to-add" : "wood-to-remove");
                    getChildren().add(wood);
                } else if (!same) {
                    Line lesser = new Line(edge - atTop, y(0), edge - atCap, y(tall));
                    lesser.getStyleClass().add("heel-lesser");
                    getChildren().add(lesser);
                }
                Text name = text("drawing-note", same ? "" : Wording.label(side));
                name.setX(edge - atCap - name.getLayoutBounds().getWidth() / 2);
                name.setY(y(tall) + CAP * scale + line * (deeper ? 1 : 2));
            }
        }

        private static Side other(Side side) {
            return side == Side.BASS ? Side.TREBLE : Side.BASS;
        }

        /** The depths under the fretboard, mm, centered on {@code x}; that of the cap stands below it, clear of the wood. */
        private void depths(double x) {
            Text head = text("drawing-note", "mm");
            head.setX(x - head.getLayoutBounds().getWidth() / 2);
            head.setY(top - line);
            double last = Double.NEGATIVE_INFINITY;
            for (HeelCut.Cheeks station : cut.stations()) {
                boolean cap = station.depth() == cut.height();
                if (!cap && (y(station.depth()) - last < line || (cut.height() - station.depth()) * scale < line)) {
                    continue;
                }
                last = y(station.depth());
                Text depth = text("heel-value", String.format(Locale.ROOT, cap ? "%.1f" : "%.0f", station.depth()));
                depth.setX(x - depth.getLayoutBounds().getWidth() / 2);
                depth.setY(cap ? last + line : last + 4);
            }
        }

        private void caption(double x, String words) {
            Text caption = text("heel-caption", words);
            caption.setX(Math.max(8, x));
            right = Math.max(right, caption.getX() + caption.getLayoutBounds().getWidth());
            caption.setY(top - 2.3 * line);
        }

        private String bare(double value) {
            return NumberTable.bare(unit.format(value));
        }

        private String plain(double number) {
            return String.format(Locale.ROOT, "%.0f", number);
        }
    }
}
