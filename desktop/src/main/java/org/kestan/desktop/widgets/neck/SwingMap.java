package org.kestan.desktop.widgets.neck;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.GridPane;
import org.kestan.analysis.swing.StringOverFrets;
import org.kestan.analysis.swing.Swing;
import org.kestan.base.expect.Expect;
import org.kestan.desktop.messages.Messages;
import org.kestan.text.BenchUnit;

/**
 * What every string meets: a row a string, the treble on top, a column for each fret it is pressed at. In a cell the least
 * room it then has over any higher fret: plain where it is clean, ringed where it touches lightly, hatched where it hits.
 * The arrow keys go from cell to cell; the cell that is gone to is said in full.
 */
public final class SwingMap extends GridPane {

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    private final List<Label> cells = new ArrayList<>();
    private final Consumer<String> say;
    private Optional<Swing> swing = Optional.empty();
    private BenchUnit unit = BenchUnit.MILLIMETERS;
    private double touch;
    private int columns;
    private int chosen;

    /**
     * @param say told what the chosen cell says in full
     */
    public SwingMap(Consumer<String> say) {
        this.say = say;
        setId("swing-map");
        getStyleClass().add("swing-map");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.TABLE_VIEW);
        addEventHandler(KeyEvent.KEY_PRESSED, this::pressed);
        focusedProperty().addListener((property, was, is) -> choose(chosen));
    }

    private void pressed(KeyEvent key) {
        int step =
                switch (key.getCode()) {
                    case LEFT -> -1;
                    case RIGHT -> 1;
                    case UP -> -columns;
                    case DOWN -> columns;
                    default -> 0;
                };
        if (step != 0 && !key.isShortcutDown() && !key.isAltDown()) {
            int next = chosen + step;
            boolean sameRow = Math.abs(step) > 1 || columns > 0 && next / columns == chosen / columns;
            if (next >= 0 && next < cells.size() && sameRow) {
                choose(next);
            }
            key.consume();
        } else if (key.getCode() == KeyCode.HOME) {
            worst().ifPresent(this::choose);
            key.consume();
        }
    }

    /** The cell with the least room of all. */
    private Optional<Integer> worst() {
        return swing.flatMap(Swing::worst).map(string -> {
            List<StringOverFrets> rows = rows();
            return rows.indexOf(string) * columns + string.least().pressed();
        });
    }

    private List<StringOverFrets> rows() {
        List<StringOverFrets> rows = new ArrayList<>(
                swing.orElseThrow(Expect.present("known strings")).strings());
        Collections.reverse(rows);
        return rows;
    }

    /**
     * Shows a swing.
     *
     * @param touch what is touched lightly, mm to each side of nothing
     */
    public void show(Optional<Swing> next, BenchUnit fine, double touch) {
        this.swing = next;
        this.unit = fine;
        this.touch = touch;
        if (next.isEmpty()) {
            getChildren().clear();
            cells.clear();
            columns = 0;
            return;
        }
        List<StringOverFrets> rows = rows();
        int frets = rows.get(0).last();
        if (frets != columns || cells.size() != frets * rows.size()) {
            build(rows, frets);
        }
        for (int row = 0; row < rows.size(); row++) {
            for (int pressed = 0; pressed < columns; pressed++) {
                fill(cells.get(row * columns + pressed), rows.get(row).least(pressed));
            }
        }
        choose(Math.min(chosen, cells.size() - 1));
    }

    private void build(List<StringOverFrets> rows, int frets) {
        getChildren().clear();
        cells.clear();
        columns = frets;
        for (int pressed = 0; pressed < frets; pressed++) {
            Label head = new Label(pressed == 0 ? "open" : Integer.toString(pressed));
            head.getStyleClass().add("number-head");
            add(head, pressed + 1, 0);
        }
        for (int row = 0; row < rows.size(); row++) {
            StringOverFrets string = rows.get(row);
            Label name = new Label(string.number() + "  " + string.string().name());
            name.getStyleClass().add("number-key");
            name.setMinWidth(USE_PREF_SIZE);
            add(name, 0, row + 1);
            for (int pressed = 0; pressed < frets; pressed++) {
                Label cell = new Label();
                int at = cells.size();
                cell.setOnMousePressed(event -> {
                    requestFocus();
                    choose(at);
                });
                cells.add(cell);
                add(cell, pressed + 1, row + 1);
            }
        }
        chosen = worst().orElse(0);
    }

    private void fill(Label cell, StringOverFrets.Meeting least) {
        String text = bare(unit.format(least.clearance()));
        String style = least.clearance() >= touch
                ? "swing-clean"
                : least.clearance() >= -touch ? "swing-touches" : "swing-hits";
        // Touched only where something changed: a drag brings many of these.
        if (!text.equals(cell.getText())) {
            cell.setText(text);
        }
        if (!cell.getStyleClass().contains(style)) {
            cell.getStyleClass().setAll("label", "swing-cell", style);
        }
    }

    private static String bare(String length) {
        return length.substring(0, length.lastIndexOf(' '));
    }

    private void choose(int cell) {
        for (int i = 0; i < cells.size(); i++) {
            cells.get(i).pseudoClassStateChanged(CHOSEN, i == cell);
        }
        chosen = cell;
        if (swing.isPresent() && cell >= 0 && cell < cells.size()) {
            String words = words(cell);
            setAccessibleText(words);
            say.accept(words);
        }
    }

    /** A cell in full. */
    private String words(int cell) {
        StringOverFrets string = rows().get(cell / columns);
        StringOverFrets.Meeting least = string.least(cell % columns);
        String pressed = least.pressed() == 0 ? "open" : Messages.message("swing-map.pressed-at-fret", least.pressed());
        String how = least.clearance() >= touch
                ? Messages.message("swing-map.clears-fret-by", least.meets())
                : least.clearance() >= 0
                        ? Messages.message("swing-map.just-clears-fret-by", least.meets())
                        : least.clearance() >= -touch
                                ? Messages.message("swing-map.touches-fret-lightly-by", least.meets())
                                : Messages.message("swing-map.hits-fret-by", least.meets());
        return Messages.message(
                "swing-map.string",
                string.number(),
                string.string().name(),
                pressed,
                how,
                unit.format(Math.abs(least.clearance())));
    }
}
