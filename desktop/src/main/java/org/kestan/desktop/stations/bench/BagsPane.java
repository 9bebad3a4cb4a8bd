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
import org.kestan.desktop.session.FileChoice;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.widgets.field.TextButton;
import org.kestan.files.papers.BagLabelsPdf;
import org.kestan.files.papers.PaperName;
import org.kestan.job.Sections;
import org.kestan.job.bench.Bag;
import org.kestan.text.Wording;

/** What was taken off and bagged: part, side, place; checked off when it goes back. Labels are printed from here. */
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
        part.setPromptText("one more part");
        part.setAccessibleText("One more part");
        part.setPrefColumnCount(22);
        part.setOnAction(event -> add());
        count.setId("bag-count");
        count.getStyleClass().add("step-side-head");
        layout.setId("bag-layout");
        layout.setAccessibleText("Label sheet");
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
        FlowPane bar =
                new FlowPane(count, part, layout, new TextButton("Write the labels\u2026", "bag-labels", this::labels));
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
            case SHEET_A4 -> "Label sheet A4, 24 of 70 \u00d7 36 mm";
            case SHEET_LETTER -> "Label sheet Letter, 30 of 2 5/8 \u00d7 1 in";
            case PLAIN_A4 -> "Plain A4, to cut";
            case PLAIN_LETTER -> "Plain Letter, to cut";
        };
    }

    private void add() {
        String said = part.getText().strip();
        if (said.isEmpty()) {
            session.complain("Write what it is first.");
            return;
        }
        desk.keep((bench, job) -> bench.bag(job, said, Optional.empty(), ""));
        part.clear();
    }

    private void labels() {
        if (session.job().section(Sections.BAGS).isEmpty()) {
            session.complain("Nothing is bagged yet.");
            return;
        }
        desk.store()
                .files()
                .save(
                        getScene().getWindow(),
                        "Write the labels",
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
                        ? "Nothing is bagged yet; a step that is done bags its parts."
                        : out == 0 ? "Everything is back on." : out + " of " + bags.size() + " still in a bag");
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
        CheckBox back = new CheckBox("back on");
        back.setId("bag-back-" + at);
        back.setSelected(bag.back());
        back.setAccessibleText(bag.part() + " is back on");
        back.setOnAction(event -> desk.keep((bench, job) ->
                bench.changeBag(job, at, each -> new Bag(each.part(), each.side(), each.place(), back.isSelected()))));
        Label what = new Label(bag.part());
        what.getStyleClass().add("bag-part");
        what.setWrapText(true);
        ComboBox<Optional<Side>> side = new ComboBox<>();
        side.setId("bag-side-" + at);
        side.setAccessibleText("Side of " + bag.part());
        List<Optional<Side>> sides = new ArrayList<>(List.of(Optional.empty()));
        for (Side each : Side.values()) {
            sides.add(Optional.of(each));
        }
        side.getItems().setAll(sides);
        side.setConverter(new StringConverter<>() {
            @Override
            public String toString(Optional<Side> each) {
                return each == null ? "" : each.map(Wording::label).orElse("no side");
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
        place.setPromptText("place");
        place.setAccessibleText("Where " + bag.part() + " lies");
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
