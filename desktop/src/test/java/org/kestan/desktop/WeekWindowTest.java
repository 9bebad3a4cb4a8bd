package org.kestan.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.week.WorkPlace;
import org.kestan.desktop.widgets.field.EntryField;
import org.kestan.job.Job;
import org.kestan.job.Sections;
import org.kestan.job.bench.StepMark;
import org.kestan.job.terms.Lines;
import org.kestan.job.week.Pin;
import org.kestan.repair.steps.BenchActions;
import org.kestan.week.WeekPlan;
import org.testng.annotations.Test;

public class WeekWindowTest extends WindowTest {

    private String open(int sample) {
        assertThat(onWindow(() -> window.store().jobFiles().open(samples.get(sample))))
                .isTrue();
        waitFor(() -> window.store().openId().isPresent());
        return window.store().openId().orElseThrow();
    }

    private List<Pin> pins(String id) {
        return onWindow(() ->
                ledger.read(id).map(entry -> entry.job().section(Sections.PINS)).orElse(List.of()));
    }

    private void toWeek() {
        keys(KeyCode.ALT, KeyCode.DIGIT8);
        waitFor(() -> label("week-head").contains("planned")
                && !find("week-looking", Node.class).getParent().isVisible());
    }

    /** A step is chosen by keyboard, moved to another day, released, and opened at the bench. */
    @Test
    public void theWeekByTheKeyboard() {
        String id = open(0);
        toWeek();
        assertThat(label("week-detail")).contains(session().job().name());
        assertThat(find("week-unpin", Button.class).isDisabled()).isTrue();
        keys(KeyCode.SHIFT, KeyCode.RIGHT);
        waitFor(() -> pins(id).size() == 1);
        waitFor(() -> label("week-detail").contains("Pinned to"));
        keys(KeyCode.DELETE);
        waitFor(() -> pins(id).isEmpty());
        waitFor(() -> find("week-unpin", Button.class).isDisabled());
        keys(KeyCode.ENTER);
        waitFor(() -> find("bench-ways", Node.class).isVisible());
    }

    /** A block that is dragged to another day stays there. */
    @Test
    public void aStepIsDraggedToAnotherDay() {
        String id = open(0);
        toWeek();
        Node chart = find("week-chart", Node.class);
        Node block = onWindow(() -> chart.lookup(".week-hands"));
        Bounds all = onWindow(() -> chart.localToScreen(chart.getBoundsInLocal()));
        Bounds from = onWindow(() -> block.localToScreen(block.getBoundsInLocal()));
        robot.moveTo(from.getMinX() + 1, from.getMinY() + 4);
        robot.press(MouseButton.PRIMARY);
        robot.moveTo(all.getMaxX() - 20, from.getMinY() + 4);
        robot.release(MouseButton.PRIMARY);
        waitFor(() -> pins(id).size() == 1);
        assertThat(pins(id).get(0).on()).isAfter(LocalDate.now());
    }

    /** What is done at the bench is done here, and the promise shows its chance. */
    @Test
    public void thePlanFollowsTheJob() {
        open(0);
        keys(KeyCode.ALT, KeyCode.DIGIT7);
        waitFor(() -> !steps().isEmpty()
                && !find("today-looking", Node.class).getParent().isVisible());
        String first = steps().get(0);
        onWindow(() -> {
            String step = session()
                    .stepsProperty()
                    .get()
                    .book()
                    .compose(session().analysis().plan())
                    .stream()
                    .filter(each -> each.text().title().equals(first))
                    .findFirst()
                    .orElseThrow()
                    .id();
            session().edit(job -> new BenchActions(Instant.now(), "").mark(job, step, StepMark.State.DONE, ""));
            window.store().saveNow();
            return true;
        });
        waitFor(() -> !steps().isEmpty() && !steps().get(0).equals(first));
        keys(KeyCode.ALT, KeyCode.DIGIT1);
        assertThat(label("promise-outlook")).contains("8 chances in 10");
        type(EntryField.id(Lines.PROMISED_ON), LocalDate.now().plusDays(60).toString());
        waitFor(() -> label("promise-outlook").contains("keeping the promise: 10 in 10"));
        type(EntryField.id(Lines.PROMISED_ON), LocalDate.now().minusDays(1).toString());
        waitFor(() -> label("promise-outlook").contains("That day is past"));
        keys(KeyCode.ALT, KeyCode.DIGIT7);
        waitFor(() -> onWindow(() -> find("today-side", Node.class).lookupAll(".label").stream()
                        .anyMatch(node -> ((Label) node).getText().contains("days late")))
                .equals(true));
    }

    @SuppressWarnings("unchecked")
    private List<String> steps() {
        return onWindow(() -> ((ListView<WeekPlan.Entry>) find("today-work", ListView.class))
                .getItems().stream().map(entry -> entry.step().title()).toList());
    }

    /** Hours, places and people are kept as typed; an error is reported, and nothing is lost. */
    @Test
    public void theShopsWeekIsEdited() {
        onWindow(() -> {
            ShopStandards shop = session().standards();
            session()
                    .standardsProperty()
                    .set(shop.withWeek(shop.week().withPlaces(Map.of(WorkPlace.CLAMPS, 3, WorkPlace.RACK, 9))));
            return true;
        });
        keys(KeyCode.CONTROL, KeyCode.D);
        waitFor(() -> find("week-hours-saturday", Node.class).isVisible());
        type("week-hours-saturday", "9:00-12:00");
        waitFor(() -> hoursOnSaturday() == 1);
        for (String wrong : List.of("noon", "12:00-9:00", "9:00-11:00, 10:00-12:00")) {
            type("week-hours-saturday", wrong);
            waitFor(() -> session().noticeProperty().get().contains("ours of a day"));
            assertThat(text("week-hours-saturday")).isEqualTo(wrong);
            assertThat(hoursOnSaturday()).isEqualTo(1);
            onWindow(() -> {
                session().say("");
                return true;
            });
        }
        type("week-hours-saturday", "9:00-12:00");
        type("week-place-clamps", "7");
        waitFor(() -> session().standards().week().places().get(WorkPlace.CLAMPS) == 7);
        // A limit without a field here stays when another is typed.
        assertThat(session().standards().week().places()).containsEntry(WorkPlace.RACK, 9);
        type("week-place-clamps", "-1");
        waitFor(() -> session().noticeProperty().get().contains("whole number"));
        assertThat(session().standards().week().places()).containsEntry(WorkPlace.CLAMPS, 7);
    }

    private int hoursOnSaturday() {
        return session().standards().week().hours().on(DayOfWeek.SATURDAY).size();
    }

    /**
     * Asked when another job could be taken in, the week answers; for a late promise a notice is copied; today can
     * come first.
     */
    @Test
    public void whatTheShopIsAskedByOthers() {
        open(0);
        keys(KeyCode.ALT, KeyCode.DIGIT1);
        type(EntryField.id(Lines.PROMISED_ON), LocalDate.now().minusDays(1).toString());
        waitFor(() -> session().job().get(Lines.PROMISED_ON).isPresent());
        toWeek();
        ComboBox<?> another = find("week-another", ComboBox.class);
        onWindow(() -> {
            another.requestFocus();
            another.show();
            return true;
        });
        waitFor(() -> !another.getItems().isEmpty());
        onWindow(() -> {
            another.hide();
            another.getSelectionModel().select(0);
            return true;
        });
        waitFor(() -> label("week-answer").contains("could promise it for"));
        onWindow(() -> {
            find("week-notice", Button.class).fire();
            return true;
        });
        assertThat(onWindow(() -> Clipboard.getSystemClipboard().getString()))
                .contains(session().job().name(), "was promised for");
        keys(KeyCode.ALT, KeyCode.DIGIT7);
        onWindow(() -> {
            find("today-start", CheckBox.class).fire();
            return true;
        });
        assertThat(window.store().settings().startsToday()).isTrue();
    }

    /** The key that stops the search keeps the plan found so far. */
    @Test
    public void aKeyStopsTheSearch() {
        open(0);
        keys(KeyCode.ALT, KeyCode.DIGIT8);
        waitFor(() -> label("week-head").contains("planned"));
        keys(KeyCode.END);
        waitFor(() -> !find("week-looking", Node.class).getParent().isVisible());
        assertThat(label("week-head")).contains("1 job planned");
    }

    /** With nothing to plan both rooms say so, and no search runs. */
    @Test
    public void anEmptyLedgerHasAnEmptyWeek() {
        keys(KeyCode.ALT, KeyCode.DIGIT7);
        waitFor(() -> label("today-head").contains("Nothing to do"));
        toWeek();
        assertThat(label("week-head")).contains("Nothing is planned");
        assertThat(Optional.of(onWindow(() -> session().job()))).contains(Job.BLANK);
    }
}
