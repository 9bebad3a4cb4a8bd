package org.kestan.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.ToggleButton;
import org.kestan.base.sheet.Reading;
import org.kestan.job.Sections;
import org.kestan.job.proof.Prediction;
import org.kestan.job.terms.Lines;
import org.kestan.judgment.ways.WayCatalog;
import org.kestan.ledger.JobLocation;
import org.kestan.ledger.Query;
import org.kestan.overview.Station;
import org.kestan.repair.plan.WorkPlan;
import org.kestan.repair.steps.Step;
import org.kestan.repair.steps.StepVisit;
import org.testng.annotations.Test;

/** The Proof station in the real window, from the prediction to the sign-off. */
public class ProofWindowTest extends WindowTest {

    private void openProof() {
        openSample(0);
        onWindow(() -> {
            session().edit(job -> WorkPlan.take(session().analysis().ways(), List.of(WayCatalog.NECK_RESET)));
            window.enter(Station.PROOF.key());
            return true;
        });
        settle();
    }

    private static String mm(double length) {
        return String.format(Locale.ROOT, "%.2f mm", length);
    }

    /**
     * The prediction is saved before anything is read; then come the readings, a miss is reported and explained,
     * signed off, and a reminder set.
     */
    @Test
    public void fromThePredictionToTheSignOff() {
        openProof();
        Prediction kept = session().job().section(Sections.PREDICTION).orElseThrow();
        assertThat(label("proof-headline")).contains("again");
        press(find("proof-sign", Node.class));
        assertThat(session().job().get(Lines.SIGNED_ON)).isEmpty();
        double action = kept.predicted().get(Reading.ACTION_BASS).value();
        type("proof-survey-action-bass", mm(action));
        assertThat(label("proof-headline")).startsWith("All as predicted");
        // Enter goes to the next reading to compare.
        enter(mm(kept.predicted().get(Reading.ACTION_TREBLE).value()));
        enter(mm(kept.predicted().get(Reading.RELIEF).value()));
        enter(mm(kept.predicted().get(Reading.PROJECTION_STRUNG).value() - 1));
        assertThat(label("proof-headline")).startsWith("Missed: projection, strung");
        assertThat(robot.lookup("#proof-causes .label").queryAll()).isNotEmpty();
        // The plan still rests on the readings it was made from; the prediction stays, whatever is read.
        assertThat(session().job().section(Sections.PREDICTION)).isEqualTo(Optional.of(kept));
        assertThat(session().job().visit().millimeters(Reading.ACTION_BASS).orElseThrow())
                .isGreaterThan(action);
        assertThat(StepVisit.of(session().job(), Step.Into.AFTER, LocalDate.now())
                        .readings())
                .contains(Reading.ACTION_BASS, Reading.RELIEF, Reading.PROJECTION_STRUNG);
        onWindow(() -> {
            TextArea todo = (TextArea) robot.lookup("#proof-stillToDo").query();
            todo.requestFocus();
            todo.setText("Look for a loose brace");
            return true;
        });
        press(find("proof-year", Node.class));
        press(find("proof-sign", Node.class));
        assertThat(session().job().get(Lines.SIGNED_ON)).contains(LocalDate.now());
        assertThat(session().job().get(Lines.STILL_TO_DO)).contains("Look for a loose brace");
        assertThat(session().analysis().station()).isEqualTo(Station.PROOF);
        onWindow(() -> {
            window.store().flush();
            return true;
        });
        assertThat(ledger.list(new Query("", Optional.empty(), JobLocation.BENCH, Query.Order.DUE))
                        .get(0)
                        .due())
                .contains(LocalDate.now().plusYears(1));
    }

    /** Five visits over ten years: the saddle runs out, the relief is steady, four pictures. */
    @Test
    public void overTheYears() {
        onWindow(() -> window.store()
                .jobFiles()
                .open(samples.stream()
                        .filter(file -> file.toString().contains("five-visits"))
                        .findFirst()
                        .orElseThrow()));
        onWindow(() -> {
            window.enter(Station.PROOF.key());
            find("proof-page-history", ToggleButton.class).fire();
            return true;
        });
        settle();
        List<String> said = robot.lookup("#history-said .label").queryAllAs(Label.class).stream()
                .map(Label::getText)
                .toList();
        assertThat(said.get(0)).startsWith("The saddle runs out between");
        assertThat(said).anyMatch(line -> line.startsWith("Relief: no change in 10 years"));
        assertThat(find("history-saddle", Node.class).getAccessibleText()).endsWith("5 readings");
    }
}
