package org.kestan.desktop.figures;

import java.util.Locale;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.kestan.desktop.words.AskButton;
import org.kestan.desktop.words.Term;
import org.kestan.notation.BenchUnit;
import org.kestan.reckoning.Figure;
import org.kestan.reckoning.Figure.Standing;
import org.kestan.reckoning.WorkFigures;

/** One deciding figure: as it is now, and as planned where that differs in meaning. */
final class FigureTile extends VBox {

    /** Width from which the words beside the shapes are shown, in title text sizes. */
    private static final double WORDS_FROM = 13.5;

    private static final double WORDS_FROM_PER_SIDE = 18.5;

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
        setPrefWidth(kind.isPerSide() ? 150 : 100);
        Label title = new Label(kind.title());
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
            double from = kind.isPerSide() ? WORDS_FROM_PER_SIDE : WORDS_FROM;
            boolean roomy = width.doubleValue() >= from * title.getFont().getSize();
            now.showWord(roomy);
            planned.showWord(roomy);
        });
        String id = "figure-" + kind.name().toLowerCase(Locale.ROOT).replace('_', '-');
        setId(id);
        now.value.setId(id + "-now");
        planned.value.setId(id + "-planned");
    }

    void show(Figure figure, BenchUnit unit) {
        now.show(figure.now(), unit);
        planned.show(figure.planned(), unit);
        boolean decided = !figure.planned().values().isEmpty();
        String said = decided ? figure.planned().reason() : figure.now().reason();
        if (said.isEmpty()) {
            said = decided ? "" : figure.planned().reason();
        }
        reason.setText(said);
        setAccessibleText(
                kind.title() + ", now " + spoken(figure.now(), unit) + ", planned " + spoken(figure.planned(), unit));
    }

    private String spoken(Standing standing, BenchUnit unit) {
        return values(standing, unit) + " " + standing.state().word() + " " + standing.reason();
    }

    private String values(Standing standing, BenchUnit unit) {
        if (standing.values().isEmpty()) {
            return "\u2014";
        }
        if (kind.isAngle()) {
            return standing.values().stream().map(WorkFigures::degrees).collect(Collectors.joining("  "));
        }
        if (!kind.isPerSide()) {
            return (kind == Figure.Kind.HEEL_CUT ? unit.fine() : unit)
                    .format(standing.values().get(0));
        }
        // Bass and treble share one unit sign: it stands after the second.
        String bass = unit.format(standing.values().get(0));
        return bass.substring(0, bass.lastIndexOf(' ')) + "  "
                + unit.format(standing.values().get(1));
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

        void show(Standing standing, BenchUnit unit) {
            shape.show(standing.state());
            value.setText(values(standing, unit));
        }
    }
}
