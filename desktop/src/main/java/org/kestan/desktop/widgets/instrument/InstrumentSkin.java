package org.kestan.desktop.widgets.instrument;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.beans.Observable;
import javafx.collections.ListChangeListener;
import javafx.scene.control.Label;
import javafx.scene.control.SkinBase;
import javafx.scene.shape.Rectangle;
import org.kestan.base.sheet.Place;
import org.kestan.base.sheet.Side;
import org.kestan.desktop.messages.Messages;
import org.kestan.repair.picture.Loupe;
import org.kestan.repair.picture.LoupePictures;
import org.kestan.repair.picture.MeasuredSpan;
import org.kestan.repair.picture.Picture;
import org.kestan.repair.sideview.PlaceholderInstrument;
import org.kestan.repair.sideview.SideProfile;
import org.kestan.repair.sideview.SideView;
import org.kestan.text.BenchUnit;
import org.kestan.text.Wording;

/** Lays out the whole instrument above the loupes. */
final class InstrumentSkin extends SkinBase<InstrumentView> {

    private static final double PAD = 8;
    private static final double GAP = 8;

    /** The minimum height of the band in lines of text, for loupes with pictures and for captions. */
    private static final double FULL_LINES = 11.5;

    private static final double CAPTION_LINES = 4.2;

    /** The share of a band with pictures that the whole instrument takes. */
    private static final double WHOLE_SHARE = 0.37;

    private static final double LARGE_SHARE = 0.62;

    private static final List<Loupe> LEAST_FIRST = List.of(Loupe.FIRST_FRET, Loupe.NECK, Loupe.HEEL, Loupe.BRIDGE);

    private final InstrumentView control;
    private final WholePane whole;
    private final List<LoupeCard> cards;
    private final Label empty = new Label(Messages.message("elevation-skin.where-each-number-of"));
    private boolean stale = true;

    InstrumentSkin(InstrumentView control) {
        super(control);
        this.control = control;
        whole = new WholePane(control);
        cards = Arrays.stream(Loupe.values())
                .map(loupe -> new LoupeCard(control, loupe))
                .toList();
        empty.setId("plain-note");
        empty.getStyleClass().add("empty-note");
        empty.setWrapText(true);
        empty.setManaged(false);
        getChildren().add(whole);
        getChildren().addAll(cards);
        getChildren().add(empty);
        Rectangle clip = new Rectangle();
        clip.widthProperty().bind(control.widthProperty());
        clip.heightProperty().bind(control.heightProperty());
        control.setClip(clip);
        for (var property : List.of(
                control.sideViewProperty(),
                control.plainProperty(),
                control.unitProperty(),
                control.figuresProperty(),
                control.saidProperty(),
                control.movableProperty(),
                control.focusedLineProperty())) {
            registerChangeListener(property, this::changed);
        }
        registerChangeListener(control.enlargedProperty(), changed -> control.requestLayout());
        control.compared().addListener((ListChangeListener<SideProfile>) change -> changed(null));
    }

    private void changed(Observable property) {
        stale = true;
        control.requestLayout();
    }

    /** What is drawn: the job's own instrument, or the stand-in for it. */
    private Optional<SideView> view() {
        Optional<SideView> own = control.sideViewProperty().get();
        return own.isPresent() ? own : control.plainProperty().get().map(PlaceholderInstrument::view);
    }

    private void refresh() {
        stale = false;
        boolean plain = control.sideViewProperty().get().isEmpty();
        control.getStyleClass().remove("plain-instrument");
        if (plain) {
            control.getStyleClass().add("plain-instrument");
        }
        InstrumentView.Said said = control.saidProperty().get();
        if (said != null) {
            cards.forEach(card -> card.show(control.figuresProperty().get(), said));
        }
        Optional<SideView> shown = view();
        if (shown.isEmpty()) {
            control.setAccessibleText(empty.getText());
            return;
        }
        SideView view = control.compared().isEmpty() ? shown.get() : shown.get().withoutPlan();
        org.kestan.base.sheet.Line<?> line = control.focusedLineProperty().get();
        for (LoupeCard card : cards) {
            Picture picture = LoupePictures.of(card.loupe(), view, control.compared());
            Optional<MeasuredSpan> span = Optional.ofNullable(line)
                    .flatMap(each -> MeasuredSpan.of(each, view, picture.heights()))
                    .filter(each -> each.loupe().filter(card.loupe()::equals).isPresent());
            card.show(view, Optional.of(picture), span, line == null ? "" : measures(line));
            card.say(Wording.label(card.loupe()));
            card.setNumbers(plain ? numbers(card.loupe()) : "");
        }
        whole.show(
                view,
                plain,
                line == null ? "" : measures(line),
                Optional.ofNullable(line)
                        .flatMap(each -> MeasuredSpan.of(each, view, 1))
                        .filter(each -> each.loupe().isEmpty()),
                line);
        control.setAccessibleText(
                plain ? empty.getText() : spoken(view, control.unitProperty().get()));
    }

    private static String measures(org.kestan.base.sheet.Line<?> line) {
        return line.number() == 0 ? Wording.label(line) : line.number() + "  " + Wording.full(line);
    }

    /** The sheet numbers read at a loupe's place. */
    private String numbers(Loupe loupe) {
        return control.plainProperty()
                .get()
                .map(each -> each.numbers().entrySet().stream()
                        .filter(at -> loupeOf(at.getKey()) == loupe)
                        .flatMap(at -> at.getValue().stream())
                        .distinct()
                        .sorted()
                        .map(String::valueOf)
                        .collect(Collectors.joining(", ")))
                .orElse("");
    }

    private static Loupe loupeOf(Place place) {
        return switch (place) {
            case NUT -> Loupe.FIRST_FRET;
            case RELIEF -> Loupe.NECK;
            case ACTION -> Loupe.ACTION_FRET;
            case HEEL, EXTENSION -> Loupe.HEEL;
            case BRIDGE, PROJECTION, TAIL -> Loupe.BRIDGE;
        };
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
        return Messages.message(
                "elevation-skin.bass-and-treble",
                unit.format(profile.actionAt(Side.BASS, at)),
                unit.format(profile.actionAt(Side.TREBLE, at)));
    }

    @Override
    protected void layoutChildren(double x, double y, double width, double height) {
        if (stale) {
            refresh();
        }
        double line = Math.max(12, empty.prefHeight(-1));
        InstrumentView.Size size = height >= FULL_LINES * line
                ? InstrumentView.Size.FULL
                : height >= CAPTION_LINES * line ? InstrumentView.Size.CAPTIONS : InstrumentView.Size.LINE;
        control.setSize(size);
        Loupe large =
                size == InstrumentView.Size.FULL ? control.enlargedProperty().get() : null;
        whole.setVisible(size == InstrumentView.Size.FULL && large == null);
        boolean plain = control.sideViewProperty().get().isEmpty();
        empty.setVisible(plain && whole.isVisible());
        if (large != null) {
            enlarged(large, width, height);
            return;
        }
        double top = whole.isVisible() ? Math.rint(height * WHOLE_SHARE) : 0;
        cards.forEach(card -> card.setSize(
                switch (size) {
                    case FULL -> LoupeCard.Size.FULL;
                    case CAPTIONS -> LoupeCard.Size.CAPTION;
                    case LINE -> LoupeCard.Size.LINE;
                }));
        List<LoupeCard> shown = fitting(width);
        cards.forEach(card -> card.setVisible(shown.contains(card)));
        double spare = rest(shown, width) / shown.size();
        double left = PAD;
        for (LoupeCard card : shown) {
            double wide = Math.floor(card.leastWidth() + spare);
            double under = size == InstrumentView.Size.LINE ? 0 : 4;
            card.resizeRelocate(left, top, wide, Math.max(0, height - top - under));
            left += wide + GAP;
        }
        if (whole.isVisible()) {
            whole.resizeRelocate(0, 0, width, top);
            whole.leadTo(cards);
            if (plain) {
                empty.setMaxWidth(width * 0.24);
                empty.setPrefWidth(width * 0.24);
                empty.resizeRelocate(12, 6, width * 0.24, Math.min(top, empty.prefHeight(width * 0.24)));
            }
        }
    }

    /** A figure is never cut off; if there is no room for all, fewer are shown, dropping the least important first. */
    private List<LoupeCard> fitting(double width) {
        List<LoupeCard> shown = new ArrayList<>(cards);
        for (Loupe least : LEAST_FIRST) {
            if (rest(shown, width) >= 0) {
                break;
            }
            shown.removeIf(card -> card.loupe() == least);
        }
        return shown;
    }

    /** The width left when each has what it needs. */
    private static double rest(List<LoupeCard> shown, double width) {
        double needed = shown.stream().mapToDouble(LoupeCard::leastWidth).sum();
        return width - 2 * PAD - GAP * (shown.size() - 1) - needed;
    }

    /** One loupe large, the others beside it as captions. */
    private void enlarged(Loupe large, double width, double height) {
        double wide = Math.floor((width - 2 * PAD - GAP) * LARGE_SHARE);
        double left = 2 * PAD + wide;
        double each = (height - 4 - 3 * 4) / (cards.size() - 1);
        int row = 0;
        for (LoupeCard card : cards) {
            card.setVisible(true);
            if (card.loupe() == large) {
                card.setSize(LoupeCard.Size.ENLARGED);
                card.resizeRelocate(PAD, 2, wide, height - 6);
            } else {
                card.setSize(LoupeCard.Size.LINE);
                card.resizeRelocate(left, 2 + row * (each + 4), width - left - PAD, each);
                row++;
            }
        }
    }

    @Override
    protected double computeMinHeight(double width, double top, double right, double bottom, double left) {
        return 0;
    }

    @Override
    protected double computePrefHeight(double width, double top, double right, double bottom, double left) {
        return 260;
    }

    @Override
    protected double computePrefWidth(double height, double top, double right, double bottom, double left) {
        return 1200;
    }
}
