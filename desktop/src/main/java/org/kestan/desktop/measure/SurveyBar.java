package org.kestan.desktop.measure;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.kestan.desktop.field.ChoiceField;
import org.kestan.desktop.field.Entries;
import org.kestan.desktop.field.EntryField;
import org.kestan.desktop.field.PlainButton;
import org.kestan.desktop.field.WorkingOrder;
import org.kestan.desktop.session.JobSession;
import org.kestan.job.Details;
import org.kestan.job.Job;
import org.kestan.job.Occasion;
import org.kestan.job.Survey;
import org.kestan.job.TrussRod;

/** Which survey is on the sheet, its conditions, and the way to another one. */
final class SurveyBar extends FlowPane {

    private final JobSession session;
    private final ComboBox<String> chooser = new ComboBox<>();
    private boolean showing;

    SurveyBar(JobSession session, WorkingOrder order, Consumer<Boolean> compare) {
        this.session = session;
        getStyleClass().add("instrument-row");
        Label label = new Label("On the sheet");
        label.getStyleClass().addAll("entry-label", "entry-head");
        chooser.setId("survey-chooser");
        chooser.setAccessibleText("Survey on the sheet");
        VBox choice = new VBox(label, chooser);
        choice.getStyleClass().add("entry");
        chooser.getSelectionModel().selectedIndexProperty().addListener((property, old, next) -> {
            if (!showing && next.intValue() > 0) {
                int other = next.intValue() - 1;
                session.edit(job -> job.solving(other));
            }
        });
        Button fresh = new PlainButton("New survey", "survey-new", () -> session.edit(SurveyBar::fresh));
        Button comparison = new PlainButton("Compare", "survey-compare", () -> compare.accept(true));
        ChoiceField<Occasion> occasion = detail(order, Details.OCCASION, Occasion.class);
        EntryField takenOn = new EntryField(session, Entries.takenOn(), "", order);
        takenOn.input().setPrefColumnCount(9);
        EntryField humidity = new EntryField(session, Entries.humidity(), "1", order);
        EntryField steps = new EntryField(session, Entries.ofSurvey(Details.STEPS_DOWN), "1", order);
        for (EntryField narrow : List.of(humidity, steps)) {
            narrow.input().setPrefColumnCount(4);
        }
        getChildren()
                .addAll(
                        choice,
                        new VBox(new Label(""), fresh),
                        new VBox(new Label(""), comparison),
                        occasion,
                        takenOn,
                        humidity,
                        steps,
                        detail(order, Details.TRUSS_ROD, TrussRod.class));
        session.reckoningProperty().addListener((property, old, next) -> show(next.job()));
        show(session.job());
    }

    private <E extends Enum<E> & org.kestan.sheet.Keyed> ChoiceField<E> detail(
            WorkingOrder order, org.kestan.sheet.Detail<E> detail, Class<E> type) {
        return ChoiceField.of(
                session,
                order,
                detail,
                type,
                job -> job.survey().details().get(detail),
                (job, next) -> job.withSurvey(job.survey().with(detail, next)));
    }

    /** A later survey keeps how things are read, not what was read. */
    private static Job fresh(Job job) {
        Survey now = job.survey();
        return job.withNewSurvey(Survey.BLANK.edit(draft -> {
            draft.takenOn = Optional.of(LocalDate.now());
            draft.held = now.held();
            draft.reliefReadAt = now.reliefReadAt();
            draft.actionFret = now.actionFret();
            draft.projectionOver = now.projectionOver();
        }));
    }

    private void show(Job job) {
        showing = true;
        List<String> names = new ArrayList<>();
        names.add(name(job.survey()) + " (on the sheet)");
        job.surveys().forEach(survey -> names.add(name(survey)));
        if (!chooser.getItems().equals(names)) {
            chooser.getItems().setAll(names);
        }
        chooser.getSelectionModel().select(0);
        showing = false;
    }

    /** A survey in a few words: when in the work, and the day. */
    static String name(Survey survey) {
        String occasion =
                survey.details().get(Details.OCCASION).map(Occasion::label).orElse("Survey");
        return occasion + survey.takenOn().map(day -> ", " + day).orElse("");
    }
}
