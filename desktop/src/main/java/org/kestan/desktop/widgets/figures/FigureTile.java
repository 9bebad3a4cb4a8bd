package org.kestan.desktop.widgets.figures;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.kestan.analysis.figures.Figure;
import org.kestan.analysis.figures.Figure.Standing;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.desktop.widgets.terms.AskButton;
import org.kestan.desktop.widgets.terms.LazyTooltip;
import org.kestan.desktop.widgets.terms.Term;
import org.kestan.text.Numbers;
import org.kestan.text.Wording;

/**
 * One deciding figure: as it is now, large, and as planned under it where something is planned. It takes the width its figures
 * need; where there is none the words give way, then the planned row.
 */
final class FigureTile extends VBox {

    /** How much of a tile is shown. */
    enum Room {
        ALL,
        NO_WORDS,
        NOW_ONLY
    }

    private final Figure.Kind kind;
    private final Row now = new Row("now");
    private final Row planned = new Row("planned");
    private String reason = "";
    private Room room = Room.ALL;
    private boolean hasPlan;

    FigureTile(Figure.Kind kind, Term term) {
        this.kind = kind;
        getStyleClass().add("figure");
        setAccessibleRole(AccessibleRole.TEXT);
        setFocusTraversable(false);
        setMinWidth(USE_PREF_SIZE);
        Label title = new Label(Wording.label(kind));
        title.getStyleClass().add("figure-title");
        title.setMinWidth(USE_PREF_SIZE);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox head = new HBox(title, gap, new AskButton(term));
        head.setAlignment(Pos.CENTER_LEFT);
        GridPane grid = new GridPane();
        grid.getStyleClass().add("figure-grid");
        int row = 0;
        if (kind != Figure.Kind.HEEL_CUT) {
            now.addTo(grid, row++);
        }
        planned.addTo(grid, row);
        getChildren().addAll(head, grid);
        LazyTooltip.on(this, () -> reason);
        String id = "figure-" + kind.key();
        setId(id);
        now.value.setId(id + "-now");
        planned.value.setId(id + "-planned");
    }

    /** Shows as much as there is room for. */
    void give(Room next) {
        room = next;
        arrange();
    }

    private void arrange() {
        boolean alone = kind == Figure.Kind.HEEL_CUT;
        now.arrange(true, room == Room.ALL && hasPlan);
        planned.arrange(alone || hasPlan && room != Room.NOW_ONLY, room == Room.ALL && !alone);
    }

    /**
     * @param plan whether anything is planned: without a plan there is no row for it
     * @param word what the planned row is called
     */
    void show(Figure figure, boolean plan, String word, Wording words) {
        hasPlan = plan;
        now.show(figure.now(), words);
        planned.show(figure.planned(), words);
        planned.word.setText(word);
        boolean decided = !figure.planned().quantities().isEmpty();
        Optional<Finding> said = decided
                ? figure.planned().reason()
                : figure.now().reason().or(() -> figure.planned().reason());
        reason = said.map(words::say).map(Wording::capital).orElse(Wording.label(kind));
        setAccessibleText(Wording.label(kind) + ", now " + spoken(figure.now(), words) + ", planned "
                + spoken(figure.planned(), words));
        arrange();
    }

    private static String spoken(Standing standing, Wording words) {
        return values(standing, words) + " " + Wording.label(standing.state()) + " "
                + standing.reason().map(words::say).orElse("");
    }

    private static String values(Standing standing, Wording words) {
        List<Quantity> quantities = standing.quantities();
        if (quantities.isEmpty()) {
            return Numbers.NONE;
        }
        // Bass and treble share one unit sign: it stands after the second.
        String first = words.print(quantities.get(0));
        return quantities.size() == 1 ? first : Numbers.bare(first) + "  " + words.print(quantities.get(1));
    }

    /** Shape, word and value of one state. */
    private static final class Row {

        private final StateShape shape = new StateShape();
        private final Label word;
        private final Label value = new Label();

        Row(String word) {
            this.word = new Label(word);
            this.word.getStyleClass().add("figure-word");
            this.word.setMinWidth(Region.USE_PREF_SIZE);
            value.getStyleClass().addAll("figure-value", "figure-value-" + word);
            value.setMinWidth(Region.USE_PREF_SIZE);
        }

        void addTo(GridPane grid, int row) {
            grid.addRow(row, shape, word, value);
        }

        void arrange(boolean shown, boolean withWord) {
            for (javafx.scene.Node each : List.of(shape, value)) {
                each.setVisible(shown);
                each.setManaged(shown);
            }
            word.setVisible(shown && withWord);
            word.setManaged(shown && withWord);
        }

        void show(Standing standing, Wording words) {
            shape.show(standing.state());
            value.setText(values(standing, words));
        }
    }
}
