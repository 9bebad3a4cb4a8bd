package org.kestan.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import org.kestan.files.demo.DemoJobs;
import org.kestan.job.Job;
import org.kestan.judgment.ways.WayCatalog;
import org.kestan.repair.plan.WorkPlan;
import org.testng.annotations.Test;

/**
 * A different set of strings from the request at intake to the steps at the bench, and a tailpiece at a different
 * height.
 */
public class OtherStringsWindowTest extends WindowTest {

    private static final String[] LIGHTER = {"0.047 in", "0.038 in", "0.028 in", "0.020 in", "0.014 in", "0.010 in"};

    private String words(String id) {
        return onWindow(() -> words(find(id, Parent.class)));
    }

    private static String words(Node node) {
        StringBuilder words = new StringBuilder();
        if (node instanceof Labeled labeled && node.isVisible()) {
            words.append(labeled.getText()).append('\n');
        } else if (node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(each -> words.append(words(each)));
        }
        return words.toString();
    }

    private void intake() {
        keys(KeyCode.ALT, KeyCode.DIGIT1);
        press(find("wanted-strings-more", Button.class));
    }

    @Test
    public void aLighterSetIsWishedForPlannedAndDone() {
        openSample(0);
        intake();
        Job copied = session().job();
        assertThat(copied.wantedStrings()).as("starts as the set that is on").isEqualTo(copied.strings());
        for (int i = 0; i < LIGHTER.length; i++) {
            type("wanted-string-gauge-" + (i + 1), LIGHTER[i]);
        }
        assertThat(session().job().strings()).as("the set that is on stays").isEqualTo(copied.strings());
        assertThat(session().job().wantedStrings().get(5).gauge().orElseThrow().text())
                .isEqualTo("0.010 in");
        keys(KeyCode.ALT, KeyCode.DIGIT3);
        assertThat(label("advice")).contains("Other strings");
        keys(KeyCode.ENTER);
        waitFor(() -> WorkPlan.taken(session().job()).contains(WayCatalog.STRINGS));
        keys(KeyCode.ALT, KeyCode.DIGIT4);
        assertThat(words("work-figures")).contains("The strings").contains("All strings pull");
        keys(KeyCode.ALT, KeyCode.DIGIT5);
        press(find("bench-page-steps", Node.class));
        waitFor(() -> words("step-list").contains("string"));
    }

    @Test
    public void aGaugeThatIsNoneIsRefusedAtItsPlace() {
        openSample(0);
        intake();
        Job before = session().job();
        type("wanted-string-gauge-6", "ten");
        assertThat(label("wanted-strings-note")).contains("1");
        assertThat(session().job()).isEqualTo(before);
        type("wanted-string-gauge-6", "0.010 in");
        assertThat(label("wanted-strings-note")).isEmpty();
    }

    @Test
    public void theWishIsTakenBackStringByString() {
        openSample(0);
        Job before = session().job();
        intake();
        press(find("wanted-strings-fewer", Button.class));
        assertThat(session().job().wantedStrings()).hasSize(5);
        while (!find("wanted-strings-fewer", Button.class).isDisabled()) {
            press(find("wanted-strings-fewer", Button.class));
        }
        assertThat(session().job().wantedStrings()).isEmpty();
        assertThat(session().job()).isEqualTo(before);
    }

    @Test
    public void woundAndPlainArePickedByKeyboard() {
        openSample(0);
        intake();
        boolean wound = session().job().wantedStrings().get(3).wound();
        press(find("wanted-string-wound-4", CheckBox.class));
        assertThat(session().job().wantedStrings().get(3).wound()).isEqualTo(!wound);
        assertThat(session().job().strings().get(3).wound()).isEqualTo(wound);
    }

    @Test
    public void aTailpieceIsMovedOnAnArchtopOnly() {
        openSample(DemoJobs.NAMES.indexOf("archtop-floating-bridge.kestan.json"));
        onWindow(() -> {
            session().edit(job -> WorkPlan.taking(job, java.util.List.of(WayCatalog.TAILPIECE)));
            return true;
        });
        keys(KeyCode.ALT, KeyCode.DIGIT4);
        assertThat(words("work-figures")).containsIgnoringCase("tailpiece");
        openSample(0);
        keys(KeyCode.ALT, KeyCode.DIGIT3);
        press(find("page-ways", Node.class));
        waitFor(() -> robot.lookup("#way-tailpiece").tryQuery().isPresent());
        assertThat(words("way-tailpiece")).doesNotContain("possible");
    }
}
