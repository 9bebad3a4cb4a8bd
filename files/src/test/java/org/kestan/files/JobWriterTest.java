package org.kestan.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.kestan.job.Job;
import org.kestan.notation.Length;
import org.kestan.sheet.Aim;
import org.kestan.sheet.Reading;
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

    @Test
    public void unknownKeysAreKeptAtEveryLevelAndInOrder() {
        String foreign = BadFiles.GOOD
                .replace("\"kestan\": 1,", "\"shop\": {\"bench\": [1, 2.50, null]}, \"kestan\": 1,")
                .replace("\"action\": {\"fret\": 12,", "\"action\": {\"fret\": 12, \"rule\": \"old steel\",")
                .replace("\"bridgeThickness\": \"9.2 mm\"", "\"bridgeThickness\": \"9.2 mm\", \"mood\": true");
        Job job = JobReader.read(foreign).job().orElseThrow();
        Job edited = job.with(Reading.ACTION_BASS, Optional.of(Length.ofText("11/64\"")))
                .with(Aim.SADDLE, Optional.empty());
        JsonNode written = tree(JobWriter.write(edited));
        assertThat(written.at("/shop/bench/1").decimalValue()).hasToString("2.50");
        assertThat(written.at("/survey/action/rule").asString()).isEqualTo("old steel");
        assertThat(written.at("/target/mood").asBoolean()).isTrue();
        assertThat(written.at("/survey/action/bass").asString()).isEqualTo("11/64\"");
        assertThat(written.at("/target/saddle").isMissingNode()).isTrue();
        assertThat(written.propertyNames()).containsExactly("shop", "kestan", "instrument", "survey", "target");
    }

    @Test
    public void aJobMadeHereIsReadBack() {
        Job job = Job.BLANK.withInstrument(Job.BLANK.instrument().withName("Parlour \u201cNo. 7\u201d"));
        job = job.with(Reading.HEEL_HEIGHT, Optional.of(Length.ofText("3 3/4 in")));
        Job read = JobReader.read(JobWriter.write(job)).job().orElseThrow();
        assertThat(read.withoutOrigins()).isEqualTo(job);
        Job cleared = read.with(Reading.HEEL_HEIGHT, Optional.empty());
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
}
