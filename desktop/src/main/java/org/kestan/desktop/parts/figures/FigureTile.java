package org.kestan.desktop.parts.figures;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.kestan.desktop.parts.terms.AskButton;
import org.kestan.desktop.parts.terms.Term;
import org.kestan.following.figures.Figure;
import org.kestan.following.figures.Figure.Standing;
import org.kestan.ground.finding.Finding;
import org.kestan.ground.finding.Quantity;
import org.kestan.words.Numbers;
import org.kestan.words.Words;

/** One deciding figure: as it is now, and as planned where that differs in meaning. */
final class FigureTile extends VBox {

    /** Width from which the words beside the shapes are shown, in title text sizes. */
    private static final double WORDS_FROM = 13.5;

    private static final double WORDS_FROM_PER_SIDE = 18.5;

    /** Those read on both sides need more room. */
    private static final Set<Figure.Kind> PER_SIDE = EnumSet.of(Figure.Kind.ACTION, Figure.Kind.SADDLE);

    private final Figure.Kind kind;
    private final Row now = new Row("now");
    private final Row planned = new Row("planned");
    private final Label reason = new Label();

    FigureTile(Figure.Kind kind, Term term) {
        this.kind = kind;
        getStyleClass().add("figure");
        setAccessibleRole(AccessibleRole.TEXT);
        setFocusTraversable(false);
        setMinWidth(0);
        setPrefWidth(PER_SIDE.contains(kind) ? 150 : 100);
        Label title = new Label(Words.label(kind));
        title.getStyleClass().add("figure-title");
        title.setMinWidth(0);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox head = new HBox(title, gap, new AskButton(term));
        head.setAlignment(Pos.CENTER_LEFT);
        reason.getStyleClass().add("figure-reason");
        reason.setMinWidth(0);
        GridPane grid = new GridPane();
        grid.getStyleClass().add("figure-grid");
        int row = 0;
        if (kind != Figure.Kind.HEEL_CUT) {
            now.addTo(grid, row++);
        }
        planned.addTo(grid, row);
        getChildren().addAll(head, grid, reason);
        // The shapes and their order say as much when there is no room for the words.
        widthProperty().addListener((property, old, width) -> {
            double from = PER_SIDE.contains(kind) ? WORDS_FROM_PER_SIDE : WORDS_FROM;
            boolean roomy = width.doubleValue() >= from * title.getFont().getSize();
            now.showWord(roomy);
            planned.showWord(roomy);
        });
        String id = "figure-" + kind.key();
        setId(id);
        now.value.setId(id + "-now");
        planned.value.setId(id + "-planned");
    }

    void show(Figure figure, Words words) {
        now.show(figure.now(), words);
        planned.show(figure.planned(), words);
        boolean decided = !figure.planned().quantities().isEmpty();
        Optional<Finding> said = decided
                ? figure.planned().reason()
                : figure.now().reason().or(() -> figure.planned().reason());
        reason.setText(said.map(words::say).orElse(""));
        setAccessibleText(Words.label(kind) + ", now " + spoken(figure.now(), words) + ", planned "
                + spoken(figure.planned(), words));
    }

    private static String spoken(Standing standing, Words words) {
        return values(standing, words) + " " + Words.label(standing.state()) + " "
                + standing.reason().map(words::say).orElse("");
    }

    private static String values(Standing standing, Words words) {
        List<Quantity> quantities = standing.quantities();
        if (quantities.isEmpty()) {
            return Numbers.NONE;
        }
        // Bass and treble share one unit sign: it stands after the second.
        String first = words.print(quantities.get(0));
        return quantities.size() == 1 ? first : Numbers.bare(first) + "  " + words.print(quantities.get(1));
    }

    /** Shape, word and value of one state. */
    private final class Row {

        private final StateShape shape = new StateShape();
        private final Label word;
        private final Label value = new Label();

        Row(String word) {
            this.word = new Label(word);
            this.word.getStyleClass().add("figure-word");
            this.word.setMinWidth(Region.USE_PREF_SIZE);
            value.getStyleClass().addAll("figure-value", "figure-value-" + word);
            value.setMinWidth(0);
        }

        void addTo(GridPane grid, int row) {
            grid.addRow(row, shape, word, value);
        }

        void showWord(boolean shown) {
            word.setVisible(shown);
            word.setManaged(shown);
        }

        void show(Standing standing, Words words) {
            shape.show(standing.state());
            value.setText(values(standing, words));
        }
    }
}
