package org.kestan.files.papers;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.DirectoryNotEmptyException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.function.Predicate;
import javax.imageio.ImageIO;
import org.kestan.base.standards.ShopStandards;
import org.kestan.files.demo.DemoJobs;
import org.kestan.files.disk.Disk;
import org.kestan.files.job.JobFile;
import org.kestan.files.job.JobReader;
import org.kestan.overview.JobAnalysis;
import org.kestan.text.BenchUnit;
import org.kestan.text.Wording;
import org.testng.SkipException;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/**
 * The owner's page opened in a real browser without a screen: it is drawn with its pictures from that one file alone.
 */
public class OwnerPageBrowserTest {

    private static final List<String> BROWSERS =
            List.of("/usr/bin/chromium", "/usr/bin/chromium-browser", "/usr/bin/google-chrome");
    private static final int WIDTH = 900;
    private static final int HEIGHT = 3200;

    private Path folder;

    @BeforeMethod
    public void make() throws IOException {
        folder = Files.createTempDirectory("kestan-browser-");
    }

    @AfterMethod(alwaysRun = true)
    public void remove() throws IOException, InterruptedException {
        for (int tries = 0; Files.exists(folder); tries++) {
            try {
                Disk.deleteAll(folder);
            } catch (DirectoryNotEmptyException busy) {
                // Parts of the browser may still be writing after the browser has ended.
                if (tries == 50) {
                    throw busy;
                }
                Thread.sleep(100);
            }
        }
    }

    private static String browser() {
        Optional<String> found = BROWSERS.stream()
                .filter(each -> Files.isExecutable(Path.of(each)))
                .findFirst();
        return found.orElseThrow(() -> new SkipException("no browser on this machine; ./kestan test installs one"));
    }

    private String run(List<String> options, Path page) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of(
                browser(),
                "--headless",
                "--no-sandbox",
                "--disable-gpu",
                "--disable-quic",
                "--no-first-run",
                "--disable-background-networking",
                "--disable-component-update",
                "--disable-sync",
                "--user-data-dir=" + folder.resolve("profile")));
        command.addAll(options);
        command.add(page.toUri().toString());
        Path out = folder.resolve("out.txt");
        Process process = new ProcessBuilder(command)
                .redirectOutput(out.toFile())
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        if (!process.waitFor(120, TimeUnit.SECONDS)) {
            process.destroyForcibly();
            throw new AssertionError("the browser did not come to an end");
        }
        return Files.readString(out, StandardCharsets.UTF_8);
    }

    private static byte[] photograph() throws IOException {
        BufferedImage image = new BufferedImage(300, 200, BufferedImage.TYPE_INT_RGB);
        for (int x = 0; x < 300; x++) {
            for (int y = 0; y < 200; y++) {
                image.setRGB(x, y, 0xc02020);
            }
        }
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(image, "png", bytes);
        return bytes.toByteArray();
    }

    @Test(groups = "slow")
    public void aReportIsSeenWithItsPictures() throws Exception {
        JobAnalysis analysis = JobAnalysis.of(
                JobReader.read(DemoJobs.bytes("reset-that-missed" + JobFile.EXTENSION))
                        .job()
                        .orElseThrow(),
                ShopStandards.DEFAULT);
        List<Path> written = OwnerPapers.report(
                        analysis,
                        Wording.in(BenchUnit.MILLIMETERS),
                        List.of(
                                new OwnerPaper.Photograph(OwnerPageBrowserTest::photograph, "The loose brace"),
                                new OwnerPaper.Photograph(() -> "no picture".getBytes(StandardCharsets.UTF_8), "lost")),
                        LocalDate.of(2026, 11, 26))
                .paper()
                .orElseThrow()
                .writeInto(folder, SheetPdf.Paper.A4);
        Path picture = folder.resolve("seen.png");
        run(List.of("--window-size=" + WIDTH + "," + HEIGHT, "--screenshot=" + picture), written.get(0));
        BufferedImage seen = ImageIO.read(picture.toFile());
        assertThat(seen.getWidth()).isEqualTo(WIDTH);
        // The dashed line of the measured state, the photograph, and words: whatever a missing picture or font would
        // leave out.
        assertThat(count(seen, each -> each.getGreen() > each.getRed() + 15 && each.getGreen() > each.getBlue() + 8))
                .as("the drawing")
                .isGreaterThan(150);
        assertThat(count(seen, each -> each.getRed() > 150 && each.getGreen() < 60 && each.getBlue() < 60))
                .as("the photograph")
                .isGreaterThan(20_000);
        assertThat(count(seen, each -> each.getRed() < 90 && each.getGreen() < 100 && each.getBlue() < 110))
                .as("the words")
                .isGreaterThan(3_000);
        String dom = run(List.of("--dump-dom"), written.get(0));
        assertThat(dom)
                .contains("<h1>Report: Walnut flat-top", "The loose brace", "Pictures")
                .doesNotContain("lost</p>");
    }

    private static int count(BufferedImage image, Predicate<Color> wanted) {
        int found = 0;
        for (int x = 0; x < image.getWidth(); x++) {
            for (int y = 0; y < image.getHeight(); y++) {
                found += wanted.test(new Color(image.getRGB(x, y))) ? 1 : 0;
            }
        }
        return found;
    }
}
