package org.kestan.desktop.rooms.picture;

import java.util.List;
import java.util.Optional;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.PixelWriter;
import javafx.scene.image.WritableImage;
import javafx.scene.paint.Color;
import org.kestan.analysis.picture.PixelPoint;
import org.kestan.devices.picture.GrayPicture;

/** A small part of a photograph, each of its pixels up to three across, and the edges found in it. */
final class Magnifier extends Canvas {

    private static final int SIDE = 204;
    private static final int MOST_TIMES = 3;
    private static final Color EDGE = Color.web("#17b573");

    private Optional<GrayPicture> picture = Optional.empty();

    Magnifier(String id) {
        super(SIDE, SIDE);
        setId(id);
    }

    void show(GrayPicture next) {
        picture = Optional.of(next);
    }

    void clear() {
        picture = Optional.empty();
        getGraphicsContext2D().clearRect(0, 0, SIDE, SIDE);
    }

    /**
     * Shows the surroundings of a place.
     *
     * @param edges edges that are drawn, where they lie in it
     * @param crossed whether the place itself is marked
     */
    void look(PixelPoint at, List<PixelPoint> edges, boolean crossed) {
        GraphicsContext g = getGraphicsContext2D();
        g.clearRect(0, 0, SIDE, SIDE);
        if (picture.isEmpty()) {
            return;
        }
        // If the edges are far apart, both are shown.
        double reach = edges.stream().mapToDouble(at::distance).max().orElse(0);
        double times = Math.max(0.5, Math.min(MOST_TIMES, SIDE / 2.0 / (1.2 * reach + 1)));
        int count = (int) Math.round(SIDE / times);
        int left = (int) Math.round(at.x()) - count / 2;
        int top = (int) Math.round(at.y()) - count / 2;
        WritableImage part = new WritableImage(count, count);
        PixelWriter pixels = part.getPixelWriter();
        for (int y = 0; y < count; y++) {
            for (int x = 0; x < count; x++) {
                int gray = (int) Math.round(picture.get().at(left + x, top + y));
                pixels.setArgb(x, y, 0xFF000000 | gray << 16 | gray << 8 | gray);
            }
        }
        g.setImageSmoothing(false);
        g.drawImage(part, 0, 0, SIDE, SIDE);
        g.setStroke(EDGE);
        g.setLineWidth(1.5);
        for (PixelPoint edge : edges) {
            double x = (edge.x() - left + 0.5) * times;
            double y = (edge.y() - top + 0.5) * times;
            g.strokeLine(x - 40, y, x + 40, y);
            g.strokeLine(x, y - 5, x, y + 5);
        }
        if (crossed) {
            g.setStroke(Color.WHITE);
            g.strokeLine(SIDE / 2.0, 0, SIDE / 2.0, SIDE);
            g.strokeLine(0, SIDE / 2.0, SIDE, SIDE / 2.0);
        }
    }
}
