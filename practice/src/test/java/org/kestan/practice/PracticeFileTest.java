package org.kestan.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.kestan.base.finding.Fault;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.job.Job;
import org.kestan.practice.drills.Drill;
import org.kestan.practice.file.PracticeFile;
import org.kestan.practice.file.PracticeRecord;
import org.kestan.practice.reckoning.Marks;
import org.kestan.practice.run.PracticeRun;
import org.kestan.practice.work.Operation;
import org.kestan.simulator.cases.CaseGenerator;
import org.kestan.simulator.cases.Level;
import org.kestan.simulator.cases.PracticeCase;
import org.kestan.simulator.cases.PracticeFamily;
import org.kestan.simulator.tools.Placement;
import org.kestan.simulator.tools.SheetReader;
import org.kestan.simulator.tools.SimulatedTool;
import org.kestan.simulator.tools.Spot;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class PracticeFileTest {

    private static final LocalDate DAY = LocalDate.of(2026, 11, 30);

    private Path folder;
    private PracticeFile file;

    @BeforeMethod
    public void folder() throws IOException {
        folder = Files.createTempDirectory("kestan-test-").resolve("practice");
        file = new PracticeFile(folder);
    }

    private static PracticeRecord.Case done(long seed, Level level, double mark) {
        return new PracticeRecord.Case(
                "job-" + seed, DAY, seed, level, PracticeFamily.FLAT_TOP, new Marks(mark, mark - 1, mark));
    }

    @Test
    public void aRunComesBackAsItWas() throws IOException {
        PracticeCase given = CaseGenerator.of(Long.MAX_VALUE, Level.HARD, PracticeFamily.ARCHTOP);
        Job sheet = SheetReader.truth(given);
        PracticeRun run = PracticeRun.of(given);
        run = run.measure(SimulatedTool.RULE, new Placement(Spot.OVER_FRET, 12, Side.TREBLE))
                .run();
        // Thirds have more digits than anybody types: an eighth of an inch in meters.
        run = run.work(Operation.MOVE_BRIDGE, new Sides<>(-1 / 3.0, 0.1 + 0.2))
                .run()
                .handOver(sheet);
        file.keep("abc-1", run);
        PracticeFile.Read<Optional<PracticeRun>> read = file.run("abc-1");
        assertThat(read.value().orElseThrow().state()).isEqualTo(run.state());
        assertThat(read.value().orElseThrow().handedOver()).contains(sheet);
        assertThat(read.value().orElseThrow().given().seed()).isEqualTo(Long.MAX_VALUE);
        assertThat(read.aside()).isEmpty();
        assertThat(file.run("abc-2").value()).isEmpty();
    }

    @Test
    public void theRecordComesBackAsItWas() throws IOException {
        PracticeRecord record = PracticeRecord.NONE
                .with(done(1, Level.EASY, 25 / 3.0))
                .with(new PracticeRecord.Done(DAY, Drill.READ_RULE, 17, 20));
        file.keep(record);
        assertThat(file.record().value()).isEqualTo(record);
    }

    /** A record with one case in which one thing is replaced by another. */
    private static String record(String from, String to) {
        String good = """
                {"cases": [{"job": "a-1", "on": "2026-11-01", "seed": 1, "level": "easy", "family": "flat-top",
                "measuring": 1, "judging": 1, "working": 1}],
                "drills": [{"on": "2026-11-01", "drill": "read-rule", "right": 3, "of": 4}]}""";
        assertThat(good).contains(from);
        return good.replace(from, to);
    }

    @DataProvider
    public Object[][] broken() {
        return new Object[][] {
            {"", ""},
            {"{", ""},
            {"[]", ""},
            {"{\"cases\": 4, \"drills\": []}", "/cases"},
            {record("\"job\": \"a-1\", ", ""), "/cases/0/job"},
            {record("\"on\": \"2026-11-01\", \"seed\"", "\"on\": \"2026-13-01\", \"seed\""), "/cases/0/on"},
            {record("\"measuring\": 1", "\"measuring\": 10.1"), "/cases/0/measuring"},
            {record("\"working\": 1", "\"working\": -0.1"), "/cases/0/working"},
            {record("\"seed\": 1", "\"seed\": 0.5"), "/cases/0/seed"},
            {record("\"seed\": 1", "\"seed\": 9223372036854775808"), "/cases/0/seed"},
            {record("\"level\": \"easy\"", "\"level\": \"mild\""), "/cases/0/level"},
            {record("\"read-rule\"", "\"read-clock\""), "/drills/0/drill"},
            {record("\"right\": 3", "\"right\": -1"), "/drills/0/right"},
        };
    }

    /** The place of the fault is given, and the file moved aside: going on loses nothing. */
    @Test(dataProvider = "broken")
    public void aBrokenRecordIsMovedAside(String text, String place) throws IOException {
        Files.createDirectories(folder);
        Files.writeString(folder.resolve("record.json"), text);
        PracticeFile.Read<PracticeRecord> read = file.record();
        assertThat(read.value()).isEqualTo(PracticeRecord.NONE);
        assertThat(read.faults()).extracting(Fault::pointer).contains(place);
        assertThat(Files.readString(read.aside().orElseThrow())).isEqualTo(text);
        assertThat(Files.exists(folder.resolve("record.json"))).isFalse();
    }

    @DataProvider
    public Object[][] brokenCases() {
        return new Object[][] {
            {"\"version\" : " + PracticeCase.VERSION, "\"version\" : 1", "/version"},
            {"\"slacken\"", "\"burn\"", "/events/0/operation"},
            {"\"rule\"", "\"tongue\"", "/events/1/tool"},
            {"\"fret\" : 12", "\"fret\" : 41", "/events/1/fret"},
            {"\"kestan\" : 1", "\"kestan\" : 0", "/handedOver"},
        };
    }

    /** A case that can't be read is not half replayed, and does not come back as one that was never handed over. */
    @Test(dataProvider = "brokenCases")
    public void aBrokenCaseIsMovedAside(String from, String to, String place) throws IOException {
        PracticeCase given = CaseGenerator.of(3, Level.EASY, PracticeFamily.FLAT_TOP);
        PracticeRun run = PracticeRun.of(given)
                .work(Operation.SLACKEN, new Sides<>(0.0, 0.0))
                .run();
        run = run.measure(SimulatedTool.RULE, new Placement(Spot.FRETS_OVER_TOP, 12, Side.BASS))
                .run();
        assertThat(run.events()).hasSize(2);
        file.keep("abc-1", run.handOver(SheetReader.truth(given)));
        Path kept = folder.resolve("case-abc-1.json");
        String text = Files.readString(kept).replace("\": ", "\" : ");
        assertThat(text).contains(from);
        Files.writeString(kept, text.replace(from, to));
        PracticeFile.Read<Optional<PracticeRun>> read = file.run("abc-1");
        assertThat(read.value()).isEmpty();
        assertThat(read.faults()).extracting(Fault::pointer).containsExactly(place);
        assertThat(read.aside()).isPresent();
    }

    /** Several unreadable files are kept side by side. */
    @Test
    public void nothingThatWasMovedAsideIsOverwritten() throws IOException {
        Files.createDirectories(folder);
        for (String text : List.of("one", "two", "three")) {
            Files.writeString(folder.resolve("record.json"), text);
            assertThat(Files.readString(file.record().aside().orElseThrow())).isEqualTo(text);
        }
        try (Stream<Path> files = Files.list(folder)) {
            assertThat(files).hasSize(3);
        }
    }

    @Test
    public void noNameLeadsOutOfTheFolder() {
        assertThatThrownBy(() -> file.run("../../etc/passwd")).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    public void aLevelUpAfterThreeGoodCases() {
        PracticeRecord two = PracticeRecord.NONE.with(done(1, Level.EASY, 9)).with(done(2, Level.EASY, 9));
        assertThat(two.next().level()).isEqualTo(Level.EASY);
        PracticeRecord.Next next = two.with(done(3, Level.EASY, 9)).next();
        assertThat(next.level()).isEqualTo(Level.MEDIUM);
        assertThat(next.seed()).isEqualTo(4);
        assertThat(next.kind()).isNotEqualTo(PracticeFamily.FLAT_TOP);
        assertThat(next.skill()).contains(Marks.Skill.JUDGING);
        assertThat(two.with(done(3, Level.EASY, 5)).next().level()).isEqualTo(Level.EASY);
    }
}
