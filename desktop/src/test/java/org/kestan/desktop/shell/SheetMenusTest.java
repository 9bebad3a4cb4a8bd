package org.kestan.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.MenuBar;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.kestan.base.sheet.Reading;
import org.kestan.desktop.WindowTest;
import org.kestan.desktop.widgets.instrument.Motion;
import org.kestan.files.tables.SheetCsv;
import org.kestan.job.Job;
import org.testng.annotations.Test;

public class SheetMenusTest extends WindowTest {

    private void read(Path table) {
        onWindow(() -> {
            window.actions().csvIn(table);
            return true;
        });
    }

    @Test
    public void aTableIsLaidOverTheSheetInOneStepOfUndo() throws IOException {
        openSample(0);
        Job before = session().job();
        read(Files.writeString(folder.resolve("survey.csv"), "key,value\naction.bass,3.1 mm\nheel.height,90 mm\n"));
        assertThat(session().job().get(Reading.ACTION_BASS).orElseThrow().text())
                .isEqualTo("3.1 mm");
        assertThat(find("survey-heel-height", TextField.class).getText()).isEqualTo("90 mm");
        keys(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(session().job()).isEqualTo(before);
    }

    @Test
    public void badTablesLeaveTheSheetAlone() throws IOException {
        openSample(0);
        Job before = session().job();
        read(Files.writeString(folder.resolve("bad.csv"), "key,value\naction.bass,3.1\n"));
        assertThat(label("notice"))
                .contains("Nothing was imported from bad.csv")
                .contains("unit is missing");
        byte[] latin = "key,value\nnotes,gr\u00fcn\n".getBytes(StandardCharsets.ISO_8859_1);
        read(Files.write(folder.resolve("latin.csv"), latin));
        assertThat(label("notice")).contains("UTF-8");
        read(Files.write(folder.resolve("huge.csv"), new byte[6 << 20]));
        assertThat(label("notice")).contains("larger than a sheet");
        assertThat(session().job()).isEqualTo(before);
        assertThat(SheetCsv.write(before)).contains("action.bass");
    }

    @Test
    public void picturesChangeAtOnceWhereThatIsAskedFor() {
        openSample(0);
        assertThat(Motion.wantedProperty().get()).isTrue();
        MenuBar bar = find("menu", MenuBar.class);
        CheckMenuItem still = onWindow(() -> bar.getMenus().stream()
                .flatMap(menu -> menu.getItems().stream())
                .filter(CheckMenuItem.class::isInstance)
                .map(CheckMenuItem.class::cast)
                .findFirst()
                .orElseThrow());
        onWindow(() -> {
            still.setSelected(true);
            return true;
        });
        assertThat(Motion.wantedProperty().get()).isFalse();
        onWindow(() -> {
            still.setSelected(false);
            return true;
        });
        assertThat(Motion.wantedProperty().get()).isTrue();
    }
}
