package org.kestan.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.scene.paint.Color;
import org.kestan.base.sheet.Reading;
import org.kestan.files.job.JobFile;
import org.kestan.job.Job;
import org.testng.annotations.Test;

public class JobFilesTest extends WindowTest {

    @Test
    public void aDamagedFileLeavesTheOpenJobAlone() throws IOException {
        openSample(0);
        Job open = session().job();
        for (String bad :
                new String[] {"{\"kestan\": 1, \"survey\": {\"action\": {\"bass\": 3.9}}}", "not json", "{}"}) {
            Path file = Files.writeString(folder.resolve("bad" + JobFile.EXTENSION), bad);
            assertThat(onWindow(() -> window.store().jobFiles().open(file))).isFalse();
            assertThat(session().job()).isEqualTo(open);
            assertThat(label("notice"))
                    .startsWith("Not opened: bad.kestan.json")
                    .contains("accepted:");
            assertThat(find("notice", Node.class).getStyleClass()).contains("notice-error");
        }
        assertThat(ledger.count()).isEqualTo(1);
    }

    @Test
    public void aNewJobComesIntoTheLedgerWithItsFirstEdit() {
        keys(KeyCode.SHORTCUT, KeyCode.N);
        assertThat(ledger.count()).isZero();
        keys(KeyCode.ALT, KeyCode.DIGIT2);
        type("survey-heel-height", "90 mm");
        waitFor(() -> label("saved").startsWith("Saved "));
        String id = window.store().openId().orElseThrow();
        assertThat(ledger.read(id).orElseThrow().job().get(Reading.HEEL_HEIGHT)).isPresent();
    }

    @Test
    public void writesTheJobToAFileOfItsOwn() {
        openSample(2);
        type("survey-bridgeHeight", "27 mm");
        Path copy = folder.resolve("copy" + JobFile.EXTENSION);
        onWindow(() -> {
            window.store().jobFiles().write(copy);
            return true;
        });
        Job written = JobFile.read(copy).job().orElseThrow();
        assertThat(written.get(Reading.BRIDGE_HEIGHT).orElseThrow().text()).isEqualTo("27 mm");
        assertThat(written).isEqualTo(session().job());
    }

    @Test
    public void copiesTheFiguresAndOpensAJobFromTheClipboard() throws IOException {
        openSample(0);
        keys(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.C);
        String copied = onWindow(() -> Clipboard.getSystemClipboard().getString());
        assertThat(copied).contains("Heel cut at the cap: ").contains("Straightedge, slack: ");
        String archtop = Files.readString(samples.get(2));
        onWindow(() -> {
            ClipboardContent content = new ClipboardContent();
            content.putString(archtop);
            return Clipboard.getSystemClipboard().setContent(content);
        });
        keys(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.V);
        assertThat(session().job().get(Reading.BRIDGE_HEIGHT).orElseThrow().text())
                .isEqualTo("20.5 mm");
        assertThat(label("job-name")).contains("archtop");
    }

    @Test
    public void themeTextSizeAndUnitAreKept() {
        openSample(0);
        keys(KeyCode.F7);
        keys(KeyCode.F6);
        keys(KeyCode.SHORTCUT, KeyCode.EQUALS);
        assertThat(stage.getScene().getRoot().getPseudoClassStates())
                .contains(PseudoClass.getPseudoClass("lamplight"), PseudoClass.getPseudoClass("text-125"));
        assertThat(find("job-name", Label.class).getFont().getSize()).isBetween(20.0, 26.0);
        assertThat(find("job-name", Label.class).getTextFill()).isEqualTo(Color.web("#f3ecdd"));
        var kept = org.kestan.desktop.session.Settings.in(folder);
        assertThat(kept.dark()).isTrue();
        assertThat(kept.textSize()).isEqualTo(125);
        assertThat(kept.unit()).isEqualTo(org.kestan.text.BenchUnit.THOUSANDTHS);
        assertThat(kept.recentFiles()).contains(samples.get(0).toAbsolutePath());
        keys(KeyCode.F7);
        assertThat(stage.getScene().getRoot().getPseudoClassStates())
                .doesNotContain(PseudoClass.getPseudoClass("lamplight"));
        assertThat(find("job-name", Label.class).getTextFill()).isEqualTo(Color.web("#16232e"));
    }

    @Test
    public void everythingIsReachableInASmallWindowWithLargeText() {
        openSample(0);
        onWindow(() -> {
            stage.setWidth(1100);
            stage.setHeight(700);
            return true;
        });
        keys(KeyCode.SHORTCUT, KeyCode.EQUALS);
        keys(KeyCode.SHORTCUT, KeyCode.EQUALS);
        settle();
        for (String id : new String[] {
            "station-ledger", "station-measure", "station-plan", "figure-bridge", "unit-button", "saved", "instrument"
        }) {
            var bounds = onWindow(
                    () -> find(id, Node.class).localToScene(find(id, Node.class).getBoundsInLocal()));
            assertThat(bounds.getMinX()).as(id).isGreaterThanOrEqualTo(-0.5);
            assertThat(bounds.getMaxX())
                    .as(id)
                    .isLessThanOrEqualTo(stage.getScene().getWidth() + 0.5);
            assertThat(bounds.getMaxY())
                    .as(id)
                    .isLessThanOrEqualTo(stage.getScene().getHeight() + 0.5);
            assertThat(bounds.getHeight()).as(id).isGreaterThan(8);
        }
        type("survey-sideDrift-offset", "2 mm");
        assertThat(session().job().get(Reading.SIDE_DRIFT).orElseThrow().text()).isEqualTo("2 mm");
        assertThat(find("survey-sideDrift-offset", TextField.class).getWidth()).isGreaterThan(40);
    }
}
