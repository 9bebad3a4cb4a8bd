package org.kestan.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.GridPane;
import org.kestan.analysis.picture.PixelPoint;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.LengthLine;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.desktop.session.Settings;
import org.kestan.desktop.shell.MainWindow;
import org.kestan.desktop.widgets.field.EntryField;
import org.kestan.desktop.widgets.instrument.InstrumentView;
import org.kestan.devices.standin.PhotographedNeck;
import org.kestan.devices.standin.StandInCamera;
import org.kestan.job.PracticeMark;
import org.kestan.ledger.JobCard;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.OpenResult;
import org.kestan.ledger.Query;
import org.kestan.ledger.sqlite.SqliteLedger;
import org.kestan.practice.drills.Drill;
import org.kestan.practice.file.PracticeFile;
import org.kestan.practice.run.PracticeRun;
import org.kestan.practice.text.PracticeText;
import org.kestan.practice.work.Operation;
import org.kestan.simulator.cases.Level;
import org.kestan.simulator.cases.PracticeFamily;
import org.kestan.simulator.tools.Placement;
import org.kestan.simulator.tools.Spot;
import org.testng.annotations.Test;

public class PracticeWindowTest extends WindowTest {

    private static final List<Reading> SHEET = List.of(
            Reading.RELIEF,
            Reading.NUT_BASS,
            Reading.NUT_TREBLE,
            Reading.ACTION_BASS,
            Reading.ACTION_TREBLE,
            Reading.SADDLE_BASS,
            Reading.SADDLE_TREBLE,
            Reading.BRIDGE_THICKNESS,
            Reading.JOINT_TO_SADDLE,
            Reading.FRETS_OVER_TOP,
            Reading.HEEL_HEIGHT);

    @Override
    protected Ledger ledger(Path folder) {
        return ((OpenResult.Opened) SqliteLedger.openForPractice(folder.resolve("practice.sqlite"))).ledger();
    }

    @Override
    protected MainWindow window(Settings settings) {
        return new MainWindow(stage, settings, ledger, samples, store -> {}, "practice");
    }

    private PracticeRun run() {
        return onWindow(() ->
                        new PracticeFile(folder).run(window.store().openId().orElseThrow()))
                .value()
                .orElseThrow();
    }

    private void focus(LengthLine line) {
        onWindow(() -> {
            find(EntryField.id(line), TextInputControl.class).requestFocus();
            return true;
        });
    }

    /** Puts the focus into the field of a line, takes the usual tool and reads it there. */
    private void read(LengthLine line) {
        focus(line);
        keys(KeyCode.F9);
        keys(KeyCode.F11);
        waitFor(() -> session().job().get(line).isPresent());
    }

    private void choose(Operation operation, String... amounts) {
        onWindow(() -> {
            @SuppressWarnings("unchecked")
            ComboBox<Operation> choice = find("practice-operation", ComboBox.class);
            choice.setValue(operation);
            return true;
        });
        for (int i = 0; i < amounts.length; i++) {
            type(i == 0 ? "practice-first" : "practice-second", amounts[i]);
        }
    }

    private void act(Operation operation, String... amounts) {
        int before = run().events().size();
        choose(operation, amounts);
        if (amounts.length == 0) {
            press(find("practice-do", Node.class));
        }
        waitFor(() -> run().events().size() == before + 1);
    }

    /** The practice instrument is photographed as it is; the reading goes on its sheet, and no picture is kept. */
    @Test
    public void thePracticeInstrumentIsPhotographed() {
        keys(KeyCode.ENTER);
        waitFor(() -> PracticeMark.isOn(session().job()));
        PhotographedNeck neck = PhotographedNeck.of(run().truth());
        StandInCamera camera = new StandInCamera(neck, 1);
        int at = run().truth().visit().actionFret();
        keys(KeyCode.ALT, KeyCode.DIGIT9);
        press(find("picture-sample", Node.class));
        waitFor(() -> label("picture-said").contains("The sample shows frets"));
        for (PixelPoint each :
                List.of(camera.crown(at - 1), camera.crown(at), camera.crown(at + 1), camera.underside(at))) {
            clickPicture(neck.camera(), each);
        }
        waitFor(() -> label("picture-said").contains("\u00b1"));
        press(find("picture-take", Node.class));
        waitFor(() -> find(EntryField.id(Reading.ACTION_BASS), TextInputControl.class)
                .getText()
                .endsWith(" mm"));
        keys(KeyCode.ENTER);
        waitFor(() -> session().job().get(Reading.ACTION_BASS).isPresent());
        assertThat(session().job().millimeters(Reading.ACTION_BASS).orElseThrow())
                .isCloseTo(neck.action(at), within(0.05));
        assertThat(session().job().photos()).isEmpty();
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.L);
        press(find("sound-stand-in", Node.class));
        waitFor(() -> !find("sound-take", Button.class).isDisabled());
        assertThat(label("sound-source")).contains("practice instrument");
    }

    /** From the first key to the reckoning: measured, judged, worked, handed over. */
    @Test
    public void aWholeCaseByTheKeyboard() {
        assertThat(label("practice-word")).isEqualTo("Practice");
        keys(KeyCode.ENTER);
        waitFor(() -> PracticeMark.isOn(session().job()));
        assertThat(session().job().name()).contains(PracticeText.label(Level.EASY));
        assertThat(stage.getTitle()).isEqualTo(session().job().name() + " \u2014 Kestan, practice");
        SHEET.forEach(this::read);
        assertThat(run().events()).hasSize(SHEET.size());
        assertThat(session().analysis().measured()).isPresent();

        keys(KeyCode.ALT, KeyCode.DIGIT3);
        keys(KeyCode.ENTER);
        waitFor(() -> !session().analysis().isPreview());

        // At the bench the work is in the drawer, and can be reached by keyboard, too.
        keys(KeyCode.ALT, KeyCode.DIGIT5);
        keys(KeyCode.SHIFT, KeyCode.F9);
        keys(KeyCode.SHIFT, KeyCode.TAB);
        keys(KeyCode.RIGHT);
        waitFor(() -> find("practice-operation", Node.class).isVisible());
        press(find("practice-hint", Node.class));
        waitFor(() -> label("practice-said").contains(PracticeText.label(Operation.SLACKEN)));
        act(Operation.SLACKEN);
        act(Operation.SCORE);
        act(Operation.FREE_NECK, "4");
        waitFor(() -> label("practice-said").contains("too short"));
        act(Operation.FREE_NECK, "9");
        act(Operation.SAND_HEEL, "6", "6");
        act(Operation.SHIM_TAIL);
        act(Operation.FIX_NECK);
        act(Operation.WAIT, "14");
        act(Operation.TUNE);

        keys(KeyCode.CONTROL, KeyCode.T);
        onWindow(() -> {
            find("practice-page-case", Node.class).requestFocus();
            return true;
        });
        keys(KeyCode.SPACE);
        onWindow(() -> {
            find("practice-hand-over", Button.class).requestFocus();
            return true;
        });
        keys(KeyCode.SPACE);
        assertThat(run().handedOver()).as("asked once more").isEmpty();
        keys(KeyCode.SPACE);
        waitFor(() -> run().handedOver().isPresent());
        assertThat(label("practice-marks")).contains("measuring").contains("working");
        assertThat(find("practice-readings", GridPane.class).getRowCount()).isEqualTo(SHEET.size() + 1);
        assertThat(find("practice-truth", InstrumentView.class).compared()).hasSize(2);
        // What was handed over stays as it is.
        assertThat(onWindow(() -> new PracticeFile(folder).record().value().cases()))
                .hasSize(1);
        keys(KeyCode.ALT, KeyCode.DIGIT2);
        assertThat(find("practice-read", Node.class).isDisabled()).isTrue();
        Length handedOver = session().job().get(Reading.ACTION_BASS).orElseThrow();
        type(EntryField.id(Reading.ACTION_BASS), "9 mm");
        waitFor(() -> !session().job().get(Reading.ACTION_BASS).orElseThrow().equals(handedOver));
        keys(KeyCode.F11);
        assertThat(session().job().get(Reading.ACTION_BASS).orElseThrow().millimeters())
                .as("no tool reads any more")
                .isEqualTo(9);
        assertThat(run().handedOver().orElseThrow().get(Reading.ACTION_BASS)).contains(handedOver);
    }

    /** A tool dragged onto the drawing snaps to the nearest place it fits, and is read there. */
    @Test
    public void aToolIsPutOnTheDrawingByHand() {
        press(find("practice-" + PracticeFamily.CLASSICAL.key() + "-" + Level.MEDIUM.key(), Node.class));
        waitFor(() -> PracticeMark.isOn(session().job()));
        press(find(EntryField.id(Reading.ACTION_TREBLE), Node.class));
        press(find("practice-treble", Node.class));
        Node whole = find("whole-pane", Node.class);
        Point2D place = onWindow(() -> {
            Bounds bounds = whole.localToScreen(whole.getBoundsInLocal());
            InstrumentView instrument = find("instrument", InstrumentView.class);
            double wanted = session().analysis().job().jointFret().orElseThrow() == 12 ? 325 : 322;
            Point2D best = null;
            double off = Double.MAX_VALUE;
            for (double x = bounds.getMinX(); x < bounds.getMaxX(); x++) {
                Point2D screen = new Point2D(x, bounds.getMinY() + 12);
                Point2D scene = new Point2D(
                        screen.getX()
                                - stage.getScene().getWindow().getX()
                                - stage.getScene().getX(),
                        screen.getY()
                                - stage.getScene().getWindow().getY()
                                - stage.getScene().getY());
                double at = instrument.lengthUnder(scene).orElse(-1e6);
                if (Math.abs(at - wanted) < off) {
                    off = Math.abs(at - wanted);
                    best = screen;
                }
            }
            return best;
        });
        robot.moveTo(find("practice-tool-rule", Node.class));
        robot.press(MouseButton.PRIMARY);
        robot.moveTo(place);
        robot.release(MouseButton.PRIMARY);
        waitFor(() -> run().events().size() == 1);
        assertThat(text("practice-fret")).isEqualTo("12");
        assertThat(find("instrument", InstrumentView.class).toolProperty().get())
                .isPresent();
        press(find("practice-write", Node.class));
        waitFor(() -> session().job().get(Reading.ACTION_TREBLE).isPresent());
        // What is refused gives the reason, takes no time, and writes nothing.
        press(find("practice-drawer-work", Node.class));
        press(find("practice-do", Node.class));
        waitFor(() -> !run().state().atPitch());
        press(find("practice-drawer-tools", Node.class));
        press(find("practice-read", Node.class));
        waitFor(() -> label("practice-said").contains("slack"));
        assertThat(run().events()).hasSize(2);
        // The key that reads and writes never writes an earlier reading.
        focus(Reading.ACTION_BASS);
        keys(KeyCode.F11);
        assertThat(session().job().get(Reading.ACTION_BASS)).isEmpty();
        assertThat(text(EntryField.id(Reading.ACTION_BASS))).isEmpty();
    }

    /** Undo brings back what was typed, never what was cut. */
    @Test
    public void undoDoesNotBringBackWhatWasCut() {
        keys(KeyCode.ENTER);
        waitFor(() -> PracticeMark.isOn(session().job()));
        press(find("practice-drawer-work", Node.class));
        press(find("practice-hint", Node.class));
        assertThat(label("practice-said")).contains("Take a repair into the plan");
        act(Operation.SLACKEN);
        act(Operation.LOWER_SADDLE, "0.5", "0.5");
        Sides<Double> cut = run().state().instrument().bridge().protrusion();
        for (int i = 0; i < 5; i++) {
            keys(KeyCode.CONTROL, KeyCode.Z);
        }
        assertThat(PracticeMark.isOn(session().job())).isTrue();
        assertThat(run().state().instrument().bridge().protrusion()).isEqualTo(cut);
        // Nonsense is reported at its place and does nothing.
        choose(Operation.LOWER_SADDLE, "a lot", "0.5");
        waitFor(() -> label("practice-said")
                .contains(session().unit().format(0) + " to " + session().unit().format(5)));
        choose(Operation.LOWER_SADDLE, "5.5", "0.5");
        waitFor(() -> label("practice-said").contains("in one go"));
        assertThat(run().events()).hasSize(2);
    }

    @Test
    public void aCaseNumberThatIsNoneIsSaidAtItsPlace() {
        for (String wrong : List.of("-1", "x", "1.5", "99999999999999999999")) {
            type("practice-seed", wrong);
            press(find("practice-flat-top-easy", Node.class));
            assertThat(label("practice-seed-wrong")).as(wrong).contains("whole number");
        }
        assertThat(onWindow(() -> ledger.list(Query.ALL)))
                .extracting(JobCard::name)
                .isEmpty();
        type("practice-seed", "0");
        press(find("practice-flat-top-easy", Node.class));
        waitFor(() -> PracticeMark.isOn(session().job()));
    }

    /** A customer's job can't be opened from a file, and the reason is given. */
    @Test
    public void aCustomersJobIsNotTakenIn() {
        assertThat(onWindow(() -> window.store().jobFiles().open(samples.get(0))))
                .isFalse();
        assertThat(session().noticeProperty().get()).contains("never with practice");
        assertThat(onWindow(() -> ledger.list(Query.ALL))).isEmpty();
        // Nor does the empty ledger offer one; Enter there leads to the cases.
        keys(KeyCode.ALT, KeyCode.DIGIT0);
        assertThat(find("ledger-sample", Node.class).isVisible()).isFalse();
        assertThat(find("ledger-first", Node.class).isFocused()).isTrue();
        keys(KeyCode.ENTER);
        waitFor(() -> find("practice-seed", Node.class).isVisible());
    }

    @Test
    public void aDrillIsDoneByTheKeyboardAndKept() {
        press(find("practice-page-drills", Node.class));
        press(find("drill-" + Drill.PULLS_LEFT.key(), Node.class));
        for (int i = 0; i < Drill.PULLS_LEFT.questions(); i++) {
            assertThat(find("drill-answer", Node.class).isFocused()).isTrue();
            if (i == 0) {
                keys(KeyCode.ENTER);
                assertThat(label("drill-verdict")).contains("does not answer");
            }
            enter("7");
        }
        waitFor(() -> label("drill-question").contains(" of 8 right"));
        assertThat(onWindow(() -> new PracticeFile(folder).record().value().drills()))
                .hasSize(1);
        press(find("practice-page-progress", Node.class));
        assertThat(find("practice-drills-done", Labeled.class).getText()).contains("of 8");
    }

    @Test
    public void everyPlaceIsOfferedOnlyToToolsThatReachIt() {
        keys(KeyCode.ENTER);
        waitFor(() -> PracticeMark.isOn(session().job()));
        press(find("practice-tool-straightedge", Node.class));
        @SuppressWarnings("unchecked")
        ComboBox<Spot> spots = find("practice-spot", ComboBox.class);
        assertThat(spots.getItems()).containsExactly(Spot.PROJECTION, Spot.PROJECTION_MIDDLE);
        press(find("practice-tool-feeler", Node.class));
        assertThat(spots.getItems())
                .contains(Spot.OVER_FRET, Spot.UNDER_HELD_STRING)
                .doesNotContain(Spot.SCALE);
        // What is not a length is shown in words, and can't get into a field by a slip.
        press(find("practice-tool-tuner", Node.class));
        press(find("practice-read", Node.class));
        waitFor(() -> label("practice-shows").equals("at pitch"));
        assertThat(find("practice-write", Node.class).isDisabled()).isTrue();
        assertThat(Stream.of(Spot.values())
                        .filter(each -> each.takes(new Placement(each, 1, Side.BASS).usualTool()))
                        .toList())
                .hasSize(Spot.values().length);
    }
}
