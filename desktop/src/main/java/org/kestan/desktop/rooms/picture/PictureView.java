package org.kestan.desktop.rooms.picture;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.PixelWriter;
import javafx.scene.image.WritableImage;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import org.kestan.analysis.picture.PictureReading;
import org.kestan.analysis.picture.PixelPoint;
import org.kestan.desktop.messages.Messages;
import org.kestan.devices.picture.GrayPicture;

/**
 * A photograph, fitted to the view, with a cross moved by pointer or arrow keys, the marks, and the edges that were
 * found.
 */
final class PictureView extends Pane {

    /** The widest version of a large picture that is shown, in pixels. */
    private static final int MOST = 1400;

    private static final double ARM = 9;
    private static final Color MARK = Color.web("#c0561a");
    private static final Color EDGE = Color.web("#0b7a4b");

    private final Canvas canvas = new Canvas();
    private final ObjectProperty<PixelPoint> cross = new SimpleObjectProperty<>(this, "cross", new PixelPoint(0, 0));
    private Optional<GrayPicture> picture = Optional.empty();
    private WritableImage shown = new WritableImage(1, 1);
    private List<PixelPoint> marks = List.of();
    private List<PictureReading> readings = List.of();
    private double zoom = 1;

    /**
     * @param marker receives the place where a mark is set
     */
    PictureView(Consumer<PixelPoint> marker) {
        setId("picture-view");
        getStyleClass().add("picture-view");
        setFocusTraversable(true);
        setMinSize(100, 100);
        setAccessibleText(Messages.message("picture-room.view"));
        getChildren().add(canvas);
        canvas.widthProperty().bind(widthProperty());
        canvas.heightProperty().bind(heightProperty());
        widthProperty().addListener((property, old, next) -> draw());
        heightProperty().addListener((property, old, next) -> draw());
        focusedProperty().addListener((property, old, next) -> draw());
        cross.addListener((property, old, next) -> draw());
        setOnMouseMoved(event -> cross.set(place(event.getX(), event.getY())));
        setOnMouseClicked(event -> {
            requestFocus();
            cross.set(place(event.getX(), event.getY()));
            if (picture.isPresent()) {
                marker.accept(cross.get());
            }
        });
        setOnKeyPressed(event -> key(event, marker));
    }

    private void key(KeyEvent event, Consumer<PixelPoint> marker) {
        // Coarse steps, or single pixels with Shift.
        double by = event.isShiftDown() ? 1 : Math.max(1, 4 / zoom);
        switch (event.getCode()) {
            case LEFT -> move(-by, 0);
            case RIGHT -> move(by, 0);
            case UP -> move(0, -by);
            case DOWN -> move(0, by);
            case ENTER, SPACE -> {
                if (picture.isEmpty() || event.getCode() == KeyCode.ENTER && event.isShortcutDown()) {
                    return;
                }
                marker.accept(cross.get());
            }
            default -> {
                return;
            }
        }
        event.consume();
    }

    private void move(double right, double down) {
        PixelPoint next = cross.get().plus(right, down);
        picture.ifPresent(each -> cross.set(new PixelPoint(
                Math.max(0, Math.min(each.width() - 1, next.x())),
                Math.max(0, Math.min(each.height() - 1, next.y())))));
    }

    /** The position of the cross, in pixels of the picture. */
    ObjectProperty<PixelPoint> crossProperty() {
        return cross;
    }

    /** Shows a picture, with the cross in its middle. */
    void show(GrayPicture next) {
        picture = Optional.of(next);
        int step = Math.max(1, (int) Math.ceil(next.width() / (double) MOST));
        int width = next.width() / step;
        int height = next.height() / step;
        shown = new WritableImage(Math.max(1, width), Math.max(1, height));
        PixelWriter pixels = shown.getPixelWriter();
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int sum = 0;
                for (int j = 0; j < step; j++) {
                    for (int i = 0; i < step; i++) {
                        sum += next.values()[(y * step + j) * next.width() + x * step + i] & 0xFF;
                    }
                }
                int gray = sum / (step * step);
                pixels.setArgb(x, y, 0xFF000000 | gray << 16 | gray << 8 | gray);
            }
        }
        cross.set(new PixelPoint(next.width() / 2.0, next.height() / 2.0));
        draw();
    }

    /** Shows no picture. */
    void clear() {
        picture = Optional.empty();
        draw();
    }

    /** Shows marks and the edges found. */
    void show(List<PixelPoint> nextMarks, List<PictureReading> nextReadings) {
        marks = List.copyOf(nextMarks);
        readings = List.copyOf(nextReadings);
        draw();
    }

    private PixelPoint place(double x, double y) {
        return picture.map(each -> new PixelPoint(
                        Math.max(0, Math.min(each.width() - 1, x / zoom)),
                        Math.max(0, Math.min(each.height() - 1, y / zoom))))
                .orElse(new PixelPoint(0, 0));
    }

    private void draw() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        if (picture.isEmpty()) {
            return;
        }
        zoom = Math.min(
                getWidth() / picture.get().width(), getHeight() / picture.get().height());
        g.drawImage(shown, 0, 0, picture.get().width() * zoom, picture.get().height() * zoom);
        g.setStroke(MARK);
        g.setLineWidth(1.5);
        for (PixelPoint mark : marks) {
            cross(g, mark, ARM);
        }
        g.setStroke(EDGE);
        g.setLineWidth(2);
        for (PictureReading reading : readings) {
            for (PixelPoint edge : List.of(reading.from(), reading.to())) {
                g.strokeLine(edge.x() * zoom - 14, edge.y() * zoom, edge.x() * zoom + 14, edge.y() * zoom);
            }
        }
        if (isFocused()) {
            g.setStroke(Color.WHITE);
            g.setLineWidth(3);
            cross(g, cross.get(), 2 * ARM);
            g.setStroke(Color.BLACK);
            g.setLineWidth(1);
            cross(g, cross.get(), 2 * ARM);
        }
    }

    private void cross(GraphicsContext g, PixelPoint at, double arm) {
        double x = at.x() * zoom;
        double y = at.y() * zoom;
        g.strokeLine(x - arm, y, x + arm, y);
        g.strokeLine(x, y - arm, x, y + arm);
    }
}
