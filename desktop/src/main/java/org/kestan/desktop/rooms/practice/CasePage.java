package org.kestan.desktop.rooms.practice;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import org.kestan.base.sheet.Sides;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.practice.PracticeDesk;
import org.kestan.desktop.room.RoomContext;
import org.kestan.desktop.widgets.instrument.InstrumentView;
import org.kestan.practice.reckoning.Marks;
import org.kestan.practice.reckoning.ReadingCheck;
import org.kestan.practice.reckoning.Reckoning;
import org.kestan.practice.reckoning.Trial;
import org.kestan.practice.run.PracticeRun;
import org.kestan.practice.text.PracticeText;
import org.kestan.practice.work.Mishap;
import org.kestan.repair.sideview.SideView;
import org.kestan.simulator.cases.InstrumentFault;
import org.kestan.text.Numbers;
import org.kestan.text.Wording;

/**
 * The open case: what you are told at first, and after the handover the true instrument over the one you measured.
 */
final class CasePage extends ScrollPane {

    private static final double DRAWING = 236;
    private static final double LONG = 10;

    /** The shop's relative humidity, and how many percent change the top's height by a millimeter. */
    private static final double SHOP = 48;

    private static final double PERCENT_PER_MM = 75;

    private final RoomContext context;
    private final PracticeDesk desk;
    private final VBox all = new VBox(8);
    private final Button handOver = new Button(Messages.message("case-page.hand-over"));
    private boolean asked;

    CasePage(RoomContext context, PracticeDesk desk) {
        this.context = context;
        this.desk = desk;
        handOver.setId("practice-hand-over");
        handOver.getStyleClass().add("plain-button");
        handOver.setOnAction(event -> handOver());
        setContent(all);
        setFitToWidth(true);
        getStyleClass().add("station-scroll");
        desk.runProperty().addListener((property, old, next) -> show());
        desk.reckoningProperty().addListener((property, old, next) -> show());
        context.session().unitProperty().addListener((property, old, next) -> show());
        show();
    }

    /** After this nothing more can be done on the instrument, so it asks once more. */
    private void handOver() {
        if (asked) {
            desk.handOver();
        } else {
            asked = true;
            handOver.setText(Messages.message("case-page.really"));
        }
    }

    private void show() {
        asked = false;
        handOver.setText(Messages.message("case-page.hand-over"));
        all.getChildren().clear();
        Optional<PracticeRun> run = desk.runProperty().get();
        if (run.isEmpty()) {
            all.getChildren().add(text("empty-note", Messages.message("case-page.none")));
            return;
        }
        if (run.get().handedOver().isPresent()) {
            desk.reckoningProperty()
                    .get()
                    .ifPresentOrElse(
                            reckoning -> show(run.get(), reckoning),
                            () -> all.getChildren().add(text("empty-note", Messages.message("case-page.reckoning"))));
            return;
        }
        all.getChildren().add(text("place-title", Messages.message("case-page.says")));
        for (InstrumentFault fault : run.get().given().faults()) {
            all.getChildren().add(text("", "\u201c" + PracticeText.says(fault) + "\u201d"));
        }
        all.getChildren().add(text("place-title", Messages.message("case-page.sees")));
        for (InstrumentFault fault : run.get().given().faults()) {
            all.getChildren()
                    .add(text(
                            "",
                            PracticeText.sees(fault, run.get().given().kind().floating())));
        }
        all.getChildren()
                .add(text(
                        "",
                        Messages.message(
                                "case-page.humidity",
                                Math.round(SHOP
                                        + run.get().state().instrument().body().swell() * PERCENT_PER_MM))));
        Sides<Double> wanted = run.get().given().kind().wanted();
        all.getChildren()
                .addAll(
                        text("", Messages.message("case-page.wanted", length(wanted.bass()), length(wanted.treble()))),
                        text("card-label", Messages.message("case-page.how")),
                        handOver);
    }

    private String length(double millimeters) {
        return context.session().unit().format(millimeters);
    }

    /** Small differences in the finest unit, longer ones as on the sheet. */
    private String fine(double millimeters) {
        return Math.abs(millimeters) < LONG
                ? context.session().words().numbers().fine(millimeters)
                : length(millimeters);
    }

    private static Label text(String style, String words) {
        Label label = new Label(words);
        label.setWrapText(true);
        label.setMinHeight(USE_PREF_SIZE);
        if (!style.isEmpty()) {
            label.getStyleClass().add(style);
        }
        return label;
    }

    private void show(PracticeRun run, Reckoning reckoning) {
        all.getChildren().clear();
        Label owner = text("practice-owner", PracticeText.says(reckoning.owner()));
        owner.setId("practice-owner");
        Label marks = text(
                "figure-value",
                List.of(Marks.Skill.values()).stream()
                        .map(skill -> Messages.message(
                                "case-page.mark",
                                PracticeText.label(skill),
                                Numbers.plain(Math.round(10 * reckoning.marks().of(skill)) / 10.0)))
                        .collect(Collectors.joining("    ")));
        marks.setId("practice-marks");
        all.getChildren()
                .addAll(
                        owner,
                        marks,
                        text(
                                "",
                                Messages.message(
                                        "case-page.action",
                                        length(reckoning.before().bass()),
                                        length(reckoning.before().treble()),
                                        length(reckoning.after().bass()),
                                        length(reckoning.after().treble()),
                                        length(reckoning.wanted().bass()),
                                        length(reckoning.wanted().treble()))));
        drawing(reckoning)
                .ifPresent(view ->
                        all.getChildren().addAll(text("place-title", Messages.message("case-page.drawn")), view));
        judged(reckoning);
        worked(run, reckoning);
        all.getChildren()
                .addAll(
                        text(
                                "place-title",
                                Messages.message(
                                        "case-page.readings",
                                        reckoning.good(),
                                        reckoning.readings().size())),
                        readings(reckoning.readings()));
    }

    /** The instrument as measured (1) and as it really was (2), in the loupes. */
    private Optional<InstrumentView> drawing(Reckoning reckoning) {
        Optional<SideView> believed = reckoning.believed().sideView();
        Optional<SideView> was = reckoning.truth().sideView();
        if (believed.isEmpty() || was.isEmpty()) {
            return Optional.empty();
        }
        InstrumentView view = new InstrumentView();
        view.setId("practice-truth");
        view.setMinHeight(DRAWING);
        view.setPrefHeight(DRAWING);
        view.movableProperty().set(false);
        view.unitProperty().set(context.session().unit());
        view.sideViewProperty().set(believed);
        view.figuresProperty().set(reckoning.truth().figures());
        view.saidProperty()
                .set(new InstrumentView.Said(
                        false,
                        Messages.message("case-page.was"),
                        "",
                        context.session().words()));
        believed.get().measured().ifPresent(view.compared()::add);
        was.get().measured().ifPresent(view.compared()::add);
        return Optional.of(view);
    }

    private void judged(Reckoning reckoning) {
        all.getChildren().add(text("place-title", Messages.message("case-page.judged")));
        all.getChildren()
                .add(text(
                        "",
                        reckoning
                                .taken()
                                .map(taken -> Messages.message("case-page.yours", said(taken)))
                                .orElse(Messages.message("case-page.no-way"))));
        reckoning
                .best()
                .ifPresent(best -> all.getChildren().add(text("", Messages.message("case-page.best", said(best)))));
    }

    private String said(Trial trial) {
        return Messages.message(
                "case-page.trial",
                trial.ways().stream().map(Wording::label).collect(Collectors.joining(" + ")),
                fine(trial.miss()),
                Numbers.plain(Math.round(10 * trial.hours()) / 10.0),
                Math.round(trial.cost()));
    }

    private void worked(PracticeRun run, Reckoning reckoning) {
        all.getChildren().add(text("place-title", Messages.message("case-page.worked")));
        all.getChildren()
                .add(text(
                        "",
                        Messages.message(
                                "case-page.spent",
                                Numbers.plain(Math.round(reckoning.state().minutes() / 6) / 10.0),
                                Math.round(reckoning.state().waited()),
                                Math.round(reckoning.state().cost()),
                                fine(Math.abs(reckoning.state().removed().bass())),
                                fine(Math.abs(reckoning.state().removed().treble())))));
        for (InstrumentFault fault : run.given().faults()) {
            boolean left = reckoning.left().contains(fault);
            all.getChildren()
                    .add(text(
                            left ? "practice-wrong" : "",
                            left
                                    ? Messages.message("case-page.left", PracticeText.label(fault))
                                    : Messages.message("case-page.mended", PracticeText.label(fault))));
        }
        for (Mishap mishap : reckoning.state().mishaps()) {
            all.getChildren().add(text("practice-wrong", PracticeText.label(mishap)));
        }
    }

    private GridPane readings(List<ReadingCheck> checks) {
        GridPane grid = new GridPane();
        grid.setId("practice-readings");
        grid.setHgap(20);
        grid.setVgap(3);
        String[] heads = {
            Messages.message("case-page.line"),
            Messages.message("case-page.sheet"),
            Messages.message("case-page.true"),
            Messages.message("case-page.slip")
        };
        for (int i = 0; i < heads.length; i++) {
            grid.add(text("card-label", heads[i]), i, 0);
        }
        int row = 1;
        for (ReadingCheck each : checks) {
            grid.add(text("", Wording.full(each.line())), 0, row);
            grid.add(text("", fine(each.believed())), 1, row);
            grid.add(text("", fine(each.truth())), 2, row);
            String off = each.isGood()
                    ? Messages.message("case-page.good")
                    : each.slip()
                            .map(PracticeText::label)
                            .orElse(Messages.message("case-page.off", fine(Math.abs(each.believed() - each.truth()))));
            grid.add(text(each.isGood() ? "card-label" : "practice-wrong", off), 3, row);
            row++;
        }
        return grid;
    }
}
