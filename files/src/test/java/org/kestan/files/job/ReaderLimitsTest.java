package org.kestan.files.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.kestan.base.finding.Fault;
import org.kestan.base.standards.ShopStandards;
import org.kestan.files.json.Json;
import org.kestan.files.results.PrintedResult;
import org.kestan.files.results.SolveJson;
import org.kestan.files.results.VerdictJson;
import org.kestan.job.JobTree;
import org.kestan.job.tree.TreeCursor;
import org.kestan.overview.JobAnalysis;
import org.kestan.text.BenchUnit;
import org.kestan.text.Wording;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Files from outside: anything too large, too many, or not text gets a fault at its place, and nothing fails. */
public class ReaderLimitsTest {

    private static final Wording WORDS = Wording.in(BenchUnit.MILLIMETERS);

    private static String pointer(String text) {
        List<Fault> faults = JobReader.read(text).faults();
        assertThat(faults).isNotEmpty();
        assertThat(faults).allSatisfy(fault -> assertThat(WORDS.line(fault)).isNotBlank());
        return faults.get(0).pointer();
    }

    @DataProvider
    public Object[][] odd() {
        return new Object[][] {
            {"\"92 mm\"", "\"999999999 in\"", "/survey/heel/height"},
            {"\"3.9 mm\"", "\"-3.1e3 mm\"", "/survey/action/bass"},
            {"\"632 mm\"", "\"3001 mm\"", "/instrument/scale"},
            {"\"jointFret\": 14", "\"jointFret\": 1e999", "/instrument/jointFret"},
            {"\"kestan\": 1", "\"kestan\": 1, \"photos\": [{\"file\": \"../x.png\"}]", "/photos/0/file"},
            {"\"kestan\": 1", "\"kestan\": 1, \"photos\": [{\"file\": \"a\\u0000.png\"}]", "/photos/0/file"},
            {"\"kestan\": 1", "\"kestan\": 1, \"photos\": [{\"file\": \".hidden\"}]", "/photos/0/file"},
            {"\"kestan\": 1", "\"kestan\": 1, \"intake\": {\"owner\": \"half \\ud800 a character\"}", "/intake/owner"},
        };
    }

    @Test(dataProvider = "odd")
    public void oddValuesHaveTheirFault(String good, String odd, String where) {
        assertThat(BadFiles.GOOD).contains(good);
        assertThat(pointer(BadFiles.GOOD.replace(good, odd))).isEqualTo(where);
    }

    /** A number too large to hold ends the reading with a fault, not with an error. */
    @Test
    public void aNumberThatCantBeHeldIsAFault() {
        JobTree.Read read =
                JobReader.read(BadFiles.GOOD.replace("\"kestan\": 1,", "\"kestan\": 1, \"x\": 1e2147483648,"));
        assertThat(read.job()).isEmpty();
        assertThat(read.faults()).hasSize(1);
        assertThat(read.faults().get(0).pointer()).isEqualTo("/x");
    }

    /** Five thousand faults: the first hundred are reported, and that there are more. */
    @Test
    public void faultsAreBounded() {
        List<String> strings = new ArrayList<>();
        for (int i = 0; i < 5000; i++) {
            strings.add("{\"gauge\": 3}");
        }
        JobTree.Read read =
                JobReader.read("{\"kestan\": 1, \"instrument\": {\"strings\": [" + String.join(",", strings) + "]}}");
        assertThat(read.job()).isEmpty();
        assertThat(read.faults()).hasSize(TreeCursor.MOST_FAULTS + 1);
        assertThat(WORDS.line(read.faults().get(TreeCursor.MOST_FAULTS))).contains("more faults");
    }

    @Test
    public void aimsOfBridgeAndSaddleAreAboveZero() {
        for (String aim : new String[] {"saddle\": \"3.2 mm", "bridgeThickness\": \"9.2 mm"}) {
            String text = BadFiles.GOOD.replace(aim, aim.replaceAll("[39]\\.2 mm", "-1 mm"));
            JobAnalysis analysis = JobAnalysis.of(JobReader.read(text).job().orElseThrow(), ShopStandards.DEFAULT);
            assertThat(SolveJson.solve(analysis).faults())
                    .anySatisfy(fault -> assertThat(fault.pointer()).startsWith("/target/"));
        }
    }

    /** What is not a number is left out of the output, and reported. */
    @Test
    public void whatIsNotFiniteIsLeftOut() {
        var root = tools.jackson.databind.node.JsonNodeFactory.instance.objectNode();
        root.put("good", 1.5).put("odd", Double.NaN);
        root.putObject("below").put("odd", Double.POSITIVE_INFINITY);
        JsonNode printed = Json.MAPPER.readTree(Json.print(root));
        assertThat(printed.get("good").asDouble()).isEqualTo(1.5);
        assertThat(printed.has("odd")).isFalse();
        assertThat(printed.get("leftOut").valueStream().map(JsonNode::asString)).containsExactly("/odd", "/below/odd");
    }

    /**
     * Mutated files, seeded: a byte changed, a piece removed or doubled, a number made larger. Each is a job or has
     * faults; a job is judged, solved and written; nothing is thrown.
     */
    @Test(groups = "slow")
    public void mutatedFilesAreReadOrFaulted() {
        Random random = new Random(20261125);
        int jobs = 0;
        int files = Integer.getInteger("kestan.mutated", 150);
        for (int i = 0; i < files; i++) {
            String text = mutated(BadFiles.GOOD, random);
            JobTree.Read read = JobReader.read(text);
            if (read.job().isEmpty()) {
                assertThat(read.faults()).as(text).isNotEmpty();
                continue;
            }
            jobs++;
            JobAnalysis analysis = JobAnalysis.of(read.job().get(), ShopStandards.DEFAULT);
            PrintedResult solved = SolveJson.solve(analysis);
            assertThat(solved.text().isPresent() || !solved.faults().isEmpty())
                    .as(text)
                    .isTrue();
            PrintedResult judged = VerdictJson.judge(analysis, WORDS);
            assertThat(judged.text().isPresent() || !judged.faults().isEmpty())
                    .as(text)
                    .isTrue();
            judged.text()
                    .ifPresent(
                            printed -> assertThat(printed).doesNotContain("NaN").doesNotContain("Infinity"));
            assertThat(JobReader.read(JobWriter.write(read.job().get())).job())
                    .as(text)
                    .contains(read.job().get());
        }
        System.out.println("mutated files: " + jobs + " of " + files + " were jobs still");
        assertThat(jobs).isGreaterThan(files / 10);
    }

    private static String mutated(String text, Random random) {
        StringBuilder next = new StringBuilder(text);
        int changes = 1 + random.nextInt(3);
        for (int i = 0; i < changes; i++) {
            int at = random.nextInt(next.length());
            int to = Math.min(next.length(), at + 1 + random.nextInt(12));
            switch (random.nextInt(5)) {
                case 0 -> next.setCharAt(at, (char) (32 + random.nextInt(95)));
                case 1 -> next.delete(at, to);
                case 2 -> next.insert(at, next.substring(at, to));
                case 3 -> next.insert(at, random.nextInt(10));
                default -> swell(next, at, random);
            }
        }
        return next.toString();
    }

    /** Puts another number in the place of the next digit. */
    private static void swell(StringBuilder text, int from, Random random) {
        String[] numbers = {"0", "-0", "1e9", "-7", "0.000001", "36", "99", "2999", "1/64"};
        for (int at = from; at < text.length(); at++) {
            if (Character.isDigit(text.charAt(at))) {
                text.replace(at, at + 1, numbers[random.nextInt(numbers.length)]);
                return;
            }
        }
    }
}
