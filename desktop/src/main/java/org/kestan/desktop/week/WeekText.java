package org.kestan.desktop.week;

import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import org.kestan.desktop.messages.Messages;
import org.kestan.text.MemoryText;
import org.kestan.text.Wording;
import org.kestan.week.Another;
import org.kestan.week.Help;
import org.kestan.week.PartNeed;
import org.kestan.week.PartOrder;
import org.kestan.week.WeekReport;

/** A plan in words. */
public final class WeekText {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE, MMM d", Locale.US);
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("H:mm", Locale.US);

    private WeekText() {}

    /** Formats a day. */
    public static String day(LocalDate day) {
        return day.format(DAY);
    }

    /** Formats a time of day. */
    public static String time(ZonedDateTime at) {
        return at.format(TIME);
    }

    /** Returns a number of jobs in words. */
    public static String jobs(int jobs) {
        return jobs == 1 ? Messages.message("week-text.one-job") : Messages.message("week-text.jobs", jobs);
    }

    /** Returns a number of steps in words. */
    public static String steps(int steps) {
        return steps == 1 ? Messages.message("week-text.one-step") : Messages.message("week-text.steps", steps);
    }

    /** Returns a number of days in words. */
    public static String days(long days) {
        return days == 1 ? Messages.message("week-text.one-day") : Messages.message("week-text.days", days);
    }

    /** Describes a part to order: what, how many, for which job, by when. */
    public static String part(PartOrder order) {
        PartNeed need = order.need();
        String what = need.kind().map(Wording::label).orElse(need.what());
        return Messages.message(
                "week-text.part",
                need.count() > 1 ? need.count() + " \u00d7 " + what : what,
                order.name(),
                order.by()
                        .map(day -> Messages.message("week-text.part-by", day(day)))
                        .orElse(Messages.message("week-text.part-now")));
    }

    /** Says when another job of a kind could be promised. */
    public static String another(String kind, Optional<Another> another) {
        return another.map(each -> Messages.message(
                        "week-text.another",
                        MemoryText.ways(kind),
                        day(each.ready80().toLocalDate()),
                        day(each.ready50().toLocalDate()),
                        day(each.begun().toLocalDate()),
                        minutes(each.job().hands())))
                .orElse(Messages.message("week-text.no-other", MemoryText.ways(kind)));
    }

    /** Returns whether a plan has moved past a promise: it is late, or kept with a chance of less than 80 %. */
    public static boolean isPast(WeekReport.Outlook outlook) {
        return outlook.job()
                .job()
                .promised()
                .filter(day -> outlook.ready80().toLocalDate().isAfter(day))
                .isPresent();
    }

    /** A few lines to the owner of an instrument that will not be ready when promised. */
    public static String notice(WeekReport.Outlook outlook) {
        return Messages.message(
                "week-text.notice",
                outlook.job().job().name(),
                day(outlook.job().job().promised().orElseThrow()),
                day(outlook.ready80().toLocalDate()));
    }

    /** Copies such a notice to the clipboard. */
    public static void copyNotice(WeekReport.Outlook outlook) {
        ClipboardContent content = new ClipboardContent();
        content.putString(notice(outlook));
        Clipboard.getSystemClipboard().setContent(content);
    }

    /** Formats minutes of work. */
    public static String minutes(long minutes) {
        return minutes < 60
                ? Messages.message("week-text.minutes", minutes)
                : minutes % 60 == 0
                        ? Messages.message("week-text.hours", minutes / 60)
                        : Messages.message("week-text.hours-and-minutes", minutes / 60, minutes % 60);
    }

    /** Says when a job is ready, and how likely that is. */
    public static String ready(WeekReport.Outlook outlook) {
        LocalDate likely = outlook.ready80().toLocalDate();
        LocalDate half = outlook.ready50().toLocalDate();
        String said = likely.equals(half)
                ? Messages.message("week-text.ready-one-day", day(likely))
                : Messages.message("week-text.ready", day(likely), day(half));
        return outlook.chance()
                .map(chance -> said + " " + Messages.message("week-text.kept", Math.round(chance * 10)))
                .orElse(said);
    }

    /** Says what would help. */
    public static String help(Help help) {
        return switch (help.kind()) {
            case EXTRA_HOURS ->
                Messages.message(
                        "week-text.extra-hours", help.hours(), day(help.on().orElseThrow()), days(help.lateDays()));
            case OTHER_LATER ->
                Messages.message(
                        "week-text.other-later",
                        help.job().orElseThrow().name(),
                        day(help.on().orElseThrow()),
                        days(help.lateDays()));
            case CALL_OWNER ->
                Messages.message("week-text.call-owner", day(help.on().orElseThrow()));
        };
    }
}
