package org.kestan.files.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.kestan.base.finding.Fault;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.files.text.TextFile;
import org.kestan.job.Job;
import org.kestan.job.JobTree;
import org.kestan.job.Sections;
import org.kestan.job.parts.Part;
import org.kestan.job.terms.Lines;
import org.kestan.job.tree.UnknownKeys;
import org.kestan.text.BenchUnit;
import org.kestan.text.Wording;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class JobReaderTest {

    /** What other programs keep with a string survives a round trip, and so does the job. */
    @Test
    public void stringsKeepWhatOthersSayOfThem() {
        String text = """
                {"kestan": 1, "instrument": {"strings": [
                {"gauge": "0.012 in", "brand": {"coated": true, "list": [1, 2]}}, {"wound": true, "age": 3},
                {"pitch": "", "note": null}, {"x": 1}]}, "survey": {}, "target": {"strings": [{"y": "z"}]}}""";
        Job job = JobReader.read(text).job().orElseThrow();
        String written = JobWriter.write(job);
        Job again = JobReader.read(written).job().orElseThrow();
        assertThat(again).isEqualTo(job);
        assertThat(JobWriter.write(again)).isEqualTo(written).contains("\"coated\": true", "\"note\": null", "\"y\"");
    }

    @Test
    public void partsKeepWhatIsSaidOfThem() {
        String text = """
                {"kestan": 1, "instrument": {}, "survey": {}, "target": {}, "parts": [
                {"what": "bone blank", "ordered": "2026-11-20", "arrives": "2026-12-04", "shelf": "B2"},
                {"what": "bridge pins", "need": 6, "price": 1.5, "ordered": true, "there": true}]}""";
        Job job = JobReader.read(text).job().orElseThrow();
        assertThat(job.section(Sections.PARTS))
                .containsExactly(
                        Part.of("bone blank")
                                .withOrdered(true, Optional.of(LocalDate.of(2026, 11, 20)))
                                .withArrives(Optional.of(LocalDate.of(2026, 12, 4))),
                        new Part("bridge pins", 6, Optional.of(1.5), true, Optional.empty(), Optional.empty(), true));
        String again = JobWriter.write(job);
        assertThat(JobReader.read(again).job()).contains(job);
        assertThat(again).contains("\"shelf\": \"B2\"");
        String odd = text.replace("\"need\": 6", "\"need\": 0").replace("2026-12-04", "soon");
        assertThat(JobReader.read(odd).faults())
                .extracting(Fault::pointer)
                .containsExactlyInAnyOrder("/parts/0/arrives", "/parts/1/need");
    }

    @Test
    public void readsEveryKeyOfTheContract() {
        Job job = JobReader.read(BadFiles.GOOD).job().orElseThrow();
        assertThat(job.get(Reading.RELIEF).orElseThrow().text()).isEqualTo("0.008 in");
        assertThat(job.visit().readings()).hasSize(18);
        assertThat(Stream.of(Aim.values()).filter(aim -> job.get(aim).isPresent()))
                .hasSize(8);
        assertThat(job.get(Aim.BRIDGE_THICKNESS).orElseThrow().millimeters()).isEqualTo(9.2);
        assertThat(job.get(Lines.HELD).orElseThrow().high()).isEqualTo(14);
        assertThat(job.get(Lines.RELIEF_READ_AT)).contains(7);
        assertThat(job.visit().driftSide()).contains(Side.TREBLE);
        assertThat(job.get(Lines.HUMIDITY)).contains(47.0);
    }

    @Test(dataProvider = "spoiled", dataProviderClass = BadFiles.class)
    public void namesThePlaceOfTheFault(String good, String bad, String pointer, String word) {
        assertThat(BadFiles.GOOD).contains(good);
        JobTree.Read outcome = JobReader.read(BadFiles.GOOD.replaceFirst(
                java.util.regex.Pattern.quote(good), java.util.regex.Matcher.quoteReplacement(bad)));
        assertThat(outcome.job()).isEmpty();
        assertThat(outcome.faults()).hasSize(1);
        assertThat(outcome.faults().get(0).pointer()).isEqualTo(pointer);
        assertThat(Wording.in(BenchUnit.MILLIMETERS).line(outcome.faults().get(0)))
                .contains(word)
                .contains("accepted:");
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
        JobTree.Read outcome = JobReader.read(text);
        assertThat(outcome.job()).isEmpty();
        assertThat(outcome.faults()).isNotEmpty();
        assertThat(Wording.in(BenchUnit.MILLIMETERS).line(outcome.faults().get(0)))
                .contains(word)
                .doesNotContain("\n");
    }

    @Test
    public void pointsAtTheBrokenPlaceInTheSyntax() {
        JobTree.Read outcome = JobReader.read("{\"kestan\": 1, \"survey\": {\"action\": {\"bass\": 3..9}}}");
        assertThat(outcome.faults().get(0).pointer()).startsWith("/survey/action");
    }

    @Test
    public void bytesMustBeUtf8() throws IOException {
        byte[] latin = BadFiles.GOOD.replace("dovetail", "d\u00e9").getBytes(StandardCharsets.ISO_8859_1);
        assertThat(Wording.in(BenchUnit.MILLIMETERS)
                        .line(JobReader.read(latin).faults().get(0)))
                .contains("UTF-8");
        byte[] marked = ("\ufeff" + BadFiles.GOOD).getBytes(StandardCharsets.UTF_8);
        assertThat(JobReader.read(marked).job()).isPresent();
    }

    @Test
    public void filesThatCantBeReadAreFaultsToo() throws IOException {
        Path folder = Files.createTempDirectory("kestan-test-");
        assertThat(Wording.in(BenchUnit.MILLIMETERS)
                        .line(JobFile.read(folder).faults().get(0)))
                .contains("folder");
        assertThat(Wording.in(BenchUnit.MILLIMETERS)
                        .line(JobFile.read(folder.resolve("none.kestan.json"))
                                .faults()
                                .get(0)))
                .contains("no such file");
        Path huge = folder.resolve("huge.kestan.json");
        try (var channel = java.nio.channels.FileChannel.open(
                huge, java.nio.file.StandardOpenOption.CREATE, java.nio.file.StandardOpenOption.WRITE)) {
            channel.position(TextFile.LARGEST).write(java.nio.ByteBuffer.wrap(new byte[] {0}));
        }
        assertThat(Wording.in(BenchUnit.MILLIMETERS)
                        .line(JobFile.read(huge).faults().get(0)))
                .contains("too large");
        Files.delete(huge);
        Files.delete(folder);
    }

    @Test
    public void anIncompleteJobIsReadAllTheSame() {
        assertThat(JobReader.read("{\"kestan\": 1}").job().orElseThrow().withForeign(UnknownKeys.NONE))
                .isEqualTo(Job.BLANK);
        assertThat(JobReader.read("{\"kestan\": 1, \"survey\": {}}").job()).isPresent();
        assertThat(JobReader.read("{\"kestan\": 1, \"survey\": []}").faults())
                .extracting(Fault::pointer)
                .isEqualTo(List.of("/survey"));
    }
}
