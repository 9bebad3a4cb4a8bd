package org.kestan.desktop.widgets.instrument;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.geometry.Point2D;
import javafx.scene.control.Label;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.text.Text;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Span;
import org.kestan.desktop.messages.Messages;
import org.kestan.repair.picture.Loupe;
import org.kestan.repair.picture.MeasuredSpan;
import org.kestan.repair.picture.Picture;
import org.kestan.repair.picture.WholePicture;
import org.kestan.repair.sideview.SideProfile;
import org.kestan.repair.sideview.SideView;
import org.kestan.text.BenchUnit;

/**
 * The whole instrument as a map. A thin line leads from each place down to its loupe; the pointer reads the height of
 * the strings.
 */
final class WholePane extends Region {

    /** How far a tool reaches below the line of the soundboard, in pixels, so that its name is clear of the neck. */
    private static final double TOOL_UNDER = 26;

    private final InstrumentView control;
    private final PicturePane pane = new PicturePane("whole", false);
    private final Map<Loupe, Line> leaders = new EnumMap<>(Loupe.class);
    private final Map<Loupe, Circle> dots = new EnumMap<>(Loupe.class);
    private final Line dimension = new Line();
    private final Text dimensionNote = new Text();
    private final Label hover = new Label();
    private final Line hoverLine = new Line();
    private final AboveLayer above = new AboveLayer();
    private final Legend legend = new Legend();
    private final Line tool = Shapes.line("tool-mark");
    private final Text toolName = Shapes.text("drawing-note", "tool-name");
    private Optional<SideView> view = Optional.empty();
    private Optional<MeasuredSpan> span = Optional.empty();
    private Optional<org.kestan.base.sheet.Line<?>> line = Optional.empty();
    private List<LoupeCard> cards = List.of();

    WholePane(InstrumentView control) {
        this.control = control;
        setId("whole-pane");
        pane.setManaged(false);
        getChildren().add(pane);
        for (Loupe loupe : Loupe.values()) {
            Line leader = Shapes.line("leader");
            leader.setManaged(false);
            Circle dot = new Circle(2.4);
            dot.getStyleClass().add("leader-dot");
            dot.setManaged(false);
            dot.setMouseTransparent(true);
            leaders.put(loupe, leader);
            dots.put(loupe, dot);
            getChildren().addAll(leader, dot);
        }
        dimension.getStyleClass().add("dimension");
        dimension.setManaged(false);
        dimensionNote.getStyleClass().addAll("drawing-note", "dimension-note");
        dimensionNote.setManaged(false);
        hoverLine.getStyleClass().add("hover-line");
        hoverLine.setManaged(false);
        hover.setId("hover-readout");
        hover.getStyleClass().add("hover-readout");
        hover.setManaged(false);
        hover.setVisible(false);
        hoverLine.setVisible(false);
        for (var each : List.of(dimension, dimensionNote, hover, hoverLine)) {
            each.setMouseTransparent(true);
        }
        above.setManaged(false);
        tool.setManaged(false);
        toolName.setManaged(false);
        control.toolProperty().addListener((property, old, next) -> requestLayout());
        getChildren().addAll(tool, toolName, legend, above, dimension, dimensionNote, hoverLine, hover);
        addEventHandler(MouseEvent.MOUSE_MOVED, event -> point(event.getX()));
        addEventHandler(MouseEvent.MOUSE_EXITED, event -> point(-1));
        addEventHandler(MouseEvent.MOUSE_CLICKED, event -> press(event.getX()));
    }

    void show(
            SideView next,
            boolean plain,
            String measures,
            Optional<MeasuredSpan> measured,
            org.kestan.base.sheet.Line<?> focused) {
        view = Optional.of(next);
        span = measured;
        dimensionNote.setText(measures);
        line = Optional.ofNullable(focused);
        Optional<Picture> whole = Optional.of(WholePicture.of(next));
        if (control.draggingProperty().get()) {
            pane.show(whole);
        } else {
            pane.passTo(whole);
        }
        legend.setVisible(!plain);
        legend.show(next, control.saidProperty().get(), control.compared().size());
        if (plain) {
            point(-1);
        }
        requestLayout();
    }

    /** Draws leaders from each place to its card. */
    void leadTo(List<LoupeCard> next) {
        cards = next;
        requestLayout();
    }

    @Override
    protected void layoutChildren() {
        double width = getWidth();
        double height = getHeight();
        double under = 10;
        pane.resizeRelocate(0, 0, width, Math.max(0, height - under));
        pane.fit(width, height - under);
        legend.autosize();
        legend.relocate(12, 6);
        view.ifPresent(each -> {
            cards.forEach(card -> lead(card, each, height));
            dimension(width);
            tool(width);
            above.draw(each, pane, width, height, line.orElse(null));
        });
    }

    private void lead(LoupeCard card, SideView each, double height) {
        Picture.Point place = place(card.loupe(), each);
        Point2D at = pane.place(place);
        Line leader = leaders.get(card.loupe());
        leader.setStartX(at.getX());
        leader.setStartY(at.getY());
        leader.setEndX(card.getLayoutX() + card.getWidth() / 2);
        leader.setEndY(height);
        Circle dot = dots.get(card.loupe());
        dot.setCenterX(at.getX());
        dot.setCenterY(at.getY());
    }

    /** Where on the instrument a loupe looks. */
    private static Picture.Point place(Loupe loupe, SideView view) {
        double x =
                switch (loupe) {
                    case FIRST_FRET -> view.frets().at(1);
                    case NECK -> view.frets().at(view.marks().relief());
                    case ACTION_FRET -> view.frets().at(view.marks().action());
                    case HEEL -> view.joint();
                    case BRIDGE -> view.saddle();
                };
        double y =
                switch (loupe) {
                    case HEEL -> -view.heelHeight().orElse(40);
                    case BRIDGE -> view.measured().map(SideProfile::bridgeTop).orElse(0.0);
                    default -> view.measured().map(each -> each.crownAt(x)).orElse(0.0);
                };
        return new Picture.Point(x, y);
    }

    /** Where a tool is: a stroke down to the strings, with its name beside it. */
    private void tool(double width) {
        Optional<InstrumentView.ToolMark> mark = control.toolProperty().get();
        tool.setVisible(mark.isPresent());
        toolName.setVisible(mark.isPresent());
        mark.ifPresent(there -> {
            double x = pane.x(there.along());
            double foot = Math.min(getHeight() - 18, pane.y(0) + TOOL_UNDER);
            Shapes.place(tool, x, 2, x, foot);
            toolName.setText(there.name());
            double wide = toolName.getLayoutBounds().getWidth();
            toolName.setX(Math.max(4, Math.min(width - wide - 4, x - wide / 2)));
            toolName.setY(foot + 14);
        });
    }

    OptionalDouble lengthUnder(Point2D scene) {
        Point2D at = sceneToLocal(scene);
        return view.isPresent() && contains(at) ? OptionalDouble.of(pane.lengthAt(at.getX())) : OptionalDouble.empty();
    }

    private void dimension(double width) {
        dimension.setVisible(span.isPresent());
        dimensionNote.setVisible(span.isPresent());
        span.ifPresent(each -> {
            Point2D from = pane.place(each.from());
            Point2D to = pane.place(each.to());
            dimension.setStartX(from.getX());
            dimension.setStartY(from.getY());
            dimension.setEndX(to.getX());
            dimension.setEndY(to.getY());
            double wide = dimensionNote.getLayoutBounds().getWidth();
            dimensionNote.setX(Math.max(4, Math.min(width - wide - 4, (from.getX() + to.getX() - wide) / 2)));
            dimensionNote.setY(Math.max(13, Math.min(from.getY(), to.getY()) - 6));
        });
    }

    private void press(double x) {
        control.sideViewProperty().get().ifPresent(each -> {
            double at = pane.lengthAt(x);
            if (at > 0 && at <= each.fretboardEnd()) {
                control.press(each.frets().nearest(at, 1, each.marks().last()));
            }
        });
    }

    /** Reads the height of the strings over the fret under the pointer, as measured and as planned. */
    private void point(double column) {
        Optional<SideView> own =
                control.sideViewProperty().get().filter(each -> each.measured().isPresent());
        double x = pane.lengthAt(column);
        boolean over =
                column >= 0 && own.filter(each -> x >= 0 && x <= each.saddle()).isPresent();
        hover.setVisible(over);
        hoverLine.setVisible(over);
        if (!over) {
            return;
        }
        SideView each = own.get();
        boolean overFret = x <= each.fretboardEnd();
        int fret = each.frets().nearest(x, 1, each.marks().last());
        double at = overFret ? each.frets().at(fret) : x;
        BenchUnit unit = control.unitProperty().get();
        List<SideProfile> profiles = new ArrayList<>(List.of(each.measured().get()));
        each.outcome().profile().ifPresent(profiles::add);
        StringBuilder text = new StringBuilder(
                overFret
                        ? Messages.message("hover-layer.over-fret", fret)
                        : Messages.message("hover-layer.past-joint", Math.round(x - each.joint())));
        for (Side side : Side.values()) {
            text.append(side == Side.BASS ? "   bass " : "   treble ")
                    .append(String.join(
                            " \u2192 ",
                            profiles.stream()
                                    .map(profile -> unit.format(
                                            overFret
                                                    ? profile.actionAt(side, at)
                                                    : profile.strings()
                                                            .get(side)
                                                            .heightAt(at)))
                                    .toList()));
        }
        hover.setText(text.toString());
        hover.applyCss();
        hover.autosize();
        hoverLine.setStartX(pane.x(at));
        hoverLine.setEndX(pane.x(at));
        hoverLine.setStartY(2);
        hoverLine.setEndY(getHeight());
        hover.relocate(
                Math.max(4, Math.min(getWidth() - hover.getWidth() - 4, pane.x(at) - hover.getWidth() / 2)),
                getHeight() - hover.getHeight());
    }

    /** Returns whether a line is measured across the instrument. */
    static boolean isAcross(org.kestan.base.sheet.Line<?> line) {
        return line != null
                && line.span().filter(Span.FromAbove.class::isInstance).isPresent();
    }
}
