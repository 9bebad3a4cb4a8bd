package org.kestan.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Optional;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.practice.drills.Drill;
import org.kestan.practice.file.PracticeFile;
import org.kestan.practice.file.PracticeRecord;
import org.kestan.practice.reckoning.Marks;
import org.kestan.practice.run.PracticeRun;
import org.kestan.practice.work.Operation;
import org.kestan.simulator.cases.CaseGenerator;
import org.kestan.simulator.cases.Level;
import org.kestan.simulator.cases.PracticeFamily;
import org.kestan.simulator.tools.Placement;
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
        return new PracticeRecord.Case(DAY, seed, level, PracticeFamily.FLAT_TOP, new Marks(mark, mark - 1, mark));
    }

    @Test
    public void aRunComesBackAsItWas() throws IOException {
        PracticeRun run = PracticeRun.of(CaseGenerator.of(9, Level.HARD, PracticeFamily.ARCHTOP));
        run = run.measure(SimulatedTool.RULE, new Placement(Spot.OVER_FRET, 12, Side.TREBLE))
                .run();
        run = run.work(Operation.MOVE_BRIDGE, new Sides<>(-0.5, 0.25)).run().handOver();
        file.keep("abc-1", run);
        PracticeFile.Read<Optional<PracticeRun>> read = file.run("abc-1");
        assertThat(read.value().orElseThrow().state()).isEqualTo(run.state());
        assertThat(read.value().orElseThrow().handedOver()).isTrue();
        assertThat(read.aside()).isEmpty();
        assertThat(file.run("abc-2").value()).isEmpty();
    }

    @Test
    public void theRecordComesBackAsItWas() throws IOException {
        PracticeRecord record = PracticeRecord.NONE
                .with(done(1, Level.EASY, 8.5))
                .with(new PracticeRecord.Done(DAY, Drill.READ_RULE, 17, 20));
        file.keep(record);
        assertThat(file.record().value()).isEqualTo(record);
    }

    @DataProvider
    public Object[][] broken() {
        return new Object[][] {
            {""},
            {"{"},
            {"[]"},
            {"{\"cases\": 4, \"drills\": []}"},
            {
                "{\"cases\": [{\"on\": \"2026-13-01\", \"seed\": 1, \"level\": \"easy\", \"family\": \"flat-top\", "
                        + "\"measuring\": 1, \"judging\": 1, \"working\": 1}], \"drills\": []}"
            },
            {
                "{\"cases\": [{\"on\": \"2026-11-01\", \"seed\": 1, \"level\": \"easy\", \"family\": \"flat-top\", "
                        + "\"measuring\": 11, \"judging\": 1, \"working\": 1}], \"drills\": []}"
            },
            {
                "{\"cases\": [{\"on\": \"2026-11-01\", \"seed\": 0.5, \"level\": \"easy\", \"family\": \"flat-top\", "
                        + "\"measuring\": 1, \"judging\": 1, \"working\": 1}], \"drills\": []}"
            },
        };
    }

    /** It is said, and moved aside: going on loses nothing. */
    @Test(dataProvider = "broken")
    public void aBrokenRecordIsMovedAside(String text) throws IOException {
        Files.createDirectories(folder);
        Files.writeString(folder.resolve("record.json"), text);
        PracticeFile.Read<PracticeRecord> read = file.record();
        assertThat(read.value()).isEqualTo(PracticeRecord.NONE);
        assertThat(Files.readString(read.aside().orElseThrow())).isEqualTo(text);
        assertThat(Files.exists(folder.resolve("record.json"))).isFalse();
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
