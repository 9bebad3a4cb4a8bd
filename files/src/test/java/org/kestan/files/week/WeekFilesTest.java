package org.kestan.files.week;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.component.VEvent;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.kestan.base.finding.Fault;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.week.Hours;
import org.kestan.base.week.Person;
import org.kestan.base.week.ShopWeek;
import org.kestan.base.week.WeekHours;
import org.kestan.base.week.WorkPlace;
import org.kestan.files.job.JobReader;
import org.kestan.files.job.JobWriter;
import org.kestan.files.json.Json;
import org.kestan.files.standards.StandardsFile;
import org.kestan.files.tables.WeekCsv;
import org.kestan.job.Job;
import org.kestan.job.Sections;
import org.kestan.job.bench.WaitKind;
import org.kestan.job.week.Pin;
import org.kestan.week.ShopCalendar;
import org.kestan.week.WeekJob;
import org.kestan.week.WeekPlan;
import org.kestan.week.WeekPlans;
import org.kestan.week.WeekProblem;
import org.kestan.week.WeekReport;
import org.kestan.week.WeekStep;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

public class WeekFilesTest {

    private static final ZonedDateTime FROM = ZonedDateTime.of(2026, 11, 30, 9, 0, 0, 0, ZoneId.of("America/New_York"));

    private static WeekPlans plans(String title) {
        WeekStep glue = new WeekStep(
                "glue", title, Optional.of("neck-reset"), 45, Optional.of(WaitKind.GLUE), 24 * 60, Optional.empty());
        WeekStep after =
                new WeekStep("string", "String it up", Optional.empty(), 20, Optional.empty(), 0, Optional.empty());
        WeekJob job = new WeekJob(
                "job-1",
                "Parlor, \"small\", of the lighthouse",
                List.of(glue, after),
                FROM.toInstant(),
                Optional.of(LocalDate.of(2026, 11, 30)),
                true,
                0,
                Optional.empty(),
                Optional.empty(),
                List.of());
        return new WeekPlans(WeekProblem.of(new ShopCalendar(ShopWeek.USUAL, FROM), List.of(job), Map.of()));
    }

    private static WeekPlan plan(String title) {
        WeekPlans plans = plans(title);
        return plans.plan(plans.problem().earliestPromise());
    }

    private static Calendar read(String text) throws Exception {
        return new CalendarBuilder().build(new StringReader(text));
    }

    /**
     * Another program reads it as a calendar: an event for each stretch of hands-on work, each end of a wait, each
     * promise.
     */
    @Test
    public void aPlanIsACalendar() throws Exception {
        String text = WeekCalendar.print(plan("Glue; clamp, and\nwait"), Instant.parse("2026-11-30T14:00:00Z"));
        Calendar calendar = read(text);
        calendar.validate(true);
        List<VEvent> events = calendar.getComponents("VEVENT");
        assertThat(events).hasSize(4);
        assertThat(events.stream().filter(each -> !each.getAlarms().isEmpty())).hasSize(1);
        // RFC 5545, 3.1: lines end in CR LF and are no longer than 75 octets.
        assertThat(text.replace("\r\n", "")).doesNotContain("\n", "\r");
        assertThat(text.split("\r\n")).allMatch(line -> line.getBytes(StandardCharsets.UTF_8).length <= 75);
        assertThat(text).contains("DTSTART:20261130T140000Z");
    }

    /** The ids stay: the same plan an hour later, and the next plan with the same steps. */
    @Test
    public void idsStay() throws Exception {
        Stream<String> one = ids(WeekCalendar.print(plan("Glue"), Instant.EPOCH));
        List<String> other = ids(WeekCalendar.print(plan("Glue, said otherwise"), Instant.now()))
                .toList();
        assertThat(one).doesNotHaveDuplicates().containsExactlyElementsOf(other);
    }

    private static Stream<String> ids(String text) throws Exception {
        return read(text).<VEvent>getComponents("VEVENT").stream()
                .map(each -> each.getProperty(Property.UID).orElseThrow().getValue());
    }

    @Test
    public void closedDaysAreReadFromACalendar() {
        String text = String.join(
                "\r\n",
                "BEGIN:VCALENDAR",
                "VERSION:2.0",
                "PRODID:-//x//y//EN",
                "BEGIN:VEVENT",
                "UID:1",
                "DTSTAMP:20261101T000000Z",
                "DTSTART;VALUE=DATE:20261224",
                "DTEND;VALUE=DATE:20261227",
                "SUMMARY:Closed",
                "END:VEVENT",
                "BEGIN:VEVENT",
                "UID:2",
                "DTSTAMP:20261101T000000Z",
                "DTSTART;VALUE=DATE:20270101",
                "SUMMARY:New Year",
                "END:VEVENT",
                "BEGIN:VEVENT",
                "UID:3",
                "DTSTAMP:20261101T000000Z",
                "DTSTART:20261210T090000Z",
                "DTEND:20261210T100000Z",
                "SUMMARY:The dentist",
                "END:VEVENT",
                "END:VCALENDAR",
                "");
        assertThat(WeekCalendar.closedDays(text).orElseThrow())
                .containsExactly(
                        LocalDate.of(2026, 12, 24),
                        LocalDate.of(2026, 12, 25),
                        LocalDate.of(2026, 12, 26),
                        LocalDate.of(2027, 1, 1));
    }

    @DataProvider
    public Object[][] noCalendars() {
        return new Object[][] {
            {""},
            {"hello"},
            {"BEGIN:VCALENDAR\r\n"},
            {"{}"},
            {"BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nDTSTART:x\r\n"},
            {"\0\1"}
        };
    }

    @Test(dataProvider = "noCalendars")
    public void whatIsNoCalendarIsNone(String text) {
        assertThat(WeekCalendar.closedDays(text)).isEmpty();
    }

    @Test
    public void aPlanIsATable() throws IOException {
        String text = WeekCsv.print(plan("=1+1"));
        List<CSVRecord> rows;
        try (var parser = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(new StringReader(text))) {
            rows = parser.getRecords();
        }
        assertThat(rows).hasSize(3);
        assertThat(rows.get(0).get("start")).isEqualTo("2026-11-30T09:00");
        assertThat(rows.get(0).get("name")).isEqualTo("Parlor, \"small\", of the lighthouse");
        // A cell that a spreadsheet would evaluate is made text.
        assertThat(rows.get(0).get("title")).isNotEqualTo("=1+1").endsWith("=1+1");
        assertThat(rows.get(1).get("place")).isEqualTo("clamps");
    }

    @Test
    public void aPlanIsPrinted() {
        WeekPlans plans = plans("Glue");
        JsonNode root = Json.MAPPER.readTree(
                WeekJson.print(WeekReport.of(plans, plans.problem().earliestPromise(), 1)));
        assertThat(root.get("from").asString()).isEqualTo("2026-11-30T09:00");
        assertThat(root.get("entries").get(0).get("kind").asString()).isEqualTo("hands");
        assertThat(root.get("entries").get(0).get("way").asString()).isEqualTo("neck-reset");
        assertThat(root.get("entries").get(1).get("kind").asString()).isEqualTo("wait");
        JsonNode job = root.get("jobs").get(0);
        assertThat(job.get("ready").asString()).isEqualTo("2026-12-01T10:05");
        assertThat(job.get("lateDays").asInt()).isEqualTo(1);
        assertThat(job.get("firm").asBoolean()).isTrue();
        assertThat(job.get("helps")).isNotEmpty();
        assertThat(root.get("bound").asInt()).isEqualTo(1);
        assertThat(root.get("firstCome").get("lateDays").asInt()).isEqualTo(1);
    }

    /** A shop's week is the same when read back from its standards; one that has nothing set is the usual one. */
    @Test
    public void aWeekComesBackFromTheStandards() {
        ShopWeek week = ShopWeek.USUAL
                .withHours(new WeekHours(Map.of(
                        DayOfWeek.TUESDAY,
                        List.of(
                                new Hours(LocalTime.of(8, 0), LocalTime.of(12, 30)),
                                new Hours(LocalTime.of(13, 0), LocalTime.of(18, 15))))))
                .withClosed(Set.of(LocalDate.of(2026, 12, 25)))
                .withPeople(List.of(
                        Person.of("Ada"),
                        new Person("Ben", Optional.of(WeekHours.USUAL), Set.of("refret", "neck-reset"))))
                .withPlaces(Map.of(WorkPlace.CLAMPS, 5, WorkPlace.HEAT, 2, WorkPlace.DRYING, 4))
                .withNotLate(Set.of(WorkPlace.CLAMPS, WorkPlace.HEAT))
                .withNoGlueUps(Set.of(DayOfWeek.FRIDAY))
                .withSettingUp(20)
                .withSpread(0.5)
                .withWeights(new ShopWeek.Weights(1, 2, 3, 4, 5));
        ShopStandards shop = ShopStandards.DEFAULT.withWeek(week);
        StandardsFile.Outcome read = StandardsFile.read(StandardsFile.write(shop));
        assertThat(read.faults()).isEmpty();
        assertThat(read.standards().week()).isEqualTo(week);
        assertThat(read.standards()).isEqualTo(shop);
        assertThat(StandardsFile.read(StandardsFile.write(ShopStandards.DEFAULT))
                        .standards()
                        .week())
                .isEqualTo(ShopWeek.USUAL);
    }

    @DataProvider
    public Object[][] wrong() {
        return new Object[][] {
            {"{\"hours\": {\"monday\": [\"nine-5\"]}}", "/week/hours/monday/0"},
            {"{\"hours\": {\"monday\": [\"17:00-09:00\"]}}", "/week/hours/monday/0"},
            {"{\"hours\": {\"monday\": [\"09:00-12:00\", \"11:00-13:00\"]}}", "/week/hours/monday/1"},
            {"{\"hours\": {\"someday\": [\"09:00-12:00\"]}}", "/week/hours/someday"},
            {"{\"closed\": [\"2026-02-30\"]}", "/week/closed/0"},
            {"{\"places\": {\"attic\": 3}}", "/week/places/attic"},
            {"{\"places\": {\"clamps\": -1}}", "/week/places/clamps"},
            {"{\"notLate\": [\"attic\"]}", "/week/notLate/0"},
            {"{\"noGlueUps\": [\"payday\"]}", "/week/noGlueUps/0"},
            {"{\"settingUp\": 481}", "/week/settingUp"},
            {"{\"spread\": -0.1}", "/week/spread"},
            {"{\"weights\": {\"firm\": -1}}", "/week/weights/firm"},
        };
    }

    @Test(dataProvider = "wrong")
    public void whatIsWrongIsSaidAtItsPlace(String week, String place) {
        StandardsFile.Outcome read = StandardsFile.read("{\"kestanStandards\": 1, \"week\": " + week + "}");
        assertThat(read.faults()).extracting(Fault::pointer).containsExactly(place);
    }

    @DataProvider
    public Object[][] hours() {
        return new Object[][] {
            {"09:00-12:30", "09:00", "12:30"}, {"9-12", "09:00", "12:00"}, {" 9:15 \u2013 17 ", "09:15", "17:00"},
        };
    }

    @Test(dataProvider = "hours")
    public void hoursAreReadAsOneWritesThem(String text, String from, String to) {
        assertThat(WeekTree.hours(text)).contains(new Hours(LocalTime.parse(from), LocalTime.parse(to)));
    }

    @Test
    public void whatIsNoHoursIsNone() {
        for (String text : List.of("", "9", "17-9", "9-9", "24-25", "9-12-13", "-", "9:60-10")) {
            assertThat(WeekTree.hours(text)).as(text).isEmpty();
        }
    }

    /** Pins and priority are written to the job file and read back. */
    @Test
    public void pinsAndPriorityStandInTheJobFile() {
        Job job = Job.BLANK
                .with(Sections.PINS, List.of(new Pin("reset-glue", LocalDate.of(2026, 12, 3))))
                .with(Sections.PRIORITY, Optional.of(2));
        String text = JobWriter.write(job);
        assertThat(text).contains("\"pins\"", "\"priority\": 2");
        assertThat(JobReader.read(text).job()).contains(job);
        assertThat(JobReader.read(text.replace("\"priority\": 2", "\"priority\": 3"))
                        .faults())
                .extracting(Fault::pointer)
                .containsExactly("/priority");
        assertThat(JobReader.read(text.replace("2026-12-03", "soon")).faults())
                .extracting(Fault::pointer)
                .containsExactly("/pins/0/on");
    }
}
