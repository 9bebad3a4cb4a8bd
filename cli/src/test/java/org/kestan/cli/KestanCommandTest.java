package org.kestan.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import org.kestan.files.DemoJobs;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class KestanCommandTest {

    private Path folder;

    @BeforeClass
    public void folder() throws IOException {
        folder = Files.createTempDirectory("kestan-test-");
        DemoJobs.copyInto(folder);
    }

    @AfterClass
    public void clean() throws IOException {
        try (var files = Files.list(folder)) {
            for (Path file : files.toList()) {
                Files.delete(file);
            }
        }
        Files.delete(folder);
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
        assertThat(unknown.err()).contains("is no reading of this job");
        Run nobody = run("gauge", "--simulate", job, "--port", "1", "--only", "action.bass");
        assertThat(nobody.exit()).isEqualTo(2);
        assertThat(nobody.err()).contains("nothing listens on port 1");
    }
}
