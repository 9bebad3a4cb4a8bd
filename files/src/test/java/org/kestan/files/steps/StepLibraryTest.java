package org.kestan.files.steps;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.networknt.schema.InputFormat;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.kestan.base.finding.Fault;
import org.kestan.base.standards.School;
import org.kestan.base.standards.ShopStandards;
import org.kestan.files.demo.DemoJobs;
import org.kestan.files.disk.Disk;
import org.kestan.files.job.JobReader;
import org.kestan.job.Job;
import org.kestan.job.terms.Form;
import org.kestan.job.terms.Joint;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.TrussRod;
import org.kestan.job.tree.Tree;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.ways.WayCatalog;
import org.kestan.overview.JobAnalysis;
import org.kestan.repair.picture.Operation;
import org.kestan.repair.plan.PlanNumber;
import org.kestan.repair.plan.WorkPlan;
import org.kestan.repair.steps.Step;
import org.kestan.repair.steps.StepBook;
import org.kestan.repair.steps.StepFile;
import org.kestan.text.BenchUnit;
import org.kestan.text.StepText;
import org.kestan.text.Wording;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

public class StepLibraryTest {

    private static final StepBook BOOK = StepLibrary.shipped().book();

    private Path folder;

    @BeforeMethod
    public void open() throws IOException {
        folder = Files.createTempDirectory("kestan-test-");
    }

    @AfterMethod(alwaysRun = true)
    public void close() throws IOException {
        Disk.deleteAll(folder);
    }

    private static Job demo(int which) {
        return JobReader.read(DemoJobs.bytes(DemoJobs.NAMES.get(which))).job().orElseThrow();
    }

    private static WorkPlan plan(Job job, ShopStandards shop, Way... ways) {
        return JobAnalysis.of(WorkPlan.taking(job, List.of(ways)), shop).plan();
    }

    private static List<String> ids(Job job, ShopStandards shop, Way... ways) {
        return BOOK.compose(plan(job, shop, ways)).stream().map(Step::id).toList();
    }

    private static List<String> ids(Job job, Way... ways) {
        return ids(job, ShopStandards.DEFAULT, ways);
    }

    private List<Fault> faults(String name, String text) throws IOException {
        Files.writeString(folder.resolve(name + ".json"), text);
        StepLibrary library = StepLibrary.of(folder);
        assertThat(library.book().file(name)).isEqualTo(BOOK.file(name));
        return library.faults().getOrDefault(name, List.of());
    }

    /** Every way has its steps, and they are valid by the schema that ships. */
    @Test
    public void everyWayHasItsSteps() {
        var schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(StepLibrary.schema());
        Set<String> ids = new HashSet<>();
        for (String name : StepLibrary.NAMES) {
            assertThat(schema.validate(StepLibrary.shippedText(name).orElseThrow(), InputFormat.JSON))
                    .as(name)
                    .isEmpty();
            StepFile file = BOOK.file(name).orElseThrow();
            assertThat(file.steps()).as(name).isNotEmpty();
            for (Step step : file.steps()) {
                // A step that two ways share is the same in both: gluing a bridge is gluing a bridge.
                assertThat(ids.add(step.id()) || step.id().startsWith("bridge-"))
                        .as(step.id())
                        .isTrue();
                assertThat(step.text().title()).as(step.id()).isNotBlank();
                assertThat(step.text().why()).as(step.id()).isNotBlank();
                assertThat(step.text().doing()).as(step.id()).isNotBlank();
                assertThat(step.work().hands()).as(step.id()).isPositive();
                assertThat(step.edits().any()).isFalse();
            }
        }
        assertThat(BOOK.step(StepBook.LAST)).isPresent();
    }

    /**
     * All ways, joints, forms and both schools of releasing a joint compose; what a step shows exists, and what it
     * reads is taken.
     */
    @Test
    public void allWaysJointsAndFormsCompose() {
        int composed = 0;
        for (int which : new int[] {0, 2, 4, 5, 6, 7}) {
            for (Joint joint : Joint.values()) {
                for (Form form : Form.values()) {
                    Job job = demo(which).with(Lines.JOINT, joint).with(Lines.FORM, form);
                    // One school of releasing a joint with one sample, the other with the next.
                    School release = which % 4 == 0 ? School.STEAM : School.DRY_HEAT;
                    ShopStandards shop = ShopStandards.DEFAULT.with(release);
                    for (Way way : WayCatalog.ALL) {
                        WorkPlan plan = plan(job, shop, way);
                        List<Step> steps = BOOK.compose(plan);
                        assertThat(steps).as("%s %s %s", way, joint, form).isNotEmpty();
                        assertThat(steps.stream().map(Step::id)).doesNotHaveDuplicates();
                        for (Step step : steps) {
                            for (PlanNumber number : step.work().numbers()) {
                                assertThat(number.amounts(plan)).as(step.id()).isNotEmpty();
                            }
                            assertThat(StepText.of(step.work().numbers(), plan, Wording.in(BenchUnit.THOUSANDTHS)))
                                    .allMatch(each -> !each.label().isBlank()
                                            && !each.value().isBlank());
                            assertThat(step.work().reads()).allMatch(job::takes);
                        }
                        composed++;
                    }
                }
            }
        }
        assertThat(composed).isEqualTo(6 * Joint.values().length * 2 * WayCatalog.ALL.size());
    }

    /**
     * A reset on a dovetail in its order, with the facts of the trade that must not trade places. Common practice, no
     * source.
     */
    @Test
    public void aResetInItsOrder() {
        List<String> steps = ids(demo(0), WayCatalog.NECK_RESET);
        assertThat(steps)
                .containsSubsequence(
                        "open-sheet",
                        "open-slacken",
                        "reset-scribe",
                        "reset-score",
                        "reset-fret",
                        "reset-holes",
                        "reset-extension",
                        "reset-steam",
                        "reset-jig",
                        "reset-clean",
                        "reset-heel",
                        "reset-clamp-dry",
                        "reset-glue",
                        "reset-fret-back",
                        "close-string",
                        "close-sheet");
        assertThat(steps)
                .doesNotContain("reset-dry-heat", "reset-unbolt", "reset-bolt", "reset-guard", "open-floating");
        assertThat(BOOK.step("reset-clean")
                        .orElseThrow()
                        .work()
                        .pause()
                        .orElseThrow()
                        .minutes())
                .isGreaterThanOrEqualTo(8 * 60);
    }

    /** School, joint, sheet and other ways decide which steps there are. */
    @Test
    public void whatTheSheetSaysDecides() {
        Job job = demo(0);
        assertThat(ids(job, ShopStandards.DEFAULT.with(School.DRY_HEAT), WayCatalog.NECK_RESET))
                .contains("reset-dry-heat")
                .doesNotContain("reset-steam");
        assertThat(ids(job.with(Lines.JOINT, Joint.MORTISE_BOLT), WayCatalog.NECK_RESET))
                .contains("reset-unbolt", "reset-bolt")
                .doesNotContain("reset-steam", "reset-holes", "reset-jig", "reset-glue");
        assertThat(ids(job.with(Lines.PICKGUARD_UNDER, true), WayCatalog.NECK_RESET))
                .contains("reset-guard");
        assertThat(ids(job.with(Lines.TRUSS_ROD, TrussRod.WORKS), WayCatalog.NECK_RESET))
                .contains("open-rod");
        assertThat(ids(job.with(Lines.TRUSS_ROD, TrussRod.NONE), WayCatalog.NECK_RESET))
                .doesNotContain("open-rod");
        assertThat(ids(job.with(Lines.TRUSS_ROD, TrussRod.WORKS), WayCatalog.TRUSS_ROD, WayCatalog.NECK_RESET))
                .doesNotContain("open-rod")
                .containsSubsequence("rod-turn-tuned", "reset-scribe");
        assertThat(ids(job, WayCatalog.SADDLE, WayCatalog.NECK_RESET))
                .containsSubsequence("reset-fret-back", "saddle-slot", "close-string");
        assertThat(ids(job, WayCatalog.LEAVE)).doesNotContain("open-slacken", "close-string");
        assertThat(ids(demo(2), WayCatalog.FLOATING_BRIDGE))
                .contains("open-floating")
                .doesNotContain("open-pins");
    }

    /** The cautions of the trade are at their own steps (common practice; safety texts, no single source). */
    @Test
    public void cautionsStandWhereTheHarmIs() {
        Map<String, List<String>> words = Map.of(
                "open-slacken", List.of("whip"),
                "reset-steam", List.of("scald", "burst", "ground-fault"),
                "reset-dry-heat", List.of("burn", "flammable"),
                "reset-extension", List.of("burn", "flammable", "dive"),
                "reset-heel", List.of("behind the edge", "mask"),
                "bridge-glue", List.of("no flame"),
                "newbridge-make", List.of("backing", "law"),
                "saddle-new", List.of("law", "mask"),
                "pocket-shim", List.of("fingertip"),
                "refret-level", List.of("eye"));
        words.forEach((id, all) -> assertThat(
                        String.join(" ", BOOK.step(id).orElseThrow().text().cautions()))
                .as(id)
                .contains(all));
    }

    /** A shop's file holds only what differs; everything else is as it ships, after an update too. */
    @Test
    public void theShopSaysOnlyWhatIsOther() throws IOException {
        Files.writeString(folder.resolve("neck-reset.json"), """
                {"kestanSteps": 1, "way": "neck-reset", "steps": [
                  {"id": "reset-score", "hands": 45, "do": "Our way."},
                  {"id": "reset-holes", "off": true},
                  {"id": "reset-glue", "wait": {"kind": "other", "minutes": 0}},
                  {"id": "shop-tea", "title": "Tea", "hands": 5, "after": "reset-steam",
                   "wait": {"kind": "other", "minutes": 10}}]}
                """);
        StepLibrary library = StepLibrary.of(folder);
        assertThat(library.faults()).isEmpty();
        assertThat(library.asShipped("reset-glue").orElseThrow().work().pause()).isPresent();
        assertThat(library.book().step("reset-glue").orElseThrow().work().pause())
                .isEmpty();
        Step score = library.book().step("reset-score").orElseThrow();
        assertThat(score.work().hands()).isEqualTo(45);
        assertThat(score.text().doing()).isEqualTo("Our way.");
        assertThat(score.text().title())
                .isEqualTo(library.asShipped("reset-score").orElseThrow().text().title());
        assertThat(score.edits().changed()).containsExactlyInAnyOrder("hands", "do");
        List<Step> steps = library.book().compose(plan(demo(0), ShopStandards.DEFAULT, WayCatalog.NECK_RESET));
        List<String> ids = steps.stream().map(Step::id).toList();
        assertThat(ids).doesNotContain("reset-holes").containsSubsequence("reset-steam", "shop-tea", "reset-jig");
        assertThat(ids.indexOf("shop-tea")).isEqualTo(ids.indexOf("reset-steam") + 1);
        assertThat(library.book().step("shop-tea").orElseThrow().edits().added())
                .isTrue();
    }

    /** Edits are written, read back, and reset to what ships. */
    @Test
    public void editsAreKeptAndTakenBack() throws IOException {
        StepLibrary library = StepLibrary.of(folder)
                .with("saddle", "saddle-in", Map.of("title", Optional.of(Tree.text("Saddle in"))))
                .with("saddle", "saddle-octave", Map.of("after", Optional.of(Tree.text(""))))
                .with("saddle", "shop-1", Map.of("title", Optional.of(Tree.text("Ours"))));
        StepLibrary again = StepLibrary.of(folder);
        assertThat(again.faults()).isEmpty();
        assertThat(again.book()).isEqualTo(library.book());
        StepFile file = again.book().file("saddle").orElseThrow();
        assertThat(file.steps().get(0).id()).isEqualTo("saddle-octave");
        assertThat(file.steps().get(file.steps().size() - 1).text().title()).isEqualTo("Ours");
        StepLibrary back = again.without("saddle", "saddle-in")
                .without("saddle", "saddle-octave")
                .without("saddle", "shop-1");
        assertThat(back.book()).isEqualTo(BOOK);
        assertThat(folder.resolve("saddle.json")).doesNotExist();
        assertThatThrownBy(() ->
                        StepLibrary.shipped().with("saddle", "saddle-in", Map.of("title", Optional.of(Tree.text("X")))))
                .isInstanceOf(IOException.class);
    }

    /**
     * Each fault in a shop's file has its place; the steps that ship are used instead, and the file is not
     * overwritten.
     */
    @Test
    public void badFilesAreSaidAndTheShippedOnesUsed() throws IOException {
        Map<String, String> bad = Map.ofEntries(
                Map.entry("{", ""),
                Map.entry("[]", ""),
                Map.entry("{\"way\": \"nut\", \"steps\": []}", "/kestanSteps"),
                Map.entry("{\"kestanSteps\": 2, \"steps\": []}", "/kestanSteps"),
                Map.entry("{\"kestanSteps\": 1, \"way\": \"saddle\", \"steps\": []}", "/way"),
                Map.entry("{\"kestanSteps\": 1, \"stepps\": []}", "/stepps"),
                Map.entry(entry("{\"title\": \"no id\"}"), "/steps/0"),
                Map.entry(entry("{\"id\": \"nut-seat\", \"hands\": \"long\"}"), "/steps/0/hands"),
                Map.entry(entry("{\"id\": \"nut-seat\", \"doo\": \"x\"}"), "/steps/0/doo"),
                Map.entry(entry("{\"id\": \"nut-seat\", \"numbers\": [\"nut\", \"luck\"]}"), "/steps/0/numbers/1"),
                Map.entry(entry("{\"id\": \"nut-seat\", \"reads\": [\"survey.mood\"]}"), "/steps/0/reads/0"),
                Map.entry(entry("{\"id\": \"nut-seat\", \"wait\": {\"kind\": \"glue\"}}"), "/steps/0/wait"),
                Map.entry(
                        entry("{\"id\": \"nut-seat\", \"when\": {\"joints\": [\"magic\"]}}"), "/steps/0/when/joints/0"),
                Map.entry(entry("{\"id\": \"new-one\"}"), "/steps/0"),
                Map.entry(entry("{\"id\": \"nut-seat\", \"after\": \"nowhere\"}"), "/steps/0/after"),
                Map.entry(entry("{\"id\": \"nut-seat\"}, {\"id\": \"nut-seat\"}"), "/steps/1/id"));
        for (Map.Entry<String, String> each : bad.entrySet()) {
            List<Fault> faults = faults("nut", each.getKey());
            assertThat(faults).as(each.getKey()).isNotEmpty();
            assertThat(faults)
                    .as(each.getKey())
                    .anyMatch(fault -> fault.pointer().equals(each.getValue()));
            assertThat(faults)
                    .allMatch(fault ->
                            !Wording.in(BenchUnit.MILLIMETERS).line(fault).isBlank());
            assertThatThrownBy(() -> StepLibrary.of(folder)
                            .with("nut", "nut-seat", Map.of("title", Optional.of(Tree.text("X")))))
                    .isInstanceOf(IOException.class);
        }
    }

    private static String entry(String entries) {
        return "{\"kestanSteps\": 1, \"steps\": [" + entries + "]}";
    }

    /** The same thing is never said in two steps of one composed list. */
    @Test
    public void noStepIsSaidTwice() {
        List<String> said = new ArrayList<>();
        BOOK.compose(plan(demo(0), ShopStandards.DEFAULT, WayCatalog.SADDLE, WayCatalog.NUT, WayCatalog.NECK_RESET))
                .forEach(step -> said.add(step.text().doing()));
        assertThat(said).doesNotHaveDuplicates();
    }

    /** A fault in one file that ships costs that way its steps, and no other way. */
    @Test
    public void aMissingOrBrokenFileIsAFaultOfItsOwnWay() {
        StepLibrary library = StepLibrary.shipping(name -> switch (name) {
            case "nut" -> Optional.empty();
            case "saddle" -> Optional.of("{\"kestanSteps\": 1, \"way\": \"saddle\", \"steps\": [{\"id\": ");
            default -> StepLibrary.shippedText(name);
        });
        assertThat(library.faults()).containsOnlyKeys("nut", "saddle");
        assertThat(library.book().file("nut").orElseThrow().steps()).isEmpty();
        assertThat(library.book().file("neck-reset").orElseThrow().steps()).isNotEmpty();
        assertThat(StepLibrary.shipped().faults()).isEmpty();
    }

    @Test
    public void everyWayHasSteps() {
        assertThat(WayCatalog.ALL)
                .allSatisfy(way -> assertThat(StepLibrary.shipped()
                                .book()
                                .file(way.key())
                                .orElseThrow()
                                .steps())
                        .as(way.key())
                        .isNotEmpty());
    }

    /**
     * A step shows an operation that can be drawn, or a photograph that lies beside the file; anything else is
     * reported at its place.
     */
    @Test
    public void aStepPointsAtADrawingOrAtAPhotograph() throws IOException {
        assertThat(StepLibrary.shipped()
                        .book()
                        .step("reset-scribe")
                        .orElseThrow()
                        .operation())
                .contains(Operation.SCRIBE);
        Path photograph = Files.write(folder.resolve("my heel.jpg"), new byte[] {1, 2, 3});
        Path steps = folder.resolve("steps");
        assertThat(StepLibrary.of(steps).keepPhotograph(photograph)).isEqualTo("my heel.jpg");
        Files.writeString(
                steps.resolve("neck-reset.json"),
                "{\"kestanSteps\": 1, \"way\": \"neck-reset\", \"steps\": ["
                        + "{\"id\": \"reset-scribe\", \"drawing\": \"my heel.jpg\"}]}");
        StepLibrary shop = StepLibrary.of(steps);
        assertThat(shop.faults()).isEmpty();
        Step scribe = shop.book().step("reset-scribe").orElseThrow();
        assertThat(scribe.operation()).isEmpty();
        assertThat(shop.photograph(scribe.text().drawing())).contains(steps.resolve("my heel.jpg"));
        assertThat(shop.photograph("../my heel.jpg")).isEmpty();
        assertThat(shop.photograph("none.jpg")).isEmpty();
    }

    @Test
    public void aDrawingThatIsNoneIsAFaultAtItsPlace() throws IOException {
        for (String drawing : List.of("scribble", "../secret.jpg", "letter.pdf")) {
            Files.writeString(
                    folder.resolve("nut.json"),
                    "{\"kestanSteps\": 1, \"way\": \"nut\", \"steps\": [{\"id\": \"nut-slots\", \"drawing\": \""
                            + drawing + "\"}]}");
            assertThat(StepLibrary.of(folder).faults().get("nut"))
                    .as(drawing)
                    .anySatisfy(fault -> assertThat(fault.pointer()).isEqualTo("/steps/0/drawing"));
        }
    }

    @Test
    public void onlyAPhotographIsKept() throws IOException {
        StepLibrary shop = StepLibrary.of(folder.resolve("steps"));
        Path letter = Files.writeString(folder.resolve("letter.pdf"), "x");
        assertThatThrownBy(() -> shop.keepPhotograph(letter)).isInstanceOf(IOException.class);
        Path photograph = Files.write(folder.resolve("a.png"), new byte[] {1});
        assertThatThrownBy(() -> StepLibrary.shipped().keepPhotograph(photograph))
                .as("the steps that ship have no folder of the shop's")
                .isInstanceOf(IOException.class);
    }
}
