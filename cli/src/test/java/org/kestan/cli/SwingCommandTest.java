package org.kestan.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

public class SwingCommandTest {

    private static final String JOB = """
            {"kestan": 1,
             "instrument": {"form": "flat-top", "scale": "632 mm", "jointFret": 14, "strings": [
               {"gauge": "0.053 in", "wound": true, "pitch": "E2"}, {"gauge": "0.012 in", "wound": false, "pitch": "E4"}]},
             "survey": {"relief": {"gap": "0.2 mm", "readAt": 7}, "nut": {"bass": "0.55 mm", "treble": "0.4 mm"},
               "action": {"bass": "2.6 mm", "treble": "2.1 mm"}, "saddle": {"bass": "3 mm", "treble": "2.2 mm"},
               "bridgeThickness": "8.8 mm", "extension": {"length": "104 mm", "fallAway": "0.2 mm"},
               "frets": [{"fret": 9, "proud": "0.05 mm"}]}}
            """;

    private Path file;
    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();

    @BeforeMethod
    public void write() throws IOException {
        file = Files.createTempFile("job", ".kestan.json");
        out.getBuffer().setLength(0);
        err.getBuffer().setLength(0);
    }

    @AfterMethod
    public void delete() throws IOException {
        Files.deleteIfExists(file);
    }

    private int run(String job, String... more) throws IOException {
        Files.writeString(file, job);
        String[] arguments = new String[2 + more.length];
        arguments[0] = "swing";
        arguments[1] = file.toString();
        System.arraycopy(more, 0, arguments, 2, more.length);
        return KestanCommand.run(new PrintWriter(out, true), new PrintWriter(err, true), arguments);
    }

    /** The contract of the job file; amplitude and leveling against values worked out by hand. */
    @Test
    public void printsWhatTheStringsMeet() throws IOException {
        assertThat(run(JOB)).isZero();
        JsonNode root = JsonMapper.shared().readTree(out.toString());
        assertThat(root.at("/hand").asString()).isEqualTo("medium");
        JsonNode treble = root.at("/strings/0");
        assertThat(treble.at("/string").asInt()).isEqualTo(1);
        // A = share·F·p(1 − p)·L/T with the saddle 3 mm past the scale.
        assertThat(treble.at("/amplitude").asDouble())
                .isCloseTo(0.5 * 1.2 * 0.16 * 635 / treble.at("/tension").asDouble(), within(1e-9));
        assertThat(root.at("/strings/1/string").asInt()).isEqualTo(2);
        assertThat(treble.at("/least/meets").asInt())
                .isGreaterThan(treble.at("/least/pressed").asInt());
        assertThat(root.at("/lowestClean/treble/action").asDouble()).isBetween(1.0, 2.1);
        assertThat(root.at("/levelling").size()).isEqualTo(1);
        assertThat(root.at("/levelling/0/fret").asInt()).isEqualTo(9);
        assertThat(root.at("/levelling/0/off").asDouble()).isCloseTo(0.05, within(1e-9));
    }

    @Test
    public void aHarderHandNeedsMore() throws IOException {
        run(JOB, "--hand", "light");
        double light = JsonMapper.shared()
                .readTree(out.toString())
                .at("/lowestClean/bass/action")
                .asDouble();
        out.getBuffer().setLength(0);
        run(JOB, "--hand", "hard");
        assertThat(JsonMapper.shared()
                        .readTree(out.toString())
                        .at("/lowestClean/bass/action")
                        .asDouble())
                .isGreaterThan(light + 0.3);
    }

    @Test
    public void faultsAreSaidAtTheirPlace() throws IOException {
        assertThat(run(JOB.replace("\"pitch\"", "\"note\""))).isEqualTo(2);
        assertThat(err.toString()).startsWith("/instrument/strings: ");
        err.getBuffer().setLength(0);
        assertThat(run(JOB.replace("\"fret\": 9,", "\"fret\": 9, \"proud\": \"0 mm\"}, {\"fret\": 9,")))
                .isEqualTo(2);
        assertThat(err.toString()).startsWith("/survey/frets/1/fret: ");
        err.getBuffer().setLength(0);
        assertThat(run(JOB, "--hand", "gentle")).isEqualTo(2);
        assertThat(err.toString()).contains("light, medium or hard");
        assertThat(out.toString()).isEmpty();
    }
}
