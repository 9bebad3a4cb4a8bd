package org.kestan.desktop.stations.bench;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.FileChoice;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.widgets.field.TextButton;
import org.kestan.files.tables.DiaryCsv;
import org.kestan.job.Sections;
import org.kestan.job.bench.DiaryEntry;
import org.kestan.repair.steps.StepBook;
import org.kestan.text.Wording;

/** Who did what when, newest first. Nothing in it can be changed. */
final class DiaryPane extends VBox {

    private final JobSession session;
    private final BenchContext desk;
    private final ListView<String> lines = new ListView<>();

    DiaryPane(BenchContext desk) {
        this.desk = desk;
        session = desk.session();
        lines.setId("diary");
        lines.getStyleClass().add("diary");
        Label empty = new Label(Messages.message("diary-pane.nothing-is-written-yet"));
        empty.setWrapText(true);
        lines.setPlaceholder(empty);
        Label label = new Label(Messages.message("diary-pane.at-the-bench"));
        TextField who = new TextField(session.whoProperty().get());
        who.setId("bench-who");
        who.setPromptText(Messages.message("diary-pane.your-name-or-mark"));
        label.setLabelFor(who);
        who.textProperty().bindBidirectional(session.whoProperty());
        FlowPane bar = new FlowPane(
                label,
                who,
                new TextButton(Messages.message("diary-pane.write-to-a-table"), "diary-export", this::export));
        bar.getStyleClass().add("plan-head");
        VBox.setVgrow(lines, Priority.ALWAYS);
        getChildren().addAll(bar, lines);
        getStyleClass().add("bench-page");
    }

    private void export() {
        desk.store()
                .files()
                .save(
                        getScene().getWindow(),
                        Messages.message("diary-pane.write-the-diary"),
                        FileChoice.Kind.TABLE,
                        "diary.csv")
                .ifPresent(file -> desk.store()
                        .files()
                        .write(
                                file,
                                to -> DiaryCsv.write(
                                        session.job(),
                                        session.stepsProperty().get().book(),
                                        to)));
    }

    void show() {
        StepBook book = session.stepsProperty().get().book();
        List<String> said = new ArrayList<>();
        for (DiaryEntry entry : session.job().section(Sections.DIARY)) {
            said.add(Wording.moment(entry.at()) + "   " + Wording.label(entry.what())
                    + (entry.step().isEmpty()
                            ? ""
                            : ": "
                                    + book.step(entry.step())
                                            .map(step -> step.text().title())
                                            .orElse(entry.step()))
                    + (entry.text().isEmpty() ? "" : " \u2014 " + entry.text())
                    + (entry.who().isEmpty() ? "" : "   (" + entry.who() + ")"));
        }
        Collections.reverse(said);
        lines.getItems().setAll(said);
    }
}
