package org.kestan.desktop.widgets.neck;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.SkinBase;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Polyline;
import javafx.scene.shape.Shape;
import javafx.scene.text.Text;
import org.kestan.analysis.neck.Gap;
import org.kestan.analysis.neck.NeckFit;
import org.kestan.analysis.setup.Setup;
import org.kestan.analysis.swing.FretCrowns;
import org.kestan.base.expect.Expect;
import org.kestan.base.geometry.NeckCurve;
import org.kestan.base.sheet.Reading;
import org.kestan.desktop.messages.Messages;
import org.kestan.text.BenchUnit;

/** Draws the neck: frets in true proportion along it, the dip at its own scale, which is written on it. */
final class NeckPictureSkin extends SkinBase<NeckPicture> {

    private static final double SIDE = 30;
    private static final double TOP = 30;
    private static final double BOTTOM = 24;
    private static final int STEPS = 80;

    /** Two standard uncertainties: about 95 %. */
    private static final double BAND = 2;

    /** The smallest dip that fills the picture, mm. */
    private static final double LEAST_RANGE = 0.15;

    private static final List<Double> STEPS_OF_SCALE = List.of(0.05, 0.1, 0.2, 0.5, 1.0, 2.0);
    private static final double LEAST_STEP_PIXELS = 22;
    private static final double FIFTY_THOU = 1.27;

    NeckPictureSkin(NeckPicture picture) {
        super(picture);
        registerChangeListener(picture.shownProperty(), change -> picture.requestLayout());
        picture.setOnMouseClicked(event -> picture.shownProperty().get().ifPresent(shown -> {
            Drawing drawing = new Drawing(shown, picture.getWidth(), picture.getHeight());
            picture.press(drawing.fretAt(event.getX()));
        }));
    }

    @Override
    protected void layoutChildren(double x, double y, double width, double height) {
        getChildren().clear();
        NeckPicture picture = getSkinnable();
        if (picture.shownProperty().get().isEmpty()) {
            Text none = text("empty-note", Messages.message("neck-picture-skin.the-neck-is-drawn"));
            none.setX(SIDE);
            none.setY(TOP + 10);
            return;
        }
        new Drawing(picture.shownProperty().get().get(), width, height).draw();
    }

    private Text text(String style, String words) {
        Text text = new Text(words);
        text.getStyleClass().add(style);
        text.setManaged(false);
        text.setMouseTransparent(true);
        getChildren().add(text);
        text.applyCss();
        return text;
    }

    private <S extends Shape> S add(S shape, String... styles) {
        shape.getStyleClass().addAll(styles);
        shape.setManaged(false);
        shape.setMouseTransparent(true);
        getChildren().add((Node) shape);
        return shape;
    }

    /** One drawing at the present size. */
    private final class Drawing {

        private final NeckPicture.Shown shown;
        private final FretCrowns crowns;
        private final double width;
        private final double along;
        private final double dips;
        private final double scale;

        Drawing(NeckPicture.Shown shown, double width, double height) {
            this.shown = shown;
            this.crowns = shown.crowns();
            this.width = width;
            along = (width - 2 * SIDE) / crowns.at(crowns.last());
            double highest = LEAST_RANGE / 2;
            double lowest = -LEAST_RANGE / 2;
            for (int fret = 1; fret <= crowns.last(); fret++) {
                for (double share : new double[] {0, 1}) {
                    highest = Math.max(highest, crowns.height(fret, share));
                    lowest = Math.min(lowest, crowns.height(fret, share));
                }
            }
            for (Setup planned : shown.planned().stream().toList()) {
                for (int fret = 1; fret <= crowns.last(); fret++) {
                    double dip = planned.neck().middle().dipAt(crowns.at(fret));
                    highest = Math.max(highest, -dip);
                    lowest = Math.min(lowest, -dip);
                }
            }
            for (int fret = 1; shown.zones().isPresent() && fret <= crowns.last(); fret++) {
                lowest = Math.min(lowest, -shown.zones().get().dipAt(crowns.at(fret)));
            }
            for (Gap gap : shown.profile().gaps()) {
                highest = Math.max(highest, -read(gap));
                lowest = Math.min(lowest, -read(gap));
            }
            scale = (height - TOP - BOTTOM) / (highest - lowest);
            dips = TOP + highest * scale;
        }

        double x(double millimeters) {
            return SIDE + millimeters * along;
        }

        double y(double height) {
            return dips - height * scale;
        }

        int fretAt(double pixel) {
            int nearest = 1;
            for (int fret = 2; fret <= crowns.last(); fret++) {
                if (Math.abs(x(crowns.at(fret)) - pixel) < Math.abs(x(crowns.at(nearest)) - pixel)) {
                    nearest = fret;
                }
            }
            return nearest;
        }

        /**
         * The dip under a fret as its reading gives it, compared with the curve as it runs under the straightedge's
         * ends.
         */
        private double read(Gap gap) {
            NeckCurve curve = curveOf(gap);
            return curve.dipAt(gap.place().at()) + gap.over(curve);
        }

        private NeckCurve curveOf(Gap gap) {
            return shown.profile().laid().stream()
                    .filter(fit -> fit.gaps().contains(gap))
                    .map(NeckFit::curve)
                    .findFirst()
                    .orElseThrow(Expect.present("at least one"));
        }

        void draw() {
            scaleLines();
            shown.profile().laid().forEach(this::band);
            Line line =
                    add(new Line(x(crowns.at(1)), y(0), x(crowns.at(crowns.last())), y(0)), "fret-line", "measured");
            line.setStrokeWidth(1);
            frets();
            if (shown.zones().isPresent()) {
                // If relief by zones is wanted, that is what the frets are leveled to.
                curve(shown.zones().get()::dipAt, shown.measured().basis().joint(), "neck-curve", "planned");
            } else {
                shown.planned().ifPresent(this::planned);
            }
            boolean treble = false;
            for (NeckFit fit : shown.profile().laid()) {
                curve(fit.curve()::dipAt, fit.curve().to(), "neck-curve", treble ? "treble" : "bass");
                treble = true;
            }
            single();
            shown.profile().gaps().forEach(this::reading);
            legend();
        }

        private void scaleLines() {
            // Round numbers of the unit in use.
            double one = shown.unit() == BenchUnit.MILLIMETERS ? 1 : FIFTY_THOU;
            double step = STEPS_OF_SCALE.stream()
                    .map(each -> each * one)
                    .filter(each -> each * scale >= LEAST_STEP_PIXELS)
                    .findFirst()
                    .orElse(2.0);
            Text note = text(
                    "drawing-note",
                    Messages.message(
                            "neck-picture-skin.dip-a-line-every",
                            Math.round(scale / along),
                            shown.unit().format(step)));
            note.setX(SIDE);
            note.setY(16);
            double highest = (dips - TOP) / scale;
            double lowest = -(getSkinnable().getHeight() - BOTTOM - dips) / scale;
            for (double at = Math.ceil(lowest / step) * step; at <= highest + 1e-9; at += step) {
                add(new Line(SIDE, y(at), width - SIDE, y(at)), "leader");
            }
        }

        private void frets() {
            double bottom = getSkinnable().getHeight() - BOTTOM + 4;
            double last = Double.NEGATIVE_INFINITY;
            for (int fret = 1; fret <= crowns.last(); fret++) {
                double x = x(crowns.at(fret));
                boolean joint = crowns.at(fret) == shown.measured().basis().joint();
                add(new Line(x, TOP - 6, x, bottom - 2), "leader");
                Text number = text(fret == shown.asked() ? "neck-asked" : "fret-number", Integer.toString(fret));
                double wide = number.getLayoutBounds().getWidth();
                number.setX(x - wide / 2);
                number.setY(bottom + 14);
                boolean shows = fret == shown.asked() || x - wide / 2 > last + 3;
                number.setVisible(shows);
                last = shows ? x + wide / 2 : last;
                if (joint) {
                    add(new Line(x, TOP - 6, x, bottom), "neck-joint");
                }
                if (fret == shown.asked()) {
                    add(new Line(x, TOP - 6, x, bottom), "hover-line");
                }
            }
        }

        /** The band of the curve, two standard uncertainties on each side. */
        private void band(NeckFit fit) {
            List<Double> points = new ArrayList<>();
            for (int sign : new int[] {1, -1}) {
                for (int i = 0; i <= STEPS; i++) {
                    double share = sign > 0 ? (double) i / STEPS : 1 - (double) i / STEPS;
                    double at = fit.curve().from()
                            + share * (fit.curve().to() - fit.curve().from());
                    points.add(x(at));
                    points.add(y(-fit.curve().dipAt(at) + sign * BAND * fit.standardAt(at)));
                }
            }
            Polygon band = add(new Polygon(), "neck-band");
            band.getPoints().setAll(points);
        }

        private void curve(DoubleUnaryOperator dip, double joint, String... styles) {
            double end = crowns.at(crowns.last());
            List<Double> points = new ArrayList<>();
            for (int i = 0; i <= STEPS; i++) {
                double at = crowns.at(1) + (joint - crowns.at(1)) * i / STEPS;
                points.add(x(at));
                points.add(y(-dip.applyAsDouble(at)));
            }
            double fall = shown.fall();
            points.add(x(end));
            points.add(y(-fall * (end - joint)));
            Polyline line = add(new Polyline(), styles);
            line.getPoints().setAll(points);
            line.setFill(null);
        }

        private void planned(Setup planned) {
            NeckCurve now = shown.profile().neck().middle();
            NeckCurve then = planned.neck().middle();
            if (Math.abs(now.most(then)) > 1e-6 || Math.abs(then.most(now)) > 1e-6) {
                curve(then::dipAt, then.to(), "neck-curve", "planned");
            }
        }

        /** Frets that stand proud of the curve, or low. */
        private void single() {
            for (int fret = 1; fret <= crowns.last(); fret++) {
                double at = crowns.at(fret);
                NeckCurve curve = shown.profile().neck().middle();
                double smooth = at > curve.to() ? crowns.height(fret, 0.5) : -curve.dipAt(at);
                double off = crowns.height(fret, 0.5) - smooth;
                if (Math.abs(off) > 1e-6) {
                    double x = x(at);
                    add(new Line(x, y(smooth), x, y(crowns.height(fret, 0.5))), "neck-proud");
                    add(new Line(x - 4, y(crowns.height(fret, 0.5)), x + 4, y(crowns.height(fret, 0.5))), "neck-proud");
                }
            }
        }

        private void reading(Gap gap) {
            boolean treble = gap.line().reading() == Reading.PROFILE_GAP_TREBLE
                    || gap.line().reading() == Reading.STRING_HEIGHT_TREBLE;
            add(
                    new Circle(x(gap.place().at()), y(-read(gap)), treble ? 3.2 : 4.2),
                    treble ? "neck-reading-treble" : "neck-reading");
        }

        private void legend() {
            String words = Messages.message(
                    "neck-picture-skin.rings-readings-band-how",
                    (shown.profile().bothSides() ? Messages.message("neck-picture-skin.full-bass-thin-treble") : ""),
                    (shown.planned().isPresent() ? Messages.message("neck-picture-skin.dashed-planned") : ""));
            Text legend = text("drawing-note", words);
            legend.setX(Math.max(SIDE, width - SIDE - legend.getLayoutBounds().getWidth()));
            legend.setY(16);
            legend.setVisible(legend.getX() > 320);
            getSkinnable().setAccessibleText(Messages.message("neck-picture-skin.the-neck-from-the", words));
        }
    }
}
