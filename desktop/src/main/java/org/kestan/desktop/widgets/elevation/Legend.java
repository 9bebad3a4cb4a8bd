package org.kestan.desktop.widgets.elevation;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import org.kestan.desktop.messages.Messages;
import org.kestan.repair.sideview.SideView;

/** What the lines of the drawing mean. */
final class Legend extends HBox {

    private static final double SAMPLE = 26;

    private final Label string = entry("", sample("string", "bass", "measured"));
    private final Label fretLine = entry(Messages.message("legend.fret-line"), sample("fret-line", "measured"));
    private final List<Label> planned = List.of(
            entry("planned", sample("string", "bass", "planned")), entry("planned", sample("fret-line", "planned")));
    private final Label wood = entry(Messages.message("legend.wood-to-remove"), swatch());

    Legend() {
        getStyleClass().add("legend");
        setId("legend");
        setMouseTransparent(true);
        getChildren().addAll(string, planned.get(0), fretLine, planned.get(1), wood);
    }

    /**
     * Explains what is drawn, and nothing else.
     *
     * @param state what the full lines show: measured, or as it would be built
     */
    void show(SideView view, String state) {
        string.setText(Messages.message("legend.string", state));
        planned.forEach(each -> show(each, view.outcome().profile().isPresent()));
        show(wood, view.outcome().heel().isPresent());
    }

    private static void show(Node node, boolean shown) {
        node.setVisible(shown);
        node.setManaged(shown);
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
