package org.kestan.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Random;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import org.kestan.analysis.picture.PixelPoint;
import org.kestan.devices.standin.PhotographedNeck;
import org.kestan.devices.standin.PlayedString;
import org.kestan.devices.standin.StandInCamera;
import org.kestan.files.demo.DemoJobs;
import org.kestan.files.json.Json;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** A picture, a recording and a serial port at the command line. */
public class DeviceCommandsTest {

    private static final PhotographedNeck NECK =
            PhotographedNeck.drawn(new Random(3), PhotographedNeck.View.CLOSE_UP, 3);
    private static final float RATE = 44_100;

    private Path folder;
    private Path picture;
    private Path sound;
    private Path job;

    private record Ran(int code, String out, String err) {}

    private static Ran run(Object... arguments) {
        StringWriter out = new StringWriter();
        StringWriter err = new StringWriter();
        String[] texts =
                java.util.Arrays.stream(arguments).map(Object::toString).toArray(String[]::new);
        int code = KestanCommand.run(new PrintWriter(out), new PrintWriter(err), texts);
        return new Ran(code, out.toString(), err.toString());
    }

    private static JsonNode json(Ran ran) {
        assertThat(ran.err()).isEmpty();
        assertThat(ran.code()).isZero();
        return Json.MAPPER.readTree(ran.out());
    }

    @BeforeClass
    public void write() throws IOException {
        folder = Files.createTempDirectory("kestan-test-");
        picture = Files.write(folder.resolve("neck.jpg"), new StandInCamera(NECK, 1).jpeg());
        double[] samples = new PlayedString(82.407, 4e-5, 1.5, 0.15, 1e-4, 35, 40, 25, new double[] {110}, 0)
                .play(RATE, 2, new Random(5));
        byte[] bytes = new byte[2 * samples.length];
        for (int i = 0; i < samples.length; i++) {
            int value = (int) Math.round(samples[i] * Short.MAX_VALUE);
            bytes[2 * i] = (byte) value;
            bytes[2 * i + 1] = (byte) (value >> 8);
        }
        sound = folder.resolve("low.wav");
        AudioSystem.write(
                new AudioInputStream(
                        new ByteArrayInputStream(bytes), new AudioFormat(RATE, 16, 1, true, false), samples.length),
                AudioFileFormat.Type.WAVE,
                sound.toFile());
        job = Files.write(folder.resolve("job.kestan.json"), DemoJobs.bytes(DemoJobs.NAMES.get(0)));
    }

    private static String point(PixelPoint at, double right, double down) {
        return String.format(Locale.ROOT, "[%.3f, %.3f]", at.x() + right, at.y() + down);
    }

    /** Marks a few pixels off, as a hand would make them. */
    private Path marks(String line) throws IOException {
        StandInCamera camera = new StandInCamera(NECK, 1);
        String text = String.format(
                Locale.ROOT,
                """
                {"scaleLength": "%.4f mm",
                 "frets": [{"fret": 11, "at": %s}, {"fret": 12, "at": %s}, {"fret": 13, "at": %s}],
                 "camera": {"distance": "%.3f mm", "inset": "%.3f mm"},
                 "gaps": [{"line": "%s", "from": %s, "to": %s}]}
                """,
                NECK.scale(),
                point(camera.crown(11), 5, -3),
                point(camera.crown(12), -4, 0),
                point(camera.crown(13), 0, 6),
                NECK.camera().distance(),
                NECK.inset(),
                line,
                point(camera.crown(12), 3, 2),
                point(camera.underside(12), -3, 5));
        return Files.writeString(folder.resolve("marks.json"), text);
    }

    @Test
    public void aPictureIsMeasured() throws IOException {
        JsonNode root = json(run("picture", picture, "--marks", marks("action.treble")));
        JsonNode reading = root.get("readings").get(0);
        assertThat(reading.get("line").asString()).isEqualTo("action.treble");
        assertThat(reading.get("value").asDouble()).isCloseTo(NECK.action(12), within(0.03));
        assertThat(reading.get("halfWidth").asDouble()).isBetween(0.005, 0.06);
        assertThat(reading.get("from").size()).isEqualTo(2);
        assertThat(root.get("mmPerPixel").asDouble())
                .isCloseTo(NECK.camera().distance() / NECK.camera().focal(), within(0.002));
        assertThat(root.get("warnings").isEmpty()).isTrue();
    }

    @DataProvider
    static Object[][] wrongMarks() {
        return new Object[][] {
            {"{\"frets\": [{\"fret\": 11, \"at\": [1, 2]}]}", "/: ", "scaleLength"},
            {"{\"scaleLength\": 648}", "/scaleLength: ", "in quotes"},
            {"{\"scaleLength\": \"0 mm\"}", "/scaleLength: ", "648 mm"},
            {"{\"gaps\": [{\"line\": \"foo\", \"from\": [1, 2], \"to\": [3, 4]}]}", "/gaps/0/line: ", "action.bass"},
            {"{\"gaps\": [{\"line\": \"relief\", \"from\": [1], \"to\": [3, 4]}]}", "/gaps/0/from: ", "812.5"},
            {"{\"known\": [{\"from\": [1, 2], \"to\": [3, \"b\"], \"length\": \"1 mm\"}]}", "/known/0/to/1: ", "number"
            },
            {"no marks", "/: ", "JSON"},
        };
    }

    /** Each fault at its place, nothing printed, exit code 2. */
    @Test(dataProvider = "wrongMarks")
    public void wrongMarksAreSaid(String text, String place, String accepted) throws IOException {
        Ran ran = run("picture", picture, "--marks", Files.writeString(folder.resolve("wrong.json"), text));
        assertThat(ran.code()).isEqualTo(2);
        assertThat(ran.out()).isEmpty();
        assertThat(ran.err()).contains(place, accepted);
    }

    @Test
    public void whatIsNoPictureIsSaid() throws IOException {
        Ran ran = run("picture", job, "--marks", marks("action.bass"));
        assertThat(ran.code()).isEqualTo(2);
        assertThat(ran.err()).contains("not a picture");
    }

    @Test
    public void aRecordingIsHeard() {
        JsonNode note = json(run("listen", sound)).get("notes").get(0);
        assertThat(note.get("note").asString()).isEqualTo("E2");
        assertThat(note.get("frequency").asDouble()).isCloseTo(82.407, within(0.03));
        assertThat(note.get("buzz").asDouble()).isLessThan(0.5);
        JsonNode of = json(run("listen", sound, "--job", job, "--string", 6))
                .get("notes")
                .get(0);
        assertThat(of.get("cents").asDouble()).isCloseTo(0, within(0.6));
        JsonNode flat =
                json(run("listen", sound, "--expect", "F2")).get("notes").get(0);
        assertThat(flat.get("cents").asDouble()).isCloseTo(-100, within(0.6));
    }

    @DataProvider
    static Object[][] wrongWords() {
        return new Object[][] {
            {new Object[] {"--expect", "H2"}, "--expect"},
            {new Object[] {"--at", "7"}, "harmonic12"},
            {new Object[] {"--string", 6}, "go together"},
        };
    }

    @Test(dataProvider = "wrongWords")
    public void wrongWordsAreSaid(Object[] words, String said) {
        Object[] all = java.util.stream.Stream.concat(
                        java.util.stream.Stream.of("listen", sound), java.util.Arrays.stream(words))
                .toArray();
        Ran ran = run(all);
        assertThat(ran.code()).isEqualTo(2);
        assertThat(ran.err()).contains(said);
    }

    @Test
    public void whatCannotBeHeardIsSaid() {
        assertThat(run("listen", job).err()).contains("not a recording");
        assertThat(run("listen", folder.resolve("none.wav")).err()).contains("can’t be read");
        assertThat(run("listen", sound, "--job", job, "--string", 9).err()).contains("string 9");
    }

    /** Nothing is opened unless the application is listening. */
    @Test
    public void aSerialGaugeNeedsSomebodyWhoListens() {
        Ran ran = run("gauge", "--serial", "/dev/no-such-port", "--port", 1);
        assertThat(ran.code()).isEqualTo(2);
        assertThat(run("gauge", "--serial", "x", "--form", "morse").err()).contains("plain, channel");
        assertThat(run("gauge", "--ports").code()).isZero();
    }
}
