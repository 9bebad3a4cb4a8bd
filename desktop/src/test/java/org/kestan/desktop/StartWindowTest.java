package org.kestan.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.control.MenuBar;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.kestan.base.sheet.Reading;
import org.kestan.desktop.session.Settings;
import org.kestan.desktop.shell.MainWindow;
import org.kestan.overview.Station;
import org.testfx.api.FxToolkit;
import org.testng.annotations.Test;

/** A window at startup: what is seen first is built first, the rest a piece per frame. */
public class StartWindowTest extends WindowTest {

    /** What was there when the window had been put together, before its first frame. */
    private boolean sheetAtFirst;

    private int menusAtFirst;

    @Override
    protected MainWindow window(Settings settings) {
        MainWindow made = new MainWindow(
                stage,
                settings,
                ledger,
                samples,
                store -> store.jobFiles().open(samples.get(0)),
                Station.MEASURE.key());
        sheetAtFirst = stage.getScene().lookup("#survey-action-bass") != null;
        menusAtFirst =
                ((MenuBar) stage.getScene().lookup(".menu-bar")).getMenus().size();
        return made;
    }

    @Test
    public void theSheetAndTheMenusComeAfterTheDrawing() {
        assertThat(sheetAtFirst).isFalse();
        assertThat(menusAtFirst).isZero();
        TextField action = find("survey-action-bass", TextField.class);
        assertThat(action.getText())
                .isEqualTo(
                        session().job().get(Reading.ACTION_BASS).orElseThrow().text());
        // The columns follow the instrument, though their fields follow the sheet.
        waitFor(() -> robot.lookup("#rare-readings").tryQuery().isPresent());
        waitFor(() -> stage.getScene().lookup("#neck-open") != null);
        assertThat(left("survey-nut-bass")).isLessThan(left("survey-relief-gap"));
        assertThat(left("survey-relief-gap")).isLessThan(left("survey-action-bass"));
        assertThat(left("survey-action-bass")).isLessThan(left("survey-heel-height"));
        keys(KeyCode.ALT, KeyCode.DIGIT3);
        waitFor(() -> robot.lookup("#page-ways").tryQuery().isPresent());
    }

    @Test
    public void whoAsksForTheSheetHasItWhole() throws Exception {
        onWindow(() -> {
            Stage other = new Stage();
            MainWindow asked =
                    new MainWindow(other, Settings.in(folder), ledger, samples, store -> {}, Station.MEASURE.key());
            assertThat(other.getScene().lookup("#neck-open")).isNull();
            asked.enter(Station.MEASURE.key());
            assertThat(other.getScene().lookup("#survey-takenOn")).isNotNull();
            assertThat(other.getScene().lookup("#neck-open")).isNotNull();
            asked.store().flush();
            return asked;
        });
        FxToolkit.cleanupStages();
    }

    private double left(String id) {
        TextField field = find(id, TextField.class);
        return field.localToScene(0, 0).getX();
    }
}
