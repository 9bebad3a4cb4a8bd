package org.kestan.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.terms.Form;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.TrussRod;
import org.kestan.text.BenchUnit;
import org.testng.annotations.Test;

public class SheetByKeyboardTest extends WindowTest {

    /** A whole sheet from scratch without touching the mouse: Enter continues in working order. */
    @Test
    public void typesASheetAndReadsTheHeelCut() {
        keys(KeyCode.ALT, KeyCode.DIGIT1);
        onWindow(() -> {
            find("instrument-name", javafx.scene.control.TextField.class).requestFocus();
            return true;
        });
        for (String intake : new String[] {"Kitchen-table flat-top", "s", "", "d", "14", "632 mm"}) {
            enter(intake);
        }
        keys(KeyCode.ALT, KeyCode.DIGIT2);
        // The reading asked for above the sheet has the focus.
        assertThat(label("next-title")).startsWith("1  Humidity");
        assertThat(onWindow(() -> stage.getScene().getFocusOwner().getId())).isEqualTo("survey-humidity");
        String[] sheet = {
            "47",
            "0",
            "",
            "",
            "",
            "w",
            "0.008 in",
            "1 14",
            "7",
            "0.55 mm",
            "0.4 mm",
            "3.9 mm",
            "3.2 mm",
            "",
            "0 mm",
            "3.0 mm",
            "2.2 mm",
            "",
            "8.8 mm",
            "7 mm",
            "0 mm",
            "5.3 mm",
            "6.0 mm",
            "",
            "0 mm",
            "",
            "",
            "1 mm",
            "t",
            "283 mm",
            "104 mm",
            "0.2 mm",
            "",
            "",
            "6.8 mm",
            "92 mm",
            "56 mm",
            "26 mm"
        };
        for (String value : sheet) {
            enter(value);
        }
        // The rest of the sheet is not needed for the heel: straight on to the verdict.
        for (int i = 0;
                i < 30
                        && !robot.lookup("#take-advice")
                                .tryQuery()
                                .map(Node::isFocused)
                                .orElse(false);
                i++) {
            keys(KeyCode.ENTER);
        }
        assertThat(find("take-advice", Node.class).isFocused())
                .as("after the last reading the verdict's answer has the focus")
                .isTrue();
        keys(KeyCode.ALT, KeyCode.DIGIT4);
        assertThat(find("target-action-bass", javafx.scene.control.TextField.class)
                        .isFocused())
                .as("at the plan the first target has the focus")
                .isTrue();
        enter("2.2 mm");
        enter("1.7 mm");

        Job job = session().job();
        assertThat(job.get(Lines.FORM)).contains(Form.FLAT_TOP);
        assertThat(job.visit().readings()).hasSize(22);
        assertThat(job.visit().driftSide()).contains(Side.TREBLE);
        assertThat(job.get(Lines.HELD).orElseThrow().high()).isEqualTo(14);

        // What is on the screen is what the core works out from the same sheet, and near the sum done by hand: heel 92
        // × mean drop / 283, the drop being about twice (316 of 634 mm) the action change of 1.7 and 1.5 mm.
        SheetAnalysis sheetAnalysis = SheetAnalysis.of(job, ShopStandards.DEFAULT);
        double cap =
                sheetAnalysis.correction().orElseThrow().heel().orElseThrow().atCap();
        assertThat(cap).isBetween(92 * 3.0 / 283, 92 * 3.7 / 283);
        assertThat(label("figure-heel-cut-planned")).isEqualTo(BenchUnit.THOUSANDTHS.format(cap));
        // Uncertainties are worked out in the background.
        waitFor(() -> label("value-heel-cut-at-the-cap")
                .contains(BenchUnit.MILLIMETERS.format(cap).replace(" mm", " \u00b1")));
    }

    /** A choice is shown large while it has the focus, as a number is. */
    @Test
    public void aChoiceThatHasTheFocusIsShownLarge() {
        openSample(0);
        type("survey-humidity", "47");
        onWindow(() -> {
            find("survey-trussRod", Node.class).requestFocus();
            return true;
        });
        waitFor(() -> label("next-title").equals("2  Truss rod"));
        enter("d");
        onWindow(() -> {
            find("survey-trussRod", Node.class).requestFocus();
            return true;
        });
        waitFor(() -> label("next-value").equals("Dead"));
        assertThat(session().job().get(Lines.TRUSS_ROD)).contains(TrussRod.DEAD);
        assertThat(label("next-hint")).startsWith("W works");
    }

    @Test
    public void errorsStandAtTheFieldAndLoseNothing() {
        openSample(0);
        Job before = session().job();
        type("survey-action-bass", "3.9");
        assertThat(session().job()).isEqualTo(before);
        assertThat(text("survey-action-bass")).isEqualTo("3.9");
        assertThat(label("survey-action-bass-note")).contains("unit is missing").contains("9/64 in");
        assertThat(find("survey-action-bass", javafx.scene.control.TextField.class)
                        .isFocused())
                .isTrue();
        // Another field can be filled in the meantime; the wrong text stays where it is.
        type("survey-action-treble", "3.0 mm");
        assertThat(text("survey-action-bass")).isEqualTo("3.9");
        assertThat(session().job().get(Reading.ACTION_TREBLE).orElseThrow().text())
                .isEqualTo("3.0 mm");
        type("survey-action-bass", "3.9 mm");
        assertThat(label("survey-action-bass-note")).doesNotContain("missing");
        assertThat(session().job().get(Reading.ACTION_BASS).orElseThrow().text())
                .isEqualTo("3.9 mm");
    }

    /** An error is shown at its field as far as there is room, and in full in the status line; no other field moves. */
    @Test
    public void anErrorMovesNoOtherField() {
        keys(KeyCode.ALT, KeyCode.DIGIT1);
        Node owner = find("intake-owner", Node.class);
        double before = onWindow(() -> owner.localToScene(0, 0).getX());
        type("instrument-scale", "25.4");
        assertThat(label("instrument-scale-note")).contains("unit is missing");
        assertThat(label("notice")).contains("unit is missing").contains("3.6 mm");
        assertThat(onWindow(() -> owner.localToScene(0, 0).getX())).isEqualTo(before);
        type("instrument-scale", "645 mm");
        assertThat(label("notice")).doesNotContain("missing");
    }

    @Test
    public void implausibleReadingsAreAskedAboutAndTaken() {
        openSample(0);
        type("survey-action-bass", "30 mm");
        assertThat(label("survey-action-bass-note")).contains("Is 30 mm right?");
        assertThat(session().job().get(Reading.ACTION_BASS).orElseThrow().text())
                .isEqualTo("30 mm");
    }

    @Test
    public void escapeTakesBackWhatIsNotTakenYet() {
        openSample(0);
        robot.clickOn("#survey-action-bass");
        robot.write("7", 0);
        keys(KeyCode.ESCAPE);
        assertThat(text("survey-action-bass")).isEqualTo("9/64 in");
    }

    @Test
    public void savesAsOneGoesAndReopens() {
        openSample(1);
        String id = window.store().openId().orElseThrow();
        type("survey-heel-height", "3 1/2 in");
        Job edited = session().job();
        waitFor(() -> label("saved").startsWith("Saved "));
        Job kept = ledger.read(id).orElseThrow().job();
        assertThat(kept.get(Reading.HEEL_HEIGHT).orElseThrow().text()).isEqualTo("3 1/2 in");
        openSample(0);
        assertThat(onWindow(() -> window.store().open(id))).isTrue();
        settle();
        assertThat(session().job()).isEqualTo(edited);
        assertThat(text("survey-heel-height")).isEqualTo("3 1/2 in");
    }

    @Test
    public void anotherTakeIsKeptAndTheMedianCounts() {
        openSample(0);
        type("survey-bridgeThickness", "8.8 mm");
        for (String take : new String[] {"8.9 mm", "8.7 mm"}) {
            onWindow(() -> {
                find("survey-bridgeThickness", javafx.scene.control.TextField.class)
                        .requestFocus();
                return true;
            });
            robot.write(take, 0);
            keys(KeyCode.SHIFT, KeyCode.ENTER);
        }
        assertThat(session().job().visit().takesOf(Reading.BRIDGE_THICKNESS)).hasSize(3);
        assertThat(session().job().get(Reading.BRIDGE_THICKNESS).orElseThrow().text())
                .isEqualTo("8.8 mm");
        assertThat(label("survey-bridgeThickness-note")).startsWith("median of 3, spread ");
    }

    @Test
    public void actionBeforeReliefIsProvisionalUntilTakenAgain() {
        openSample(0);
        type("survey-relief-gap", "0.020 in");
        type("survey-action-bass", "3.9 mm");
        assertThat(label("survey-action-bass-note")).startsWith("Provisional");
        type("survey-relief-gap", "0.006 in");
        type("survey-action-bass", "3.7 mm");
        assertThat(label("survey-action-bass-note")).doesNotContain("Provisional");
        assertThat(session().job().visit().provisional()).isEmpty();
    }

    @Test
    public void targetsLeftEmptySayWhatStays() {
        openSample(1);
        keys(KeyCode.ALT, KeyCode.DIGIT4);
        assertThat(label("target-saddle-note")).startsWith("stays ");
        type("target-saddle", "4 mm");
        assertThat(session().job().get(Aim.SADDLE).orElseThrow().text()).isEqualTo("4 mm");
        onWindow(() -> {
            find("target-saddle", javafx.scene.control.TextField.class).requestFocus();
            return true;
        });
        keys(KeyCode.DELETE);
        keys(KeyCode.ENTER);
        assertThat(session().job().get(Aim.SADDLE)).isEmpty();
        assertThat(label("target-saddle-note")).startsWith("stays ");
        keys(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(session().job().get(Aim.SADDLE).orElseThrow().text()).isEqualTo("4 mm");
    }

    @Test
    public void theVerdictSpeaksAndShowsItsPlace() {
        openSample(0);
        keys(KeyCode.ALT, KeyCode.DIGIT3);
        assertThat(label("gate-saddle-reason")).contains("left; this needs");
        keys(KeyCode.ALT, KeyCode.DIGIT2);
        type("survey-bridgeLift", "0.5 mm");
        keys(KeyCode.ALT, KeyCode.DIGIT3);
        assertThat(label("gate-soundness-reason")).startsWith("The bridge is lifted");
        onWindow(() -> {
            find("gate-tile-soundness", javafx.scene.Node.class).requestFocus();
            return true;
        });
        keys(KeyCode.RIGHT);
        keys(KeyCode.RIGHT);
        assertThat(find("gate-tile-relief", javafx.scene.Node.class).isFocused())
                .isTrue();
        assertThat(session().focusedLineProperty().get()).isEqualTo(Reading.RELIEF);
        assertThat(label("gate-large-title")).contains("Relief");
        // The list is one key away.
        keys(KeyCode.F8);
        onWindow(() -> {
            find("gate-soundness", javafx.scene.Node.class).requestFocus();
            return true;
        });
        keys(KeyCode.DOWN);
        keys(KeyCode.DOWN);
        assertThat(find("gate-relief", javafx.scene.Node.class).isFocused()).isTrue();
        assertThat(find("gate-relief", javafx.scene.Node.class).getStyleClass()).contains("gate-later");
    }

    @Test
    public void undoInAFieldIsTheJobsUndo() {
        openSample(0);
        type("survey-heel-height", "90 mm");
        type("survey-heel-height", "91 mm");
        onWindow(() -> {
            find("survey-heel-height", javafx.scene.control.TextField.class).requestFocus();
            return true;
        });
        keys(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(session().job().get(Reading.HEEL_HEIGHT).orElseThrow().text())
                .isEqualTo("90 mm");
        assertThat(text("survey-heel-height")).isEqualTo("90 mm");
        keys(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.Z);
        assertThat(text("survey-heel-height")).isEqualTo("91 mm");
    }
}
