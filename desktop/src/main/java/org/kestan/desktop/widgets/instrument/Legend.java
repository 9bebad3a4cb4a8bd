package org.kestan.desktop.widgets.instrument;

import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import org.kestan.base.geometry.HeelCut;
import org.kestan.desktop.messages.Messages;
import org.kestan.repair.sideview.SideView;

/** What the lines of the pictures mean; only lines that are drawn. */
final class Legend extends VBox {

    private static final double SAMPLE = 26;

    private final Label now = entry(sample("picture-sample-now"));
    private final Label planned = entry(sample("picture-sample-after"));
    private final Label slack = entry(sample("picture-sample-slack"));
    private final Label wood = entry(swatch());

    Legend() {
        getStyleClass().add("legend");
        setId("legend");
        setMouseTransparent(true);
        slack.setText(Messages.message("legend.straightedge-slack"));
        wood.setText(Messages.message("legend.wood-to-remove"));
        getChildren().addAll(now, planned, slack, wood);
    }

    /**
     * Explains what is drawn.
     *
     * @param compared how many setups are compared, which have numbers
     */
    void show(SideView view, InstrumentView.Said said, int compared) {
        String plan = said == null ? "" : said.planWord();
        now.setText(said == null ? "" : said.moment());
        planned.setText(compared > 0 ? Messages.message("legend.compared", compared) : plan);
        show(planned, compared > 0 || view.outcome().profile().isPresent());
        show(slack, view.outcome().slack().isPresent());
        show(
                wood,
                view.outcome().heel().map(HeelCut::atCap).filter(cut -> cut > 0).isPresent());
    }

    private static void show(Node node, boolean shown) {
        node.setVisible(shown);
        node.setManaged(shown);
    }

    private static Label entry(Node sample) {
        Label label = new Label("", sample);
        label.setMinWidth(USE_PREF_SIZE);
        return label;
    }

    private static Line sample(String style) {
        Line line = Shapes.line(style);
        Shapes.place(line, 0, 0, SAMPLE, 0);
        return line;
    }

    private static Polygon swatch() {
        Polygon swatch = Shapes.polygon("wood-to-remove");
        Shapes.place(swatch, 0, 0, 16, 0, 16, 9, 0, 9);
        return swatch;
    }
}
