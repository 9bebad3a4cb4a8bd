package org.kestan.desktop.widgets.elevation;

import java.util.Locale;
import java.util.Optional;
import javafx.collections.ListChangeListener;
import javafx.collections.MapChangeListener;
import javafx.scene.Group;
import javafx.scene.control.Label;
import javafx.scene.control.SkinBase;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Rectangle;
import org.kestan.base.sheet.Place;
import org.kestan.base.sheet.Side;
import org.kestan.desktop.messages.Messages;
import org.kestan.repair.sideview.PlaceholderInstrument;
import org.kestan.repair.sideview.SideProfile;
import org.kestan.repair.sideview.SideView;
import org.kestan.text.BenchUnit;

/** Puts the layers of the drawing over one another and draws them again at each layout. */
final class ElevationSkin extends SkinBase<ElevationView> {

    /** Under this height only the scales and the legend are shown. */
    private static final double LEAST_HEIGHT = 60;

    /** Pixels kept free under the drawing, with leaders to the columns below and without. */
    private static final double LEADER_MARGIN = 26;

    private static final double BARE_MARGIN = 12;

    private final ElevationView control;
    private final Pane sheet = new Pane();
    private final LeaderLayer leaders = new LeaderLayer();
    private final BodyLayer body = new BodyLayer();
    private final NeckLayer neck = new NeckLayer();
    private final LineLayer measured = new LineLayer("measured");
    private final LineLayer planned = new LineLayer("planned");
    private final CandidateLayer candidates = new CandidateLayer();
    private final DimensionLayer dimension = new DimensionLayer();
    private final HandleLayer handles;
    private final HoverLayer hover = new HoverLayer();
    private final Label note = new Label();
    private final Legend legend = new Legend();
    private final Label empty = new Label(Messages.message("elevation-skin.where-each-number-of"));
    private final PlacesLayer places = new PlacesLayer();
    private final AboveLayer above = new AboveLayer();
    private final Group drawing;
    private double pointer = -1;

    ElevationSkin(ElevationView control) {
        super(control);
        this.control = control;
        handles = new HandleLayer(control);
        note.getStyleClass().add("scale-note");
        note.setId("scale-note");
        empty.getStyleClass().add("empty-note");
        empty.setId("plain-note");
        empty.setWrapText(true);
        drawing =
                new Group(leaders, body, neck, measured, planned, candidates, above, places, dimension, handles, hover);
        drawing.setManaged(false);
        sheet.getChildren().addAll(legend, drawing, note, empty);
        Rectangle clip = new Rectangle();
        clip.widthProperty().bind(control.widthProperty());
        clip.heightProperty().bind(control.heightProperty());
        sheet.setClip(clip);
        getChildren().add(sheet);
        for (var property : java.util.List.of(
                control.sideViewProperty(),
                control.plainProperty(),
                control.stateProperty(),
                control.heightFactorProperty(),
                control.unitProperty(),
                control.focusedLineProperty())) {
            registerChangeListener(property, changed -> control.requestLayout());
        }
        control.anchors().addListener((MapChangeListener<Place, Double>) change -> control.requestLayout());
        control.candidates().addListener((ListChangeListener<SideProfile>) change -> control.requestLayout());
        control.addEventHandler(MouseEvent.MOUSE_MOVED, event -> point(event.getX()));
        control.addEventHandler(MouseEvent.MOUSE_EXITED, event -> point(-1));
        control.addEventHandler(MouseEvent.MOUSE_CLICKED, event -> press(event.getX()));
    }

    private void press(double x) {
        control.sideViewProperty().get().ifPresent(view -> {
            double at = scale(view, control.getWidth(), control.getHeight()).positionAt(x);
            if (at > 0 && at <= view.fretboardEnd()) {
                control.press(view.frets().nearest(at, 1, view.marks().last()));
            }
        });
    }

    private void point(double x) {
        pointer = x;
        control.sideViewProperty()
                .get()
                .ifPresent(view -> hover.draw(
                        view,
                        scale(view, control.getWidth(), control.getHeight()),
                        control.getWidth(),
                        control.getHeight(),
                        pointer,
                        control.unitProperty().get()));
    }

    @Override
    protected void layoutChildren(double x, double y, double width, double height) {
        sheet.resizeRelocate(x, y, width, height);
        boolean plain = control.sideViewProperty().get().isEmpty();
        Optional<SideView> view = plain
                ? control.plainProperty().get().map(PlaceholderInstrument::view)
                : control.sideViewProperty().get();
        boolean folded = height < LEAST_HEIGHT;
        drawing.setVisible(view.isPresent() && !folded);
        drawing.getStyleClass().remove("plain-instrument");
        note.setVisible(!plain);
        legend.setVisible(!plain);
        empty.setVisible(plain);
        places.setVisible(plain);
        if (plain) {
            drawing.getStyleClass().add("plain-instrument");
            empty.setMaxWidth(width - 24);
            empty.autosize();
            empty.relocate(12, 8);
            hover.setVisible(false);
        }
        if (view.isEmpty()) {
            control.setAccessibleText(empty.getText());
            return;
        }
        draw(control.candidates().isEmpty() ? view.get() : view.get().withoutPlan(), width, height);
        if (plain) {
            handles.setVisible(false);
            control.plainProperty()
                    .get()
                    .ifPresent(each -> places.draw(each, scale(each.view(), width, height), width));
            control.setAccessibleText(empty.getText());
        }
    }

    private ViewScale scale(SideView view, double width, double height) {
        return handles.held()
                .orElseGet(() -> ViewScale.fit(
                        view,
                        control.candidates(),
                        width,
                        height,
                        control.anchors().isEmpty() ? BARE_MARGIN : LEADER_MARGIN,
                        control.heightFactorProperty().get()));
    }

    private void draw(SideView view, double width, double height) {
        ViewScale scale = scale(view, width, height);
        control.setShownHeightFactor(scale.heightFactor());
        BenchUnit unit = control.unitProperty().get();
        leaders.draw(view, scale, height, control.anchors());
        body.draw(view, scale, width, height);
        neck.draw(
                view,
                scale,
                width,
                view.outcome()
                        .heel()
                        .map(cut -> Messages.message(
                                "elevation-skin.at-the-cap",
                                unit.fine().format(Math.abs(cut.atCap())) + (cut.atCap() < 0 ? " missing" : " off")))
                        .orElse(""));
        measured.setVisible(view.measured().isPresent());
        candidates.draw(view, scale, control.candidates());
        planned.setVisible(view.outcome().profile().isPresent());
        view.measured().ifPresent(now -> measured.draw(view, scale, now));
        view.outcome().profile().ifPresent(plan -> planned.draw(view, scale, plan));
        org.kestan.base.sheet.Line<?> focused = control.focusedLineProperty().get();
        dimension.setVisible(focused != null);
        if (focused != null) {
            dimension.draw(view, scale, width, focused);
        }
        above.draw(view, scale, width, height, focused);
        handles.draw(view, scale);
        hover.draw(view, scale, width, height, pointer, unit);
        note.setText(scaleNote(view, scale));
        note.autosize();
        note.relocate(12, 8);
        // On a low drawing the two have no room beside each other: what is being measured is what is looked for.
        note.setVisible(!empty.isVisible() && !dimension.covers(note.getBoundsInParent()));
        legend.show(view, control.stateProperty().get());
        legend.autosize();
        legend.relocate(width - legend.getWidth() - 12, 8);
        legend.setVisible(!empty.isVisible() && legend.getWidth() + note.getWidth() + 48 < width);
        control.setAccessibleText(spoken(view, unit));
    }

    private static String scaleNote(SideView view, ViewScale scale) {
        String text = Messages.message("elevation-skin.heights-over-the-top", plain(scale.heightFactor()));
        if (view.heelHeight().isPresent()) {
            text += "   heel "
                    + (scale.heelFactor() >= 0.999
                            ? Messages.message("elevation-skin.true-to-the-length")
                            : "\u00d7" + plain(scale.heelFactor()));
        }
        if (view.outcome().heel().isPresent()) {
            text += "   wedge \u00d7" + plain(scale.wedgeFactor());
        }
        return text;
    }

    private static String plain(double factor) {
        return factor == Math.rint(factor)
                ? String.format(Locale.ROOT, "%.0f", factor)
                : String.format(Locale.ROOT, "%.2f", factor).replaceAll("0$", "");
    }

    private static String spoken(SideView view, BenchUnit unit) {
        double at = view.frets().at(view.marks().action());
        StringBuilder text = new StringBuilder(Messages.message("elevation-skin.side-elevation"));
        view.measured()
                .ifPresent(now -> text.append(Messages.message("elevation-skin.measured-action"))
                        .append(actions(now, at, unit)));
        view.outcome()
                .profile()
                .ifPresent(plan -> text.append(Messages.message("elevation-skin.planned-action"))
                        .append(actions(plan, at, unit)));
        return text.toString();
    }

    private static String actions(SideProfile profile, double at, BenchUnit unit) {
        return "bass " + unit.format(profile.actionAt(Side.BASS, at)) + ", treble "
                + unit.format(profile.actionAt(Side.TREBLE, at)) + ".";
    }

    @Override
    protected double computeMinHeight(double width, double top, double right, double bottom, double left) {
        return 0;
    }

    @Override
    protected double computePrefHeight(double width, double top, double right, double bottom, double left) {
        return 310;
    }

    @Override
    protected double computePrefWidth(double height, double top, double right, double bottom, double left) {
        return 1200;
    }
}
