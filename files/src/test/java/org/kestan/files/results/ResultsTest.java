package org.kestan.files.results;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.kestan.base.sheet.Aim;
import org.kestan.base.standards.ShopStandards;
import org.kestan.files.demo.DemoJobs;
import org.kestan.files.job.JobReader;
import org.kestan.files.job.JobWriter;
import org.kestan.files.json.Json;
import org.kestan.files.standards.StandardsFile;
import org.kestan.job.Job;
import org.kestan.job.JobTree;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.ways.WayCatalog;
import org.kestan.overview.JobAnalysis;
import org.kestan.text.BenchUnit;
import org.kestan.text.Wording;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What other programs read of a job: verdict and plan, of the sample jobs and of samples with a key removed. */
public class ResultsTest {

    private static final Wording WORDS = Wording.in(BenchUnit.MILLIMETERS);
    private static final ShopStandards SHOP = ShopStandards.DEFAULT;

    @DataProvider
    public Object[][] samples() {
        return DemoJobs.NAMES.stream().map(name -> new Object[] {name}).toArray(Object[][]::new);
    }

    private static StandardsFile.Outcome inJob(String text) {
        return StandardsFile.inJob(JobReader.read(text).job().orElseThrow());
    }

    private static Job job(String name) {
        return JobReader.read(DemoJobs.bytes(name)).job().orElseThrow();
    }

    /** JSON has no word for some numbers, and they would be written as texts: there are none. */
    private static void numbersAreNumbers(JsonNode node) {
        if (node.isString()) {
            assertThat(node.asString()).isNotIn("NaN", "Infinity", "-Infinity");
        }
        node.forEach(ResultsTest::numbersAreNumbers);
    }

    @Test(dataProvider = "samples")
    public void aVerdictIsWhole(String name) {
        JsonNode root = Json.MAPPER.readTree(
                VerdictJson.judge(JobAnalysis.of(job(name), SHOP), WORDS).text().orElseThrow());
        numbersAreNumbers(root);
        assertThat(root.propertyNames().stream().filter(key -> !key.equals("close")))
                .containsExactly(
                        "gates",
                        "ways",
                        "recommended",
                        "recommendedBecause",
                        "runnersUp",
                        "wouldChange",
                        "schools",
                        "assumed");
        if (root.has("close")) {
            assertThat(root.get("close").propertyNames()).containsExactly("chance", "needs", "settledBy", "otherwise");
            assertThat(root.get("close").get("chance").asDouble()).isBetween(0.0, 1.0);
        }
        root.get("ways").forEach(way -> {
            assertThat(way.get("kind").asString()).isIn("reversible", "irreversible", "heavy");
            if (way.has("outOfTolerance")) {
                assertThat(way.get("outOfTolerance").asDouble()).isBetween(0.0, 1.0);
            }
        });
        List<String> possible = new ArrayList<>();
        root.get("ways").forEach(way -> {
            if (way.get("possible").asBoolean()) {
                possible.add(way.get("id").asString());
            }
        });
        assertThat(possible).isNotEmpty();
        assertThat(root.get("recommended").get(0).asString()).isIn(possible);
    }

    /**
     * With any one key removed from a sample it is judged, or the fault has its place; nothing fails. Each build takes
     * every eighth, different ones of each sample; {@code -Dkestan.keys=1} takes all.
     */
    @Test(dataProvider = "samples")
    public void aKeyLessIsJudgedOrFaulted(String name) {
        JsonNode whole = Json.MAPPER.readTree(DemoJobs.bytes(name));
        int each = Integer.getInteger("kestan.keys", 8);
        int turn = DemoJobs.NAMES.indexOf(name);
        for (String section : List.of("instrument", "survey", "target")) {
            if (!whole.has(section)) {
                continue;
            }
            for (String key : List.copyOf(whole.get(section).propertyNames())) {
                if (turn++ % each != 0) {
                    continue;
                }
                ObjectNode less = (ObjectNode) whole.deepCopy();
                ((ObjectNode) less.get(section)).remove(key);
                JobTree.Read read = JobReader.read(less.toString());
                assertThat(read.faults()).as(section + "." + key).isEmpty();
                PrintedResult judged =
                        VerdictJson.judge(JobAnalysis.of(read.job().orElseThrow(), SHOP), WORDS);
                assertThat(judged.text()).as(section + "." + key).isPresent();
                numbersAreNumbers(Json.MAPPER.readTree(judged.text().get()));
                for (Way way : List.of(WayCatalog.SADDLE, WayCatalog.NECK_RESET, WayCatalog.FLOATING_BRIDGE)) {
                    PrintedResult planned = PlanJson.print(read.job().get(), List.of(way), SHOP, WORDS);
                    assertThat(planned.text().isPresent())
                            .isEqualTo(planned.faults().isEmpty());
                    planned.faults()
                            .forEach(fault -> assertThat(fault.pointer()).startsWith("/"));
                    planned.text().ifPresent(json -> numbersAreNumbers(Json.MAPPER.readTree(json)));
                }
            }
        }
    }

    /**
     * If the job has no target action, the plan aims at the shop's usual one: 5/64 and 4/64 in. Common practice, no
     * source.
     */
    @Test
    public void aPlanWithNoTargetAimsAtTheShopsUsual() {
        Job job = job("large-flat-top-reset.kestan.json");
        Job open = job;
        for (Aim aim : Aim.values()) {
            open = open.without(aim);
        }
        JsonNode judged = Json.MAPPER.readTree(
                VerdictJson.judge(JobAnalysis.of(open, SHOP), WORDS).text().orElseThrow());
        JsonNode reset = judged.get("ways").get(WayCatalog.ALL.indexOf(WayCatalog.NECK_RESET));
        assertThat(reset.at("/predicted/action/bass").asDouble()).isCloseTo(5 * 25.4 / 64, within(1e-9));
        assertThat(reset.at("/predicted/action/treble").asDouble()).isCloseTo(4 * 25.4 / 64, within(1e-9));
        assertThat(PlanJson.print(open, List.of(WayCatalog.NECK_RESET), SHOP, WORDS)
                        .text())
                .isPresent();
    }

    @Test
    public void severalWaysArePlannedInTheOrderOfTheWork() {
        JsonNode plan = Json.MAPPER.readTree(PlanJson.print(
                        job("small-flat-top-relief.kestan.json"),
                        List.of(WayCatalog.TRUSS_ROD, WayCatalog.SADDLE),
                        SHOP,
                        WORDS)
                .text()
                .orElseThrow());
        assertThat(plan.get("way")).hasSize(2);
        assertThat(plan.has("heel")).isFalse();
        assertThat(plan.at("/saddle/bass/off").isNumber()).isTrue();
    }

    @Test
    public void waysTakenAreKeptInTheJobFile() {
        Job job = org.kestan.repair.plan.WorkPlan.taking(
                job("small-flat-top-relief.kestan.json"), List.of(WayCatalog.TRUSS_ROD, WayCatalog.SADDLE));
        String written = JobWriter.write(job);
        JsonNode root = Json.MAPPER.readTree(written);
        assertThat(root.at("/plan/ways").toString()).isEqualTo("[\"truss-rod\",\"saddle\"]");
        Job read = JobReader.read(written).job().orElseThrow();
        assertThat(org.kestan.repair.plan.WorkPlan.taken(read))
                .containsExactly(WayCatalog.TRUSS_ROD, WayCatalog.SADDLE);
        String none = JobWriter.write(org.kestan.repair.plan.WorkPlan.taking(read, List.of()));
        assertThat(Json.MAPPER.readTree(none).has("plan")).isFalse();
        assertThat(JobReader.read("{\"kestan\": 1, \"plan\": {\"ways\": \"saddle\"}}")
                        .faults())
                .anySatisfy(fault -> assertThat(fault.pointer()).isEqualTo("/plan/ways"));
    }

    @Test
    public void standardsInAJobFileComeAlongAndAreReadInTheirPlace() {
        String text = "{\"kestan\": 1, \"standards\": {\"values\": {\"sink\": \"1 mm\"}, \"leaves\": [\"0.010 in\"]}}";
        StandardsFile.Outcome read = inJob(text);
        assertThat(read.faults()).isEmpty();
        assertThat(read.standards().text(org.kestan.base.standards.Standard.SINK))
                .isEqualTo("1 mm");
        assertThat(read.standards().leaves().all()).hasSize(1);
        assertThat(inJob("{\"kestan\": 1}").standards()).isEqualTo(SHOP);
        assertThat(inJob("{\"kestan\": 1, \"standards\": {\"leaves\": [0.01]}}").faults())
                .anySatisfy(fault -> assertThat(fault.pointer()).isEqualTo("/standards/leaves/0"));
    }
}
