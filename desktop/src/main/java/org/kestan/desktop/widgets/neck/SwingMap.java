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
import javafx.scene.layout.Pane;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import org.kestan.analysis.swing.StringOverFrets;
import org.kestan.analysis.swing.Swing;
import org.kestan.base.expect.Expect;
import org.kestan.base.strings.Note;
import org.kestan.desktop.messages.Messages;
import org.kestan.text.BenchUnit;

/**
 * Where every string touches: a fretboard seen from above, the treble string at the top, with a cell for each fret a
 * string is pressed at. A cell shows the least room the string then has over any higher fret: plain if it is clean,
 * dotted if it touches lightly, hatched if it hits; the tightest place is ringed. As a table, each cell has its
 * number. The arrow keys move from cell to cell; the selected cell is described in full.
 */
public final class SwingMap extends Pane {

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final PseudoClass TIGHT = PseudoClass.getPseudoClass("tight");
    private static final PseudoClass PICTURED = PseudoClass.getPseudoClass("pictured");

    /** Sizes in text sizes: a row, the names on the left, the open strings. */
    private static final double ROW = 1.85;

    private static final double NAMES = 3.6;
    private static final double OPEN = 2.9;

    /** From this multiple of a light touch on, there is enough room. */
    private static final double ROOMY = 2;

    /** How much narrower the board is at the nut. */
    private static final double TAPER = 0.06;

    private final List<Label> cells = new ArrayList<>();
    private final List<Label> heads = new ArrayList<>();
    private final List<Label> names = new ArrayList<>();
    private final List<Line> fretLines = new ArrayList<>();
    private final List<Line> stringLines = new ArrayList<>();
    private final Polygon board = new Polygon();

    /** Has the text size of this pane. */
    private final Label ruler = new Label();

    private final Consumer<String> say;
    private boolean pictured = true;
    private Optional<Swing> swing = Optional.empty();
    private BenchUnit unit = BenchUnit.MILLIMETERS;
    private double touch;
    private int columns;
    private int chosen;

    /**
     * @param say receives the full text of the chosen cell
     */
    public SwingMap(Consumer<String> say) {
        this.say = say;
        setId("swing-map");
        getStyleClass().add("swing-map");
        setFocusTraversable(true);
        setMinWidth(0);
        ruler.setVisible(false);
        board.getStyleClass().add("swing-board");
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
     * @param touch the margin that counts as lightly touched, mm to each side of zero
     * @param asPicture as a fretboard, rather than as a table
     */
    public void show(Optional<Swing> next, BenchUnit fine, double touch, boolean asPicture) {
        this.swing = next;
        pictured = asPicture;
        pseudoClassStateChanged(PICTURED, asPicture);
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
        int tight = worst().orElse(-1);
        for (int i = 0; i < cells.size(); i++) {
            cells.get(i).pseudoClassStateChanged(TIGHT, i == tight);
        }
        choose(Math.min(chosen, cells.size() - 1));
        requestLayout();
    }

    private void build(List<StringOverFrets> rows, int frets) {
        getChildren().setAll(ruler, board);
        cells.clear();
        heads.clear();
        names.clear();
        fretLines.clear();
        stringLines.clear();
        columns = frets;
        for (int pressed = 0; pressed < frets; pressed++) {
            heads.add(label(pressed == 0 ? "open" : Integer.toString(pressed), "number-head"));
            fretLines.add(line("swing-fret"));
        }
        for (StringOverFrets string : rows) {
            names.add(label(string.number() + "  " + string.string().name(), "number-key"));
            for (int pressed = 0; pressed < frets; pressed++) {
                Label cell = new Label();
                int at = cells.size();
                cell.setOnMousePressed(event -> {
                    requestFocus();
                    choose(at);
                });
                cells.add(cell);
            }
            stringLines.add(line("swing-string"));
        }
        getChildren().addAll(fretLines);
        getChildren().addAll(cells);
        getChildren().addAll(stringLines);
        getChildren().addAll(heads);
        getChildren().addAll(names);
        chosen = worst().orElse(0);
    }

    private static Label label(String text, String style) {
        Label label = new Label(text);
        label.getStyleClass().add(style);
        label.setMinWidth(USE_PREF_SIZE);
        return label;
    }

    private static Line line(String style) {
        Line line = new Line();
        line.getStyleClass().add(style);
        line.setManaged(false);
        line.setMouseTransparent(true);
        return line;
    }

    private double em() {
        return ruler.getFont().getSize();
    }

    @Override
    protected double computePrefHeight(double width) {
        return snappedTopInset() + snappedBottomInset() + (1.4 + names.size() * ROW) * em() + 2;
    }

    @Override
    protected double computePrefWidth(double height) {
        return 0;
    }

    @Override
    protected void layoutChildren() {
        if (swing.isEmpty() || columns == 0) {
            return;
        }
        double left = snappedLeftInset();
        double top = snappedTopInset() + 1.4 * em();
        double width = getWidth() - left - snappedRightInset();
        double row = ROW * em();
        double nut = left + (NAMES + OPEN) * em();
        double tall = names.size() * row;
        for (int pressed = 0; pressed < columns; pressed++) {
            double from = edge(pressed - 1, left, nut, width);
            double to = edge(pressed, left, nut, width);
            Label head = heads.get(pressed);
            head.autosize();
            head.relocate((from + to - head.getWidth()) / 2, snappedTopInset());
            // Where frets are close together, every second one is numbered.
            head.setVisible(to - from > head.getWidth() + 2 || pressed % 2 == 0);
            for (int string = 0; string < names.size(); string++) {
                Label cell = cells.get(string * columns + pressed);
                cell.resizeRelocate(from + 1, top + string * row + 1, to - from - 2, row - 2);
            }
            Line fret = fretLines.get(pressed);
            fret.setVisible(pictured);
            fret.setStartX(to);
            fret.setEndX(to);
            fret.setStartY(top + taper(to, nut, left + width, tall));
            fret.setEndY(top + tall - taper(to, nut, left + width, tall));
        }
        for (int string = 0; string < names.size(); string++) {
            Label name = names.get(string);
            name.autosize();
            double middle = top + (string + 0.5) * row;
            name.relocate(left, middle - name.getHeight() / 2);
            Line line = stringLines.get(string);
            line.setVisible(pictured);
            line.setStrokeWidth(1 + string * 0.35);
            line.setStartX(left + NAMES * em());
            line.setEndX(left + width);
            line.setStartY(middle);
            line.setEndY(middle);
        }
        board.setVisible(pictured);
        double narrow = TAPER * tall;
        board.getPoints()
                .setAll(nut, top + narrow, left + width, top, left + width, top + tall, nut, top + tall - narrow);
    }

    private static double taper(double x, double nut, double right, double tall) {
        return TAPER * tall * Math.max(0, Math.min(1, (right - x) / Math.max(1, right - nut)));
    }

    /** The right edge of a fret's cells: the fret's place on the board, or evenly spaced in the table. */
    private double edge(int fret, double left, double nut, double width) {
        if (fret < 0) {
            return left + NAMES * em();
        }
        if (fret == 0) {
            return nut;
        }
        double share = pictured
                ? (1 - Math.pow(2, -fret / 12.0)) / (1 - Math.pow(2, -(columns - 1) / 12.0))
                : fret / (columns - 1.0);
        return nut + share * (left + width - nut);
    }

    private void fill(Label cell, StringOverFrets.Meeting least) {
        String text = pictured ? "" : bare(unit.format(least.clearance()));
        String style = least.clearance() >= touch
                ? least.clearance() >= ROOMY * touch ? "swing-clean" : "swing-close"
                : least.clearance() >= -touch ? "swing-touches" : "swing-hits";
        // Updated only if something changed, because a drag brings many of these.
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
        String pressed = least.pressed() == 0
                ? "open"
                : Messages.message(
                        "swing-map.pressed-at-fret",
                        least.pressed(),
                        Note.above(string.string().name(), least.pressed()).orElse("?"));
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
