package org.kestan.desktop.rooms.ledger;

import java.util.Optional;
import javafx.scene.layout.Region;
import javafx.scene.shape.Line;
import org.kestan.ledger.LineSketch;

/** The thumbnail of an instrument's line: fret line and bass string over the soundboard, before and after. */
final class SketchView extends Region {

    private static final double WIDTH = 190;
    private static final double HEIGHT = 46;
    private static final double EXAGGERATION = 8;

    private final Line board = line("sketch-board");
    private final Line fretLine = line("sketch-fret-line");
    private final Line string = line("sketch-string");
    private final Line plannedFretLine = line("sketch-fret-line", "sketch-planned");
    private final Line plannedString = line("sketch-string", "sketch-planned");

    SketchView() {
        getStyleClass().add("sketch");
        setMinSize(WIDTH, HEIGHT);
        setPrefSize(WIDTH, HEIGHT);
        setMaxSize(WIDTH, HEIGHT);
        getChildren().addAll(board, fretLine, string, plannedFretLine, plannedString);
    }

    void show(Optional<LineSketch> sketch) {
        getChildren().forEach(child -> child.setVisible(sketch.isPresent()));
        sketch.ifPresent(line -> {
            double along = (WIDTH - 8) / line.saddle();
            double low = lowest(line);
            double high = Math.max(
                    line.before().stringAtSaddle(),
                    line.after().map(LineSketch.State::stringAtSaddle).orElse(0.0));
            double up = Math.min(along * EXAGGERATION, (HEIGHT - 8) / Math.max(1, high - low));
            double base = HEIGHT - 4 + low * up;
            place(board, 4 + line.joint() * along, base, WIDTH - 4, base);
            state(line.before(), fretLine, string, base, up);
            plannedFretLine.setVisible(line.after().isPresent());
            plannedString.setVisible(line.after().isPresent());
            line.after().ifPresent(after -> state(after, plannedFretLine, plannedString, base, up));
        });
    }

    private static double lowest(LineSketch line) {
        double low = Math.min(0, line.before().fretLineAtNut());
        return Math.min(low, line.after().map(LineSketch.State::fretLineAtNut).orElse(0.0));
    }

    private static void state(LineSketch.State state, Line fretLine, Line string, double base, double up) {
        place(fretLine, 4, base - state.fretLineAtNut() * up, WIDTH - 4, base - state.fretLineAtSaddle() * up);
        place(string, 4, base - state.stringAtNut() * up, WIDTH - 4, base - state.stringAtSaddle() * up);
    }

    private static void place(Line line, double x1, double y1, double x2, double y2) {
        line.setStartX(x1);
        line.setStartY(y1);
        line.setEndX(x2);
        line.setEndY(y2);
    }

    private static Line line(String... styles) {
        Line line = new Line();
        line.getStyleClass().addAll(styles);
        line.setManaged(false);
        return line;
    }
}
