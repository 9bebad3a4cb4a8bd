package org.kestan.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.RadioButton;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Dimension;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.School;
import org.kestan.files.demo.DemoJobs;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.ways.WayCatalog;
import org.kestan.repair.plan.WorkPlan;
import org.testng.annotations.Test;

/** The work plan, its heel and its papers, and the neck built from scratch, used as a luthier would. */
public class PlanWindowTest extends WindowTest {

    private void plan(String file, Way... ways) {
        openSample(DemoJobs.NAMES.indexOf(file));
        onWindow(() -> {
            session().edit(job -> WorkPlan.taking(job, List.of(ways)));
            return file;
        });
        keys(KeyCode.ALT, KeyCode.DIGIT4);
    }

    private String words(String id) {
        return onWindow(() -> words(find(id, Parent.class)));
    }

    private static String words(Parent parent) {
        StringBuilder words = new StringBuilder();
        for (Node node : parent.getChildrenUnmodifiable()) {
            if (node instanceof Label label) {
                words.append(label.getText()).append('\n');
            } else if (node instanceof Parent inner) {
                words.append(words(inner));
            }
        }
        return words.toString();
    }

    @Test
    public void aWayTakenIsPlannedAndPutAside() {
        plan("small-flat-top-relief.kestan.json", WayCatalog.SADDLE);
        assertThat(label("plan-ways")).isEqualTo("Lower, raise or replace the saddle");
        assertThat(words("work-figures")).contains("Off the bottom, bass").doesNotContain("Heel cut at the cap");
        robot.clickOn("#plan-aside");
        waitFor(() -> WorkPlan.taken(session().job()).isEmpty());
        assertThat(label("plan-ways")).startsWith("Preview: ");
        assertThat(session().analysis().plan().ways())
                .isEqualTo(session().analysis().recommendation().ways());
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(WorkPlan.taken(session().job())).containsExactly(WayCatalog.SADDLE);
    }

    @Test
    public void theFretLineMovedByHandPutsALighterWayAside() {
        plan("large-flat-top-reset.kestan.json", WayCatalog.SHAVE_BRIDGE);
        onWindow(() -> {
            find("handle-fret-line", Node.class).requestFocus();
            return "focus";
        });
        keys(KeyCode.UP);
        assertThat(WorkPlan.taken(session().job())).containsExactly(WayCatalog.NECK_RESET);
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(WorkPlan.taken(session().job())).containsExactly(WayCatalog.SHAVE_BRIDGE);
    }

    @Test
    public void theHeelIsDrawnWithItsValues() {
        plan("large-flat-top-reset.kestan.json", WayCatalog.NECK_RESET);
        robot.clickOn("#plan-page-heel");
        waitFor(() -> find("heel-map", Region.class).isVisible());
        int drawn = onWindow(() -> {
            Region map = find("heel-map", Region.class);
            map.layout();
            return (int) map.getChildrenUnmodifiable().stream()
                    .filter(node -> node.getStyleClass().contains("heel-strip"))
                    .count();
        });
        // A strip every 5 mm down both cheeks of a heel 93.7 mm high.
        assertThat(drawn).isEqualTo(2 * 19);
        plan("large-flat-top-reset.kestan.json", WayCatalog.SADDLE);
        int none = onWindow(() -> {
            Region map = find("heel-map", Region.class);
            map.requestLayout();
            map.layout();
            return (int) map.getChildrenUnmodifiable().stream()
                    .filter(node -> node.getStyleClass().contains("heel-strip"))
                    .count();
        });
        assertThat(none).isZero();
    }

    @Test
    public void thePapersAreThoseOfThePlan() {
        plan("bolt-on-shim.kestan.json", WayCatalog.POCKET_SHIM);
        robot.clickOn("#plan-page-papers");
        waitFor(() -> robot.lookup("#template-pocket-shim").tryQuery().isPresent());
        // The bench card, the estimate, the shim, and the leveling: this neck was read fret by fret.
        assertThat(find("template-list", VBox.class).getChildren()).hasSize(4);
        assertThat(find("template-bench-card", RadioButton.class).isSelected()).isTrue();
        waitFor(() -> robot.lookup("#paper-page-1").tryQuery().isPresent());
        press(find("template-pocket-shim", RadioButton.class));
        assertThat(label("template-how")).contains("Hold it in the pocket");
        waitFor(() -> robot.lookup("#paper-page-1")
                .tryQuery()
                .filter(page -> page.getAccessibleText().startsWith("Full-pocket shim"))
                .isPresent());
        // The page has the proportions of the printed one: A4 upright, 210 by 297.
        var page = (ImageView) find("paper-page-1", Button.class).getGraphic();
        assertThat(page.getImage().getHeight() / page.getImage().getWidth()).isCloseTo(297.0 / 210, within(0.01));
        // No page of a station moves what is above it.
        double over = find("instrument", Region.class).getHeight();
        press(find("plan-page-numbers", Node.class));
        assertThat(find("instrument", Region.class).getHeight()).isEqualTo(over);
        press(find("plan-page-papers", Node.class));
        press(find("template-estimate", RadioButton.class));
        waitFor(() -> robot.lookup("#paper-page-2")
                .tryQuery()
                .filter(second -> second.getAccessibleText().startsWith("Estimate, page 2"))
                .isPresent());
        assertThat(find("paper-page-2", Button.class).getBoundsInParent().getMaxX())
                .as("all pages side by side")
                .isLessThanOrEqualTo(find("paper-view", Region.class).getWidth());
        press(find("paper-page-1", Button.class));
        waitFor(() -> robot.lookup("#large-picture").tryQuery().isPresent());
        keys(KeyCode.ESCAPE);
        waitFor(() -> robot.lookup("#large-picture").tryQuery().isEmpty());
    }

    @Test
    public void aSchoolOfTheShopTellsTheTargetWhenTaken() {
        openSample(DemoJobs.NAMES.indexOf("large-flat-top-reset.kestan.json"));
        onWindow(() -> {
            // A bridge with nothing to spare: only the neck is left. The straightedge reading was for another bridge.
            session()
                    .edit(job -> job.without(Aim.SADDLE)
                            .without(Reading.PROJECTION_STRUNG)
                            .without(Reading.PROJECTION_SLACK)
                            .with(Reading.BRIDGE_THICKNESS, Length.ofText("9/32 in")));
            session().standardsProperty().set(session().standards().with(School.SADDLE_LEFT));
            return "school";
        });
        keys(KeyCode.ALT, KeyCode.DIGIT3);
        robot.clickOn("#take-advice");
        waitFor(() -> session().job().get(Aim.SADDLE).isPresent());
        assertThat(session().job().get(Aim.SADDLE).orElseThrow().text()).isEqualTo("4.572 mm");
    }

    @Test
    public void aNeckFromNothing() {
        keys(KeyCode.CONTROL, KeyCode.J);
        waitFor(() -> find("kit-form", Node.class).isFocused());
        keys(KeyCode.TAB);
        waitFor(() -> find("kit-instrument-scale", Node.class).isFocused());
        enter("24 3/4 in");
        type("kit-survey-bridgeRange-lowest", "0.5 in");
        type("kit-survey-bridgeRange-highest", "0.8 in");
        assertThat(label("kit-advice")).isEqualTo("The neck needs an angle.");
        type("kit-survey-bridgeRange-lowest", "0.25 in");
        assertThat(label("kit-advice")).isEqualTo("The neck may lie flat.");
        assertThat(words("kit-figures")).contains("At its lowest").contains("With the neck flat");
        type("kit-survey-fretsOverTop", "0.9 in");
        assertThat(words("kit-problems")).contains("higher than it can go");
        assertThat(session().job().get(Dimension.SCALE)).isEmpty();
    }

    @Test
    public void leavesAreTheShops() {
        keys(KeyCode.CONTROL, KeyCode.D);
        type("standards-leaves", "0.010 in, 0.012");
        assertThat(session().noticeIsErrorProperty().get()).isTrue();
        type("standards-leaves", "0.010 in, 0.012 in");
        assertThat(session().standards().leaves().all()).hasSize(2);
    }
}
