package org.kestan.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.RadioButton;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import javafx.scene.text.Text;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Dimension;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.School;
import org.kestan.base.standards.Standard;
import org.kestan.desktop.rooms.standards.StandardsRoom;
import org.kestan.desktop.widgets.instrument.InstrumentView;
import org.kestan.files.demo.DemoJobs;
import org.kestan.files.standards.StandardsFile;
import org.kestan.judgment.ways.WayCatalog;
import org.kestan.repair.plan.WorkPlan;
import org.testng.annotations.Test;

/** The verdict, the counter and the shop standards, used as a luthier would. */
public class VerdictWindowTest extends WindowTest {

    private void page(String name) {
        keys(KeyCode.ALT, KeyCode.DIGIT3);
        robot.clickOn("#page-" + name);
        waitFor(() -> true);
    }

    private void focus(String id) {
        onWindow(() -> {
            find(id, Node.class).requestFocus();
            return id;
        });
        waitFor(() -> find(id, Node.class).isFocused());
    }

    private void openNamed(String file) {
        openSample(DemoJobs.NAMES.indexOf(file));
    }

    /** The way being looked at is drawn with fret and bridge as it leaves them, and described for a screen reader. */
    @Test
    public void aWayIsSeenThroughLoupes() {
        openSample(0);
        keys(KeyCode.ALT, KeyCode.DIGIT3);
        press(find("page-ways", Node.class));
        waitFor(() -> find("way-loupes-action", Region.class).getHeight() > 60);
        assertThat(find("way-loupes-action", Region.class).getAccessibleText())
                .startsWith("Action now ")
                .contains(session()
                        .words()
                        .numbers()
                        .pair(session().analysis().measured().orElseThrow().action()));
        assertThat(find("way-loupes-bridge", Region.class).lookupAll(".picture-after"))
                .hasSizeGreaterThan(3);
        assertThat(find("way-loupes-action", Region.class).lookupAll(".picture-string-bass"))
                .hasSize(2);
    }

    @Test
    public void theAdviceIsTakenIntoThePlanAndBack() {
        openNamed("small-flat-top-relief.kestan.json");
        page("gates");
        assertThat(label("advice")).isEqualTo("Recommended: Truss rod");
        assertThat(label("gate-relief-numbers")).contains("relief");
        robot.clickOn("#take-advice");
        waitFor(() -> WorkPlan.taken(session().job()).equals(List.of(WayCatalog.TRUSS_ROD)));
        assertThat(onWindow(() ->
                        session().analysis().plan().planned().orElseThrow().reliefGap()))
                .isLessThan(0.3);
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(WorkPlan.taken(session().job())).isEmpty();
    }

    @Test
    public void waysAreGoneThroughAndComparedByKeyboard() {
        openNamed("large-flat-top-reset.kestan.json");
        page("ways");
        focus("way-card-saddle");
        keys(KeyCode.SPACE);
        for (int i = 0; i < 18 && !find("way-card-shave-bridge", Node.class).isFocused(); i++) {
            keys(KeyCode.RIGHT);
        }
        assertThat(find("way-card-shave-bridge", Node.class).isFocused()).isTrue();
        keys(KeyCode.SPACE);
        assertThat(find("way-card-saddle-pick", CheckBox.class).isSelected()).isTrue();
        // The list shows the same, and Down goes through it.
        keys(KeyCode.F8);
        assertThat(find("way-saddle-pick", CheckBox.class).isSelected()).isTrue();
        focus("way-saddle");
        for (int i = 0; i < 18 && !find("way-shave-bridge", Node.class).isFocused(); i++) {
            keys(KeyCode.DOWN);
        }
        assertThat(find("way-shave-bridge", Node.class).isFocused()).isTrue();
        keys(KeyCode.F8);
        InstrumentView drawing = find("instrument", InstrumentView.class);
        // Each of the two, and both together.
        assertThat(onWindow(() -> drawing.compared().size())).isEqualTo(3);
        page("compared");
        assertThat(robot.lookup("#take-saddle").tryQuery()).isPresent();
        assertThat(robot.lookup("#take-shave-bridge").tryQuery()).isPresent();
        robot.clickOn("#take-shave-bridge");
        waitFor(() -> WorkPlan.taken(session().job()).equals(List.of(WayCatalog.SHAVE_BRIDGE)));
        assertThat(onWindow(() -> drawing.compared().size())).isZero();
    }

    @Test
    public void whatIsNotForThisOneCannotBeTaken() {
        openNamed("collectible-parlour.kestan.json");
        page("ways");
        focus("way-card-shave-bridge");
        assertThat(find("take-way", Button.class).isDisabled()).isTrue();
        keys(KeyCode.ENTER);
        assertThat(WorkPlan.taken(session().job())).isEmpty();
        assertThat(session().noticeIsErrorProperty().get()).isTrue();
        assertThat(find("way-card-shave-bridge", Node.class).getAccessibleText())
                .contains("not for this one");
        keys(KeyCode.F8);
        assertThat(find("way-shave-bridge", Node.class).getAccessibleText()).contains("never shaved");
    }

    @Test
    public void aSchoolIsUsedForThisJobAndTheShopsChoiceIsInItsStandards() {
        openNamed("large-flat-top-reset.kestan.json");
        page("schools");
        press(find("use-saddle-left", Button.class));
        assertThat(session().job().get(Aim.SADDLE).orElseThrow().millimeters()).isCloseTo(0.180 * 25.4, within(0.001));
        press(find("schools-standards", Button.class));
        waitFor(() -> robot.lookup("#standards-school-projection-kisses-slack")
                .tryQuery()
                .isPresent());
    }

    @Test
    public void fiveReadingsAtTheCounterBecomeAJob() {
        openNamed("large-flat-top-reset.kestan.json");
        keys(KeyCode.CONTROL, KeyCode.K);
        waitFor(() -> find("counter-form", Node.class).isFocused());
        assertThat(label("counter-answer")).isEqualTo("Nothing yet");
        keys(KeyCode.F);
        keys(KeyCode.ENTER);
        for (String reading : List.of("9/64 in", "7/64 in", "1/16 in", "1/16 in", "9/32 in")) {
            enter(reading);
        }
        assertThat(label("counter-answer")).isEqualTo("Likely: Neck reset");
        assertThat(label("counter-settle")).contains("what it is worth");
        type("counter-instrument-value", "5000");
        assertThat(label("counter-sure")).startsWith("settled");
        assertThat(label("counter-gate-saddle-reason")).contains("left; this needs");
        int jobs = ledger.count();
        keys(KeyCode.CONTROL, KeyCode.ENTER);
        waitFor(() -> ledger.count() == jobs + 1);
        assertThat(session().job().get(Reading.ACTION_BASS).orElseThrow().text())
                .isEqualTo("9/64 in");
        assertThat(session().job().get(Dimension.SCALE)).isEmpty();
    }

    @Test
    public void undoAtTheCounterLeavesTheOpenJobAlone() {
        openNamed("large-flat-top-reset.kestan.json");
        type("survey-action-bass", "8/64 in");
        keys(KeyCode.CONTROL, KeyCode.K);
        waitFor(() -> find("counter-form", Node.class).isFocused());
        keys(KeyCode.F);
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(session().job().get(Reading.ACTION_BASS).orElseThrow().text())
                .isEqualTo("8/64 in");
    }

    @Test
    public void standardsAreEditedKeptAndSetBack() {
        openNamed("large-flat-top-reset.kestan.json");
        keys(KeyCode.CONTROL, KeyCode.D);
        type("standard-protrusionLeast", "3 mm");
        assertThat(session().standards().text(Standard.PROTRUSION_LEAST)).isEqualTo("1/16 in");
        assertThat(label("standard-protrusionLeast-error")).contains("over \u201cSaddle, low under\u201d");
        assertThat(text("standard-protrusionLeast")).isEqualTo("3 mm");
        type("standard-protrusionLeast", "2 mm");
        assertThat(session().standards().get(Standard.PROTRUSION_LEAST)).isEqualTo(2.0);
        assertThat(label("standard-protrusionLeast-mark")).isEqualTo("shop");
        assertThat(onWindow(() -> session().analysis().shop().get(Standard.PROTRUSION_LEAST)))
                .isEqualTo(2.0);
        assertThat(StandardsFile.read(folder.resolve("standards.json")).standards())
                .isEqualTo(session().standards());
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(session().standards().isSet(Standard.PROTRUSION_LEAST)).isFalse();
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z);
        assertThat(session().standards().isSet(Standard.PROTRUSION_LEAST)).isTrue();
        robot.clickOn("#standards-reset");
        waitFor(() -> !session().standards().isSet(Standard.PROTRUSION_LEAST));
    }

    @Test
    public void aSchoolChosenInTheStandardsShows() {
        keys(KeyCode.CONTROL, KeyCode.D);
        RadioButton ignore = find("standards-school-sink-ignore", RadioButton.class);
        onWindow(() -> {
            ignore.fire();
            return ignore;
        });
        assertThat(session().standards().holds(School.IGNORE_SINK)).isTrue();
        assertThat(find("standards-school-sink-overshoot", RadioButton.class).isSelected())
                .isFalse();
    }

    @Test
    public void standardsGoOutAndComeIn() throws java.io.IOException {
        keys(KeyCode.CONTROL, KeyCode.D);
        type("standard-sink", "1/32 in");
        java.nio.file.Path file = folder.resolve("shop.json");
        StandardsRoom room = find("standards", StandardsRoom.class);
        onWindow(() -> {
            room.writeOut(file);
            return file;
        });
        robot.clickOn("#standards-reset");
        waitFor(() -> !session().standards().isSet(Standard.SINK));
        onWindow(() -> {
            room.takeIn(file);
            return file;
        });
        assertThat(session().standards().text(Standard.SINK)).isEqualTo("1/32 in");
        java.nio.file.Files.writeString(file, "{\"kestanStandards\": 1, \"values\": {\"sink\": 0.8}}");
        onWindow(() -> {
            room.takeIn(file);
            return file;
        });
        assertThat(session().noticeProperty().get()).contains("/values/sink");
        assertThat(session().standards().text(Standard.SINK)).isEqualTo("1/32 in");
    }

    @Test
    public void anArchtopAtTheCounterIsAskedForItsBridge() {
        keys(KeyCode.CONTROL, KeyCode.K);
        waitFor(() -> find("counter-form", Node.class).isFocused());
        keys(KeyCode.A);
        waitFor(() ->
                find("counter-survey-bridgeHeight", Node.class).getParent().isVisible());
        assertThat(find("counter-survey-saddle-bass", Node.class).getParent().isVisible())
                .isFalse();
        type("counter-survey-action-bass", "3.4 mm");
        type("counter-survey-action-treble", "2.6 mm");
        type("counter-survey-bridgeHeight", "20 mm");
        type("counter-survey-bridgeRange-lowest", "16 mm");
        assertThat(label("counter-answer")).startsWith("Likely: ");
        type("counter-survey-action-bass", "high");
        assertThat(text("counter-survey-action-bass")).isEqualTo("high");
    }

    /** At the smallest size and with the largest text every page still has its tab and its advice within reach. */
    @Test
    public void nothingOfTheVerdictIsLostInASmallWindow() {
        openNamed("large-flat-top-reset.kestan.json");
        onWindow(() -> {
            stage.setWidth(1100);
            stage.setHeight(700);
            return stage;
        });
        keys(KeyCode.CONTROL, KeyCode.EQUALS);
        keys(KeyCode.CONTROL, KeyCode.EQUALS);
        keys(KeyCode.ALT, KeyCode.DIGIT3);
        for (String page : List.of("gates", "ways", "compared", "schools")) {
            robot.clickOn("#page-" + page);
            for (String id : List.of("page-gates", "page-schools", "take-advice", "advice")) {
                onWindow(() -> {
                    javafx.geometry.Bounds bounds = find(id, Node.class)
                            .localToScene(find(id, Node.class).getBoundsInLocal());
                    assertThat(bounds.getMinX()).as(id).isGreaterThanOrEqualTo(0);
                    assertThat(bounds.getMaxX())
                            .as(id)
                            .isLessThanOrEqualTo(stage.getScene().getWidth());
                    return id;
                });
            }
        }
        robot.clickOn("#page-ways");
        focus("way-card-slide");
        onWindow(() -> {
            javafx.geometry.Bounds row = find("way-card-slide", Node.class)
                    .localToScene(find("way-card-slide", Node.class).getBoundsInLocal());
            assertThat(row.getMaxY()).isLessThanOrEqualTo(stage.getScene().getHeight());
            return row;
        });
    }

    /** However long a reason is, no number beside it is broken across lines. */
    @Test
    public void numbersBesideALongReasonStayWhole() {
        openSample(0);
        keys(KeyCode.ALT, KeyCode.DIGIT3);
        Label numbers = find("gate-action-numbers", Label.class);
        assertThat(find("gate-action-reason", Label.class).getText()).hasSizeGreaterThan(80);
        double widest = onWindow(() -> Stream.of(numbers.getText().split(" {3}"))
                .mapToDouble(each -> {
                    Text piece = new Text(each);
                    piece.setFont(numbers.getFont());
                    return piece.getLayoutBounds().getWidth();
                })
                .max()
                .orElseThrow());
        waitFor(() -> numbers.getWidth() >= widest);
    }
}
