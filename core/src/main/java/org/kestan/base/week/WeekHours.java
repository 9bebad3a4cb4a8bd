package org.kestan.base.week;

import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** Hours for each day of the week; a missing day is closed. Those of a day are in order and do not overlap. */
public record WeekHours(Map<DayOfWeek, List<Hours>> days) {

    /** Monday to Friday, nine to twelve and one to five: common practice, no source. */
    public static final WeekHours USUAL = usual();

    /** Puts the hours of each day in order and takes unmodifiable copies. */
    public WeekHours {
        Map<DayOfWeek, List<Hours>> all = new EnumMap<>(DayOfWeek.class);
        days.forEach((day, hours) -> {
            List<Hours> inOrder = new ArrayList<>(hours);
            inOrder.sort(Comparator.comparing(Hours::from));
            for (int i = 1; i < inOrder.size(); i++) {
                if (inOrder.get(i).from().isBefore(inOrder.get(i - 1).to())) {
                    throw new IllegalArgumentException("overlapping hours on " + day);
                }
            }
            if (!inOrder.isEmpty()) {
                all.put(day, List.copyOf(inOrder));
            }
        });
        days = Map.copyOf(all);
    }

    /** Returns the hours of a day, in order; none if it is closed. */
    public List<Hours> on(DayOfWeek day) {
        return days.getOrDefault(day, List.of());
    }

    private static WeekHours usual() {
        Map<DayOfWeek, List<Hours>> all = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek day : DayOfWeek.values()) {
            if (day.compareTo(DayOfWeek.FRIDAY) <= 0) {
                all.put(
                        day,
                        List.of(
                                new Hours(LocalTime.of(9, 0), LocalTime.of(12, 0)),
                                new Hours(LocalTime.of(13, 0), LocalTime.of(17, 0))));
            }
        }
        return new WeekHours(all);
    }
}
