package org.kestan.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import org.kestan.analysis.swing.Swing;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.AtFret;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Sides;
import org.kestan.desktop.widgets.neck.NeckPicture;
import org.kestan.desktop.widgets.neck.SwingMap;
import org.kestan.overview.Station;
import org.kestan.overview.StringClearances;
import org.testng.annotations.Test;

/** The neck's profile and string clearance, in the real window. */
public class NeckWindowTest extends WindowTest {

    /** The sample whose frets were not read one by one. */
    private static final int LARGE_FLAT_TOP = 0;

    private void openNeck() {
        openSample(LARGE_FLAT_TOP);
        onWindow(() -> {
            window.show(Station.MEASURE.key());
            return true;
        });
        press(find("neck-open", Button.class));
    }

    private int asked() {
        return session().focusedLineProperty().get() instanceof AtFret at ? at.fret() : 0;
    }

    /** A sweep of seven gaps by keyboard: the three most useful first, then along the neck; five keystrokes a gap. */
    @Test
    public void sweepsSevenGapsByKeyboard() {
        onWindow(() -> {
            session().bareUnitProperty().set("mm");
            return true;
        });
        openNeck();
        Map<Integer, String> gaps =
                Map.of(4, "0.22", 7, "0.30", 11, "0.18", 12, "0.11", 13, "0.06", 2, "0.09", 3, "0.16");
        List<Integer> order = List.of(4, 7, 11, 12, 13, 2, 3);
        int strokes = 0;
        for (int fret : order) {
            assertThat(asked()).isEqualTo(fret);
            robot.write(gaps.get(fret), 0);
            keys(KeyCode.ENTER);
            strokes += gaps.get(fret).length() + 1;
        }
        assertThat(strokes).isLessThanOrEqualTo(6 * order.size());
        gaps.forEach((fret, text) -> assertThat(session()
                        .job()
                        .get(Reading.PROFILE_GAP.at(fret))
                        .orElseThrow()
                        .text())
                .isEqualTo(text + " mm"));
        assertThat(session()
                        .analysis()
                        .trajectory()
                        .orElseThrow()
                        .basis()
                        .profile()
                        .terms())
                .isEqualTo(3);
        assertThat(label("neck-shape")).contains("bow");
        // Undo removes them one by one; nothing else was touched.
        for (int i = 0; i < order.size(); i++) {
            keys(KeyCode.CONTROL, KeyCode.Z);
        }
        assertThat(session().job().visit().fretByFret(Reading.PROFILE_GAP)).isEmpty();
    }

    /** A gap far off the curve is asked for again, at its field; a repeated take is kept. */
    @Test
    public void asksForAStrayGapAgain() {
        openNeck();
        for (String gap : new String[] {"0.22 mm", "0.30 mm", "0.18 mm", "0.11 mm", "0.50 mm"}) {
            enter(gap);
        }
        assertThat(label("survey-profile-gaps-13-gap-note")).contains("off the curve");
        assertThat(session().analysis().questions())
                .anySatisfy(question -> assertThat(question.line()).isEqualTo(Reading.PROFILE_GAP.at(13)));
        type("survey-profile-gaps-13-gap", "0.06 mm");
        assertThat(label("survey-profile-gaps-13-gap-note")).doesNotContain("off the curve");
        onWindow(() -> {
            TextField field = find("survey-profile-gaps-13-gap", TextField.class);
            field.requestFocus();
            field.selectAll();
            return field;
        });
        robot.write("0.08 mm", 0);
        keys(KeyCode.SHIFT, KeyCode.ENTER);
        assertThat(session().job().visit().takesOf(Reading.PROFILE_GAP.at(13))).hasSize(2);
    }

    /** Page Down goes from fret to fret; pressing the drawing asks for the fret under the pointer. */
    @Test
    public void goesAlongTheNeck() {
        openSample(LARGE_FLAT_TOP);
        keys(KeyCode.ALT, KeyCode.DIGIT3);
        keys(KeyCode.F2);
        assertThat(asked()).isEqualTo(4);
        keys(KeyCode.PAGE_DOWN);
        assertThat(asked()).isEqualTo(5);
        keys(KeyCode.PAGE_UP);
        assertThat(asked()).isEqualTo(4);
        robot.clickOn(find("neck-picture", NeckPicture.class));
        settle();
        assertThat(asked()).isBetween(6, 12).isNotEqualTo(4);
        press(find("neck-single", ToggleButton.class));
        type("survey-frets-9-rocks", "0.004 in");
        assertThat(session().job().get(Reading.FRET_ROCKS.at(9))).isPresent();
        press(find("neck-close", Button.class));
        assertThat(robot.lookup("#survey-relief-gap").query().isVisible()).isTrue();
    }

    /** The map describes the chosen cell in words; the lowest clean action can be made the target, and undone. */
    @Test
    public void showsTheRoomToSwingAndAimsAtIt() {
        openSample(LARGE_FLAT_TOP);
        onWindow(() -> {
            window.show(Station.PLAN.key());
            return true;
        });
        waitFor(() -> robot.lookup("#plan-page-frets").tryQuery().isPresent());
        press(find("plan-page-frets", ToggleButton.class));
        waitFor(() -> robot.lookup("#swing-map").tryQuery().isPresent());
        SwingMap map = find("swing-map", SwingMap.class);
        onWindow(() -> {
            map.requestFocus();
            return true;
        });
        settle();
        String first = label("swing-said");
        assertThat(first).startsWith("String ").contains("fret");
        keys(KeyCode.DOWN);
        assertThat(label("swing-said")).isNotEqualTo(first);
        keys(KeyCode.HOME);
        assertThat(label("swing-said")).isEqualTo(first);
        Swing now = session().analysis().room().at(StringClearances.Stage.NOW).orElseThrow();
        press(find("plan-page-numbers", ToggleButton.class));
        press(find("aim-clean", Button.class));
        Sides<Double> lowest = now.lowestActions();
        assertThat(session().job().millimeters(Aim.ACTION_BASS).orElseThrow()).isCloseTo(lowest.bass(), within(0.011));
        assertThat(session().job().millimeters(Aim.ACTION_TREBLE).orElseThrow())
                .isCloseTo(lowest.treble(), within(0.011));
        press(find("aim-usual", Button.class));
        assertThat(session().job().millimeters(Aim.ACTION_TREBLE).orElseThrow())
                .isCloseTo(4 * 25.4 / 64, within(0.011));
    }
}
