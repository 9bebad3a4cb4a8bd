package org.kestan.base.week;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The data with which a shop plans its week.
 *
 * @param hours of each weekday
 * @param closed days on which nobody works
 * @param people one or more
 * @param places how many fit in each place; one that is not there has room for all
 * @param notLate places nothing is brought into in the last half hour of a day
 * @param noGlueUps weekdays on which nothing that has to be watched is clamped
 * @param settingUp minutes to set up for another kind of work, such as heat or finish
 * @param spread how far the time hands take lies from what is planned: standard deviation of its logarithm
 * @param weights what counts how much
 */
@RecordBuilder
public record ShopWeek(
        WeekHours hours,
        Set<LocalDate> closed,
        List<Person> people,
        Map<WorkPlace, Integer> places,
        Set<WorkPlace> notLate,
        Set<DayOfWeek> noGlueUps,
        int settingUp,
        double spread,
        Weights weights)
        implements ShopWeekBuilder.With {

    /** The minutes at the end of a day in which nothing is clamped. */
    public static final int LATE = 30;

    /** One person, two sets of clamps, one heat lamp: common practice, no source. The spread is from memory. */
    public static final ShopWeek USUAL = new ShopWeek(
            WeekHours.USUAL,
            Set.of(),
            List.of(Person.of("")),
            Map.of(WorkPlace.CLAMPS, 3, WorkPlace.HEAT, 1, WorkPlace.DRYING, 4),
            Set.of(WorkPlace.CLAMPS),
            Set.of(),
            15,
            0.35,
            Weights.USUAL);

    /**
     * The weights of a plan's costs, each per day.
     *
     * @param firm a firm promise kept late
     * @param late another promise kept late
     * @param open an instrument in pieces
     * @param settingUp setting up for another kind of work, or turning to another instrument, each time
     * @param changed a step moved to another day than it was planned for
     */
    public record Weights(int firm, int late, int open, int settingUp, int changed) {

        /** The default week: common practice, no source. */
        public static final Weights USUAL = new Weights(1000, 200, 12, 10, 1);
    }

    /** Takes unmodifiable copies. */
    public ShopWeek {
        closed = Set.copyOf(closed);
        people = List.copyOf(people);
        places = Map.copyOf(places);
        notLate = Set.copyOf(notLate);
        noGlueUps = Set.copyOf(noGlueUps);
    }

    /** Returns the hours of a person. */
    public WeekHours hoursOf(Person person) {
        return person.hours().orElse(hours);
    }
}
