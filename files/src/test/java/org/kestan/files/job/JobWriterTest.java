package org.kestan.files.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Tool;
import org.kestan.files.demo.DemoJobs;
import org.kestan.files.json.Json;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

public class JobWriterTest {

    private static JsonNode tree(String text) {
        return Json.MAPPER.readTree(text);
    }

    @Test
    public void writesBackTheVerySameContent() {
        Job job = JobReader.read(BadFiles.GOOD).job().orElseThrow();
        String written = JobWriter.write(job);
        assertThat(tree(written)).isEqualTo(tree(BadFiles.GOOD));
        assertThat(JobWriter.write(JobReader.read(written).job().orElseThrow())).isEqualTo(written);
    }

    @Test
    public void demoJobsAreWrittenBackTheSame() {
        for (String name : DemoJobs.NAMES) {
            byte[] bytes = DemoJobs.bytes(name);
            Job job = JobReader.read(bytes).job().orElseThrow();
            assertThat(tree(JobWriter.write(job))).as(name).isEqualTo(Json.MAPPER.readTree(bytes));
        }
    }

    /** The sources of readings are kept; how they were made is one of three words, and a half-width is not negative. */
    @Test
    public void whereReadingsComeFromIsKept() {
        String with = BadFiles.GOOD.replace(
                "\"action\": {\"fret\": 12,",
                "\"sources\": {\"action.bass\": {\"by\": \"picture\", \"from\": \"neck.jpg\", \"halfWidth\": 0.021},"
                        + " \"action.treble\": {\"by\": \"gauge\"}}, \"action\": {\"fret\": 12,");
        Job job = JobReader.read(with).job().orElseThrow();
        assertThat(job.visit().source(Reading.ACTION_BASS))
                .hasValueSatisfying(
                        source -> assertThat(source.halfWidth().orElseThrow()).isEqualTo(0.021));
        assertThat(tree(JobWriter.write(job))).isEqualTo(tree(with));
        assertThat(JobReader.read(with.replace("picture", "magic")).faults())
                .anyMatch(fault -> fault.pointer().equals("/survey/sources/action.bass/by"));
        assertThat(JobReader.read(with.replace("0.021", "-0.021")).faults())
                .anyMatch(fault -> fault.pointer().equals("/survey/sources/action.bass/halfWidth"));
    }

    @Test
    public void unknownKeysAreKeptAtEveryLevelAndInOrder() {
        String foreign = BadFiles.GOOD
                .replace("\"kestan\": 1,", "\"shop\": {\"bench\": [1, 2.50, null]}, \"kestan\": 1,")
                .replace("\"action\": {\"fret\": 12,", "\"action\": {\"fret\": 12, \"rule\": \"old steel\",")
                .replace("\"bridgeThickness\": \"9.2 mm\"", "\"bridgeThickness\": \"9.2 mm\", \"mood\": true");
        Job job = JobReader.read(foreign).job().orElseThrow();
        Job edited = job.with(Reading.ACTION_BASS, Length.ofText("11/64\"")).without(Aim.SADDLE);
        JsonNode written = tree(JobWriter.write(edited));
        assertThat(written.at("/shop/bench/1").decimalValue()).hasToString("2.50");
        assertThat(written.at("/survey/action/rule").asString()).isEqualTo("old steel");
        assertThat(written.at("/target/mood").asBoolean()).isTrue();
        assertThat(written.at("/survey/action/bass").asString()).isEqualTo("11/64\"");
        assertThat(written.at("/target/saddle").isMissingNode()).isTrue();
        assertThat(written.propertyNames()).containsExactly("shop", "kestan", "instrument", "survey", "target");
    }

    /** A yes stays a yes in the file, a reason stays in its own words, and a no is not a reason. */
    @Test
    public void doItAnywayIsTrueOrTheReason() {
        for (String said : List.of("true", "\"it was his father's\"")) {
            String text = "{\"kestan\": 1, \"instrument\": {\"doItAnyway\": " + said + "}}";
            Job job = JobReader.read(text).job().orElseThrow();
            assertThat(job.get(Lines.DO_IT_ANYWAY)).isPresent();
            assertThat(tree(JobWriter.write(job)).at("/instrument/doItAnyway")).isEqualTo(tree(said));
        }
        assertThat(JobReader.read("{\"kestan\": 1, \"instrument\": {\"doItAnyway\": 3}}")
                        .job())
                .isEmpty();
    }

    /**
     * A later program may know more about a string, a picture or a finding: what this one does not know is passed on.
     */
    @Test
    public void unknownKeysInListsStayWithTheirEntry() {
        String text = """
                {"kestan": 1,
                 "instrument": {"strings": [{"gauge": "0.053 in", "wound": true, "pitch": "E2", "mood": "bright"},
                                            {"gauge": "0.012 in", "wound": false, "pitch": "E4", "shelf": 7}]},
                 "survey": {"condition": [{"what": "bridge-lift", "severity": "slight", "photo": 3}],
                            "frets": [{"fret": 2, "proud": "-0.02 mm"},
                                      {"fret": 9, "proud": "0.05 mm", "seen": "by eye"}]},
                 "photos": [{"file": "a.png", "taken": "in the morning"}]}
                """;
        Job job = JobReader.read(text).job().orElseThrow();
        assertThat(job.get(Reading.FRET_PROUD.at(9)).orElseThrow().text()).isEqualTo("0.05 mm");
        Job edited = job.withStrings(job.strings().stream()
                        .map(string -> string.withPitch(string.pitch().replace('4', '5')))
                        .toList())
                .with(Reading.FRET_PROUD.at(2), Length.ofText("0.01 mm"));
        JsonNode written = tree(JobWriter.write(edited));
        assertThat(written.at("/instrument/strings/0/mood").asString()).isEqualTo("bright");
        assertThat(written.at("/instrument/strings/1/pitch").asString()).isEqualTo("E5");
        assertThat(written.at("/instrument/strings/1/shelf").asInt()).isEqualTo(7);
        assertThat(written.at("/survey/condition/0/photo").asInt()).isEqualTo(3);
        assertThat(written.at("/photos/0/taken").asString()).isEqualTo("in the morning");
        assertThat(written.at("/survey/frets"))
                .anySatisfy(fret -> assertThat(fret.get("proud").asString()).isEqualTo("0.01 mm"))
                .anySatisfy(fret -> assertThat(fret.path("seen").asString("")).isEqualTo("by eye"));
        assertThat(tree(JobWriter.write(job))).isEqualTo(tree(text));
    }

    @Test
    public void aJobMadeHereIsReadBack() {
        Job job = Job.BLANK.with(Lines.NAME, "Parlour \u201cNo. 7\u201d");
        job = job.with(Reading.HEEL_HEIGHT, Length.ofText("3 3/4 in"));
        Job read = JobReader.read(JobWriter.write(job)).job().orElseThrow();
        assertThat(read.name()).isEqualTo(job.name());
        assertThat(read.get(Reading.HEEL_HEIGHT)).isEqualTo(job.get(Reading.HEEL_HEIGHT));
        assertThat(tree(JobWriter.write(read))).isEqualTo(tree(JobWriter.write(job)));
        Job cleared = read.without(Reading.HEEL_HEIGHT);
        assertThat(tree(JobWriter.write(cleared)).has("survey")).isFalse();
    }

    @Test
    public void aFailedWriteLeavesTheOldFile() throws IOException {
        Path folder = Files.createTempDirectory("kestan-test-");
        Path file = folder.resolve("a" + JobFile.EXTENSION);
        Job job = JobReader.read(BadFiles.GOOD).job().orElseThrow();
        JobFile.write(job, file);
        assertThat(JobFile.read(file).job()).isPresent();
        assertThat(Files.list(folder)).containsExactly(file);
        Files.delete(file);
        Files.createDirectory(file);
        Files.createFile(file.resolve("in the way"));
        org.assertj.core.api.Assertions.assertThatThrownBy(() -> JobFile.write(job, file))
                .isInstanceOf(IOException.class);
        assertThat(Files.list(folder)).containsExactly(file);
        Files.delete(file.resolve("in the way"));
        Files.delete(file);
        Files.delete(folder);
    }

    /**
     * Profile, heights and single frets are written and read back, with their takes and tools under keys that contain
     * the fret.
     */
    @Test
    public void whatIsReadFretByFretComesBack() {
        Job job = Job.BLANK
                .with(Reading.PROFILE_GAP.at(7), Length.ofText("0.008 in"))
                .with(Reading.PROFILE_GAP_TREBLE.at(7), Length.ofText("0.006 in"))
                .with(Reading.PROFILE_GAP.at(4), Length.ofText("0.005 in"))
                .with(Reading.STRING_HEIGHT_BASS.at(5), Length.ofText("1.6 mm"))
                .with(Reading.FRET_ROCKS.at(9), Length.ofText("0.004 in"));
        job = job.withVisit(job.visit()
                .withTakes(
                        Reading.PROFILE_GAP.at(7),
                        List.of(Length.ofText("0.007 in"), Length.ofText("0.009 in")),
                        Length.ofText("0.008 in"))
                .withTool(Reading.PROFILE_GAP.at(4), Tool.DIAL));
        String text = JobWriter.write(job);
        assertThat(text.replaceAll("\\s", ""))
                .contains(
                        "\"gaps\":[{\"fret\":4,\"gap\":\"0.005in\"},{\"fret\":7,\"gap\":\"0.008in\",\"treble\":\"0.006in\"}]");
        Job back = JobReader.read(text).job().orElseThrow();
        assertThat(back.visit().values()).isEqualTo(job.visit().values());
        assertThat(back.visit().takes()).isEqualTo(job.visit().takes());
        assertThat(back.visit().takesOf(Reading.PROFILE_GAP.at(7))).hasSize(2);
        assertThat(back.visit().tool(Reading.PROFILE_GAP.at(4))).isEqualTo(Tool.DIAL);
    }
}
