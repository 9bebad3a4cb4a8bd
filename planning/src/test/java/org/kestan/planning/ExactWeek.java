package org.kestan.planning;

import com.google.ortools.Loader;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.CumulativeConstraint;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import com.google.ortools.sat.Literal;
import com.google.ortools.util.Domain;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.kestan.base.week.Hours;
import org.kestan.base.week.Person;
import org.kestan.base.week.ShopWeek;
import org.kestan.base.week.WeekHours;
import org.kestan.base.week.WorkPlace;
import org.kestan.job.bench.WaitKind;
import org.kestan.week.ShopCalendar;
import org.kestan.week.WeekJob;
import org.kestan.week.WeekProblem;
import org.kestan.week.WeekStep;

/**
 * Small weeks and the least cost any plan of them can have, proven by a general-purpose exact solver (CP-SAT of
 * OR-Tools 9.12) with an independent model that shares only the weights with the schedules.
 */
final class ExactWeek {

    private static final int DAY = 24 * 60;
    private static final int DAYS = 12;
    private static final int OPEN = 8 * 60;

    private ExactWeek() {}

    static boolean isHere() {
        try {
            Loader.loadNativeLibraries();
            return true;
        } catch (RuntimeException | UnsatisfiedLinkError notHere) {
            return false;
        }
    }

    /** Four jobs of three glue-ups, one or two people, two sets of clamps; open from nine to five every day. */
    static WeekProblem problem(long seed) {
        Random random = new Random(seed * 7919 + 17);
        random.setSeed(random.nextLong());
        Map<DayOfWeek, List<Hours>> hours = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek day : DayOfWeek.values()) {
            hours.put(day, List.of(new Hours(LocalTime.of(9, 0), LocalTime.of(17, 0))));
        }
        List<Person> people = new ArrayList<>();
        for (int i = 0; i <= random.nextInt(2); i++) {
            people.add(Person.of("p" + i));
        }
        ShopWeek shop = ShopWeek.USUAL
                .withHours(new WeekHours(hours))
                .withPeople(people)
                .withPlaces(Map.of(WorkPlace.CLAMPS, 2))
                .withNotLate(Set.of())
                .withSettingUp(0)
                // Turning from one instrument to another costs nothing here.
                .withWeights(new ShopWeek.Weights(1000, 200, 4, 0, 1));
        ZonedDateTime from = ZonedDateTime.of(2026, 11, 30, 9, 0, 0, 0, ZoneId.of("UTC"));
        List<WeekJob> jobs = new ArrayList<>();
        for (int job = 0; job < 4; job++) {
            List<WeekStep> steps = new ArrayList<>();
            for (int step = 0; step < 3; step++) {
                steps.add(new WeekStep(
                        "s" + step,
                        "s" + step,
                        Optional.empty(),
                        30 + 15 * random.nextInt(14),
                        Optional.of(WaitKind.GLUE),
                        60 * (1 + random.nextInt(20)),
                        Optional.empty()));
            }
            LocalDate on = from.toLocalDate().plusDays(1 + random.nextInt(5));
            jobs.add(new WeekJob(
                    "j" + job,
                    "j" + job,
                    steps,
                    from.minusDays(job).toInstant(),
                    Optional.of(on),
                    false,
                    0,
                    Optional.empty(),
                    Optional.empty(),
                    List.of()));
        }
        return WeekProblem.of(new ShopCalendar(shop, from), jobs, Map.of());
    }

    /** The least possible cost; empty if it was not proven in time. */
    static Optional<Long> least(WeekProblem problem, double seconds) {
        ShopWeek shop = problem.calendar().shop();
        CpModel model = new CpModel();
        int people = shop.people().size();
        List<List<IntervalVar>> busy = new ArrayList<>();
        for (int person = 0; person < people; person++) {
            busy.add(new ArrayList<>());
        }
        CumulativeConstraint clamps = model.addCumulative(shop.places().get(WorkPlace.CLAMPS));
        LinearExprBuilder cost = LinearExpr.newBuilder();
        int horizon = DAYS * DAY;
        for (WeekJob job : problem.jobs()) {
            IntVar before = null;
            IntVar begun = null;
            IntVar over = null;
            for (WeekStep step : job.steps()) {
                long[][] windows = new long[DAYS][];
                for (int day = 0; day < DAYS; day++) {
                    windows[day] = new long[] {(long) day * DAY, (long) day * DAY + OPEN - step.hands()};
                }
                IntVar start = model.newIntVarFromDomain(Domain.fromIntervals(windows), job.id() + step.id());
                if (before == null) {
                    begun = start;
                } else {
                    model.addGreaterOrEqual(start, before);
                }
                over = model.newIntVar(0, horizon, "over");
                model.addEquality(over, LinearExpr.affine(start, 1, step.hands() + step.waiting()));
                List<Literal> whose = new ArrayList<>();
                for (int person = 0; person < people; person++) {
                    Literal theirs = model.newBoolVar("p");
                    whose.add(theirs);
                    busy.get(person).add(model.newOptionalFixedSizeIntervalVar(start, step.hands(), theirs, "hands"));
                }
                model.addExactlyOne(whose);
                clamps.addDemand(
                        model.newFixedSizeIntervalVar(
                                LinearExpr.affine(start, 1, step.hands()), step.waiting(), "clamped"),
                        1);
                before = over;
            }
            IntVar late = model.newIntVar(0, horizon, "late");
            IntVar days = model.newIntVar(0, DAYS, "days");
            int due = problem.due(job).orElseThrow();
            model.addGreaterOrEqual(late, LinearExpr.affine(over, 1, -due));
            model.addGreaterOrEqual(LinearExpr.term(days, DAY), late);
            cost.addTerm(over, 1 + shop.weights().open());
            cost.addTerm(begun, -shop.weights().open());
            cost.addTerm(late, shop.weights().late());
            cost.addTerm(days, (long) shop.weights().late() * DAY);
        }
        busy.forEach(model::addNoOverlap);
        model.minimize(cost);
        CpSolver solver = new CpSolver();
        solver.getParameters().setMaxTimeInSeconds(seconds).setNumWorkers(2).setRandomSeed(1);
        return solver.solve(model) == CpSolverStatus.OPTIMAL
                ? Optional.of(Math.round(solver.objectiveValue()))
                : Optional.empty();
    }
}
