package org.kestan.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.kestan.files.demo.DemoJobs;
import org.kestan.files.job.JobReader;
import org.kestan.files.json.Json;
import org.kestan.job.Job;
import org.kestan.job.Sections;
import org.kestan.job.parts.Part;
import org.kestan.job.terms.Lines;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.OpenResult;
import org.kestan.ledger.sqlite.SqliteLedger;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

public class WeekCommandTest {

    private Path folder;
    private Path ledger;

    private record Ran(int code, String out, String err) {}

    private static Ran run(String... arguments) {
        StringWriter out = new StringWriter();
        StringWriter err = new StringWriter();
        int code = KestanCommand.run(new PrintWriter(out), new PrintWriter(err), arguments);
        return new Ran(code, out.toString(), err.toString());
    }

    private static Job sample(int number) {
        return JobReader.read(DemoJobs.bytes(DemoJobs.NAMES.get(number))).job().orElseThrow();
    }

    /**
     * Four jobs: one promised too soon, one that waits for a part without a date, one whose part is coming, a blank
     * one.
     */
    @BeforeClass
    public void fill() throws IOException {
        folder = Files.createTempDirectory("kestan-test-");
        ledger = folder.resolve("ledger.sqlite");
        try (Ledger open = ((OpenResult.Opened) SqliteLedger.openAnew(ledger)).ledger()) {
            open.insert(
                    sample(0).with(Lines.PROMISED_ON, LocalDate.of(2026, 12, 1)).with(Lines.PROMISED_FIRM, true));
            open.insert(sample(10).with(Sections.PARTS, List.of(Part.of("saddle blank"))));
            open.insert(sample(11)
                    .with(
                            Sections.PARTS,
                            List.of(Part.of("wheels").withArrives(Optional.of(LocalDate.of(2026, 12, 10))))));
            open.insert(Job.BLANK.with(Lines.NAME, "Nothing known"));
        }
    }

    private JsonNode plan(String... more) {
        String[] arguments = Stream.concat(
                        Stream.of(
                                "week",
                                "--ledger",
                                ledger.toString(),
                                "--from",
                                "2026-11-30T09:00",
                                "--seconds",
                                "0.3"),
                        Stream.of(more))
                .toArray(String[]::new);
        Ran ran = run(arguments);
        assertThat(ran.code()).as(ran.err()).isZero();
        return Json.MAPPER.readTree(ran.out());
    }

    @Test
    public void openJobsArePlanned() throws IOException {
        Path ics = folder.resolve("week.ics");
        Path csv = folder.resolve("week.csv");
        JsonNode plan = plan("--ics", ics.toString(), "--csv", csv.toString());
        assertThat(plan.get("from").asString()).isEqualTo("2026-11-30T09:00");
        assertThat(plan.get("jobs")).hasSize(2);
        assertThat(plan.get("unplanned")).hasSize(2);
        assertThat(plan.get("unplanned").toString()).contains("nobody knows when it comes", "the sheet does not show");
        Map<String, LocalDateTime> ends = new HashMap<>();
        LocalDateTime firstOfWheels = null;
        for (JsonNode entry : plan.get("entries")) {
            LocalDateTime start = LocalDateTime.parse(entry.get("start").asString());
            LocalDateTime end = LocalDateTime.parse(entry.get("end").asString());
            String job = entry.get("job").asString();
            assertThat(start).isBefore(end);
            // Within a job one thing comes after another.
            assertThat(start).isAfterOrEqualTo(ends.getOrDefault(job, LocalDateTime.MIN));
            ends.put(job, end);
        }
        for (JsonNode job : plan.get("jobs")) {
            if (job.get("promised") == null) {
                firstOfWheels = first(plan, job.get("job").asString());
            } else {
                assertThat(job.get("lateDays").asInt()).isPositive();
                assertThat(job.get("firm").asBoolean()).isTrue();
                assertThat(job.get("helps")).isNotEmpty();
                assertThat(plan.get("lateDays").asInt())
                        .isEqualTo(job.get("lateDays").asInt());
            }
        }
        // Not before the wheels have arrived.
        assertThat(firstOfWheels).isAfterOrEqualTo("2026-12-10T09:00").isBefore("2026-12-15T00:00");
        assertThat(plan.get("bound").asInt())
                .isLessThanOrEqualTo(plan.get("lateDays").asInt());
        assertThat(Files.readString(ics)).startsWith("BEGIN:VCALENDAR").contains("BEGIN:VALARM");
        assertThat(Files.readAllLines(csv)).hasSize(plan.get("entries").size() + 1);
    }

    private static LocalDateTime first(JsonNode plan, String job) {
        for (JsonNode entry : plan.get("entries")) {
            if (entry.get("job").asString().equals(job)) {
                return LocalDateTime.parse(entry.get("start").asString());
            }
        }
        throw new AssertionError(job);
    }

    /** A shop that is closed all week plans nothing, and says why. */
    @Test
    public void aShopThatIsClosedSaysSo() throws IOException {
        Path shop = folder.resolve("closed.json");
        Files.writeString(shop, "{\"kestanStandards\": 1, \"week\": {\"hours\": {}}}");
        JsonNode plan = plan("--shop", shop.toString());
        assertThat(plan.get("entries")).isEmpty();
        assertThat(plan.get("unplanned").toString()).contains("closed as far as the plan goes");
    }

    @DataProvider
    public Object[][] wrong() {
        return new Object[][] {
            {new String[] {"--from", "tomorrow"}, "--from: tomorrow is not a time"},
            {new String[] {"--seconds", "-1"}, "--seconds"},
            {new String[] {"--seconds", "601"}, "--seconds"},
            {new String[] {"--seconds", "NaN"}, "--seconds"},
            {new String[] {"--shop", "/no/such/file"}, "no such file"},
            {new String[] {"--steps", "/no/such/folder"}, "folder"},
            {new String[] {"--ics", "/no/such/folder/week.ics", "--seconds", "0"}, "could not be written"},
        };
    }

    @Test(dataProvider = "wrong")
    public void whatIsWrongIsSaidInALine(String[] more, String said) {
        String[] arguments = Stream.concat(Stream.of("week", "--ledger", ledger.toString()), Stream.of(more))
                .toArray(String[]::new);
        Ran ran = run(arguments);
        assertThat(ran.code()).isEqualTo(2);
        assertThat(ran.out()).isEmpty();
        assertThat(ran.err()).contains(said).doesNotContain("Exception");
    }

    @Test
    public void aLedgerThatIsNotThereIsSaid() {
        Ran ran = run("week", "--ledger", folder.resolve("none.sqlite").toString());
        assertThat(ran.code()).isEqualTo(2);
        assertThat(Files.exists(folder.resolve("none.sqlite"))).isFalse();
    }
}
