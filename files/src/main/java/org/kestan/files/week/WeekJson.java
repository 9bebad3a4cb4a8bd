package org.kestan.files.week;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import org.kestan.base.week.WorkPlace;
import org.kestan.files.json.Json;
import org.kestan.text.Wording;
import org.kestan.week.Help;
import org.kestan.week.Unplanned;
import org.kestan.week.WeekPlan;
import org.kestan.week.WeekReport;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** A plan as JSON. Times are local, ISO 8601. */
public final class WeekJson {

    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HH:mm");

    private WeekJson() {}

    /** Prints a plan. */
    public static String print(WeekReport report) {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        root.put("from", text(report.plans().problem().calendar().from()));
        ArrayNode entries = root.putArray("entries");
        for (WeekPlan.Entry entry : report.plan().entries()) {
            ObjectNode node = entries.addObject()
                    .put("job", entry.job().id())
                    .put("way", entry.step().way().orElse(""))
                    .put("step", entry.step().id())
                    .put("kind", entry.hands() ? "hands" : "wait")
                    .put("start", text(entry.start()))
                    .put("end", text(entry.end()));
            node.put("person", entry.person().orElse(""));
            node.put("place", entry.place().map(WorkPlace::key).orElse(""));
        }
        ArrayNode jobs = root.putArray("jobs");
        for (WeekReport.Outlook outlook : report.jobs()) {
            ObjectNode node = jobs.addObject().put("job", outlook.job().job().id());
            outlook.job().job().promised().ifPresent(day -> node.put("promised", day.toString()));
            node.put("firm", outlook.job().job().firm())
                    .put("ready", text(outlook.job().ready()))
                    .put("ready80", text(outlook.ready80()))
                    .put("lateDays", outlook.job().lateDays());
            outlook.chance().ifPresent(chance -> node.put("chance", chance));
            ArrayNode missed = node.putArray("pinsMissed");
            outlook.job().pinsMissed().forEach(step -> missed.add(step.id()));
            ArrayNode helps = node.putArray("helps");
            outlook.helps().forEach(help -> write(helps.addObject(), help));
        }
        root.put("lateDays", report.plan().lateDays());
        root.putObject("firstCome").put("lateDays", report.firstCome());
        root.put("bound", report.bound());
        ArrayNode unplanned = root.putArray("unplanned");
        for (Unplanned each : report.plans().problem().blocked()) {
            ObjectNode node = unplanned.addObject().put("job", each.job());
            if (!each.step().isEmpty()) {
                node.put("step", each.step());
            }
            node.put("why", Wording.label(each.why()));
        }
        return Json.print(root);
    }

    private static void write(ObjectNode node, Help help) {
        node.put("kind", help.kind().key());
        help.job().ifPresent(job -> node.put("job", job.id()));
        help.on().ifPresent(day -> node.put("on", day.toString()));
        if (help.hours() > 0) {
            node.put("hours", help.hours());
        }
        node.put("lateDays", help.lateDays());
    }

    private static String text(ZonedDateTime at) {
        return at.format(TIME);
    }

    /** Reads a local time as printed here; for a date alone, the start of that day. */
    public static LocalDateTime time(String text) {
        return text.length() == 10 ? LocalDate.parse(text).atStartOfDay() : LocalDateTime.parse(text);
    }
}
