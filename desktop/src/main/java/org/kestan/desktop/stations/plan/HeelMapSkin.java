package org.kestan.desktop.stations.plan;

import java.util.List;
import java.util.Locale;
import java.util.function.ToDoubleFunction;
import javafx.scene.control.SkinBase;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import javafx.scene.text.Text;
import org.kestan.base.geometry.HeelCut;
import org.kestan.base.sheet.Side;
import org.kestan.desktop.messages.Messages;
import org.kestan.text.BenchUnit;
import org.kestan.text.Wording;

/**
 * Draws the heel. Heights and widths are true to each other; the wood's thickness is exaggerated by the factor written on
 * it.
 */
final class HeelMapSkin extends SkinBase<HeelMap> {

    /** The line height the sizes here are made for; with larger text they grow alike. */
    private static final double LINE = 14;

    private static final double BOTTOM = 14;
    private static final double NOMINAL_WIDTH = 50;
    private static final double STRIP = 46;
    private static final double THICK = 34;

    /** Room for the depths between both cheeks. */
    private static final double DEPTHS = 62;

    private static final List<Double> FACTORS = List.of(50.0, 30.0, 20.0, 15.0, 10.0, 8.0, 5.0, 3.0, 2.0, 1.0);

    HeelMapSkin(HeelMap map) {
        super(map);
        registerChangeListener(map.shownProperty(), change -> map.requestLayout());
    }

    /** A text with its size: it has its style before its width is asked for. */
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
            Text ruler = text("heel-value", "0");
            line = Math.max(LINE, ruler.getLayoutBounds().getHeight());
            getChildren().remove(ruler);
            top = 3.4 * line;
            topWidth = cut.widths().map(HeelCut.Widths::top).orElse(NOMINAL_WIDTH);
            capWidth = cut.widths().map(HeelCut.Widths::cap).orElse(NOMINAL_WIDTH);
            double wide = Math.max(topWidth, capWidth);
            scale = Math.max(0.4, Math.min((height - top - BOTTOM) / cut.height(), width * 0.3 / wide));
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

        /** Bass cheek to the left, treble cheek to the right, as one looks at the heel from the body. */
        void endOn() {
            caption(middle - half(0), Messages.message("heel-map-skin.end-on-wood-off", plain(factor)));
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
            for (Side side : Side.values()) {
                cheek(side);
            }
            depths(middle);
        }

        private ToDoubleFunction<HeelCut.Cheeks> off(Side side) {
            return side == drift ? HeelCut.Cheeks::driftSide : HeelCut.Cheeks::otherSide;
        }

        /** What goes, as a band along the cheek's edge, with its values. */
        private void cheek(Side side) {
            int sign = side == Side.BASS ? -1 : 1;
            ToDoubleFunction<HeelCut.Cheeks> off = off(side);
            HeelCut.Cheeks uppermost = cut.cheeksAt(0);
            HeelCut.Cheeks cap = cut.cheeksAt(cut.height());
            band(
                    middle + sign * half(0),
                    middle + sign * half(cut.height()),
                    -sign * off.applyAsDouble(uppermost) * factor * scale,
                    -sign * off.applyAsDouble(cap) * factor * scale);
            for (HeelCut.Cheeks station : cut.stations()) {
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

        private void band(double topX, double capX, double atTop, double atCap) {
            Polygon band =
                    new Polygon(topX, y(0), topX + atTop, y(0), capX + atCap, y(cut.height()), capX, y(cut.height()));
            band.getStyleClass().add("wood-to-remove");
            getChildren().add(band);
        }

        /** Each cheek as one sees it from its own side: bass with the joint's edge to the right, treble to the left. */
        void fromTheSide() {
            double left = right + 2 * line;
            caption(left, Messages.message("heel-map-skin.from-the-side-wood", plain(factor)));
            double deep = STRIP + THICK;
            double between = DEPTHS * line / LINE;
            side(Side.BASS, left + deep, -1);
            side(Side.TREBLE, left + deep + between, 1);
            depths(left + deep + between / 2);
        }

        /** One cheek, its edge at the joint where it is said and the heel to that side of it. */
        private void side(Side side, double edge, int sign) {
            double back = edge + sign * (STRIP + THICK);
            Polygon strip = new Polygon(edge, y(0), back, y(0), back, y(cut.height()), edge, y(cut.height()));
            strip.getStyleClass().add("heel");
            getChildren().add(strip);
            band(
                    edge,
                    edge,
                    sign * off(side).applyAsDouble(cut.cheeksAt(0)) * factor * scale,
                    sign * off(side).applyAsDouble(cut.cheeksAt(cut.height())) * factor * scale);
            Text name = text("drawing-note", Wording.label(side));
            name.setX(Math.min(edge, back));
            name.setY(this.top - line);
        }

        /** How deep under the fretboard, mm, with the labels' middle where it is said. */
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
                depth.setY(last + 4);
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
