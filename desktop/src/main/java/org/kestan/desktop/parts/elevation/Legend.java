package org.kestan.desktop.parts.elevation;

import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;

/** What the lines of the drawing mean. */
final class Legend extends HBox {

    private static final double SAMPLE = 26;

    Legend() {
        getStyleClass().add("legend");
        setMouseTransparent(true);
        getChildren()
                .addAll(
                        entry("string, measured", sample("string", "bass", "measured")),
                        entry("planned", sample("string", "bass", "planned")),
                        entry("fret line", sample("fret-line", "measured")),
                        entry("planned", sample("fret-line", "planned")),
                        entry("wood to remove", swatch()));
    }

    private static Label entry(String text, Node sample) {
        Label label = new Label(text, sample);
        label.setMinWidth(USE_PREF_SIZE);
        return label;
    }

    private static Line sample(String... styles) {
        Line line = Shapes.line(styles);
        Shapes.place(line, 0, 0, SAMPLE, 0);
        return line;
    }

    private static Polygon swatch() {
        Polygon swatch = Shapes.polygon("wood-to-remove");
        Shapes.place(swatch, 0, 0, 16, 0, 16, 9, 0, 9);
        return swatch;
    }
}
