package org.kestan.desktop.widgets.instrument;

import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.kestan.analysis.figures.Figure;
import org.kestan.analysis.figures.Figure.Standing;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.desktop.widgets.figures.StateShape;
import org.kestan.desktop.widgets.terms.LazyTooltip;
import org.kestan.text.Numbers;
import org.kestan.text.Wording;

/**
 * One figure of a loupe, now and as planned, each with its state. The loupe's main figure is large, with one line for
 * now and one for the plan; the others are on one line each. At the smallest size only the figure that counts at the
 * moment is shown.
 */
final class FigureRow extends VBox {

    /** How much room it has. */
    enum Room {
        /** Large: now on a line of its own, the plan below it. */
        LARGE,
        /** With its name on one line: now and planned. */
        LINE,
        /** With its name on one line: planned, or now if nothing is planned. */
        ONE,
        /** Without a name. */
        LEAST
    }

    private static final PseudoClass LARGE = PseudoClass.getPseudoClass("large");
    private static final PseudoClass LEAST = PseudoClass.getPseudoClass("least");

    private final Figure.Kind kind;
    private Room usual;
    private final Part now = new Part("now");
    private final Part planned = new Part("planned");
    private final Label name = new Label();
    private final Label arrow = new Label("\u2192");
    private final HBox first = new HBox();
    private final HBox second = new HBox();
    private String reason = "";
    private boolean hasPlan;
    private boolean unchanged;
    private Room room;

    FigureRow(Figure.Kind kind, Room usual, String title) {
        this.kind = kind;
        this.usual = usual;
        room = usual;
        getStyleClass().add("figure");
        pseudoClassStateChanged(LARGE, usual == Room.LARGE);
        setAccessibleRole(AccessibleRole.TEXT);
        name.setText(title);
        name.getStyleClass().add("figure-title");
        arrow.getStyleClass().add("figure-word");
        first.getStyleClass().add("figure-line");
        second.getStyleClass().add("figure-line");
        String id = "figure-" + kind.key();
        setId(id);
        now.value.setId(id + "-now");
        planned.value.setId(id + "-planned");
        getChildren().addAll(first, second);
        LazyTooltip.on(this, () -> reason);
        arrange();
    }

    Figure.Kind kind() {
        return kind;
    }

    /** Sets how much it shows if there is room. */
    void usually(Room next) {
        boolean least = room == Room.LEAST;
        usual = next;
        pseudoClassStateChanged(LARGE, usual == Room.LARGE);
        room = least ? Room.LEAST : next;
        arrange();
    }

    /** Shows as much as there is room for. */
    void give(Room next) {
        Room given = next == Room.LARGE ? usual : next;
        if (given != room) {
            room = given;
            pseudoClassStateChanged(LEAST, room == Room.LEAST);
            arrange();
        }
    }

    private boolean alone() {
        return kind == Figure.Kind.HEEL_CUT;
    }

    private void arrange() {
        boolean plan = hasPlan || alone();
        switch (room) {
            case LARGE -> {
                first.getChildren().setAll(alone() ? planned.nodes() : now.nodes());
                second.getChildren().setAll(alone() || !hasPlan ? List.of() : planned.nodes());
            }
            case LINE -> {
                first.getChildren().setAll(name);
                // A value that the plan leaves unchanged is shown once.
                if (!alone() && !(plan && unchanged)) {
                    first.getChildren().addAll(now.nodes());
                    if (plan) {
                        first.getChildren().add(arrow);
                    }
                }
                if (plan) {
                    first.getChildren().addAll(planned.nodes());
                }
                second.getChildren().clear();
            }
            case ONE -> {
                first.getChildren().setAll(name);
                first.getChildren().addAll(plan ? planned.nodes() : now.nodes());
                second.getChildren().clear();
            }
            case LEAST -> {
                first.getChildren().setAll(plan ? planned.nodes() : now.nodes());
                second.getChildren().clear();
            }
        }
        second.setManaged(!second.getChildren().isEmpty());
    }

    /**
     * @param plan whether there is a plan; no row is shown without one
     * @param word what the planned row is called
     */
    void show(Figure figure, boolean plan, String moment, String word, Wording words) {
        now.show(figure.now(), words);
        planned.show(figure.planned(), words);
        boolean decided = !figure.planned().quantities().isEmpty();
        Optional<Finding> said = decided
                ? figure.planned().reason()
                : figure.now().reason().or(() -> figure.planned().reason());
        String label = Wording.label(kind);
        reason = label + said.map(each -> ": " + words.say(each)).orElse("");
        setAccessibleText(label + ", " + moment + " " + spoken(figure.now(), words) + ", " + word + " "
                + spoken(figure.planned(), words));
        boolean same = now.value.getText().equals(planned.value.getText());
        if (hasPlan != plan || unchanged != same) {
            hasPlan = plan;
            unchanged = same;
            arrange();
        }
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
        // Bass and treble share one unit symbol, after the second value.
        String first = words.print(quantities.get(0));
        return quantities.size() == 1 ? first : Numbers.both(first, words.print(quantities.get(1)), "  ");
    }

    /** Shape and value of one state. */
    private static final class Part {

        private final StateShape shape = new StateShape();
        private final Label value = new Label();

        Part(String style) {
            value.getStyleClass().addAll("figure-value", "figure-value-" + style);
            value.setMinWidth(USE_PREF_SIZE);
        }

        List<Node> nodes() {
            return List.of(shape, value);
        }

        void show(Standing standing, Wording words) {
            shape.show(standing.state());
            value.setText(values(standing, words));
        }
    }
}
