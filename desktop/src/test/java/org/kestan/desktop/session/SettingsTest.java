package org.kestan.desktop.session;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.geometry.Rectangle2D;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.files.disk.Disk;
import org.kestan.text.BenchUnit;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What is kept between runs, and what is not believed. */
public class SettingsTest {

    private Path folder;

    @BeforeMethod
    public void make() throws IOException {
        folder = Files.createTempDirectory("kestan-settings-");
    }

    @AfterMethod(alwaysRun = true)
    public void remove() throws IOException {
        Disk.deleteAll(folder);
    }

    @Test
    public void whatIsChosenIsThereTheNextTime() {
        Settings settings = Settings.in(folder);
        settings.setDark(true);
        settings.setTextSize(150);
        settings.setUnit(BenchUnit.MILLIMETERS);
        settings.setBareUnit("thou");
        settings.setWho("Ida Wren");
        settings.setDrawingHeight("measure", 211.6);
        settings.setDrawingHeight("plan", 0);
        settings.setLastFolder("papers", folder);
        settings.setWindow(new Rectangle2D(-40, 12, 1400, 900));
        settings.setMaximized(true);
        Settings again = Settings.in(folder);
        assertThat(again.window()).contains(new Rectangle2D(-40, 12, 1400, 900));
        assertThat(again.maximized()).isTrue();
        assertThat(again.dark()).isTrue();
        assertThat(again.textSize()).isEqualTo(150);
        assertThat(again.unit()).isEqualTo(BenchUnit.MILLIMETERS);
        assertThat(again.bareUnit()).isEqualTo("thou");
        assertThat(again.who()).isEqualTo("Ida Wren");
        assertThat(again.drawingHeight("measure").orElseThrow()).isEqualTo(212);
        assertThat(again.drawingHeight("plan").orElseThrow()).as("folded").isZero();
        assertThat(again.drawingHeight("verdict")).isEmpty();
        assertThat(again.lastFolder("papers")).contains(folder.toAbsolutePath());
        assertThat(again.lastFolder("jobs")).isEmpty();
    }

    @Test
    public void aNewFolderHasTheDefaults() {
        Settings settings = Settings.in(folder.resolve("nowhere"));
        assertThat(settings.dark()).isFalse();
        assertThat(settings.textSize()).isEqualTo(100);
        assertThat(settings.unit()).isEqualTo(BenchUnit.SIXTY_FOURTHS);
        assertThat(settings.bareUnit()).isEmpty();
        assertThat(settings.who()).isEmpty();
        assertThat(settings.recentFiles()).isEmpty();
        assertThat(settings.standards().standards()).isEqualTo(ShopStandards.DEFAULT);
    }

    /** Files that no program wrote, or a truncated one: what can't be used is ignored. */
    @DataProvider
    public Object[][] odd() {
        return new Object[][] {
            {"textSize=9000\nunit=FURLONG\nbareUnit=ell\ndrawing.measure=tall\nfolder.papers=\\u0000\nwindow=1 2 -3 4"},
            {"textSize=\ndark=perhaps\ndrawing.measure=-40\nrecent.0=/nowhere/at/all.json\nwindow=here 0 9 9"},
            {"\\u00zz"},
            {"\u0000\u0001\u0002=\n===\n"},
        };
    }

    @Test(dataProvider = "odd")
    public void oddSettingsAreNotBelieved(String text) throws IOException {
        Files.writeString(folder.resolve("settings.properties"), text, StandardCharsets.UTF_8);
        Settings settings = Settings.in(folder);
        assertThat(settings.textSize()).isEqualTo(100);
        assertThat(settings.unit()).isEqualTo(BenchUnit.SIXTY_FOURTHS);
        assertThat(settings.bareUnit()).isEmpty();
        assertThat(settings.dark()).isFalse();
        assertThat(settings.drawingHeight("measure").orElse(0)).isZero();
        assertThat(settings.lastFolder("papers")).isEmpty();
        assertThat(settings.recentFiles()).isEmpty();
        assertThat(settings.window()).isEmpty();
        settings.setDark(true);
        assertThat(Settings.in(folder).dark()).as("and can be written anew").isTrue();
    }

    /** The newest first, each once, no more than eight, missing ones left out. */
    @Test
    public void recentFilesAreThoseThatAreThere() throws IOException {
        Settings settings = Settings.in(folder);
        for (int i = 0; i < 11; i++) {
            settings.remember(Files.writeString(folder.resolve("job-" + i + ".json"), "{}"));
        }
        settings.remember(folder.resolve("job-6.json"));
        assertThat(settings.recentFiles()).hasSize(8);
        assertThat(settings.recentFiles().get(0))
                .isEqualTo(folder.resolve("job-6.json").toAbsolutePath());
        assertThat(settings.recentFiles()).doesNotHaveDuplicates();
        Files.delete(folder.resolve("job-10.json"));
        assertThat(Settings.in(folder).recentFiles())
                .hasSize(7)
                .doesNotContain(folder.resolve("job-10.json").toAbsolutePath());
    }

    @Test
    public void standardsAreKeptAndDamagedOnesSaidToBe() throws IOException {
        Settings settings = Settings.in(folder);
        ShopStandards own =
                ShopStandards.DEFAULT.with(Standard.SINK, "0.9 mm").optional().orElseThrow();
        settings.keepStandards(own);
        assertThat(Settings.in(folder).standards().standards()).isEqualTo(own);
        Files.writeString(
                folder.resolve("standards.json"), "{\"kestanStandards\": 1, \"values\": {\"sink\": \"deep\"}}");
        assertThat(Settings.in(folder).standards().faults()).hasSize(1);
        assertThat(Settings.in(folder).standards().standards()).isEqualTo(ShopStandards.DEFAULT);
    }

    /** A folder that can't be written to keeps nobody from working. */
    @Test
    public void settingsThatCantBeWrittenStopNothing() throws IOException {
        Path file = Files.writeString(folder.resolve("a-file"), "");
        Settings settings = Settings.in(file.resolve("within"));
        settings.setDark(true);
        assertThat(settings.dark()).isTrue();
    }
}
