package org.kestan.week;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.kestan.base.week.Hours;
import org.kestan.base.week.ShopWeek;
import org.kestan.base.week.WeekHours;
import org.kestan.base.week.WorkPlace;

/**
 * A shop's days in real elapsed minutes from a starting point, so that a wait runs correctly through nights, Sundays
 * and clock changes.
 */
public final class ShopCalendar {

    /** How many days a plan looks ahead. */
    public static final int DAYS = 400;

    private final ZonedDateTime from;
    private final ShopWeek shop;
    private final List<Windows> people = new ArrayList<>();
    private final int[] midnights = new int[DAYS + 1];

    /**
     * A person's working times, one after another, possibly several on one day.
     *
     * @param starts first minutes
     * @param ends minutes after the last
     * @param days the day each lies on, from the first day of the calendar
     * @param dayEnds when the person's day ends
     */
    record Windows(int[] starts, int[] ends, int[] days, int[] dayEnds) {

        int count() {
            return starts.length;
        }

        /** The first one that ends after a minute; their count if there is none. */
        int after(int minute) {
            int at = Arrays.binarySearch(ends, minute);
            return at >= 0 ? at + 1 : -at - 1;
        }
    }

    /**
     * Lays out a shop's days.
     *
     * @param from the moment planning begins
     */
    public ShopCalendar(ShopWeek shop, ZonedDateTime from) {
        this.shop = shop;
        this.from = from.withSecond(0).withNano(0);
        for (int day = 0; day <= DAYS; day++) {
            midnights[day] = minute(this.from.toLocalDate().plusDays(day).atStartOfDay(zone()));
        }
        shop.people().forEach(person -> people.add(windows(shop.hoursOf(person))));
    }

    private Windows windows(WeekHours hours) {
        List<int[]> all = new ArrayList<>();
        for (int day = 0; day < DAYS; day++) {
            LocalDate date = from.toLocalDate().plusDays(day);
            if (shop.closed().contains(date)) {
                continue;
            }
            List<Hours> open = hours.on(date.getDayOfWeek());
            for (Hours each : open) {
                int start = Math.max(0, minute(date.atTime(each.from()).atZone(zone())));
                int end = minute(date.atTime(each.to()).atZone(zone()));
                int last = minute(date.atTime(open.get(open.size() - 1).to()).atZone(zone()));
                if (end > start) {
                    all.add(new int[] {start, end, day, last});
                }
            }
        }
        int[][] columns = new int[4][all.size()];
        for (int i = 0; i < all.size(); i++) {
            for (int column = 0; column < columns.length; column++) {
                columns[column][i] = all.get(i)[column];
            }
        }
        return new Windows(columns[0], columns[1], columns[2], columns[3]);
    }

    private ZoneId zone() {
        return from.getZone();
    }

    private int minute(ZonedDateTime at) {
        return Math.toIntExact(Duration.between(from, at).toMinutes());
    }

    /** The moment planning starts. */
    public ZonedDateTime from() {
        return from;
    }

    /** The shop. */
    public ShopWeek shop() {
        return shop;
    }

    /** The minute of a moment, counted from the start; 0 for the past. */
    public int minute(Instant at) {
        return (int) Math.max(
                0,
                Math.min(midnights[DAYS], Duration.between(from.toInstant(), at).toMinutes()));
    }

    /** The moment of a minute. */
    public ZonedDateTime at(int minute) {
        return from.plusMinutes(minute);
    }

    /** The minute at which a day starts; negative for past days. */
    public int midnight(LocalDate day) {
        return minute(day.atStartOfDay(zone()));
    }

    /** The day of a minute, counted from the first. */
    int day(int minute) {
        int at = Arrays.binarySearch(midnights, minute);
        return at >= 0 ? at : -at - 2;
    }

    /** A person's calendar. */
    Windows windows(int person) {
        return people.get(person);
    }

    /** Returns whether somebody whose day ends at one minute may end a step at another: nothing is clamped late. */
    boolean mayEnd(WeekStep step, int end, int dayEnd) {
        return step.place().filter(shop.notLate()::contains).isEmpty() || end <= dayEnd - ShopWeek.LATE;
    }

    /** Returns whether a step may be done on a day. */
    boolean mayBeOn(WeekStep step, int day) {
        return step.place().filter(place -> place == WorkPlace.CLAMPS).isEmpty()
                || !shop.noGlueUps().contains(from.toLocalDate().plusDays(day).getDayOfWeek());
    }
}
