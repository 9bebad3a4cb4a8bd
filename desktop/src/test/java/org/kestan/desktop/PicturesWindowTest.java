package org.kestan.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import org.kestan.desktop.widgets.instrument.InstrumentView;
import org.kestan.desktop.widgets.instrument.PicturePane;
import org.kestan.judgment.verdict.GateId;
import org.kestan.judgment.way.Way;
import org.kestan.repair.picture.Picture;
import org.kestan.repair.plan.WorkPlan;
import org.testng.annotations.Test;

/** What is shown as a picture in the window. */
public class PicturesWindowTest extends WindowTest {

    private Picture picture(String id) {
        return onWindow(() -> find(id, PicturePane.class).picture().orElseThrow());
    }

    private double heightAt(KeyCode station) {
        keys(KeyCode.ALT, station);
        return onWindow(() -> find("instrument", Region.class).getHeight());
    }

    @Test
    public void aStepShowsWhatIsDoneFromTheNumbersOfThePlan() {
        openSample(0);
        onWindow(() -> {
            List<Way> ways = session().analysis().recommendation().ways();
            session().edit(job -> WorkPlan.taking(job, ways));
            return ways;
        });
        keys(KeyCode.ALT, KeyCode.DIGIT5);
        for (int i = 0; i < 8 && !label("step-title").equals("Scribe the cut"); i++) {
            keys(KeyCode.RIGHT);
        }
        assertThat(label("step-title")).isEqualTo("Scribe the cut");
        assertThat(find("step-picture", Node.class).isVisible()).isTrue();
        // The neck points sideways, so that each cheek has its own cut: one number on the drawing would be wrong.
        assertThat(picture("step-drawing").notes()).isEmpty();
        assertThat(find("step-drawing", Node.class).getAccessibleText()).contains("Leaves at the cap");
        keys(KeyCode.ALT, KeyCode.DIGIT4);
    }

    /** A gate that does not apply to this instrument is not shown, neither as a picture nor in the list. */
    @Test
    public void gatesAreThoseOfThisInstrument() {
        openSample(0);
        keys(KeyCode.ALT, KeyCode.DIGIT3);
        List<GateId> judged =
                session().analysis().gates().stream().map(gate -> gate.id()).toList();
        assertThat(judged).doesNotContain(GateId.CLEARANCE);
        for (GateId id : GateId.values()) {
            assertThat(find("gate-tile-" + id.key(), Node.class).isVisible())
                    .as(id.key())
                    .isEqualTo(judged.contains(id));
        }
    }

    @Test
    public void aJobInTheLedgerShowsItsLoupes() {
        openSample(0);
        keys(KeyCode.ALT, KeyCode.DIGIT0);
        waitFor(() -> robot.lookup("#job-card-loupes").queryAll().stream().anyMatch(Node::isVisible));
        assertThat(picture("job-card-loupes-action").shapes()).isNotEmpty();
    }

    /** Pictures for measuring and planning, figures for reading, a line at the bench; at most a third of the window. */
    @Test
    public void theInstrumentTakesTheRoomItsStationGives() {
        openSample(0);
        for (Map.Entry<KeyCode, InstrumentView.Size> each : Map.of(
                        KeyCode.DIGIT1, InstrumentView.Size.CAPTIONS,
                        KeyCode.DIGIT2, InstrumentView.Size.FULL,
                        KeyCode.DIGIT3, InstrumentView.Size.CAPTIONS,
                        KeyCode.DIGIT4, InstrumentView.Size.FULL,
                        KeyCode.DIGIT5, InstrumentView.Size.LINE,
                        KeyCode.DIGIT6, InstrumentView.Size.CAPTIONS)
                .entrySet()) {
            double height = heightAt(each.getKey());
            assertThat(find("instrument", InstrumentView.class).sizeProperty().get())
                    .as(each.getKey().getName())
                    .isEqualTo(each.getValue());
            assertThat(height)
                    .isLessThanOrEqualTo(onWindow(() -> stage.getScene().getHeight()) / 3);
        }
    }

    @Test
    public void roomToSwingNeedsNoScrollingAndHasItsTable() {
        openSample(0);
        keys(KeyCode.ALT, KeyCode.DIGIT4);
        press(find("plan-page-frets", Node.class));
        waitFor(() -> find("swing-map", Region.class).getWidth() > 100);
        onWindow(() -> {
            Region map = find("swing-map", Region.class);
            assertThat(map.localToScene(map.getLayoutBounds()).getMaxX())
                    .isLessThanOrEqualTo(stage.getScene().getWidth());
            return map;
        });
        long numbered = numbers();
        assertThat(numbered).isZero();
        keys(KeyCode.F8);
        waitFor(() -> numbers() > 50);
        keys(KeyCode.F8);
    }

    private long numbers() {
        return onWindow(() -> find("swing-map", Region.class).lookupAll(".swing-cell").stream()
                .filter(cell -> !((javafx.scene.control.Label) cell).getText().isEmpty())
                .count());
    }
}
