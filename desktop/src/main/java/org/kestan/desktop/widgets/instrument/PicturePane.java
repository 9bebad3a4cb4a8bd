package org.kestan.desktop.widgets.instrument;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import javafx.animation.Interpolator;
import javafx.animation.Transition;
import javafx.geometry.Point2D;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.layout.Region;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Polyline;
import javafx.scene.shape.Rectangle;
import javafx.scene.shape.Shape;
import javafx.scene.text.Text;
import javafx.util.Duration;
import org.kestan.base.finding.Quantity;
import org.kestan.repair.picture.Picture;

/**
 * A picture at one scale in both directions, as large as it fits. Solid lines are now, broken ones after. When a value
 * changes, the old picture turns gradually into the new one, unless {@link Motion} says otherwise.
 */
public final class PicturePane extends Region {

    private static final double PAD = 4;
    private static final double SCALE = 9;
    private static final int FIVE = 5;
    private static final int TEN = 10;
    private static final double LEAST_TICK = 3;
    private static final Duration GENTLY = Duration.millis(180);

    private final Rectangle clip = new Rectangle();
    private final boolean ruled;
    private Function<Quantity, String> printer = Quantity::toString;
    private Optional<Picture> target = Optional.empty();
    private Optional<Picture> shown = Optional.empty();
    private Transition passing;
    private double scale = 1;
    private double left;
    private double foot;

    /**
     * @param id by which it is found
     * @param ruled whether it has a millimeter scale at its edge
     */
    public PicturePane(String id, boolean ruled) {
        this.ruled = ruled;
        setId(id);
        getStyleClass().add("picture");
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setMinSize(0, 0);
        setClip(clip);
    }

    /** Sets how numbers in pictures are formatted. */
    public void print(Function<Quantity, String> next) {
        printer = next;
    }

    /** Shows a picture, or nothing, at once. */
    public void show(Optional<Picture> picture) {
        stop();
        target = picture;
        shown = picture;
        requestLayout();
    }

    /** Shows a picture, changing gradually from the previous one if both show the same things. */
    public void passTo(Optional<Picture> picture) {
        if (picture.equals(target)) {
            return;
        }
        Optional<Picture> from = shown;
        boolean gently = Motion.isWanted()
                && isVisible()
                && getScene() != null
                && from.isPresent()
                && picture.isPresent()
                && from.get().isLike(picture.get());
        show(picture);
        if (gently) {
            pass(from.get(), picture.get());
        }
    }

    private void pass(Picture from, Picture to) {
        shown = Optional.of(from);
        passing = new Transition() {
            {
                setCycleDuration(GENTLY);
                setInterpolator(Interpolator.EASE_BOTH);
            }

            @Override
            protected void interpolate(double share) {
                shown = Optional.of(share >= 1 ? to : from.toward(to, share));
                requestLayout();
            }
        };
        passing.play();
    }

    private void stop() {
        if (passing != null) {
            passing.stop();
            passing = null;
        }
    }

    /** The picture it shows, or is changing to. */
    public Optional<Picture> picture() {
        return target;
    }

    /** Pixels per millimeter at the last layout. */
    public double scale() {
        return scale;
    }

    /** Where a point of the picture is in this pane. */
    public Point2D place(Picture.Point point) {
        return new Point2D(x(point.x()), y(point.y()));
    }

    /** Where a length of the picture is in this pane. */
    public double x(double length) {
        return left + length * scale;
    }

    /** Where a height of the picture is in this pane. */
    public double y(double height) {
        return foot - height * scale;
    }

    /** The length of the picture at a pixel column. */
    public double lengthAt(double x) {
        return (x - left) / scale;
    }

    @Override
    protected void layoutChildren() {
        clip.setWidth(getWidth());
        clip.setHeight(getHeight());
        if (getWidth() <= 2 * PAD || getHeight() <= 2 * PAD || shown.isEmpty()) {
            getChildren().clear();
            return;
        }
        draw(shown.get());
    }

    /** Works out the positions of everything at a size, for what is placed on it. */
    void fit(double width, double height) {
        target.ifPresent(picture -> fit(picture, width, height));
    }

    private void fit(Picture picture, double width, double height) {
        double edge = ruled ? SCALE : 0;
        Picture.Frame frame = picture.frame();
        scale = Math.min((width - edge - 2 * PAD) / frame.width(), (height - 2 * PAD) / frame.height());
        left = edge + (width - edge - scale * frame.width()) / 2 - frame.left() * scale;
        foot = (height + scale * frame.height()) / 2 + frame.bottom() * scale;
    }

    private void draw(Picture picture) {
        fit(picture, getWidth(), getHeight());
        int used = 0;
        for (Picture.Shape shape : picture.shapes()) {
            double[] points = new double[shape.points().size() * 2];
            for (int i = 0; i < shape.points().size(); i++) {
                points[2 * i] = x(shape.points().get(i).x());
                points[2 * i + 1] = y(shape.points().get(i).y());
            }
            put(used++, shape.closed(), style(shape), points);
        }
        if (ruled && picture.heights() == 1) {
            used = rule(used);
        }
        getChildren().remove(used, getChildren().size());
        for (Picture.Note note : picture.notes()) {
            Text text = Shapes.text("drawing-note", "picture-number");
            text.setManaged(false);
            text.setText(printer.apply(note.quantity()));
            text.setX(Math.max(
                    2,
                    Math.min(
                            getWidth() - text.getLayoutBounds().getWidth() * 1.25 - 4,
                            x(note.at().x()))));
            text.setY(Math.max(14, Math.min(getHeight() - 4, y(note.at().y()))));
            getChildren().add(text);
        }
        if (picture.equals(target.orElse(null))) {
            return;
        }
        target.ifPresent(each -> fit(each, getWidth(), getHeight()));
    }

    /** A scale of millimeters along the left edge: every one if there is room, else every fifth, fiftieth and so on. */
    private int rule(int from) {
        int used = from;
        if (!(scale > 0)) {
            return used;
        }
        // However large an odd instrument is, its ticks stay apart; there are no more of them than fit.
        double step = scale >= LEAST_TICK ? 1 : FIVE;
        while (step * scale < LEAST_TICK) {
            step *= TEN;
        }
        double first = Math.ceil((foot - getHeight()) / scale / step) * step;
        for (double each = first; y(each) >= 0; each += step) {
            double long1 = Math.rint(each / step) % FIVE == 0 ? SCALE : SCALE / 2;
            put(used++, false, "picture-rule", 0, y(each), long1, y(each));
        }
        return used;
    }

    /** Reuses the shape at a place if it is of the same kind, because a picture is redrawn at every step of a drag. */
    private void put(int at, boolean closed, String style, double... points) {
        Node there = at < getChildren().size() ? getChildren().get(at) : null;
        boolean fits = there != null && (closed ? there instanceof Polygon : there instanceof Polyline);
        if (!fits) {
            Shape made = closed ? new Polygon() : new Polyline();
            made.setManaged(false);
            made.setMouseTransparent(true);
            if (there == null) {
                getChildren().add(made);
            } else {
                getChildren().set(at, made);
            }
            there = made;
        }
        String[] styles = style.split(" ");
        if (!there.getStyleClass().equals(List.of(styles))) {
            there.getStyleClass().setAll(styles);
        }
        Double[] boxed = new Double[points.length];
        for (int i = 0; i < points.length; i++) {
            boxed[i] = points[i];
        }
        if (there instanceof Polygon polygon) {
            polygon.getPoints().setAll(boxed);
        } else {
            ((Polyline) there).getPoints().setAll(boxed);
        }
    }

    private static String style(Picture.Shape shape) {
        return "picture-" + kebab(shape.part()) + " picture-" + kebab(shape.moment())
                + (shape.number() > 0 ? " candidate-" + shape.number() : "")
                + (shape.closed() ? " picture-closed" : " picture-open");
    }

    private static String kebab(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
