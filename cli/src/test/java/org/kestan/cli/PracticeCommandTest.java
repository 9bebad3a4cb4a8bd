package org.kestan.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.ShopStandards;
import org.kestan.files.job.JobReader;
import org.kestan.files.json.Json;
import org.kestan.job.Job;
import org.kestan.overview.JobAnalysis;
import org.kestan.simulator.cases.PracticeFamily;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

public class PracticeCommandTest {

    private record Ran(int code, String out, String err) {}

    private static Ran run(String... arguments) {
        StringWriter out = new StringWriter();
        StringWriter err = new StringWriter();
        int code = KestanCommand.run(new PrintWriter(out), new PrintWriter(err), arguments);
        return new Ran(code, out.toString(), err.toString());
    }

    private static JsonNode json(String... arguments) {
        Ran ran = run(arguments);
        assertThat(ran.code()).as(ran.err()).isZero();
        return Json.MAPPER.readTree(ran.out());
    }

    @Test
    public void aCaseTellsWhatTheOwnerSaysAndNotWhatIsWrong() {
        JsonNode told = json("practice", "--seed", "4", "--level", "hard", "--case");
        assertThat(told.get("version").asInt()).isEqualTo(1);
        assertThat(told.get("owner")).hasSize(3);
        assertThat(told.get("seen")).hasSize(3);
        assertThat(told.toString()).doesNotContain("fault");
        assertThat(run("practice", "--seed", "4", "--level", "hard", "--case"))
                .isEqualTo(run("practice", "--seed", "4", "--level", "hard", "--case"));
    }

    /** The sheet read on every kind is complete enough to be judged, and lies where the truth lies. */
    @Test
    public void aSurveyIsAJobThatIsJudged() {
        for (PracticeFamily kind : PracticeFamily.values()) {
            for (int seed = 1; seed <= 4; seed++) {
                String[] of = {"practice", "--seed", Integer.toString(seed), "--family", kind.key()};
                Ran survey = run(of[0], of[1], of[2], of[3], of[4], "--survey");
                assertThat(survey.code()).as(survey.err()).isZero();
                Job job = JobReader.read(survey.out().getBytes(StandardCharsets.UTF_8))
                        .job()
                        .orElseThrow();
                JobAnalysis analysis = JobAnalysis.of(job, ShopStandards.DEFAULT);
                assertThat(analysis.measured()).as(kind.key() + " " + seed).isPresent();
                assertThat(analysis.recommendation().ways())
                        .as(kind.key() + " " + seed)
                        .isNotEmpty();
                JsonNode strung =
                        json(of[0], of[1], of[2], of[3], of[4], "--truth").get("strung");
                JsonNode twelfth = strung.get("frets").get(11);
                double share = twelfth.get("x").asDouble()
                        / strung.get("saddle").get("x").asDouble();
                double string = strung.get("nut").get("bass").asDouble() * (1 - share)
                        + strung.get("saddle").get("bass").asDouble() * share;
                assertThat(job.millimeters(Reading.ACTION_BASS).orElseThrow())
                        .as(kind.key() + " " + seed)
                        .isCloseTo(string - twelfth.get("bass").asDouble(), within(0.4));
            }
        }
    }

    @Test
    public void slackThereIsNoPull() {
        JsonNode truth = json("practice", "--seed", "9", "--truth");
        assertThat(truth.get("slack").get("tension").asDouble()).isZero();
        assertThat(truth.get("strung").get("tension").asDouble()).isGreaterThan(500);
        assertThat(truth.get("strung").get("neckAngleDeg").asDouble())
                .as("the strings draw the neck forward")
                .isLessThan(truth.get("slack").get("neckAngleDeg").asDouble());
        assertThat(truth.get("slack").get("soundboard").get(0).get("z").asDouble())
                .isZero();
    }

    @Test
    public void whatCannotBeIsSaidAtItsPlace() {
        for (List<String> wrong : List.of(
                List.of("practice", "--seed", "x", "--case"),
                List.of("practice", "--case"),
                List.of("practice", "--seed", "1"),
                List.of("practice", "--seed", "1", "--case", "--truth"),
                List.of("practice", "--seed", "1", "--case", "--level", "grim"),
                List.of("practice", "--seed", "1", "--case", "--family", "kazoo"))) {
            Ran ran = run(wrong.toArray(String[]::new));
            assertThat(ran.code()).as(wrong.toString()).isEqualTo(KestanCommand.FAULTY);
            assertThat(ran.out()).isEmpty();
            assertThat(ran.err()).isNotBlank();
        }
    }
}
