package org.kestan.desktop.widgets.loupe;

import java.util.Optional;
import org.kestan.desktop.widgets.chart.ResizableDrawing;
import org.kestan.repair.loupe.Loupe;

/**
 * A loupe drawn at one scale in both directions, as large as it fits, with a scale of millimeters at its edge: full lines are
 * now, broken ones after.
 */
public final class LoupePicture extends ResizableDrawing {

    private static final double PAD = 6;
    private static final double SCALE = 12;
    private static final double FIVE = 5;

    private Optional<Loupe> shown = Optional.empty();

    /**
     * @param id by which it is found
     */
    public LoupePicture(String id) {
        super(id);
        getStyleClass().add("loupe");
    }

    /**
     * Shows a loupe.
     *
     * @param says what is seen, for those who do not see it
     */
    public void show(Optional<Loupe> loupe, String says) {
        shown = loupe;
        setAccessibleText(says);
        changed();
    }

    @Override
    protected void draw(double width, double height) {
        shown.ifPresent(loupe -> draw(loupe, width, height));
    }

    private void draw(Loupe loupe, double width, double height) {
        double scale = Math.min(
                (width - SCALE - 2 * PAD) / (loupe.right() - loupe.left()),
                (height - 2 * PAD) / (loupe.top() - loupe.bottom()));
        double left = SCALE + (width - SCALE - scale * (loupe.right() - loupe.left())) / 2;
        double foot = (height + scale * (loupe.top() - loupe.bottom())) / 2;
        for (int each = (int) Math.ceil(loupe.bottom()); each <= loupe.top(); each++) {
            double y = foot - (each - loupe.bottom()) * scale;
            line(0, y, each % FIVE == 0 ? SCALE : SCALE / 2, y, "loupe-scale");
        }
        for (Loupe.Shape shape : loupe.shapes()) {
            double[] points = new double[shape.points().size() * 2];
            for (int i = 0; i < shape.points().size(); i++) {
                points[2 * i] = left + (shape.points().get(i).x() - loupe.left()) * scale;
                points[2 * i + 1] = foot - (shape.points().get(i).y() - loupe.bottom()) * scale;
            }
            String[] styles = {style(shape.part()), shape.moment() == Loupe.Moment.NOW ? "loupe-now" : "loupe-after"};
            if (shape.closed()) {
                closed(points, styles);
            } else {
                open(points, styles);
            }
        }
    }

    private static String style(Loupe.Part part) {
        return switch (part) {
            case SOUNDBOARD, BOARD -> "loupe-top";
            case CROWN -> "loupe-crown";
            case BRIDGE -> "loupe-wood";
            case SADDLE -> "loupe-saddle";
            case FRET_LINE -> "loupe-fret-line";
            case STRING_BASS, STRING_TREBLE -> "loupe-string";
        };
    }
}
