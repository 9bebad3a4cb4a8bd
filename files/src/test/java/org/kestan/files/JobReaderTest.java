package org.kestan.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.kestan.job.Fault;
import org.kestan.job.Job;
import org.kestan.sheet.Aim;
import org.kestan.sheet.Reading;
import org.kestan.sheet.Side;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class JobReaderTest {

    @Test
    public void readsEveryKeyOfTheContract() {
        Job job = JobReader.read(BadFiles.GOOD).job().orElseThrow();
        assertThat(job.length(Reading.RELIEF).orElseThrow().text()).isEqualTo("0.008 in");
        assertThat(job.survey().readings()).hasSize(18);
        assertThat(job.target().aims()).hasSize(8);
        assertThat(job.length(Aim.BRIDGE_THICKNESS).orElseThrow().millimetres()).isEqualTo(9.2);
        assertThat(job.survey().held().orElseThrow().high()).isEqualTo(14);
        assertThat(job.survey().reliefReadAt()).hasValue(7);
        assertThat(job.survey().driftSide()).contains(Side.TREBLE);
        assertThat(job.survey().humidity()).hasValue(47);
    }

    @Test(dataProvider = "spoilt", dataProviderClass = BadFiles.class)
    public void namesThePlaceOfTheFault(String good, String bad, String pointer, String word) {
        assertThat(BadFiles.GOOD).contains(good);
        JobReader.Outcome outcome = JobReader.read(BadFiles.GOOD.replaceFirst(
                java.util.regex.Pattern.quote(good), java.util.regex.Matcher.quoteReplacement(bad)));
        assertThat(outcome.job()).isEmpty();
        assertThat(outcome.faults()).hasSize(1);
        assertThat(outcome.faults().get(0).pointer()).isEqualTo(pointer);
        assertThat(outcome.faults().get(0).line()).contains(word).contains("accepted:");
    }

    @Test
    public void saysAllFaultsAtOnce() {
        String bad = BadFiles.GOOD
                .replace("\"3.9 mm\"", "3.9")
                .replace("\"632 mm\"", "632")
                .replace("2026-03-02", "x");
        assertThat(JobReader.read(bad).faults())
                .extracting(Fault::pointer)
                .containsExactlyInAnyOrder("/survey/action/bass", "/instrument/scale", "/survey/takenOn");
    }

    @DataProvider
    static Object[][] notJson() {
        return new Object[][] {
            {"", "empty"},
            {"{", "not JSON at line 1"},
            {"[1, 2]", "a list"},
            {"\"kestan\"", "text"},
            {"{\"kestan\": 1} trailing", "not JSON"},
            {"{\"kestan\": 1, \"kestan\": 1}", "not JSON"},
            {"{\"kestan\": 01}", "not JSON"},
            {"[".repeat(5000), "not JSON"},
            {"<html></html>", "not JSON"},
        };
    }

    @Test(dataProvider = "notJson")
    public void refusesWhatIsNoJobFile(String text, String word) {
        JobReader.Outcome outcome = JobReader.read(text);
        assertThat(outcome.job()).isEmpty();
        assertThat(outcome.faults()).isNotEmpty();
        assertThat(outcome.faults().get(0).line()).contains(word).doesNotContain("\n");
    }

    @Test
    public void pointsAtTheBrokenPlaceInTheSyntax() {
        JobReader.Outcome outcome = JobReader.read("{\"kestan\": 1, \"survey\": {\"action\": {\"bass\": 3..9}}}");
        assertThat(outcome.faults().get(0).pointer()).startsWith("/survey/action");
    }

    @Test
    public void bytesMustBeUtf8() throws IOException {
        byte[] latin = BadFiles.GOOD.replace("dovetail", "d\u00e9").getBytes(StandardCharsets.ISO_8859_1);
        assertThat(JobReader.read(latin).faults().get(0).problem()).contains("UTF-8");
        byte[] marked = ("\ufeff" + BadFiles.GOOD).getBytes(StandardCharsets.UTF_8);
        assertThat(JobReader.read(marked).job()).isPresent();
    }

    @Test
    public void filesThatCantBeReadAreFaultsToo() throws IOException {
        Path folder = Files.createTempDirectory("kestan-test-");
        assertThat(JobFile.read(folder).faults().get(0).problem()).contains("folder");
        assertThat(JobFile.read(folder.resolve("none.kestan.json"))
                        .faults()
                        .get(0)
                        .problem())
                .contains("no such file");
        Path huge = folder.resolve("huge.kestan.json");
        try (var channel = java.nio.channels.FileChannel.open(
                huge, java.nio.file.StandardOpenOption.CREATE, java.nio.file.StandardOpenOption.WRITE)) {
            channel.position(TextFile.LARGEST).write(java.nio.ByteBuffer.wrap(new byte[] {0}));
        }
        assertThat(JobFile.read(huge).faults().get(0).problem()).contains("larger");
        Files.delete(huge);
        Files.delete(folder);
    }

    @Test
    public void anIncompleteJobIsReadAllTheSame() {
        assertThat(JobReader.read("{\"kestan\": 1}").job()).contains(Job.BLANK.withOrigin("{\"kestan\": 1}"));
        assertThat(JobReader.read("{\"kestan\": 1, \"survey\": {}}").job()).isPresent();
        assertThat(JobReader.read("{\"kestan\": 1, \"survey\": []}").faults())
                .extracting(Fault::pointer)
                .isEqualTo(List.of("/survey"));
    }
}
