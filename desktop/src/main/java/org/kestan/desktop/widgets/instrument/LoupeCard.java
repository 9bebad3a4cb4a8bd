package org.kestan.desktop.widgets.instrument;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Point2D;
import javafx.scene.control.Label;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.text.Text;
import org.kestan.analysis.figures.Figure;
import org.kestan.base.sheet.Fitting;
import org.kestan.base.sheet.Side;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.widgets.terms.AskButton;
import org.kestan.desktop.widgets.terms.Term;
import org.kestan.repair.drag.Handle;
import org.kestan.repair.picture.Grip;
import org.kestan.repair.picture.Loupe;
import org.kestan.repair.picture.MeasuredSpan;
import org.kestan.repair.picture.Picture;
import org.kestan.repair.sideview.SideView;
import org.kestan.text.Wording;

/** A loupe with its caption and its figures; its picture shows the current dimension and the handles of the plan. */
final class LoupeCard extends Region {

    /** How much of it is shown. */
    enum Size {
        /** The picture fills most of the window's width. */
        ENLARGED,
        FULL,
        CAPTION,
        LINE
    }

    private static final PseudoClass LOOKED_AT = PseudoClass.getPseudoClass("looked-at");
    private static final double PAD = 6;

    /** The figures beside an enlarged picture get at least this share of its width. */
    private static final double FIGURES_SHARE = 0.34;

    private final InstrumentView control;
    private final Loupe loupe;
    private final PicturePane pane;
    private final Label caption = new Label();
    private final Label note = new Label();
    private final AskButton ask;
    private final VBox figures = new VBox();
    private final FlowPane lines = new FlowPane();
    private final List<FigureRow> rows = new ArrayList<>();
    private final Line dimension = new Line();
    private final Circle[] ends = {new Circle(3), new Circle(3)};
    private final Text dimensionNote = new Text();
    private final List<Line> ticks = new ArrayList<>();
    private final Map<Handle, GripNode> grips = new EnumMap<>(Handle.class);
    private final Map<Side, Text> sides = new EnumMap<>(Side.class);
    private Size size = Size.FULL;
    private Optional<MeasuredSpan> span = Optional.empty();
    private String heights = "";
    private String moments = "";
    private String numbers = "";

    LoupeCard(InstrumentView control, Loupe loupe) {
        this.control = control;
        this.loupe = loupe;
        // Along the neck, heights are exaggerated, so a scale in millimeters would be misleading.
        pane = new PicturePane("loupe-" + loupe.key() + "-picture", loupe != Loupe.NECK);
        // It is positioned only from here, so changes inside it do not trigger any other layout.
        pane.setManaged(false);
        setId("loupe-" + loupe.key());
        getStyleClass().add("loupe");
        caption.getStyleClass().add("loupe-caption");
        note.getStyleClass().add("loupe-note");
        note.setId("loupe-" + loupe.key() + "-note");
        ask = new AskButton(term());
        figures.getStyleClass().add("loupe-figures");
        kinds().forEach((kind, room) -> rows.add(new FigureRow(kind, room, title(kind))));
        lines.getStyleClass().add("loupe-lines");
        for (FigureRow row : rows) {
            (row == rows.get(0) ? figures : lines).getChildren().add(row);
        }
        if (rows.size() > 1) {
            figures.getChildren().add(lines);
        }
        dimension.getStyleClass().add("dimension");
        dimension.setMouseTransparent(true);
        for (Circle end : ends) {
            end.getStyleClass().add("dimension-end");
            end.setMouseTransparent(true);
        }
        dimensionNote.getStyleClass().addAll("drawing-note", "dimension-note");
        dimensionNote.setMouseTransparent(true);
        getChildren().addAll(caption, ask, note, pane, figures, dimension, ends[0], ends[1], dimensionNote);
        if (loupe == Loupe.FIRST_FRET || loupe == Loupe.ACTION_FRET) {
            for (Side side : Side.values()) {
                Text note = Shapes.text("drawing-note", "side-note");
                note.setText(Wording.label(side));
                sides.put(side, note);
            }
            getChildren().addAll(sides.values());
        }
        for (Handle handle : Handle.values()) {
            if (loupeOf(handle) == loupe) {
                GripNode grip = new GripNode(control, handle, pane);
                grips.put(handle, grip);
                getChildren().add(grip);
            }
        }
        addEventHandler(MouseEvent.MOUSE_CLICKED, event -> {
            if (event.getClickCount() == 1 && event.isStillSincePress()) {
                control.enlarge(loupe);
                event.consume();
            }
        });
    }

    private static Loupe loupeOf(Handle handle) {
        return switch (handle) {
            case ACTION_BASS, ACTION_TREBLE -> Loupe.ACTION_FRET;
            case SADDLE_CROWN, FRET_LINE -> Loupe.BRIDGE;
        };
    }

    Loupe loupe() {
        return loupe;
    }

    private Term term() {
        return switch (loupe) {
            case FIRST_FRET -> Term.NUT;
            case NECK -> Term.RELIEF;
            case ACTION_FRET -> Term.ACTION;
            case HEEL -> Term.HEEL_CUT;
            case BRIDGE -> Term.PROTRUSION;
        };
    }

    /** The figures of this loupe, the main one first. */
    private Map<Figure.Kind, FigureRow.Room> kinds() {
        Map<Figure.Kind, FigureRow.Room> kinds = new java.util.LinkedHashMap<>();
        switch (loupe) {
            case FIRST_FRET -> kinds.put(Figure.Kind.NUT, FigureRow.Room.LARGE);
            case NECK -> kinds.put(Figure.Kind.RELIEF, FigureRow.Room.LARGE);
            case ACTION_FRET -> kinds.put(Figure.Kind.ACTION, FigureRow.Room.LARGE);
            case HEEL -> {
                kinds.put(Figure.Kind.HEEL_CUT, FigureRow.Room.LARGE);
                kinds.put(Figure.Kind.NECK_PITCH, FigureRow.Room.LINE);
            }
            case BRIDGE -> {
                kinds.put(Figure.Kind.SADDLE, FigureRow.Room.LARGE);
                kinds.put(Figure.Kind.BRIDGE, FigureRow.Room.ONE);
                kinds.put(Figure.Kind.BREAK_ANGLE, FigureRow.Room.ONE);
            }
        }
        return kinds;
    }

    private static String title(Figure.Kind kind) {
        return switch (kind) {
            case NECK_PITCH -> Messages.message("loupe-card.pitch");
            case BREAK_ANGLE -> Messages.message("loupe-card.break");
            case BRIDGE -> Messages.message("loupe-card.bridge");
            case SADDLE, NUT, RELIEF, ACTION, HEEL_CUT -> Wording.label(kind);
        };
    }

    /** Shows the figures. */
    void show(List<Figure> all, InstrumentView.Said said) {
        moments = said.plan() ? said.moment() + " \u2192 " + said.planWord() : said.moment();
        for (FigureRow row : rows) {
            all.stream()
                    .filter(each -> each.kind() == row.kind())
                    .findFirst()
                    .ifPresent(each -> row.show(each, said.plan(), said.moment(), said.planWord(), said.words()));
        }
    }

    /** A floating bridge has no saddle of its own, so its height is the main figure. */
    private void setFloating(boolean floating) {
        if (loupe != Loupe.BRIDGE) {
            return;
        }
        FigureRow first = rows.stream()
                .filter(row -> row.kind() == (floating ? Figure.Kind.BRIDGE : Figure.Kind.SADDLE))
                .findFirst()
                .orElseThrow();
        if (first == rows.get(0)) {
            return;
        }
        rows.remove(first);
        rows.add(0, first);
        first.usually(FigureRow.Room.LARGE);
        rows.stream().skip(1).forEach(row -> row.usually(FigureRow.Room.ONE));
        figures.getChildren().setAll(first, lines);
        lines.getChildren()
                .setAll(rows.stream()
                        .skip(1)
                        .filter(row -> !floating || row.kind() != Figure.Kind.SADDLE)
                        .toList());
    }

    /** Shows a picture with its handles and dimensions. */
    void show(SideView view, Optional<Picture> picture, Optional<MeasuredSpan> measured, String measures) {
        setFloating(view.fitting() == Fitting.FLOATING_BRIDGE);
        caption.setText(caption(view));
        heights = picture.filter(each -> each.heights() != 1)
                .map(each -> Messages.message("loupe-card.heights", Math.round(each.heights())))
                .orElse("");
        if (control.draggingProperty().get()) {
            pane.show(picture);
        } else {
            pane.passTo(picture);
        }
        span = measured;
        dimensionNote.setText(measures);
        pseudoClassStateChanged(LOOKED_AT, measured.isPresent());
        List<Grip> all = control.gripsWanted() ? Grip.of(view) : List.of();
        grips.forEach((handle, grip) -> grip.show(
                all.stream().filter(each -> each.handle() == handle).findFirst(),
                control.unitProperty().get()));
        tick(all);
        requestLayout();
    }

    /** Marks the shop's usual values at the edge, where a drag snaps. */
    private void tick(List<Grip> all) {
        List<Double> values = all.stream()
                .filter(each -> each.loupe() == loupe)
                .flatMap(each -> control.usualValues(each.handle()).stream())
                .distinct()
                .toList();
        if (values.equals(ticks.stream().map(Line::getUserData).toList())) {
            return;
        }
        getChildren().removeAll(ticks);
        ticks.clear();
        for (Double value : values) {
            Line tick = new Line();
            tick.getStyleClass().add("usual-tick");
            tick.setManaged(false);
            tick.setMouseTransparent(true);
            tick.setUserData(value);
            ticks.add(tick);
        }
        getChildren().addAll(ticks);
    }

    /** Sets the sheet numbers read here, while a stand-in is drawn for an instrument that is not known yet. */
    void setNumbers(String numbers) {
        this.numbers = numbers.isEmpty() ? "" : Messages.message("loupe-card.numbers", numbers);
    }

    private String caption(SideView view) {
        return loupe == Loupe.ACTION_FRET
                ? Messages.message("loupe-card.action-at-fret", view.marks().action())
                : Wording.label(loupe);
    }

    /** Describes the picture for screen readers. */
    void say(String text) {
        pane.setAccessibleText(text);
    }

    void setSize(Size next) {
        if (next == size) {
            return;
        }
        size = next;
        for (FigureRow row : rows) {
            boolean shown = size != Size.LINE || row == rows.get(0);
            row.setVisible(shown);
            row.setManaged(shown);
            row.give(size == Size.LINE ? FigureRow.Room.LEAST : FigureRow.Room.LARGE);
        }
        lines.setManaged(size != Size.LINE);
        lines.setVisible(size != Size.LINE);
        requestLayout();
    }

    /** The width its figures need. */
    double leastWidth() {
        if (size == Size.LINE) {
            return caption.prefWidth(-1) + rows.get(0).prefWidth(-1) + 4 * PAD;
        }
        double beside = rows.stream()
                .skip(1)
                .mapToDouble(row -> Math.ceil(row.prefWidth(-1)) + lines.getHgap())
                .sum();
        return Math.max(rows.get(0).prefWidth(-1), beside) + 2 * PAD;
    }

    @Override
    protected void layoutChildren() {
        double width = getWidth();
        double height = getHeight();
        double line = caption.prefHeight(-1);
        boolean pictured = size == Size.FULL || size == Size.ENLARGED;
        pane.setVisible(pictured);
        note.setVisible(false);
        ask.setVisible(size != Size.LINE);
        if (size == Size.LINE) {
            double wide = caption.prefWidth(-1);
            caption.resizeRelocate(PAD, 0, wide, height);
            double tall = figures.prefHeight(-1);
            figures.resizeRelocate(
                    2 * PAD + wide, Math.max(0, (height - tall) / 2), Math.max(0, width - 3 * PAD - wide), tall);
        } else {
            double asks = ask.prefWidth(-1);
            caption.resizeRelocate(PAD, 2, Math.min(caption.prefWidth(-1), width - 2 * PAD - asks), line);
            ask.resizeRelocate(width - asks - 2, 2, asks, line);
            note.setText(numbers.isEmpty() ? pictured ? heights : moments : numbers);
            note.autosize();
            note.relocate(width - asks - note.getWidth() - PAD, 3);
            note.setVisible(size != Size.LINE && caption.getWidth() + note.getWidth() + asks + 3 * PAD <= width);
            figures(width, height, line);
        }
        placeOnPicture(pictured);
    }

    private void figures(double width, double height, double line) {
        lines.setPrefWrapLength(width - 2 * PAD);
        double tall = figures.prefHeight(width - 2 * PAD);
        if (size == Size.ENLARGED) {
            double wide = Math.max(leastWidth(), width * FIGURES_SHARE) + PAD;
            figures.resizeRelocate(width - wide, line + 2 * PAD, wide - PAD, tall);
            pane.resizeRelocate(1, line + 3, width - wide - PAD, height - line - 4);
        } else {
            figures.resizeRelocate(PAD, height - tall - 3, width - 2 * PAD, tall);
            pane.resizeRelocate(1, line + 3, width - 2, Math.max(0, height - tall - line - 6));
        }
    }

    private void placeOnPicture(boolean pictured) {
        if (pictured) {
            pane.fit(pane.getWidth(), pane.getHeight());
        }
        boolean measured = pictured && span.isPresent();
        dimension.setVisible(measured);
        ends[0].setVisible(measured);
        ends[1].setVisible(measured);
        dimensionNote.setVisible(measured && size == Size.ENLARGED);
        if (measured) {
            Point2D from = pane.place(span.get().from());
            Point2D to = pane.place(span.get().to());
            dimension.setStartX(pane.getLayoutX() + from.getX());
            dimension.setStartY(pane.getLayoutY() + from.getY());
            dimension.setEndX(pane.getLayoutX() + to.getX());
            dimension.setEndY(pane.getLayoutY() + to.getY());
            ends[0].setCenterX(dimension.getStartX());
            ends[0].setCenterY(dimension.getStartY());
            ends[1].setCenterX(dimension.getEndX());
            ends[1].setCenterY(dimension.getEndY());
            dimensionNote.setX(Math.min(
                    dimension.getEndX() + 10,
                    pane.getWidth() - dimensionNote.getLayoutBounds().getWidth() - PAD));
            dimensionNote.setY(Math.max(pane.getLayoutY() + 16, (dimension.getStartY() + dimension.getEndY()) / 2 + 4));
        }
        double right = pane.getLayoutX() + pane.getWidth();
        for (Line tick : ticks) {
            double y = pane.getLayoutY() + pane.y((Double) tick.getUserData());
            tick.setVisible(pictured && y > pane.getLayoutY() && y < pane.getLayoutY() + pane.getHeight());
            tick.setStartX(right - 12);
            tick.setEndX(right);
            tick.setStartY(y);
            tick.setEndY(y);
        }
        sides.forEach(this::sideNote);
        grips.values().forEach(grip -> grip.place(pictured));
    }

    /** Names a string if there is room for a word. */
    private void sideNote(Side side, Text note) {
        Picture.Part part = side == Side.BASS ? Picture.Part.STRING_BASS : Picture.Part.STRING_TREBLE;
        Optional<Picture.Shape> string = pane.picture()
                .flatMap(
                        picture -> picture.of(part, Picture.Moment.NOW).stream().findFirst());
        note.setVisible(size == Size.ENLARGED && string.isPresent());
        string.ifPresent(shape -> {
            double over =
                    shape.points().stream().mapToDouble(Picture.Point::y).max().orElse(0);
            note.setX(pane.getLayoutX() + 24);
            note.setY(pane.getLayoutY() + pane.y(over) - 4);
        });
    }
}
