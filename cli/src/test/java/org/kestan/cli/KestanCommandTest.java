package org.kestan.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.kestan.base.sheet.Reading;
import org.kestan.files.demo.DemoJobs;
import org.kestan.files.disk.Disk;
import org.kestan.files.job.JobFile;
import org.kestan.judgment.ways.WayCatalog;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

public class KestanCommandTest {

    private static final JsonMapper MAPPER = new JsonMapper();

    private Path folder;

    @BeforeClass
    public void folder() throws IOException {
        folder = Files.createTempDirectory("kestan-test-");
        DemoJobs.copyInto(folder);
    }

    @AfterClass
    public void clean() throws IOException {
        Disk.deleteAll(folder);
    }

    private record Run(int exit, String out, String err) {}

    private static Run run(String... arguments) {
        StringWriter out = new StringWriter();
        StringWriter err = new StringWriter();
        int exit = KestanCommand.run(new PrintWriter(out, true), new PrintWriter(err, true), arguments);
        return new Run(exit, out.toString(), err.toString());
    }

    @Test
    public void solvesTheSampleJobs() {
        for (String name : DemoJobs.NAMES.subList(0, 7)) {
            Run run = run("solve", folder.resolve(name).toString());
            assertThat(run.exit()).as(name).isZero();
            assertThat(run.err()).isEmpty();
            assertThat(run.out()).startsWith("{").contains("\"correctionDeg\"").endsWith("}\n");
        }
    }

    @DataProvider
    static Object[][] bad() {
        return new Object[][] {
            {"{\"kestan\": 1}", "/instrument/scale: "},
            {"{\"kestan\": 1, \"survey\": {\"action\": {\"bass\": 3.9}}}", "/survey/action/bass: "},
            {"not json", "/: "},
            {"", "/: "},
        };
    }

    @Test(dataProvider = "bad")
    public void faultsGoToStandardErrorOneALine(String text, String start) throws IOException {
        Path file = Files.writeString(folder.resolve("bad.kestan.json"), text);
        Run run = run("solve", file.toString());
        assertThat(run.exit()).isEqualTo(2);
        assertThat(run.out()).isEmpty();
        assertThat(run.err().lines())
                .allSatisfy(line -> assertThat(line).startsWith("/").contains("accepted: "));
        assertThat(run.err().lines().findFirst().orElseThrow()).startsWith(start);
        assertThat(run.err()).doesNotContain("Exception").doesNotContain("\tat ");
    }

    @Test
    public void judgesEverySampleJob() {
        for (String name : DemoJobs.NAMES) {
            Run run = run("verdict", folder.resolve(name).toString());
            assertThat(run.exit()).as(name).isZero();
            assertThat(run.err()).isEmpty();
            JsonNode root = MAPPER.readTree(run.out());
            assertThat(root.get("gates")).hasSize(11).allSatisfy(gate -> {
                assertThat(gate.get("state").asString()).isIn("pass", "warn", "stop", "unknown");
                assertThat(gate.get("numbers").isObject()).isTrue();
            });
            assertThat(root.get("ways")).hasSize(WayCatalog.ALL.size()).allSatisfy(way -> {
                assertThat(way.get("possible").isBoolean()).isTrue();
                assertThat(way.get("reasons")).isNotEmpty();
                assertThat(way.get("cost").isNumber()).isTrue();
            });
            assertThat(root.get("recommended")).isNotEmpty();
        }
    }

    private static JsonNode way(JsonNode verdict, String id) {
        for (JsonNode each : verdict.get("ways")) {
            if (each.get("id").asString().equals(id)) {
                return each;
            }
        }
        throw new AssertionError("no way " + id);
    }

    /** The verdict's prediction of a reset is what solve works out. */
    @Test
    public void verdictAndSolveAgree() {
        String file = folder.resolve("large-flat-top-reset.kestan.json").toString();
        JsonNode solved = MAPPER.readTree(run("solve", file).out());
        JsonNode judged = MAPPER.readTree(run("verdict", file).out());
        assertThat(judged.at("/recommended/0").asString()).isEqualTo("neck-reset");
        JsonNode reset = way(judged, "neck-reset");
        // With the drift put right the crown tilts by v·δ/R·x_s/x_12, down on its side (§3.10): v, δ and R by hand.
        double half = (1 + 7.0 / 16 + (2 + 1.0 / 8 - 1 - 7.0 / 16) * 12.75 / 25.5 / 0.998) * 25.4 / 2;
        double tilt = half / (16 * 25.4) * 25.4 / 32;
        for (String side : new String[] {"bass", "treble"}) {
            assertThat(reset.at("/predicted/protrusion/" + side).asDouble()
                            - solved.at("/strings/" + side + "/saddleProtrusion")
                                    .asDouble())
                    .isCloseTo(side.equals("treble") ? -tilt : tilt, within(0.001));
        }
        JsonNode school = judged.at("/schools/0");
        assertThat(school.get("removalAtCap").asDouble())
                .isCloseTo(solved.at("/heel/removalAtCap").asDouble(), within(1e-9));
        assertThat(school.get("targetSlack").asDouble())
                .isCloseTo(solved.at("/fretLine/targetSlack").asDouble(), within(1e-9));
    }

    @Test
    public void verdictSaysWhatIsUnknownButRefusesWhatCannotBe() throws IOException {
        Path blank = Files.writeString(folder.resolve("blank.kestan.json"), "{\"kestan\": 1}");
        Run run = run("verdict", blank.toString());
        assertThat(run.exit()).isZero();
        assertThat(MAPPER.readTree(run.out()).get("gates"))
                .allSatisfy(gate -> assertThat(gate.get("state").asString()).isEqualTo("unknown"));
        Path wrong = Files.writeString(
                folder.resolve("wrong.kestan.json"), "{\"kestan\": 1, \"instrument\": {\"scale\": \"0 mm\"}}");
        assertThat(run("verdict", wrong.toString()).exit()).isEqualTo(2);
        assertThat(run("verdict", wrong.toString()).err()).startsWith("/instrument/scale: ");
    }

    @Test
    public void goesByTheStandardsOfTheShop() throws IOException {
        Path shop = Files.writeString(
                folder.resolve("standards.json"), "{\"kestanStandards\": 1, \"values\": {\"hourlyRate\": 100}}");
        String file = folder.resolve("large-flat-top-reset.kestan.json").toString();
        JsonNode usual = MAPPER.readTree(run("verdict", file).out());
        JsonNode dearer = MAPPER.readTree(
                run("verdict", "--standards", shop.toString(), file).out());
        assertThat(way(dearer, "neck-reset").get("cost").asDouble()
                        - way(usual, "neck-reset").get("cost").asDouble())
                .isCloseTo(9 * 40, within(1e-9));
        String job = Files.readString(Path.of(file));
        Path own = Files.writeString(
                folder.resolve("own.kestan.json"),
                job.replaceFirst("\\{", "{\"standards\": {\"values\": {\"hourlyRate\": 100}},"));
        assertThat(run("verdict", own.toString()).out())
                .isEqualTo(run("verdict", "--standards", shop.toString(), file).out());
        Path wrong = Files.writeString(
                folder.resolve("own-wrong.kestan.json"),
                job.replaceFirst("\\{", "{\"standards\": {\"values\": {\"sink\": 1}},"));
        assertThat(run("solve", wrong.toString()).err()).startsWith("/standards/values/sink: ");
        Path bad = Files.writeString(folder.resolve("bad-standards.json"), "{}");
        Run run = run("solve", "--standards", bad.toString(), file);
        assertThat(run.exit()).isEqualTo(2);
        assertThat(run.err()).startsWith("/kestanStandards: ");
    }

    /**
     * A neck in a flat pocket is not steamed off: plan, steps and templates refuse it and name what applies instead.
     */
    @Test
    public void aWayThatDoesNotFitTheJointIsRefused() {
        String file = folder.resolve("bolt-on-shim.kestan.json").toString();
        for (String command : List.of("plan", "steps", "heel-log")) {
            Run run = run(command, file, "--way", "neck-reset");
            assertThat(run.exit()).as(command).isEqualTo(2);
            assertThat(run.err())
                    .as(command)
                    .startsWith("/instrument: ")
                    .contains("neck-reset is not for this neck joint", "pocket-shim");
            assertThat(run.out()).as(command).isEmpty();
        }
        assertThat(run("plan", file, "--way", "pocket-shim").exit()).isZero();
    }

    /** The plan of a reset is what solve works out; its scribe line stacks from the leaves given. */
    @Test
    public void plansAReset() {
        String file = folder.resolve("large-flat-top-reset.kestan.json").toString();
        JsonNode solved = MAPPER.readTree(run("solve", file).out());
        Run run = run("plan", file, "--way", "neck-reset", "--leaves", "0.010 in, 0.012 in, 0.014 in");
        assertThat(run.exit()).isZero();
        JsonNode plan = MAPPER.readTree(run.out());
        assertThat(plan.get("way").asString()).isEqualTo("neck-reset");
        // The neck points to the treble side: that cheek loses more, and each cheek has its own stack.
        double cap = solved.at("/heel/corners/driftSide/cap").asDouble();
        assertThat(plan.at("/heel/scribe/treble/thickness").asDouble()).isCloseTo(cap, within(1e-9));
        assertThat(plan.at("/heel/scribe/bass/thickness").asDouble())
                .isCloseTo(solved.at("/heel/corners/otherSide/cap").asDouble(), within(1e-9));
        double stacked = plan.at("/heel/scribe/treble/leaves")
                .valueStream()
                .mapToDouble(leaf -> Double.parseDouble(leaf.asString().replace(" in", "")) * 25.4)
                .sum();
        assertThat(plan.at("/heel/scribe/treble/error").asDouble()).isCloseTo(stacked - cap, within(1e-9));
        assertThat(plan.at("/projection/asRead/slack").asDouble())
                .isCloseTo(solved.at("/fretLine/asRead/slack").asDouble(), within(1e-9));
        assertThat(plan.at("/heel/corners")).isEqualTo(solved.at("/heel/corners"));
        assertThat(plan.at("/heel/stations")).hasSize(20);
        assertThat(plan.at("/projection/slack").asDouble())
                .isCloseTo(solved.at("/fretLine/targetSlack").asDouble(), within(1e-9));
        assertThat(plan.at("/wedge/end").asDouble())
                .isCloseTo(solved.at("/extension/wedge").asDouble(), within(1e-9));
        assertThat(plan.at("/saddle/bass/height").asDouble())
                .isCloseTo(solved.at("/strings/bass/saddleProtrusion").asDouble(), within(0.06));
        assertThat(plan.at("/saddle/crown")).hasSize(6);
        assertThat(plan.has("pocketShim")).isFalse();
    }

    @Test
    public void plansAShimWithItsChoices() {
        String file = folder.resolve("bolt-on-shim.kestan.json").toString();
        JsonNode plan =
                MAPPER.readTree(run("plan", file, "--way", "pocket-shim").out());
        assertThat(plan.at("/pocketShim/choices")).hasSize(3);
        assertThat(plan.at("/pocketShim/thick").asDouble())
                .isCloseTo(
                        68
                                * Math.tan(Math.toRadians(
                                        plan.at("/pocketShim/angleDeg").asDouble())),
                        within(1e-9));
        assertThat(plan.has("heel")).isFalse();
        assertThat(plan.has("wedge")).isFalse();
    }

    @Test
    public void aWayThatIsNoneOrCannotBeIsRefused() {
        String file = folder.resolve("large-flat-top-reset.kestan.json").toString();
        assertThat(run("plan", file, "--way", "dancing").exit()).isEqualTo(2);
        assertThat(run("plan", file, "--way", "dancing").err())
                .contains("is not a way")
                .doesNotContain("Exception");
        assertThat(run("plan", file).exit()).isEqualTo(2);
        Run pocket = run("plan", file, "--way", "pocket-shim");
        assertThat(pocket.exit()).isEqualTo(2);
        assertThat(pocket.err()).startsWith("/instrument: ");
        assertThat(run("plan", file, "--way", "saddle", "--leaves", "thin").exit())
                .isEqualTo(2);
    }

    @Test
    public void writesThePapers() throws IOException {
        String file = folder.resolve("large-flat-top-reset.kestan.json").toString();
        Path papers = Files.createTempDirectory("kestan-papers-");
        Run run = run("templates", file, "--way", "neck-reset", "--out", papers.toString());
        assertThat(run.exit()).isZero();
        assertThat(run.out().lines())
                .hasSize(7)
                .allSatisfy(line -> assertThat(Path.of(line)).exists());
        for (String line : run.out().lines().toList()) {
            Files.delete(Path.of(line));
        }
        Files.delete(papers);
    }

    /** A template that can't be drawn says which reading it needs; the others are written. */
    @Test
    public void namesTheReadingATemplateNeeds() throws IOException {
        Path whole = folder.resolve("large-flat-top-reset.kestan.json");
        Path lacking = folder.resolve("no-extension.kestan.json");
        JobFile.write(JobFile.read(whole).job().orElseThrow().without(Reading.EXTENSION_LENGTH), lacking);
        Path papers = Files.createTempDirectory("kestan-papers-");
        Run run = run("templates", lacking.toString(), "--way", "neck-reset", "--out", papers.toString());
        assertThat(run.exit()).isZero();
        assertThat(run.err()).contains("needs a reading: /survey/extension/length");
        assertThat(run.out().lines()).noneMatch(line -> line.contains("wedge"));
        for (String line : run.out().lines().toList()) {
            Files.delete(Path.of(line));
        }
        Files.delete(papers);
        Files.delete(lacking);
    }

    /** The schema is the general one of draft 2020-12, and names every section of a job file. */
    @Test
    public void printsTheSchemaOfJobFiles() {
        Run run = run("schema");
        assertThat(run.exit()).isZero();
        JsonNode schema = MAPPER.readTree(run.out());
        assertThat(schema.get("$schema").asString()).contains("2020-12");
        assertThat(schema.get("properties").propertyNames())
                .contains("kestan", "instrument", "intake", "survey", "surveys", "target", "plan", "photos");
    }

    /** The owner gets other words; the findings are the same. */
    @Test
    public void speaksToTheOwnerWhenAsked() {
        String file = folder.resolve("large-flat-top-reset.kestan.json").toString();
        JsonNode bench = MAPPER.readTree(run("verdict", file).out());
        JsonNode owner = MAPPER.readTree(run("verdict", "--for", "owner", file).out());
        assertThat(owner.get("recommended")).isEqualTo(bench.get("recommended"));
        assertThat(owner.toString()).isNotEqualTo(bench.toString());
        assertThat(run("verdict", "--for", "nobody", file).exit()).isEqualTo(2);
    }

    @Test
    public void aFileThatIsNotThere() {
        Run run = run("solve", folder.resolve("none.kestan.json").toString());
        assertThat(run.exit()).isEqualTo(2);
        assertThat(run.out()).isEmpty();
        assertThat(run.err()).contains("no such file");
    }

    @Test
    public void wrongWordsSayHowItIsUsed() {
        assertThat(run().exit()).isEqualTo(2);
        assertThat(run("solve").exit()).isEqualTo(2);
        assertThat(run("dance").exit()).isEqualTo(2);
        assertThat(run("dance").err()).doesNotContain("Exception");
        assertThat(run("--help").out()).contains("solve");
    }

    @Test
    public void gaugeSaysWhatIsWrong() {
        String job = folder.resolve(DemoJobs.NAMES.get(0)).toString();
        assertThat(run("gauge").exit()).isEqualTo(2);
        Run unknown = run("gauge", "--simulate", job, "--only", "action.nose");
        assertThat(unknown.exit()).isEqualTo(2);
        assertThat(unknown.err()).contains("is not a reading of this job");
        Run nobody = run("gauge", "--simulate", job, "--port", "1", "--only", "action.bass");
        assertThat(nobody.exit()).isEqualTo(2);
        assertThat(nobody.err()).contains("nothing listens on port 1");
    }
}
