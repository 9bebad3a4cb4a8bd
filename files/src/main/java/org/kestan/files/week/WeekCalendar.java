package org.kestan.files.week;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.time.temporal.Temporal;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.component.VAlarm;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtEnd;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Summary;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableAction;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import org.kestan.text.Wording;
import org.kestan.week.WeekPlan;

/**
 * A plan as a calendar (iCalendar, RFC 5545): one event for each stretch of hands-on work, one for each promise, and
 * one with an alarm for the end of each wait. Their ids stay the same, so that a calendar program treats the next plan
 * as an update.
 */
public final class WeekCalendar {

    private static final int LONGEST = 2_000_000;
    private static final int MOST_DAYS = 366;

    private WeekCalendar() {}

    /**
     * Prints a plan.
     *
     * @param now when it was made
     */
    public static String print(WeekPlan plan, Instant now) {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Kestan//Week//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        Map<String, Integer> had = new HashMap<>();
        for (WeekPlan.Entry entry : plan.entries()) {
            String about = entry.job().id() + " " + entry.step().id() + (entry.hands() ? " hands" : " over");
            String id = about + " " + had.merge(about, 1, Integer::sum);
            String title = entry.job().name() + ": " + entry.step().title();
            if (entry.hands()) {
                calendar.add(event(id, entry.start().toInstant(), entry.end().toInstant(), title, now));
            } else {
                VEvent over = event(
                        id,
                        entry.end().toInstant(),
                        entry.end().toInstant().plus(5, ChronoUnit.MINUTES),
                        Wording.label(entry.step().waitFor().orElseThrow()) + ", " + title,
                        now);
                over.add(alarm(title));
                calendar.add(over);
            }
        }
        for (WeekPlan.JobPlan job : plan.jobs()) {
            job.job()
                    .promised()
                    .ifPresent(day -> calendar.add(event(
                            job.job().id() + " promised",
                            day,
                            day.plusDays(1),
                            "Promised: " + job.job().name(),
                            now)));
        }
        StringWriter text = new StringWriter();
        try {
            new CalendarOutputter(false).output(calendar, text);
        } catch (IOException impossible) {
            throw new IllegalStateException(impossible);
        }
        return text.toString();
    }

    private static VEvent event(String id, Temporal from, Temporal to, String title, Instant now) {
        VEvent event = new VEvent(false);
        event.add(new DtStamp(now.truncatedTo(ChronoUnit.SECONDS)));
        event.add(
                new Uid(UUID.nameUUIDFromBytes(("kestan " + id).getBytes(StandardCharsets.UTF_8)) + "@kestan.invalid"));
        event.add(new DtStart<>(from));
        event.add(new DtEnd<>(to));
        event.add(new Summary(title.replaceAll("\\p{Cntrl}+", " ")));
        return event;
    }

    private static VAlarm alarm(String title) {
        VAlarm alarm = new VAlarm(Duration.ZERO);
        alarm.add(ImmutableAction.DISPLAY);
        alarm.add(new Description(title.replaceAll("\\p{Cntrl}+", " ")));
        return alarm;
    }

    /**
     * Reads the days of a calendar on which the shop is closed: those covered by all-day events.
     *
     * @return empty if it is no calendar
     */
    public static Optional<Set<LocalDate>> closedDays(String text) {
        if (text.length() > LONGEST) {
            return Optional.empty();
        }
        try {
            Calendar calendar = new CalendarBuilder().build(new StringReader(text));
            Set<LocalDate> days = new TreeSet<>();
            for (Component component : calendar.<VEvent>getComponents(Component.VEVENT)) {
                if (component instanceof VEvent event) {
                    days.addAll(days(event));
                }
            }
            return Optional.of(days);
        } catch (IOException | ParserException | RuntimeException none) {
            return Optional.empty();
        }
    }

    private static Set<LocalDate> days(VEvent event) {
        Optional<Temporal> start =
                event.<DtStart<Temporal>>getProperty(Property.DTSTART).map(DtStart::getDate);
        Optional<Temporal> end =
                event.<DtEnd<Temporal>>getProperty(Property.DTEND).map(DtEnd::getDate);
        Set<LocalDate> days = new TreeSet<>();
        if (start.isPresent() && start.get() instanceof LocalDate first) {
            LocalDate last = end.filter(LocalDate.class::isInstance)
                    .map(LocalDate.class::cast)
                    .orElse(first.plusDays(1));
            LocalDate until = last.isAfter(first) ? last : first.plusDays(1);
            first.datesUntil(until).limit(MOST_DAYS).forEach(days::add);
        }
        return days;
    }
}
