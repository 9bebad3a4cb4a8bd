package org.kestan.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.files.steps.StepLibrary;
import org.kestan.job.Job;
import org.kestan.job.Sections;
import org.kestan.job.bench.Bag;
import org.kestan.job.bench.DiaryEntry;
import org.kestan.job.bench.HeelEntry;
import org.kestan.job.bench.StepMark;
import org.kestan.job.bench.Wait;
import org.kestan.job.bench.WaitKind;
import org.kestan.job.tree.UnknownKeys;
import org.kestan.judgment.ways.WayCatalog;
import org.kestan.ledger.JobCard;
import org.kestan.ledger.Query;
import org.kestan.overview.Station;
import org.kestan.repair.heel.HeelAdvice;
import org.kestan.repair.heel.HeelGoal;
import org.kestan.repair.plan.WorkPlan;
import org.kestan.repair.steps.Step;
import org.kestan.repair.steps.StepBook;
import org.kestan.repair.steps.StepVisit;
import org.testfx.util.WaitForAsyncUtils;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;

/** The Bench station in the real window. */
public class BenchWindowTest extends WindowTest {

    private static final int LARGE_FLAT_TOP = 0;
    private static final int RISER_STRIPS = 6;
    private static final int MOST_STEPS = 60;
    private static final int MOST_ROUNDS = 40;
    private static final int BY_HAND = 2;

    private void openBench(int sample) {
        openSample(sample);
        onWindow(() -> {
            window.enter(Station.BENCH.key());
            return true;
        });
        settle();
    }

    private void take() {
        press(find("bench-take", Node.class));
        waitFor(() -> find("step-card", Node.class).isFocused());
    }

    private Job job() {
        return session().job();
    }

    private List<StepMark> marks() {
        return job().section(Sections.STEPS);
    }

    private String title() {
        return label("step-title");
    }

    private void page(String page) {
        onWindow(() -> {
            find("bench-page-" + page, ToggleButton.class).fire();
            return true;
        });
        settle();
    }

    private void focusCard() {
        onWindow(() -> {
            find("step-card", Node.class).requestFocus();
            return true;
        });
        settle();
    }

    @AfterMethod(alwaysRun = true)
    public void pressAsUsual() {
        System.clearProperty("kestan.secondPress");
    }

    /** Longer than two presses that count as one. */
    private static void sleep() {
        WaitForAsyncUtils.sleep(550, TimeUnit.MILLISECONDS);
    }

    private Job inLedger() {
        return onWindow(() -> ledger.read(window.store().openId().orElseThrow()).orElseThrow())
                .job();
    }

    /** A preview does nothing; once the plan is taken one key marks a step done, and the ledger has it at once. */
    @Test
    public void oneKeySaysDone() {
        openBench(LARGE_FLAT_TOP);
        focusCard();
        keys(KeyCode.SPACE);
        assertThat(marks()).isEmpty();
        take();
        String first = title();
        keys(KeyCode.SPACE);
        assertThat(marks()).extracting(StepMark::step).containsExactly("open-sheet");
        // A second press within half a second is the same one.
        keys(KeyCode.SPACE);
        assertThat(marks()).hasSize(1);
        sleep();
        assertThat(inLedger().section(Sections.STEPS)).isEqualTo(marks());
        assertThat(title()).isNotEqualTo(first);
        onWindow(() -> {
            session().edit(job -> job.without(Reading.PROJECTION_SLACK));
            return true;
        });
        settle();
        // A foot switch types Page Down, wherever the focus is; Page Up goes back.
        keys(KeyCode.PAGE_DOWN);
        // What the step asks for was not read: it stays, until another key passes it without a reading.
        assertThat(marks()).hasSize(1);
        assertThat(session().noticeProperty().get()).contains("ot read").contains("U to pass");
        sleep();
        focusCard();
        keys(KeyCode.U);
        assertThat(marks()).hasSize(2);
        assertThat(marks().get(1).state()).isEqualTo(StepMark.State.UNREAD);
        assertThat(marks().get(1).reason()).contains("not read");
        assertThat(inLedger().section(Sections.DIARY))
                .last()
                .extracting(DiaryEntry::what)
                .isEqualTo(DiaryEntry.What.UNREAD);
        keys(KeyCode.PAGE_UP);
        keys(KeyCode.PAGE_UP);
        assertThat(title()).isEqualTo(first);
        assertThat(marks()).hasSize(2);
        keys(KeyCode.O);
        assertThat(marks()).hasSize(1);
        // It opens at the step where it stopped.
        onWindow(() -> window.store().jobFiles().open(samples.get(1)));
        onWindow(() -> {
            window.store().openNamed(inLedgerName());
            return true;
        });
        settle();
        assertThat(title()).isEqualTo(first);
    }

    private String inLedgerName() {
        return ledger.list(Query.ALL).stream()
                .map(JobCard::name)
                .filter(name -> name.startsWith("Large flat-top"))
                .findFirst()
                .orElseThrow();
    }

    /** A reason, a note; an undo stays in the diary. */
    @Test
    public void reasonsNotesAndTheDiary() {
        openBench(LARGE_FLAT_TOP);
        take();
        keys(KeyCode.N);
        waitFor(() -> find("step-asked", Node.class).isFocused());
        enter("lacquer is soft");
        keys(KeyCode.S);
        waitFor(() -> find("step-asked", Node.class).isFocused());
        keys(KeyCode.ENTER);
        assertThat(marks()).isEmpty();
        enter("done by the owner");
        assertThat(marks().get(0).state()).isEqualTo(StepMark.State.SKIPPED);
        assertThat(marks().get(0).reason()).isEqualTo("done by the owner");
        int lines = job().section(Sections.DIARY).size();
        focusCard();
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(marks()).isEmpty();
        assertThat(job().section(Sections.DIARY)).hasSize(lines + 1);
        assertThat(job().section(Sections.DIARY))
                .extracting(DiaryEntry::what)
                .containsExactly(DiaryEntry.What.NOTE, DiaryEntry.What.SKIPPED, DiaryEntry.What.TAKEN_BACK);
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z);
        assertThat(marks()).hasSize(1);
        assertThat(job().section(Sections.DIARY)).hasSize(lines + 2);
    }

    /** The digit of the key that shows the station is not taken as a reading. */
    @Test
    public void theKeyOfTheStationTypesNothing() {
        openSample(0);
        Job before = session().job();
        keys(KeyCode.ALT, KeyCode.DIGIT5);
        String read = text("bench-survey-projection-strung");
        keys(KeyCode.ALT, KeyCode.DIGIT6);
        keys(KeyCode.ALT, KeyCode.DIGIT5);
        assertThat(text("bench-survey-projection-strung")).isEqualTo(read);
        assertThat(read).isEqualTo("5.7 mm");
        assertThat(session().job()).isEqualTo(before);
    }

    /**
     * From scribe to string-up by keyboard: every step, its readings, the heel by the advice, the bagged parts back
     * on.
     */
    @Test
    public void aWholeReset() {
        // The robot presses as fast as it can; two quick presses are tested above.
        System.setProperty("kestan.secondPress", "0");
        openBench(LARGE_FLAT_TOP);
        // A small cut, so that the heel takes few rounds.
        onWindow(() -> {
            session()
                    .edit(job -> job.with(Aim.ACTION_BASS, Length.ofText("3.4 mm"))
                            .with(Aim.ACTION_TREBLE, Length.ofText("2.65 mm"))
                            .with(Aim.SADDLE, Length.ofText("1.9 mm")));
            session().edit(job -> WorkPlan.take(session().analysis().ways(), List.of(WayCatalog.NECK_RESET)));
            return true;
        });
        focusCard();
        WorkPlan plan = session().analysis().plan();
        double slack = plan.projection().orElseThrow().slackAsRead();
        List<Step> steps = book().compose(plan);
        boolean sanded = false;
        for (int i = 0; i < MOST_STEPS && marks().size() < steps.size(); i++) {
            Step step = steps.get(marks().size());
            assertThat(title()).isEqualTo(step.text().title());
            if (step.work().tool().filter(Step.Tool.HEEL_LOG::equals).isPresent()) {
                sand(slack);
                sanded = true;
                page("step");
            }
            if (step.id().equals("reset-clamp-dry")) {
                focusCard();
                // The first digit goes into the reading.
                enter(String.format(Locale.ROOT, "%.2f mm", slack));
                assertThat(label("bench-survey-projection-slack-check")).startsWith("as planned");
            }
            if (step.id().equals("reset-glue")) {
                focusCard();
                keys(KeyCode.W);
                assertThat(job().section(Sections.WAITS)).hasSize(1).allMatch(Wait::isOpen);
            }
            focusCard();
            int before = marks().size();
            keys(KeyCode.SPACE);
            if (marks().size() == before) {
                keys(KeyCode.U);
            }
        }
        assertThat(sanded).isTrue();
        assertThat(marks())
                .hasSize(steps.size())
                .last()
                .extracting(StepMark::step)
                .isEqualTo(StepBook.LAST);
        // The plan is still the same: the readings went into separate visits.
        assertThat(session().analysis().plan().projection().orElseThrow().slackAsRead())
                .isEqualTo(slack);
        assertThat(StepVisit.of(job(), Step.Into.DRY_FIT, LocalDate.now()).millimeters(Reading.PROJECTION_SLACK))
                .isPresent();
        assertThat(session().analysis().progress(Station.BENCH).stage()).isEqualTo(Station.Stage.DONE);
        // Everything that was bagged goes back on.
        assertThat(job().section(Sections.BAGS)).hasSizeGreaterThan(3).noneMatch(Bag::back);
        page("bags");
        for (int i = 0; i < job().section(Sections.BAGS).size(); i++) {
            press(find("bag-back-" + i, CheckBox.class));
        }
        assertThat(job().section(Sections.BAGS)).allMatch(Bag::back);
        assertThat(label("bag-count")).isEqualTo("Everything is back on the instrument.");
        assertThat(inLedger().section(Sections.BAGS)).isEqualTo(job().section(Sections.BAGS));
    }

    private StepBook book() {
        return session().stepsProperty().get().book();
    }

    /** Follows the advice on a heel that gives 0.02 mm a pull at 80 grit: a few rounds by hand, then to the end. */
    private void sand(double target) {
        page("heel");
        double left = session().analysis().plan().heel().orElseThrow().atCap();
        waitFor(() -> !label("heel-word").isEmpty());
        for (int round = 0; round < BY_HAND; round++) {
            int entries = job().section(Sections.HEEL_LOG).size();
            press(find("heel-log-set", Node.class));
            waitFor(() -> job().section(Sections.HEEL_LOG).size() > entries);
            left -= taken(job().section(Sections.HEEL_LOG)
                    .subList(entries, job().section(Sections.HEEL_LOG).size()));
            int now = job().section(Sections.HEEL_LOG).size();
            type("heel-projection", String.format(Locale.ROOT, "%.2f mm", target - left * leverage()));
            press(find("heel-log-reading", Node.class));
            waitFor(() -> job().section(Sections.HEEL_LOG).size() > now);
            assertThat(label("heel-word")).isNotEqualTo("Over the target");
        }
        double end = toTheEnd(target, left);
        waitFor(() -> label("heel-word").startsWith("Stop"));
        assertThat(Math.abs(end * leverage())).isLessThan(0.3);
    }

    /** The remaining rounds, as the window advises them, logged without the keyboard. */
    private double toTheEnd(double target, double from) {
        HeelGoal goal = session()
                .analysis()
                .plan()
                .correction()
                .flatMap(plan -> HeelGoal.of(plan, job()))
                .orElseThrow();
        List<HeelEntry> log = new ArrayList<>(job().section(Sections.HEEL_LOG));
        double left = from;
        for (int round = 0; round < MOST_ROUNDS; round++) {
            HeelAdvice advice = HeelAdvice.of(goal, log, session().standards());
            assertThat(advice.word()).isNotEqualTo(HeelAdvice.Word.OVER);
            if (advice.word() == HeelAdvice.Word.STOP) {
                break;
            }
            List<HeelEntry> sets = new ArrayList<>();
            for (Side side : Side.values()) {
                if (advice.pulls().get(side) > 0) {
                    sets.add(new HeelEntry.Pulls(
                            side, advice.grit(), advice.pulls().get(side), UnknownKeys.NONE));
                }
            }
            left -= taken(sets);
            log.addAll(sets);
            log.add(new HeelEntry.Read(
                    Optional.of(Length.ofText(String.format(Locale.ROOT, "%.2f mm", target - left * leverage()))),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    UnknownKeys.NONE));
        }
        onWindow(() -> {
            session().edit(job -> job.with(Sections.HEEL_LOG, List.copyOf(log)));
            return true;
        });
        return left;
    }

    private static double taken(List<HeelEntry> sets) {
        return sets.stream()
                .map(HeelEntry.Pulls.class::cast)
                .mapToDouble(set -> set.pulls() / 2.0 * (set.grit() == 80 ? 0.02 : set.grit() == 120 ? 0.012 : 0.007))
                .sum();
    }

    /** How far the projection rises for wood off the cap: D over H. */
    private double leverage() {
        return job().visit().millimeters(Reading.JOINT_TO_SADDLE).orElseThrow()
                / job().visit().millimeters(Reading.HEEL_HEIGHT).orElseThrow();
    }

    /** A wait runs by the wall clock while another job is open, and shows its time. */
    @Test
    public void waitsRunOnBesideAnotherJob() {
        openBench(LARGE_FLAT_TOP);
        take();
        onWindow(() -> {
            session().edit(job -> {
                Job begun = session().bench().begin(job, WaitKind.GLUE, 720, "");
                Wait wait = begun.section(Sections.WAITS).get(0);
                // As if it had been begun thirteen hours ago.
                return begun.with(
                        Sections.WAITS,
                        List.of(
                                new Wait(
                                        Instant.now().minus(Duration.ofHours(13)),
                                        wait.kind(),
                                        wait.minutes(),
                                        "",
                                        wait.ended()),
                                wait));
            });
            window.store().flush();
            return true;
        });
        waitFor(() -> stage.getTitle().startsWith("Glue is over"));
        assertThat(find("station-bench", ToggleButton.class).getAccessibleText())
                .contains("a wait is over");
        onWindow(() -> window.store().jobFiles().open(samples.get(1)));
        onWindow(() -> {
            window.enter(Station.BENCH.key());
            return true;
        });
        waitFor(() -> robot.lookup(".wait-what").queryAll().size() == 2);
        assertThat(robot.lookup(".wait-what").queryAllAs(Labeled.class))
                .allMatch(each -> each.getText().contains("Large flat-top"));
        assertThat(robot.lookup("#wait-over").queryAll()).isEmpty();
    }

    /** The shop's own version of a step: changed, marked as different, reset; written into its file. */
    @Test
    public void theShopChangesAStep() throws IOException {
        openBench(LARGE_FLAT_TOP);
        take();
        page("steps");
        onWindow(() -> {
            find("step-list", ListView.class).getSelectionModel().select(5);
            return true;
        });
        settle();
        type("edit-title", "Score it our way");
        press(find("edit-keep", Node.class));
        Path file = folder.resolve("steps/neck-reset.json");
        waitFor(() -> Files.exists(file));
        assertThat(Files.readString(file)).contains("Score it our way").doesNotContain("fresh blade");
        assertThat(label("step-differs")).contains("title").contains("Score the finish");
        assertThat(find("edit-title", TextField.class).getText()).isEqualTo("Score it our way");
        type("edit-hands", "many");
        press(find("edit-keep", Node.class));
        assertThat(session().noticeIsErrorProperty().get()).isTrue();
        press(find("edit-back", Node.class));
        waitFor(() -> !Files.exists(file));
        assertThat(session().stepsProperty().get().book())
                .isEqualTo(StepLibrary.shipped().book());
    }

    /** The feet of a floating bridge and its height, logged and compared with the plan. */
    @Test
    public void feetAndHeightAreLogged() {
        openBench(RISER_STRIPS);
        take();
        page("fit");
        press(find("foot-bass-front-outer", CheckBox.class));
        press(find("foot-treble-back-middle", CheckBox.class));
        press(find("fit-log", Node.class));
        assertThat(job().section(Sections.FOOT_FIT)).hasSize(1);
        assertThat(job().section(Sections.FOOT_FIT).get(0).share()).isEqualTo(2 / 12.0);
        type("trim-bridge-bass", "22 mm");
        type("trim-bridge-treble", "20.99 mm");
        assertThat(job().section(Sections.TRIMS)).hasSize(1);
        assertThat(label("trim-bridge-left")).contains("reble is there");
        assertThat(job().section(Sections.WAYS)).contains(WayCatalog.FLOATING_BRIDGE.key());
    }

    /** A reading outside its check says what to do; no entry is lost when the step is opened again. */
    @Test
    public void aReadingOutOfItsCheck() {
        openBench(LARGE_FLAT_TOP);
        take();
        keys(KeyCode.SPACE);
        type("bench-survey-projection-slack", "9 mm");
        assertThat(label("bench-survey-projection-slack-check")).contains("unlike a sound one");
        focusCard();
        keys(KeyCode.SPACE);
        keys(KeyCode.LEFT);
        keys(KeyCode.O);
        assertThat(job().visit().millimeters(Reading.PROJECTION_SLACK)).hasValue(9);
    }
}
