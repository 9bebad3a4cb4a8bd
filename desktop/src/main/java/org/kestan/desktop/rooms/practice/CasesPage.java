package org.kestan.desktop.rooms.practice;

import java.util.List;
import java.util.OptionalLong;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.practice.PracticeDesk;
import org.kestan.desktop.room.RoomContext;
import org.kestan.overview.Station;
import org.kestan.practice.file.PracticeRecord;
import org.kestan.practice.text.PracticeText;
import org.kestan.simulator.cases.Level;
import org.kestan.simulator.cases.PracticeFamily;

/** The cases by kind and level, how they went, and the one to take next. */
final class CasesPage extends ScrollPane {

    private final RoomContext context;
    private final PracticeDesk desk;
    private final Runnable started;
    private final Button next = new Button();
    private final Label why = new Label();
    private final TextField seed = new TextField();
    private final Label wrong = new Label();
    private final GridPane grid = new GridPane();

    /**
     * @param started called when a case was started
     */
    CasesPage(RoomContext context, PracticeDesk desk, Runnable started) {
        this.context = context;
        this.desk = desk;
        this.started = started;
        next.setId("practice-next");
        next.getStyleClass().add("plain-button");
        next.setOnAction(event -> {
            PracticeRecord.Next chosen = desk.recordProperty().get().next();
            start(chosen.seed(), chosen.level(), chosen.kind());
        });
        why.getStyleClass().add("card-label");
        why.setWrapText(true);
        seed.setId("practice-seed");
        seed.setPrefColumnCount(6);
        seed.setPromptText(Messages.message("cases-page.any"));
        seed.setAccessibleText(Messages.message("cases-page.number"));
        wrong.setId("practice-seed-wrong");
        wrong.getStyleClass().add("practice-wrong");
        Label number = new Label(Messages.message("cases-page.number"));
        number.setLabelFor(seed);
        HBox choice = new HBox(8, number, seed, wrong);
        choice.setAlignment(Pos.CENTER_LEFT);
        grid.setHgap(8);
        grid.setVgap(6);
        Label begun = new Label(Messages.message("cases-page.begun"));
        begun.getStyleClass().add("card-label");
        HBox first = new HBox(12, next, why);
        first.setAlignment(Pos.CENTER_LEFT);
        VBox all = new VBox(10, first, choice, grid, begun);
        setContent(all);
        setFitToWidth(true);
        getStyleClass().add("station-scroll");
        desk.recordProperty().addListener((property, old, now) -> show(now));
        show(desk.recordProperty().get());
    }

    private void show(PracticeRecord record) {
        PracticeRecord.Next chosen = record.next();
        next.setText(Messages.message(
                "cases-page.next", PracticeText.label(chosen.kind()), PracticeText.label(chosen.level())));
        why.setText(chosen.skill()
                .map(skill -> Messages.message("cases-page.weakest", PracticeText.label(skill)))
                .orElse(Messages.message("cases-page.first")));
        grid.getChildren().clear();
        int row = 1;
        for (Level level : Level.values()) {
            Label title = new Label(PracticeText.label(level));
            title.getStyleClass().add("place-title");
            grid.add(title, 1 + level.ordinal(), 0);
        }
        for (PracticeFamily kind : PracticeFamily.values()) {
            Label title = new Label(PracticeText.label(kind));
            title.setMinWidth(USE_PREF_SIZE);
            grid.add(title, 0, row);
            for (Level level : Level.values()) {
                grid.add(cell(record, kind, level), 1 + level.ordinal(), row);
            }
            row++;
        }
    }

    private Button cell(PracticeRecord record, PracticeFamily kind, Level level) {
        List<PracticeRecord.Case> done = record.cases().stream()
                .filter(each -> each.kind() == kind && each.level() == level)
                .toList();
        Button button = new Button(
                done.isEmpty()
                        ? Messages.message("cases-page.not-yet")
                        : Messages.message(
                                "cases-page.done",
                                done.size(),
                                Math.round(10
                                                * done.stream()
                                                        .mapToDouble(each ->
                                                                each.marks().mean())
                                                        .average()
                                                        .orElse(0))
                                        / 10.0));
        button.setId("practice-" + kind.key() + "-" + level.key());
        button.getStyleClass().add("page");
        button.setMinWidth(130);
        button.setMaxWidth(Double.MAX_VALUE);
        button.setAccessibleText(PracticeText.label(kind) + ", " + PracticeText.label(level) + ": " + button.getText());
        button.setOnAction(event -> asked(record).ifPresent(number -> start(number, level, kind)));
        return button;
    }

    /** The number that was typed, or an unused one; empty if the text is not a number. */
    private OptionalLong asked(PracticeRecord record) {
        String typed = seed.getText().strip();
        wrong.setText("");
        if (typed.isEmpty()) {
            return OptionalLong.of(record.next().seed());
        }
        try {
            long number = Long.parseLong(typed);
            if (number >= 0) {
                return OptionalLong.of(number);
            }
        } catch (NumberFormatException none) {
            // Said below.
        }
        wrong.setText(Messages.message("cases-page.no-number"));
        seed.requestFocus();
        return OptionalLong.empty();
    }

    private void start(long number, Level level, PracticeFamily kind) {
        if (desk.start(number, level, kind)) {
            started.run();
            context.enter(Station.MEASURE);
        }
    }

    void focusFirst() {
        next.requestFocus();
    }
}
