package org.kestan.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.kestan.files.demo.DemoJobs;
import org.kestan.files.disk.Disk;
import org.kestan.files.job.JobFile;
import org.kestan.ledger.sqlite.SqliteBackups;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

public class LedgerCommandTest {

    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();
    private Path folder;
    private String ledger;

    @BeforeMethod
    public void open() throws IOException {
        folder = Files.createTempDirectory("kestan-test-");
        ledger = folder.resolve("ledger.sqlite").toString();
    }

    @AfterMethod(alwaysRun = true)
    public void close() throws IOException {
        Disk.deleteAll(folder);
    }

    private int run(String... arguments) {
        out.getBuffer().setLength(0);
        err.getBuffer().setLength(0);
        return KestanCommand.run(new PrintWriter(out, true), new PrintWriter(err, true), arguments);
    }

    private JsonNode json(String... arguments) {
        assertThat(run(arguments)).as(err.toString()).isZero();
        return JsonMapper.shared().readTree(out.toString());
    }

    /** In, listed, and out again with the same content. */
    @Test
    public void inAndOutAgain() throws IOException {
        List<Path> jobs = DemoJobs.copyInto(folder.resolve("jobs"));
        List<String> arguments = new ArrayList<>(List.of("ledger", "import", "--ledger", ledger));
        jobs.forEach(job -> arguments.add(job.toString()));
        JsonNode ids = json(arguments.toArray(String[]::new));
        assertThat(ids.size()).isEqualTo(jobs.size());
        JsonNode list = json("ledger", "list", "--ledger", ledger);
        assertThat(list.size()).isEqualTo(jobs.size());
        for (JsonNode each : list) {
            assertThat(each.at("/name").asString()).isNotBlank();
            assertThat(each.at("/station").asString()).isNotBlank();
            assertThat(each.at("/waitsFor").asString()).isNotBlank();
        }
        Path outFolder = folder.resolve("out");
        JsonNode one = json(
                "ledger",
                "export",
                "--ledger",
                ledger,
                "--out",
                outFolder.toString(),
                ids.get(0).asString());
        assertThat(JobFile.read(outFolder.resolve(one.get(0).asString())).job())
                .isEqualTo(JobFile.read(jobs.get(0)).job());
        assertThat(json("ledger", "export", "--ledger", ledger, "--out", outFolder.toString())
                        .size())
                .isEqualTo(jobs.size());
        try (var files = Files.list(outFolder)) {
            assertThat(files.count()).isEqualTo(jobs.size() + 1L);
        }
    }

    /** A drill: the newest backup restored into another folder, then in place of the ledger. */
    @Test
    public void aBackupIsRestored() throws IOException {
        List<Path> jobs = DemoJobs.copyInto(folder.resolve("jobs"));
        run("ledger", "import", "--ledger", ledger, jobs.get(0).toString());
        assertThat(run("ledger", "restore", "--ledger", ledger)).isEqualTo(2);
        assertThat(err.toString()).contains("there is no such undamaged backup");
        SqliteBackups.of(Path.of(ledger)).make();
        run("ledger", "import", "--ledger", ledger, jobs.get(1).toString());
        Path drill = folder.resolve("drill");
        JsonNode restored = json("ledger", "restore", "--ledger", ledger, "--to", drill.toString());
        assertThat(restored.get("jobs").asInt()).isEqualTo(1);
        assertThat(restored.has("putAside")).isFalse();
        assertThat(json(
                        "ledger",
                        "list",
                        "--ledger",
                        drill.resolve("ledger.sqlite").toString()))
                .hasSize(1);
        assertThat(run("ledger", "restore", "--ledger", ledger, "--to", drill.toString()))
                .as("there is one there")
                .isEqualTo(2);
        assertThat(json("ledger", "restore", "--ledger", ledger).get("putAside").asString())
                .startsWith("ledger.sqlite.unusable-");
        assertThat(json("ledger", "list", "--ledger", ledger)).hasSize(1);
    }

    /** One bad file keeps all of them out; a file that is no ledger is reported. */
    @Test
    public void allOrNone() throws IOException {
        List<Path> jobs = DemoJobs.copyInto(folder.resolve("jobs"));
        Path bad = Files.writeString(folder.resolve("bad.kestan.json"), "{\"kestan\": 1, \"survey\": 3}");
        assertThat(run("ledger", "import", "--ledger", ledger, jobs.get(0).toString(), bad.toString()))
                .isEqualTo(2);
        assertThat(err.toString()).contains("bad.kestan.json/survey: ");
        assertThat(folder.resolve("ledger.sqlite")).doesNotExist();
        assertThat(run("ledger", "list", "--ledger", ledger)).isEqualTo(2);
        assertThat(err.toString()).startsWith("--ledger: ");
        Files.writeString(folder.resolve("ledger.sqlite"), "no ledger at all, only words that go on for a while");
        assertThat(run("memory", "--ledger", ledger)).isEqualTo(2);
        assertThat(out.toString()).isEmpty();
        assertThat(err.toString()).doesNotContain("Exception").doesNotContain("\tat ");
    }

    /** What the demo's own jobs teach; bodies of different kinds are kept apart. */
    @Test
    public void memoryOfTheDemo() throws IOException {
        List<String> arguments = new ArrayList<>(List.of("ledger", "import", "--ledger", ledger));
        DemoJobs.copyInto(folder.resolve("jobs")).forEach(job -> arguments.add(job.toString()));
        json(arguments.toArray(String[]::new));
        JsonNode memory = json("memory", "--ledger", ledger);
        assertThat(memory.at("/sink").size()).isGreaterThan(2);
        for (JsonNode each : memory.at("/sink")) {
            assertThat(each.at("/n").asInt()).isPositive();
            assertThat(each.at("/family").asString()).isNotBlank();
            double median = each.at("/median").asDouble();
            double offered = each.at("/offered").asDouble();
            // Pulled toward the default from the mean, which lies near the median.
            assertThat(offered).isBetween(Math.min(0.8, median) - 0.1, Math.max(0.8, median) + 0.1);
        }
        JsonNode error = memory.at("/error");
        assertThat(error.size()).isEqualTo(1);
        assertThat(error.at("/0/n").asInt()).isEqualTo(2);
        assertThat(error.at("/0/median").asDouble()).isCloseTo(0.15, within(0.1));
    }

    /** Few jobs are pulled toward the standards given; standards that can't be read are reported with their place. */
    @Test
    public void memoryGoesByTheStandardsThatAreNamed() throws IOException {
        List<String> arguments = new ArrayList<>(List.of("ledger", "import", "--ledger", ledger));
        DemoJobs.copyInto(folder.resolve("jobs")).forEach(job -> arguments.add(job.toString()));
        json(arguments.toArray(String[]::new));
        Path own = folder.resolve("own.json");
        Files.writeString(own, "{\"kestanStandards\": 1, \"values\": {\"sink\": \"3 mm\"}}");
        JsonNode usual = json("memory", "--ledger", ledger);
        JsonNode shop = json("memory", "--ledger", ledger, "--standards", own.toString());
        for (int i = 0; i < usual.at("/sink").size(); i++) {
            String at = "/sink/" + i;
            assertThat(shop.at(at + "/median")).isEqualTo(usual.at(at + "/median"));
            // The farther the default is from what the shop observes, the less weight it keeps.
            assertThat(shop.at(at + "/offered").asDouble())
                    .isNotEqualTo(usual.at(at + "/offered").asDouble())
                    .isBetween(usual.at(at + "/median").asDouble() - 0.1, 3.0);
        }
        Files.writeString(own, "{\"kestanStandards\": 1, \"values\": {\"sink\": \"deep\"}}");
        assertThat(run("memory", "--ledger", ledger, "--standards", own.toString()))
                .isEqualTo(2);
        assertThat(err.toString()).startsWith("/values/sink: ");
    }
}
