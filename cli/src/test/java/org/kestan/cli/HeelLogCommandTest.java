package org.kestan.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

public class HeelLogCommandTest {

    private static final String JOB = """
            {"kestan": 1,
             "instrument": {"form": "flat-top", "joint": "dovetail", "scale": "632 mm", "jointFret": 14},
             "survey": {"relief": {"gap": "0.2 mm"}, "nut": {"bass": "0.55 mm", "treble": "0.4 mm"},
               "action": {"bass": "3.9 mm", "treble": "3.2 mm"}, "saddle": {"bass": "3 mm", "treble": "2.2 mm"},
               "bridgeThickness": "8.8 mm", "jointToSaddle": "283 mm", "fretsOverTop": "6.8 mm",
               "projection": {"strung": "4.9 mm", "slack": "5.6 mm", "across": "edge", "bridgeFront": "0 mm"},
               "heel": {"height": "92 mm", "widthTop": "56 mm", "widthCap": "26 mm"}},
             "target": {"action": {"bass": "2.2 mm", "treble": "1.7 mm"}},
             "bench": {"heelLog": [%s]}}
            """;

    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();

    private int run(String log, String way) throws IOException {
        Path file = Files.createTempFile("job", ".kestan.json");
        try {
            Files.writeString(file, JOB.formatted(log));
            out.getBuffer().setLength(0);
            err.getBuffer().setLength(0);
            return KestanCommand.run(
                    new PrintWriter(out, true), new PrintWriter(err, true), "heel-log", file.toString(), "--way", way);
        } finally {
            Files.delete(file);
        }
    }

    private JsonNode advice(String log) throws IOException {
        assertThat(run(log, "neck-reset")).as(err.toString()).isZero();
        return JsonMapper.shared().readTree(out.toString());
    }

    /** The first set, then less once wood has come off and the straightedge shows it. */
    @Test
    public void advisesFromTheLog() throws IOException {
        JsonNode first = advice("");
        assertThat(first.at("/advice").asString()).isEqualTo("pull");
        assertThat(first.at("/next/bass/grit").asInt()).isEqualTo(80);
        assertThat(first.at("/next/bass/pulls").asInt()).isPositive();
        assertThat(first.at("/pulls80/bass/0").asInt())
                .isLessThan(first.at("/pulls80/bass/1").asInt());
        double left = first.at("/left/projection").asDouble();
        JsonNode then = advice("""
                {"cheek": "bass", "grit": 80, "pulls": 4}, {"cheek": "treble", "grit": 80, "pulls": 4},
                {"read": {"projection": "6.2 mm", "drift": {"offset": "0 mm"}}}""");
        assertThat(then.at("/left/projection").asDouble()).isLessThan(left - 0.2);
        assertThat(then.at("/suspect").size()).isZero();
    }

    /** A reading that no number of pulls could have caused is doubted, and has to be taken again. */
    @Test
    public void aGrossReadingIsNamed() throws IOException {
        String sets =
                "{\"cheek\": \"bass\", \"grit\": 80, \"pulls\": 2}, {\"cheek\": \"treble\", \"grit\": 80, \"pulls\": 2},";
        JsonNode advice = advice(sets + "{\"read\": {\"projection\": \"3.2 mm\"}}");
        assertThat(advice.at("/advice").asString()).isEqualTo("read-again");
        assertThat(advice.at("/suspect/0").asInt()).isEqualTo(2);
    }

    @Test
    public void faultsAreSaidAtTheirPlace() throws IOException {
        assertThat(run("{\"cheek\": \"left\", \"grit\": 80, \"pulls\": 4}", "neck-reset"))
                .isEqualTo(2);
        assertThat(err.toString()).startsWith("/bench/heelLog/0/cheek: ");
        assertThat(run("{\"cheek\": \"bass\", \"grit\": 80}", "neck-reset")).isEqualTo(2);
        assertThat(err.toString()).startsWith("/bench/heelLog/0: ");
        assertThat(run("", "saddle")).isEqualTo(2);
        assertThat(err.toString()).startsWith("/instrument: ");
        assertThat(out.toString()).isEmpty();
    }
}
