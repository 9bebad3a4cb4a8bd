package org.kestan.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javafx.scene.paint.Color;
import org.kestan.files.disk.Disk;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The colors of both themes, and that the stylesheets use no others. */
public class StylesheetsTest {

    private static final Path FOLDER = Path.of("src", "main", "resources", "org", "kestan", "desktop");
    private static final Pattern TOKEN = Pattern.compile("(-kestan-[a-z-]+):\\s*(#[0-9a-f]{6})");
    private static final Pattern USE = Pattern.compile("-kestan-[a-z-]+");
    private static final Pattern HEX = Pattern.compile("#[0-9a-fA-F]{3,8}\\b");

    /** Web Content Accessibility Guidelines 2.2, success criterion 1.4.3: text, level AA. */
    private static final double TEXT = 4.5;

    /** The same, success criterion 1.4.11: what identifies a control or its state. */
    private static final double SHAPE = 3;

    private static String sheet(String name) throws IOException {
        return Files.readString(FOLDER.resolve(name + ".css"));
    }

    private static Map<String, Color> colors(String theme) throws IOException {
        Map<String, Color> colors = new LinkedHashMap<>();
        Matcher tokens = TOKEN.matcher(sheet(theme));
        while (tokens.find()) {
            colors.put(tokens.group(1).substring("-kestan-".length()), Color.web(tokens.group(2)));
        }
        return colors;
    }

    /** Relative luminance as WCAG 2.2 defines it, for sRGB. */
    private static double luminance(Color color) {
        return 0.2126 * linear(color.getRed()) + 0.7152 * linear(color.getGreen()) + 0.0722 * linear(color.getBlue());
    }

    private static double linear(double channel) {
        return channel <= 0.04045 ? channel / 12.92 : Math.pow((channel + 0.055) / 1.055, 2.4);
    }

    private static double contrast(Color one, Color other) {
        double lighter = Math.max(luminance(one), luminance(other));
        double darker = Math.min(luminance(one), luminance(other));
        return (lighter + 0.05) / (darker + 0.05);
    }

    @DataProvider
    public Object[][] themes() {
        return new Object[][] {{"paper"}, {"lamplight"}};
    }

    /** Black on white has 21 to 1 and a gray of #767676 on white 4.54 to 1 (the guideline's own and a common example). */
    @Test
    public void contrastIsTheGuidelines() {
        assertThat(contrast(Color.BLACK, Color.WHITE)).isCloseTo(21, within(1e-9));
        assertThat(contrast(Color.web("#767676"), Color.WHITE)).isCloseTo(4.54, within(0.005));
        assertThat(contrast(Color.web("#777777"), Color.WHITE)).isLessThan(TEXT);
    }

    @Test(dataProvider = "themes")
    public void textCanBeReadOnEveryGround(String theme) throws IOException {
        Map<String, Color> colors = colors(theme);
        for (String ground : List.of("paper", "sheet", "raised")) {
            for (String text : List.of("ink", "muted", "amber", "planned", "remove", "good", "stop")) {
                assertThat(contrast(colors.get(text), colors.get(ground)))
                        .as(theme + ": " + text + " on " + ground)
                        .isGreaterThanOrEqualTo(TEXT);
            }
        }
        for (String ground : List.of("wood", "amber-fill", "planned-fill", "fretboard")) {
            assertThat(contrast(colors.get("ink"), colors.get(ground)))
                    .as(theme + ": ink on " + ground)
                    .isGreaterThanOrEqualTo(TEXT);
        }
    }

    @Test(dataProvider = "themes")
    public void edgesOfControlsCanBeSeen(String theme) throws IOException {
        Map<String, Color> colors = colors(theme);
        for (String ground : List.of("paper", "sheet", "raised")) {
            assertThat(contrast(colors.get("edge"), colors.get(ground)))
                    .as(theme + ": edge on " + ground)
                    .isGreaterThanOrEqualTo(SHAPE);
        }
    }

    @Test
    public void bothThemesHaveTheSameColors() throws IOException {
        assertThat(colors("paper").keySet())
                .isEqualTo(colors("lamplight").keySet())
                .hasSizeGreaterThan(12);
    }

    /** A color written into a stylesheet would stay the same in the other theme. */
    @Test
    public void sheetsUseTheColorsOfTheThemeAndNoOther() throws IOException {
        Set<String> known = new TreeSet<>();
        colors("paper").keySet().forEach(name -> known.add("-kestan-" + name));
        try (Stream<Path> files = Files.list(FOLDER)) {
            List<Path> sheets = files.filter(file -> file.toString().endsWith(".css"))
                    .filter(file -> !file.endsWith("paper.css") && !file.endsWith("lamplight.css"))
                    .toList();
            assertThat(sheets).hasSizeGreaterThan(8);
            for (Path file : sheets) {
                String text = Files.readString(file);
                assertThat(HEX.matcher(text).results().map(each -> each.group()).toList())
                        .as(file.getFileName().toString())
                        .isEmpty();
                Matcher uses = USE.matcher(text);
                while (uses.find()) {
                    assertThat(known).as(file.getFileName().toString()).contains(uses.group());
                }
            }
        }
    }

    @Test
    public void everySheetBelongsToTheWindowOrToARoom() throws IOException {
        Set<String> names = new TreeSet<>(List.of("kestan", "paper", "lamplight"));
        RoomRegistry.ALL.forEach(room -> names.add(room.id()));
        try (Stream<Path> files = Files.list(FOLDER)) {
            files.map(file -> file.getFileName().toString())
                    .filter(name -> name.endsWith(".css"))
                    .forEach(name -> assertThat(names).contains(name.replace(".css", "")));
        }
    }

    /** Stylesheets read ahead of time replace the written ones, and if one is missing the written one is used. */
    @Test
    public void preparedSheetsAreUsedWhereTheyAre() throws IOException {
        Path folder = Files.createTempDirectory("kestan-sheets-");
        String before = System.getProperty("kestan.prepared");
        try {
            assertThat(Stylesheets.common()).hasSize(3).allMatch(each -> each.endsWith(".css"));
            Stylesheets.prepare(folder);
            Files.delete(folder.resolve("paper.bss"));
            System.setProperty("kestan.prepared", folder.toString());
            List<String> common = Stylesheets.common();
            assertThat(common.get(0)).endsWith("kestan.bss");
            assertThat(common.get(1)).endsWith("paper.css");
            assertThat(Files.readAllBytes(Path.of(URI.create(common.get(2)))))
                    .isNotEqualTo(sheet("lamplight").getBytes(StandardCharsets.UTF_8));
        } finally {
            if (before == null) {
                System.clearProperty("kestan.prepared");
            } else {
                System.setProperty("kestan.prepared", before);
            }
            Disk.deleteAll(folder);
        }
    }
}
