package org.kestan.week;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.kestan.base.week.Person;
import org.kestan.base.week.ShopWeek;
import org.kestan.base.week.WorkPlace;
import org.kestan.job.bench.WaitKind;

/** Shops full of work, made from a seed, for measuring plans. Nothing in them comes from a real shop. */
public enum SimulatedShop {
    /** One person. */
    ALONE(1, 3, 1),
    /** Two. */
    TWO(2, 4, 1),
    /** Four people, with too few clamps and one lamp. */
    FOUR(4, 3, 1);

    private static final int STEPS = 15;
    private static final double ONE_IN_THREE = 0.33;

    private final int people;
    private final int clamps;
    private final int lamps;

    SimulatedShop(int people, int clamps, int lamps) {
        this.people = people;
        this.clamps = clamps;
        this.lamps = lamps;
    }

    /** Returns the shop's week. */
    public ShopWeek week() {
        List<Person> all = new ArrayList<>();
        for (int i = 0; i < people; i++) {
            all.add(Person.of("Person " + (i + 1)));
        }
        Map<WorkPlace, Integer> places = new EnumMap<>(WorkPlace.class);
        places.put(WorkPlace.CLAMPS, clamps);
        places.put(WorkPlace.HEAT, lamps);
        places.put(WorkPlace.DRYING, 4);
        return ShopWeek.USUAL.withPeople(all).withPlaces(places).withNoGlueUps(Set.of(DayOfWeek.FRIDAY));
    }

    /**
     * Returns a problem: about 15 steps per job, most of them short, some with glue, heat or finish; promises spread
     * over the time the work takes, some of them too early.
     *
     * @param jobs how many
     * @param from the moment planning begins
     */
    public WeekProblem problem(long seed, int jobs, ZonedDateTime from) {
        Random random = new Random(0x5EEDL * 31 + seed * 1_000_003 + ordinal());
        // Scrambled once, because neighboring seeds start alike.
        random.setSeed(random.nextLong());
        List<WeekJob> all = new ArrayList<>();
        double workDays = Math.max(jobs * STEPS * 30.0 / (people * 7 * 60), jobs * STEPS * 0.12 / clamps);
        for (int job = 0; job < jobs; job++) {
            List<WeekStep> steps = new ArrayList<>();
            int count = STEPS - 5 + random.nextInt(11);
            for (int step = 0; step < count; step++) {
                steps.add(step(random, "s" + step));
            }
            boolean promised = random.nextDouble() > 0.15;
            long days = Math.round(3 + (0.1 + random.nextDouble()) * workDays * 7 / 5);
            LocalDate on = from.toLocalDate().plusDays(days);
            all.add(new WeekJob(
                    "job-" + job,
                    "Job " + job,
                    steps,
                    from.minusDays(1 + random.nextInt(40)).toInstant(),
                    promised ? Optional.of(on) : Optional.empty(),
                    promised && random.nextDouble() < ONE_IN_THREE,
                    random.nextInt(8) == 0 ? 1 : 0,
                    Optional.empty(),
                    Optional.empty(),
                    List.of()));
        }
        return WeekProblem.of(new ShopCalendar(week(), from), all, Map.of());
    }

    private static WeekStep step(Random random, String id) {
        int hands = 5 + (int) Math.round(Math.exp(2.9 + 0.8 * random.nextGaussian()));
        double kind = random.nextDouble();
        Optional<WaitKind> wait = kind < 0.12
                ? Optional.of(WaitKind.GLUE)
                : kind < 0.17
                        ? Optional.of(WaitKind.HEAT)
                        : kind < 0.22
                                ? Optional.of(WaitKind.DRYING)
                                : kind < 0.27 ? Optional.of(WaitKind.SETTLING) : Optional.empty();
        int waiting = wait.map(each -> switch (each) {
                    case GLUE -> 12 * 60;
                    case HEAT -> 15;
                    case DRYING -> 24 * 60;
                    default -> 16 * 60;
                })
                .orElse(0);
        return new WeekStep(id, "Step " + id, Optional.empty(), Math.min(hands, 170), wait, waiting, Optional.empty());
    }
}
