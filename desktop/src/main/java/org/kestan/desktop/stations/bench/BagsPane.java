package org.kestan.desktop.stations.bench;

import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.collections.FXCollections;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import org.kestan.base.sheet.Side;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.FileChoice;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.widgets.field.TextButton;
import org.kestan.files.papers.BagLabelsPdf;
import org.kestan.files.papers.PaperName;
import org.kestan.job.Sections;
import org.kestan.job.bench.Bag;
import org.kestan.text.Wording;

/**
 * Parts that were taken off and bagged: part, side, place; checked off when they go back on. Labels are printed from
 * here.
 */
final class BagsPane extends VBox {

    private final BenchContext desk;
    private final JobSession session;
    private final GridPane rows = new GridPane();
    private final TextField part = new TextField();
    private final Label count = new Label();
    private final ComboBox<BagLabelsPdf.Layout> layout =
            new ComboBox<>(FXCollections.observableArrayList(BagLabelsPdf.Layout.values()));
    private List<Bag> shown = List.of();

    BagsPane(BenchContext desk) {
        this.desk = desk;
        session = desk.session();
        getStyleClass().add("bench-page");
        part.setId("bag-part");
        part.setPromptText(Messages.message("bags-pane.one-more-part"));
        part.setAccessibleText(Messages.message("bags-pane.another-part"));
        part.setPrefColumnCount(22);
        part.setOnAction(event -> add());
        count.setId("bag-count");
        count.getStyleClass().add("step-side-head");
        layout.setId("bag-layout");
        layout.setAccessibleText(Messages.message("bags-pane.label-sheet"));
        layout.getSelectionModel().select(BagLabelsPdf.Layout.SHEET_A4);
        layout.setConverter(new StringConverter<>() {
            @Override
            public String toString(BagLabelsPdf.Layout each) {
                return each == null ? "" : said(each);
            }

            @Override
            public BagLabelsPdf.Layout fromString(String text) {
                return layout.getValue();
            }
        });
        FlowPane bar = new FlowPane(
                count,
                part,
                layout,
                new TextButton(Messages.message("bags-pane.write-the-labels"), "bag-labels", this::labels));
        bar.getStyleClass().add("plan-head");
        bar.setAlignment(Pos.CENTER_LEFT);
        rows.getStyleClass().add("bag-rows");
        rows.setId("bags");
        ScrollPane scroll = new ScrollPane(rows);
        scroll.getStyleClass().add("station-scroll");
        scroll.setFitToWidth(true);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(bar, scroll);
    }

    private static String said(BagLabelsPdf.Layout each) {
        return switch (each) {
            case SHEET_A4 -> Messages.message("bags-pane.label-sheet-a4-24");
            case SHEET_LETTER -> Messages.message("bags-pane.label-sheet-letter-30");
            case PLAIN_A4 -> Messages.message("bags-pane.plain-a4-to-cut");
            case PLAIN_LETTER -> Messages.message("bags-pane.plain-letter-to-cut");
        };
    }

    private void add() {
        String said = part.getText().strip();
        if (said.isEmpty()) {
            session.complain(Messages.message("bags-pane.write-what-it-is"));
            return;
        }
        desk.keep((bench, job) -> bench.bag(job, said, Optional.empty(), ""));
        part.clear();
    }

    private void labels() {
        if (session.job().section(Sections.BAGS).isEmpty()) {
            session.complain(Messages.message("bags-pane.nothing-is-bagged-yet"));
            return;
        }
        desk.store()
                .files()
                .save(
                        getScene().getWindow(),
                        Messages.message("bags-pane.save-labels"),
                        FileChoice.Kind.PAPER,
                        PaperName.of("bag-labels", session.job(), "", ".pdf"))
                .ifPresent(file -> desk.store()
                        .files()
                        .write(
                                file,
                                to -> Files.write(to, BagLabelsPdf.write(session.job(), "", layout.getValue(), 0))));
    }

    void show() {
        List<Bag> bags = session.job().section(Sections.BAGS);
        long out = bags.stream().filter(bag -> !bag.back()).count();
        count.setText(
                bags.isEmpty()
                        ? Messages.message("bags-pane.empty")
                        : out == 0
                                ? Messages.message("bags-pane.everything-is-back-on")
                                : Messages.message("bags-pane.of-still-in-a", out, bags.size()));
        if (bags.equals(shown)) {
            return;
        }
        if (bags.size() != shown.size() || rows.getChildren().isEmpty()) {
            rows.getChildren().clear();
            for (int i = 0; i < bags.size(); i++) {
                rows.addRow(i, row(i, bags.get(i)));
            }
        } else {
            for (int i = 0; i < bags.size(); i++) {
                CheckBox back = (CheckBox) rows.lookup("#bag-back-" + i);
                back.setSelected(bags.get(i).back());
                TextField place = (TextField) rows.lookup("#bag-place-" + i);
                if (!place.isFocused()) {
                    place.setText(bags.get(i).place());
                }
            }
        }
        shown = bags;
    }

    private Node[] row(int at, Bag bag) {
        CheckBox back = new CheckBox(Messages.message("bags-pane.back-on"));
        back.setId("bag-back-" + at);
        back.setSelected(bag.back());
        back.setAccessibleText(Messages.message("bags-pane.is-back-on", bag.part()));
        back.setOnAction(event -> desk.keep((bench, job) ->
                bench.changeBag(job, at, each -> new Bag(each.part(), each.side(), each.place(), back.isSelected()))));
        Label what = new Label(bag.part());
        what.getStyleClass().add("bag-part");
        what.setWrapText(true);
        ComboBox<Optional<Side>> side = new ComboBox<>();
        side.setId("bag-side-" + at);
        side.setAccessibleText(Messages.message("bags-pane.side-of", bag.part()));
        List<Optional<Side>> sides = new ArrayList<>(List.of(Optional.empty()));
        for (Side each : Side.values()) {
            sides.add(Optional.of(each));
        }
        side.getItems().setAll(sides);
        side.setConverter(new StringConverter<>() {
            @Override
            public String toString(Optional<Side> each) {
                return each == null ? "" : each.map(Wording::label).orElse(Messages.message("bags-pane.no-side"));
            }

            @Override
            public Optional<Side> fromString(String text) {
                return Optional.empty();
            }
        });
        side.getSelectionModel().select(bag.side());
        side.setOnAction(event -> desk.keep((bench, job) ->
                bench.changeBag(job, at, each -> new Bag(each.part(), side.getValue(), each.place(), each.back()))));
        TextField place = new TextField(bag.place());
        place.setId("bag-place-" + at);
        place.setPromptText(Messages.message("bags-pane.place"));
        place.setAccessibleText(Messages.message("bags-pane.where-lies", bag.part()));
        Runnable take = () -> {
            if (!place.getText()
                    .strip()
                    .equals(session.job().section(Sections.BAGS).get(at).place())) {
                desk.keep((bench, job) -> bench.changeBag(
                        job,
                        at,
                        each -> new Bag(
                                each.part(), each.side(), place.getText().strip(), each.back())));
            }
        };
        place.setOnAction(event -> take.run());
        place.focusedProperty().addListener((property, was, is) -> {
            if (!is && at < session.job().section(Sections.BAGS).size()) {
                take.run();
            }
        });
        return new Node[] {back, what, side, place};
    }
}
