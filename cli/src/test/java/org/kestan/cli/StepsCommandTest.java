package org.kestan.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.kestan.files.demo.DemoJobs;
import org.kestan.files.disk.Disk;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

public class StepsCommandTest {

    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();
    private Path folder;
    private Path job;

    @BeforeMethod
    public void open() throws IOException {
        folder = Files.createTempDirectory("kestan-test-");
        job = DemoJobs.copyInto(folder).get(0);
    }

    @AfterMethod(alwaysRun = true)
    public void close() throws IOException {
        Disk.deleteAll(folder);
    }

    private int run(String... more) {
        out.getBuffer().setLength(0);
        err.getBuffer().setLength(0);
        List<String> all = new ArrayList<>(List.of("steps", job.toString()));
        all.addAll(List.of(more));
        return KestanCommand.run(new PrintWriter(out, true), new PrintWriter(err, true), all.toArray(String[]::new));
    }

    private JsonNode steps(String... more) {
        assertThat(run(more)).as(err.toString()).isZero();
        return JsonMapper.shared().readTree(out.toString());
    }

    private static JsonNode step(JsonNode steps, String id) {
        for (JsonNode each : steps) {
            if (each.at("/id").asString().equals(id)) {
                return each;
            }
        }
        throw new AssertionError("no step " + id);
    }

    /** The steps of a reset: the numbers are those of the plan, the keys those of the contract. */
    @Test
    public void composesAReset() {
        JsonNode steps = steps("--way", "neck-reset");
        for (JsonNode each : steps) {
            assertThat(each.at("/id").asString()).isNotBlank();
            assertThat(each.at("/title").asString()).isNotBlank();
            assertThat(each.at("/hands").isInt()).isTrue();
            for (String list : List.of("cautions", "numbers", "reads", "bags")) {
                assertThat(each.at("/" + list).isArray())
                        .as(each.at("/id") + list)
                        .isTrue();
            }
        }
        assertThat(step(steps, "reset-clamp-dry").at("/reads/0").asString()).isEqualTo("survey.projection.slack");
        assertThat(step(steps, "reset-glue").at("/wait/kind").asString()).isEqualTo("glue");
        assertThat(step(steps, "reset-glue").at("/wait/minutes").asInt()).isEqualTo(720);
        double slack = step(steps, "reset-heel").at("/numbers/0/mm").asDouble();
        out.getBuffer().setLength(0);
        assertThat(KestanCommand.run(
                        new PrintWriter(out, true),
                        new PrintWriter(err, true),
                        "plan",
                        job.toString(),
                        "--way",
                        "neck-reset"))
                .isZero();
        JsonNode plan = JsonMapper.shared().readTree(out.toString());
        assertThat(plan.at("/projection/asRead/slack").asDouble()).isEqualTo(slack);
        assertThat(step(steps, "reset-scribe").at("/numbers/0/mm").asDouble())
                .isEqualTo(plan.at("/heel/scribe/bass/thickness").asDouble());
    }

    /** A shop's own folder is used; a file in it that can't be read is reported with its name and place. */
    @Test
    public void goesByTheShopsFolder() throws IOException {
        Path shop = folder.resolve("neck-reset.json");
        Files.writeString(
                shop,
                "{\"kestanSteps\": 1, \"steps\": [{\"id\": \"reset-score\", \"hands\": 45}, {\"id\": \"reset-jig\", \"off\": true}]}");
        JsonNode steps = steps("--way", "neck-reset", "--steps", folder.toString());
        assertThat(step(steps, "reset-score").at("/hands").asInt()).isEqualTo(45);
        assertThat(out.toString()).doesNotContain("reset-jig");
        Files.writeString(shop, "{\"kestanSteps\": 1, \"steps\": [{\"id\": \"reset-score\", \"hands\": -1}]}");
        assertThat(run("--way", "neck-reset", "--steps", folder.toString())).isEqualTo(2);
        assertThat(out.toString()).isEmpty();
        assertThat(err.toString()).startsWith("neck-reset.json/steps/0/hands: ").contains("accepted:");
    }

    @Test
    public void saysWhatIsWrong() {
        assertThat(run("--way", "magic")).isEqualTo(2);
        assertThat(err.toString()).contains("accepted:").doesNotContain("Exception");
        assertThat(run("--way", "nut", "--steps", folder.resolve("nowhere").toString()))
                .isEqualTo(2);
    }
}
