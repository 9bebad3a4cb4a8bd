package org.kestan.week;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.kestan.base.finding.Keyed;
import org.kestan.base.week.Hours;
import org.kestan.base.week.Person;
import org.kestan.base.week.ShopWeek;
import org.kestan.base.week.WeekHours;

/**
 * What would help a late job.
 *
 * @param kind what
 * @param job the job that would come later; empty for the others
 * @param on the day to work on, or the day to promise
 * @param hours of work on that day; 0 for the others
 * @param lateDays late days of all jobs then
 */
public record Help(Kind kind, Optional<WeekJob> job, Optional<LocalDate> on, int hours, int lateDays) {

    private static final int LONGEST = 4;

    /** What helps. */
    public enum Kind implements Keyed {
        /** Some hours on a closed day. */
        EXTRA_HOURS,
        /** Another job later. */
        OTHER_LATER,
        /** A call to the owner, and another day. */
        CALL_OWNER;

        @Override
        public String key() {
            return Keyed.kebab(this);
        }
    }

    /**
     * What would help a job, the cheapest first: first without changing a promise, then with longer hours, then with a
     * call to the owner.
     *
     * @param plans of the problem
     * @param plan the plan in which it is late
     * @param late index of the job
     */
    static List<Help> of(WeekPlans plans, WeekPlan plan, int late, LocalDate ready80) {
        List<Help> all = new ArrayList<>();
        otherLater(plans, plan, late).ifPresent(all::add);
        extraHours(plans, plan, late).ifPresent(all::add);
        all.add(new Help(
                Kind.CALL_OWNER,
                Optional.empty(),
                Optional.of(ready80),
                0,
                plan.lateDays() - plan.jobs().get(late).lateDays()));
        return all;
    }

    /** It goes before another job, if that makes it ready in time and no other job late that was not. */
    private static Optional<Help> otherLater(WeekPlans plans, WeekPlan plan, int late) {
        int days = plan.jobs().get(late).lateDays();
        Optional<Help> best = Optional.empty();
        for (int other = 0; other < plan.jobs().size(); other++) {
            if (other != late) {
                WeekPlan next = plans.plan(before(plan.order(), late, other));
                int least = best.map(Help::lateDays).orElse(plan.lateDays());
                if (next.jobs().get(late).lateDays() < days && next.lateDays() < least) {
                    WeekPlan.JobPlan later = next.jobs().get(other);
                    best = Optional.of(new Help(
                            Kind.OTHER_LATER,
                            Optional.of(later.job()),
                            Optional.of(later.ready().toLocalDate()),
                            0,
                            next.lateDays()));
                }
            }
        }
        return best;
    }

    private static WeekOrder before(WeekOrder order, int job, int other) {
        int first = order.jobs().indexOf(other);
        Stream<Integer> ahead = order.jobs().subList(0, first).stream();
        List<Integer> rest = order.jobs().subList(first, order.jobs().size());
        return new WeekOrder(Stream.of(
                        ahead,
                        rest.stream().filter(each -> each == job),
                        rest.stream().filter(each -> each != job))
                .flatMap(each -> each)
                .toList());
    }

    /** The fewest hours on the next closed day, for everybody, that make it less late. */
    private static Optional<Help> extraHours(WeekPlans plans, WeekPlan plan, int late) {
        WeekProblem problem = plans.problem();
        ShopWeek shop = problem.calendar().shop();
        LocalDate first = problem.calendar().from().toLocalDate().plusDays(1);
        Optional<LocalDate> day = Stream.iterate(first, each -> each.plusDays(1))
                .limit(7)
                .filter(each -> !shop.closed().contains(each)
                        && shop.hours().on(each.getDayOfWeek()).isEmpty())
                .findFirst();
        if (day.isEmpty()) {
            return Optional.empty();
        }
        for (int hours = 1; hours <= LONGEST; hours++) {
            WeekProblem longer = new WeekProblem(
                    new ShopCalendar(
                            open(shop, day.get(), hours), problem.calendar().from()),
                    problem.jobs(),
                    problem.blocked(),
                    problem.before());
            WeekPlan next = new WeekPlans(longer).plan(plan.order());
            if (next.jobs().get(late).lateDays() < plan.jobs().get(late).lateDays()
                    && next.lateDays() < plan.lateDays()) {
                return Optional.of(new Help(Kind.EXTRA_HOURS, Optional.empty(), day, hours, next.lateDays()));
            }
        }
        return Optional.empty();
    }

    /** The shop with additional hours on a weekday; later ones of that weekday stay closed. */
    private static ShopWeek open(ShopWeek shop, LocalDate day, int hours) {
        LocalTime nine = LocalTime.of(9, 0);
        Map<DayOfWeek, List<Hours>> days = new EnumMap<>(DayOfWeek.class);
        days.putAll(shop.hours().days());
        days.put(day.getDayOfWeek(), List.of(new Hours(nine, nine.plusHours(hours))));
        Set<LocalDate> closed = new HashSet<>(shop.closed());
        for (int week = 1; 7 * week < ShopCalendar.DAYS; week++) {
            closed.add(day.plusWeeks(week));
        }
        List<Person> people = shop.people().stream()
                .map(person -> new Person(person.name(), Optional.empty(), person.notWays()))
                .toList();
        return shop.withHours(new WeekHours(days)).withClosed(closed).withPeople(people);
    }
}
