package org.kestan.desktop.stations.measure;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.kestan.base.sheet.Line;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.widgets.field.ChoiceWidth;
import org.kestan.desktop.widgets.field.EntryField;
import org.kestan.desktop.widgets.field.Fields;
import org.kestan.desktop.widgets.field.TextButton;
import org.kestan.desktop.widgets.field.WorkingOrder;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.job.visits.Visit;
import org.kestan.text.Wording;

/** The survey on the sheet, its conditions, and how to change to another one. */
final class SurveyBar extends FlowPane {

    private static final int DATE_WIDTH = 11;
    private static final double CHOOSER_WIDTH = 230;
    private static final int NUMBER_WIDTH = 3;

    /** The sheet number of the inspection. */
    private static final int STRUCTURE = 2;

    private final JobSession session;
    private final ComboBox<String> chooser = new ComboBox<>();
    private boolean showing;

    /**
     * @param structure the stop of the inspection, built when it is needed
     */
    SurveyBar(JobSession session, WorkingOrder order, Supplier<Node> structure, Runnable compare) {
        this.session = session;
        getStyleClass().add("instrument-row");
        Label label = new Label(Messages.message("survey-bar.on-the-sheet"));
        label.getStyleClass().addAll("entry-label", "entry-head");
        chooser.setId("survey-chooser");
        chooser.setMaxWidth(CHOOSER_WIDTH);
        chooser.setAccessibleText(Messages.message("survey-bar.visit-on-the-sheet"));
        VBox choice = new VBox(label, chooser);
        choice.getStyleClass().add("entry");
        chooser.getSelectionModel().selectedIndexProperty().addListener((property, old, next) -> {
            if (!showing && next.intValue() > 0) {
                int other = next.intValue() - 1;
                session.edit(job -> job.withVisits(visits -> visits.showing(other)));
            }
        });
        Button fresh = new TextButton(
                Messages.message("survey-bar.new-survey"), "survey-new", () -> session.edit(SurveyBar::fresh));
        Button comparison = new TextButton(Messages.message("survey-bar.compare"), "survey-compare", compare);
        getChildren().addAll(choice, new VBox(new Label(""), fresh), new VBox(new Label(""), comparison));
        boolean inspected = false;
        for (Line<?> line : Lines.OF_VISIT) {
            if (line.place().isEmpty() && line != Lines.NOTES) {
                if (!inspected && line.number() >= STRUCTURE) {
                    getChildren().add(structure.get());
                    inspected = true;
                }
                getChildren().add(field(order, line));
            }
        }
        session.settledProperty().addListener((property, old, next) -> show(next.job()));
        show(session.job());
    }

    private Node field(WorkingOrder order, Line<?> line) {
        Node node = Fields.of(session, order, line, line.number() == 0 ? "" : Integer.toString(line.number()));
        if (node instanceof EntryField entry) {
            entry.input().setPrefColumnCount(line == Lines.TAKEN_ON ? DATE_WIDTH : NUMBER_WIDTH);
        }
        return node;
    }

    /** A later visit keeps how things are read, not the readings. */
    private static Job fresh(Job job) {
        Visit next = job.visit().next().with(Lines.TAKEN_ON, LocalDate.now());
        return job.withVisits(visits -> visits.withNew(next));
    }

    private void show(Job job) {
        showing = true;
        List<String> names = new ArrayList<>();
        names.add(name(job.visit()));
        job.otherVisits().forEach(visit -> names.add(name(visit)));
        if (!chooser.getItems().equals(names)) {
            chooser.getItems().setAll(names);
            ChoiceWidth.of(chooser, chooser.getItems().stream());
        }
        chooser.getSelectionModel().select(0);
        showing = false;
    }

    /** A visit in a few words: its purpose and the day. */
    static String name(Visit visit) {
        String role = visit.get(Lines.ROLE).map(Wording::label).orElse(Messages.message("survey-bar.visit"));
        return role + visit.get(Lines.TAKEN_ON).map(day -> ", " + day).orElse("");
    }
}
