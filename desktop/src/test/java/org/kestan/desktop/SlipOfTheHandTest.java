package org.kestan.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import org.kestan.base.sheet.Reading;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.testfx.util.WaitForAsyncUtils;
import org.testng.annotations.Test;

/** Keys that miss their target write nothing. */
public class SlipOfTheHandTest extends WindowTest {

    private static final int EACH = Integer.getInteger("kestan.fields", 3);
    private static final List<KeyCode> LETTERS =
            List.of(KeyCode.B, KeyCode.H, KeyCode.I, KeyCode.K, KeyCode.L, KeyCode.M, KeyCode.R, KeyCode.T, KeyCode.U);

    /** A keystroke as the platform sends it: a typed letter goes to whatever has the focus by then. */
    private void stroke(KeyCode code, String letter, boolean control, boolean alt) {
        send(KeyEvent.KEY_PRESSED, code, "", control, alt);
        send(KeyEvent.KEY_TYPED, KeyCode.UNDEFINED, letter, control, alt);
        send(KeyEvent.KEY_RELEASED, code, "", control, alt);
    }

    private void send(
            javafx.event.EventType<KeyEvent> type, KeyCode code, String letter, boolean control, boolean alt) {
        Node focus = stage.getScene().getFocusOwner();
        Event.fireEvent(
                focus == null ? stage.getScene().getRoot() : focus,
                new KeyEvent(type, letter, letter, code, false, control, alt, false));
    }

    private List<Node> fields() {
        List<Node> all = new ArrayList<>();
        for (Node node : stage.getScene().getRoot().lookupAll("*")) {
            boolean field = node instanceof TextInputControl
                    || node instanceof ComboBoxBase
                    || node instanceof ToggleButton toggle
                            && toggle.getStyleClass().contains("severity");
            if (field && node.isFocusTraversable() && node.getId() != null && isSeen(node) && !node.isDisabled()) {
                all.add(node);
            }
        }
        return all;
    }

    private static boolean isSeen(Node node) {
        for (Node at = node; at != null; at = at.getParent()) {
            if (!at.isVisible()) {
                return false;
            }
        }
        return true;
    }

    /**
     * Every shortcut that goes somewhere, in the fields of every room: the job is as it was. Each build takes every
     * third field; {@code -Dkestan.fields=1} takes all.
     */
    @Test
    public void noShortcutWritesAReading() {
        openSample(0);
        Random random = new Random(24);
        int pressed = 0;
        for (int room = 1; room <= 9; room++) {
            int station = room;
            Job before = session().job();
            List<Node> fields = onWindow(() -> {
                stroke(KeyCode.valueOf("DIGIT" + station), Integer.toString(station), false, true);
                return fields();
            });
            settle();
            for (int i = room % EACH; i < fields.size(); i += EACH) {
                Node field = fields.get(i);
                int digit = 1 + random.nextInt(6);
                KeyCode letter = LETTERS.get(random.nextInt(LETTERS.size()));
                onWindow(() -> {
                    field.requestFocus();
                    stroke(KeyCode.valueOf("DIGIT" + digit), Integer.toString(digit), false, true);
                    field.requestFocus();
                    stroke(letter, letter.getChar().toLowerCase(java.util.Locale.ROOT), true, false);
                    stroke(KeyCode.valueOf("DIGIT" + station), Integer.toString(station), false, true);
                    return field;
                });
                pressed += 3;
                assertThat(session().job().equals(before))
                        .as("room %d, field %s", station, field.getId())
                        .isTrue();
            }
        }
        assertThat(pressed).isGreaterThan(150 / EACH);
    }

    /** Alt and a digit in the structure list leads to another station, and is not a finding. */
    @Test
    public void aShortcutInTheInspectionIsNoFinding() {
        openSample(0);
        keys(KeyCode.ALT, KeyCode.DIGIT2);
        Job before = session().job();
        onWindow(() -> {
            find("structure", Node.class).requestFocus();
            stroke(KeyCode.DIGIT1, "1", false, true);
            return before;
        });
        assertThat(session().job()).isEqualTo(before);
    }

    /** What is refused is selected: what is typed next replaces it. A bare 0 needs no unit. */
    @Test
    public void whatIsRefusedIsTypedOver() {
        openSample(0);
        keys(KeyCode.ALT, KeyCode.DIGIT2);
        type("survey-relief-gap", "8");
        assertThat(find("survey-relief-gap", TextInputControl.class).getSelectedText())
                .isEqualTo("8");
        enter("8 thou");
        assertThat(session().job().get(Reading.RELIEF).orElseThrow().text()).isEqualTo("8 thou");
        type("survey-relief-gap", "0");
        assertThat(session().job().millimeters(Reading.RELIEF)).hasValue(0);
    }

    /** A tenfold slip does not pass with one Enter: it is questioned in words, and a second Enter confirms it. */
    @Test
    public void aTenfoldSlipIsAskedAbout() {
        openSample(0);
        keys(KeyCode.ALT, KeyCode.DIGIT2);
        type("survey-action-bass", "39 mm");
        assertThat(find("survey-action-bass", TextInputControl.class).isFocused())
                .isTrue();
        assertThat(session().noticeProperty().get()).contains("Is 39 mm right?").contains("Usual is");
        keys(KeyCode.ENTER);
        assertThat(find("survey-action-bass", TextInputControl.class).isFocused())
                .isFalse();
        type("survey-action-bass", "3.9 mm");
        assertThat(find("survey-action-bass", TextInputControl.class).isFocused())
                .isFalse();
    }

    /** A fast typist, whose keys overlap, and a slow one, who holds each key: both write the same sheet. */
    @Test
    public void slowAndFastHandsWriteTheSame() {
        List<String> readings = List.of("9/64 in", "3.4 mm", "118 thou");
        List<Job> written = new ArrayList<>();
        for (int millis : List.of(0, 60)) {
            keys(KeyCode.CONTROL, KeyCode.N);
            keys(KeyCode.ALT, KeyCode.DIGIT2);
            for (String each : readings) {
                onWindow(() -> {
                    find(
                                    "survey-"
                                            + List.of("action-bass", "action-treble", "saddle-bass")
                                                    .get(readings.indexOf(each)),
                                    TextInputControl.class)
                            .requestFocus();
                    return each;
                });
                settle();
                robot.write(each, millis);
                KeyCode enter = KeyCode.ENTER;
                onWindow(() -> {
                    new javafx.scene.robot.Robot().keyPress(enter);
                    return enter;
                });
                WaitForAsyncUtils.sleep(millis * 5L, TimeUnit.MILLISECONDS);
                onWindow(() -> {
                    new javafx.scene.robot.Robot().keyRelease(enter);
                    return enter;
                });
                settle();
            }
            written.add(session().job());
        }
        assertThat(written.get(0).visit().readings()).hasSize(readings.size());
        assertThat(written.get(1)).isEqualTo(written.get(0));
        assertThat(written.get(0).text(Reading.ACTION_TREBLE)).isEqualTo("3.4 mm");
    }

    /**
     * A clumsy typist, as keys: what changes was typed into its own field and taken with Enter. A build has two
     * hundred strokes, {@code -Dkestan.strokes=3000} takes ten minutes.
     */
    @Test
    public void aClumsyHandChangesOnlyWhatItTook() {
        openSample(0);
        Random random = new Random(7);
        Job before = session().job();
        List<KeyCode> harmless = List.of(
                KeyCode.LEFT, KeyCode.RIGHT, KeyCode.HOME, KeyCode.END, KeyCode.ESCAPE, KeyCode.SHIFT, KeyCode.F6);
        for (int i = 0; i < Integer.getInteger("kestan.strokes", 70); i++) {
            int kind = random.nextInt(3);
            int digit = 1 + random.nextInt(6);
            KeyCode code = harmless.get(random.nextInt(harmless.size()));
            onWindow(() -> {
                if (kind == 0) {
                    stroke(KeyCode.valueOf("DIGIT" + digit), Integer.toString(digit), false, true);
                } else if (kind == 1) {
                    stroke(code, "", false, false);
                } else if (stage.getScene().getFocusOwner() instanceof TextInputControl) {
                    // A digit that is not taken: Esc removes it.
                    stroke(KeyCode.valueOf("DIGIT" + digit), Integer.toString(digit), false, false);
                    stroke(KeyCode.ESCAPE, "", false, false);
                }
                return code;
            });
        }
        settle();
        assertThat(session().job().get(Lines.OWNER)).isEqualTo(before.get(Lines.OWNER));
        assertThat(session().job().visit()).isEqualTo(before.visit());
    }
}
