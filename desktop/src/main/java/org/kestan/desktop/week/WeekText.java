package org.kestan.desktop.week;

import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import org.kestan.desktop.messages.Messages;
import org.kestan.week.Help;
import org.kestan.week.WeekReport;

/** How a plan is said. */
public final class WeekText {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE, MMM d", Locale.US);
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("H:mm", Locale.US);

    private WeekText() {}

    /** Prints a day. */
    public static String day(LocalDate day) {
        return day.format(DAY);
    }

    /** Prints a time of day. */
    public static String time(ZonedDateTime at) {
        return at.format(TIME);
    }

    /** Prints minutes of work. */
    public static String minutes(long minutes) {
        return minutes < 60
                ? Messages.message("week-text.minutes", minutes)
                : minutes % 60 == 0
                        ? Messages.message("week-text.hours", minutes / 60)
                        : Messages.message("week-text.hours-and-minutes", minutes / 60, minutes % 60);
    }

    /** Says when a job is ready, with what chance. */
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
                        "week-text.extra-hours", help.hours(), day(help.on().orElseThrow()), help.lateDays());
            case OTHER_LATER ->
                Messages.message(
                        "week-text.other-later",
                        help.job().orElseThrow().name(),
                        day(help.on().orElseThrow()),
                        help.lateDays());
            case CALL_OWNER ->
                Messages.message("week-text.call-owner", day(help.on().orElseThrow()));
        };
    }
}
