package org.kestan.desktop.widgets.gates;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.kestan.base.sheet.Line;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.widgets.figures.StateShape;
import org.kestan.desktop.widgets.instrument.PicturePane;
import org.kestan.judgment.verdict.Gate;
import org.kestan.judgment.verdict.GateId;
import org.kestan.judgment.verdict.GateState;
import org.kestan.repair.picture.GatePictures;
import org.kestan.repair.sideview.SideView;
import org.kestan.text.Wording;

/**
 * The gates as small pictures in order, beside a large one: the deciding gate, or the focused one. The arrow keys move
 * between them, Enter opens a gate's reading.
 */
public final class GateTiles extends Pane {

    private static final double GAP = 8;
    private static final double LARGE_SHARE = 0.36;

    /** The smallest useful picture, in text sizes, and the largest share that leaves room for the text. */
    private static final double LEAST_PICTURE = 4;

    private static final double MOST_PICTURE = 0.62;

    /** Below this height, in text sizes, a tile has only its name. */
    private static final double NAME_ONLY = 4.2;

    /** The minimum width of a tile, in lines of text. */
    private static final double LEAST_WIDTH = 8.5;

    private final JobSession session;
    private final Map<GateId, Tile> tiles = new EnumMap<>(GateId.class);
    private final PicturePane large = new PicturePane("gate-large-picture", true);
    private final Label title = new Label();
    private final StateShape mark = new StateShape();
    private final Label reason = new Label();
    private final Label numbers = new Label();
    private final VBox about;

    /** Has the text size of this pane. */
    private final Label ruler = new Label();

    private Optional<SideView> view = Optional.empty();
    private Optional<GateId> looked = Optional.empty();
    private List<Gate> gates = List.of();

    /**
     * @param opener called to open the field of a line when a gate is pressed
     */
    public GateTiles(JobSession session, Consumer<Line<?>> opener) {
        this.session = session;
        setId("gate-tiles");
        getStyleClass().add("gate-tiles");
        title.setId("gate-large-title");
        title.getStyleClass().add("gate-large-title");
        reason.setId("gate-large-reason");
        reason.getStyleClass().add("gate-large-reason");
        reason.setWrapText(true);
        numbers.getStyleClass().add("gate-numbers");
        numbers.setWrapText(true);
        HBox head = new HBox(8, mark, title);
        head.setAlignment(Pos.CENTER_LEFT);
        about = new VBox(6, head, reason, numbers);
        ruler.setVisible(false);
        getChildren().addAll(ruler, large, about);
        for (GateId id : GateId.values()) {
            Tile tile = new Tile(id);
            tiles.put(id, tile);
            getChildren().add(tile);
            tile.focusedProperty().addListener((property, was, is) -> light(id, is));
            tile.setOnMouseClicked(click -> {
                tile.requestFocus();
                if (click.getClickCount() == 2) {
                    opener.accept(id.place());
                }
            });
            tile.setOnKeyPressed(key -> {
                if (key.getCode() == KeyCode.ENTER) {
                    opener.accept(id.place());
                    key.consume();
                    return;
                }
                int step =
                        switch (key.getCode()) {
                            case RIGHT -> 1;
                            case LEFT -> -1;
                            case DOWN -> columns(getWidth());
                            case UP -> -columns(getWidth());
                            default -> 0;
                        };
                List<Tile> shown = shown();
                int next = shown.indexOf(tile) + step;
                if (step != 0 && next >= 0 && next < shown.size()) {
                    shown.get(next).requestFocus();
                    key.consume();
                }
            });
        }
    }

    private List<Tile> shown() {
        return tiles.values().stream().filter(Tile::isVisible).toList();
    }

    private void light(GateId id, boolean chosen) {
        if (chosen) {
            looked = Optional.of(id);
            session.focusedLineProperty().set(id.place());
            session.hint(tiles.get(id), Messages.message("gates-pane.enter-opens-the-reading", tiles.get(id).reason));
        } else {
            if (session.focusedLineProperty().get() == id.place()) {
                session.focusedLineProperty().set(null);
            }
            looked = Optional.empty();
        }
        enlarge();
    }

    /**
     * Shows gates, all of them and in order.
     *
     * @param next how the instrument is drawn; no pictures without it
     */
    public void show(List<Gate> all, Optional<SideView> next, Wording words) {
        gates = all;
        view = next;
        // A gate that does not apply to this instrument is left out.
        tiles.forEach((id, tile) -> tile.setVisible(all.stream().anyMatch(gate -> gate.id() == id)));
        all.forEach(gate -> tiles.get(gate.id()).show(gate, words));
        enlarge();
    }

    /** The gate that stops everything after it, else the first that warns, else the action. */
    private GateId deciding() {
        return first(GateState.STOP).or(() -> first(GateState.WARN)).orElse(GateId.ACTION);
    }

    private Optional<GateId> first(GateState state) {
        return gates.stream()
                .filter(gate -> gate.state() == state && !gate.provisional())
                .map(Gate::id)
                .findFirst();
    }

    private void enlarge() {
        GateId id = looked.orElseGet(this::deciding);
        gates.stream().filter(gate -> gate.id() == id).findFirst().ifPresent(gate -> {
            title.setText(gate.id().ordinal() + 1 + "  " + Wording.label(id));
            mark.show(GateRow.state(gate.state()));
            reason.setText(Wording.capital(session.words().say(gate.reasons())));
            numbers.setText(GateRow.numbers(gate, session.words()));
            tiles.forEach((each, tile) -> tile.choose(each == id));
        });
        large.show(view.map(each -> GatePictures.of(id, each)));
        requestLayout();
    }

    private double em() {
        return Math.max(12, ruler.getFont().getSize());
    }

    private int columns(double width) {
        double line = em();
        double room = width * (1 - LARGE_SHARE) - GAP;
        for (int columns : List.of(4, 3)) {
            if (room / columns >= LEAST_WIDTH * line) {
                return columns;
            }
        }
        return 2;
    }

    @Override
    protected void layoutChildren() {
        double left = snappedLeftInset();
        double top = snappedTopInset();
        double width = getWidth() - left - snappedRightInset();
        double height = getHeight() - top - snappedBottomInset();
        double wide = Math.floor(width * LARGE_SHARE);
        double words = Math.min(height, about.prefHeight(wide - 2 * GAP));
        boolean pictured = height - words >= LEAST_PICTURE * em();
        double over = pictured ? Math.min(height - words, height * MOST_PICTURE) : 0;
        large.setVisible(pictured);
        large.resizeRelocate(left, top, wide, Math.max(0, over - GAP));
        about.resizeRelocate(left + GAP, top + over, wide - 2 * GAP, Math.min(words, height - over));
        int columns = columns(getWidth());
        List<Tile> shown = shown();
        int rows = Math.max(1, (shown.size() + columns - 1) / columns);
        double each = (width - wide - GAP * columns) / columns;
        double tall = Math.floor((height - GAP * (rows - 1)) / rows);
        for (int at = 0; at < shown.size(); at++) {
            Tile tile = shown.get(at);
            tile.give(tall < NAME_ONLY * em());
            tile.resizeRelocate(
                    left + wide + GAP + Math.floor(at % columns * (each + GAP)),
                    top + at / columns * (tall + GAP),
                    Math.floor(each),
                    tall);
        }
    }

    @Override
    protected double computeMinHeight(double width) {
        return 0;
    }

    @Override
    protected double computeMinWidth(double height) {
        return 0;
    }

    /** One gate: its place on the instrument, its number and name, the mark of its state. */
    private final class Tile extends VBox {

        private final GateId id;
        private final PicturePane picture;
        private final StateShape state = new StateShape();
        private final Label later = new Label(Messages.message("gate-row.provisional"));
        private String reason = "";
        private boolean provisional;

        Tile(GateId id) {
            this.id = id;
            setId("gate-tile-" + id.key());
            getStyleClass().add("gate-tile");
            setFocusTraversable(true);
            setAccessibleRole(AccessibleRole.TEXT);
            picture = new PicturePane(getId() + "-picture", false);
            VBox.setVgrow(picture, Priority.ALWAYS);
            picture.setMouseTransparent(true);
            Label number = new Label(Integer.toString(id.ordinal() + 1));
            number.getStyleClass().add("entry-number");
            number.setMinWidth(USE_PREF_SIZE);
            Label name = new Label(Wording.label(id));
            name.getStyleClass().add("gate-name");
            name.setMinWidth(0);
            later.getStyleClass().add("gate-provisional");
            later.setMinWidth(0);
            Region gap = new Region();
            HBox.setHgrow(gap, Priority.ALWAYS);
            HBox line = new HBox(6, state, number, name, gap);
            line.setAlignment(Pos.CENTER_LEFT);
            getChildren().addAll(picture, line, later);
        }

        void choose(boolean chosen) {
            getStyleClass().remove("gate-tile-large");
            if (chosen) {
                getStyleClass().add("gate-tile-large");
            }
        }

        /** Leaves out what does not fit. */
        void give(boolean nameOnly) {
            picture.setVisible(!nameOnly);
            picture.setManaged(!nameOnly);
            later.setVisible(!nameOnly && provisional);
            later.setManaged(!nameOnly && provisional);
            setAlignment(nameOnly ? Pos.CENTER_LEFT : Pos.TOP_LEFT);
        }

        void show(Gate gate, Wording words) {
            provisional = gate.provisional();
            getStyleClass().remove("gate-later");
            if (provisional) {
                getStyleClass().add("gate-later");
            }
            state.show(GateRow.state(gate.state()));
            reason = words.say(gate.reasons());
            picture.show(view.map(each -> GatePictures.of(id, each)));
            setAccessibleText(GateRow.spoken(gate, words));
        }
    }
}
