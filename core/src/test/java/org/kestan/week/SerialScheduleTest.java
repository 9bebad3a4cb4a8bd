package org.kestan.week;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
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
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class SerialScheduleTest {

    private static final ZoneId ZONE = ZoneId.of("America/New_York");

    /** A Monday. */
    private static final ZonedDateTime FROM = ZonedDateTime.of(2026, 11, 30, 9, 0, 0, 0, ZONE);

    private static WeekStep hands(String id, int minutes) {
        return new WeekStep(id, id, Optional.empty(), minutes, Optional.empty(), 0, Optional.empty());
    }

    private static WeekStep glue(String id, int minutes, int hours) {
        return new WeekStep(
                id, id, Optional.empty(), minutes, Optional.of(WaitKind.GLUE), hours * 60, Optional.empty());
    }

    private static WeekJob job(String id, WeekStep... steps) {
        return new WeekJob(
                id,
                id,
                List.of(steps),
                FROM.toInstant(),
                Optional.empty(),
                false,
                0,
                Optional.empty(),
                Optional.empty(),
                List.of());
    }

    private static WeekJob promised(WeekJob job, LocalDate on, boolean firm) {
        return new WeekJob(
                job.id(),
                job.name(),
                job.steps(),
                job.takenIn(),
                Optional.of(on),
                firm,
                job.priority(),
                job.notBefore(),
                job.blocked(),
                job.needs());
    }

    private static WeekPlan plan(ShopWeek shop, ZonedDateTime from, WeekJob... jobs) {
        return plans(shop, from, jobs).plan(plans(shop, from, jobs).problem().earliestPromise());
    }

    private static WeekPlans plans(ShopWeek shop, ZonedDateTime from, WeekJob... jobs) {
        return new WeekPlans(WeekProblem.of(new ShopCalendar(shop, from), List.of(jobs), Map.of()));
    }

    private static List<String> times(WeekPlan plan) {
        return plan.entries().stream()
                .map(entry -> entry.step().id() + " " + entry.start().toLocalDateTime() + " "
                        + entry.end().toLocalDateTime().toLocalTime())
                .toList();
    }

    /** Work goes around the noon break, and overnight if it can be interrupted. */
    @Test
    public void workIsLaidDownAndTakenUpAgain() {
        assertThat(times(plan(ShopWeek.USUAL, FROM, job("a", hands("long", 500)))))
                .containsExactly(
                        "long 2026-11-30T09:00 12:00", "long 2026-11-30T13:00 17:00", "long 2026-12-01T09:00 10:20");
    }

    /** A glue-up is not begun if it can't be ended in time: not over noon, not in the last half hour. */
    @Test
    public void aGlueUpIsDoneInOneGoAndNotLate() {
        WeekPlan plan = plan(ShopWeek.USUAL, FROM, job("a", hands("before", 150), glue("glue", 40, 12)));
        assertThat(times(plan).get(1)).isEqualTo("glue 2026-11-30T13:00 13:40");
        // 13:00 + 170 min = 15:50; 40 min more end at 16:30, just in time; a minute longer and it moves to the next
        // day.
        assertThat(times(plan(ShopWeek.USUAL, FROM, job("a", hands("before", 350), glue("glue", 40, 12))))
                        .get(2))
                .isEqualTo("glue 2026-11-30T15:50 16:30");
        assertThat(times(plan(ShopWeek.USUAL, FROM, job("a", hands("before", 351), glue("glue", 40, 12))))
                        .get(2))
                .isEqualTo("glue 2026-12-01T09:00 09:40");
    }

    @Test
    public void nothingIsClampedOnADayNobodyCanWatchIt() {
        ShopWeek noMondays = ShopWeek.USUAL.withNoGlueUps(Set.of(DayOfWeek.MONDAY));
        assertThat(times(plan(noMondays, FROM, job("a", glue("glue", 40, 12)))).get(0))
                .isEqualTo("glue 2026-12-01T09:00 09:40");
        assertThat(times(plan(noMondays, FROM, job("a", hands("hands", 40)))).get(0))
                .isEqualTo("hands 2026-11-30T09:00 09:40");
    }

    /**
     * Waits run through nights and Sundays by the wall clock; on the night of a clock change they take an hour more or
     * less.
     */
    @Test
    public void waitsRunThroughNightsAndChangesOfTheClock() {
        ZonedDateTime saturday = ZonedDateTime.of(2026, 10, 31, 9, 0, 0, 0, ZONE);
        ShopWeek open = ShopWeek.USUAL.withHours(new WeekHours(Map.of(
                DayOfWeek.SATURDAY, List.of(new Hours(java.time.LocalTime.of(9, 0), java.time.LocalTime.of(17, 0))),
                DayOfWeek.SUNDAY, List.of(new Hours(java.time.LocalTime.of(9, 0), java.time.LocalTime.of(17, 0))))));
        WeekPlan plan = plan(open, saturday, job("a", glue("glue", 60, 24), hands("after", 30)));
        WeekPlan.Entry wait = plan.entries().get(1);
        assertThat(Duration.between(wait.start(), wait.end())).isEqualTo(Duration.ofHours(24));
        // From ten to nine: clocks were set back on November 1, 2026.
        assertThat(wait.end().toLocalDateTime()).isEqualTo("2026-11-01T09:00");
        assertThat(times(plan).get(2)).isEqualTo("after 2026-11-01T09:00 09:30");
    }

    @Test
    public void heatIsSetUpOnceForWorkThatFollowsOn() {
        WeekStep heat =
                new WeekStep("h1", "h1", Optional.empty(), 20, Optional.of(WaitKind.HEAT), 10, Optional.empty());
        WeekStep again =
                new WeekStep("h2", "h2", Optional.empty(), 20, Optional.of(WaitKind.HEAT), 10, Optional.empty());
        ShopWeek lamps = ShopWeek.USUAL.withPlaces(Map.of(WorkPlace.HEAT, 2));
        WeekPlan plan = plan(lamps, FROM, job("a", heat), job("b", again));
        assertThat(times(plan)).contains("h1 2026-11-30T09:00 09:35", "h2 2026-11-30T09:35 09:55");
    }

    @Test
    public void aPinStaysAndIsMissedOnlyWhereItCant() {
        WeekStep pinned = new WeekStep(
                "p", "p", Optional.empty(), 30, Optional.empty(), 0, Optional.of(LocalDate.of(2026, 12, 3)));
        WeekPlan plan = plan(ShopWeek.USUAL, FROM, job("a", pinned));
        assertThat(times(plan)).containsExactly("p 2026-12-03T09:00 09:30");
        assertThat(plan.jobs().get(0).pinsMissed()).isEmpty();
        WeekStep sunday = new WeekStep(
                "p", "p", Optional.empty(), 30, Optional.empty(), 0, Optional.of(LocalDate.of(2026, 12, 6)));
        WeekPlan other = plan(ShopWeek.USUAL, FROM, job("a", sunday));
        assertThat(times(other)).containsExactly("p 2026-12-07T09:00 09:30");
        assertThat(other.jobs().get(0).pinsMissed()).containsExactly(sunday);
    }

    @DataProvider
    public Object[][] impossible() {
        ShopWeek usual = ShopWeek.USUAL;
        return new Object[][] {
            {usual.withHours(new WeekHours(Map.of())), job("a", hands("s", 10)), Unplanned.Why.CLOSED},
            {usual, job("a", glue("s", 241, 1)), Unplanned.Why.LONGER_THAN_A_DAY},
            {usual.withPlaces(Map.of(WorkPlace.CLAMPS, 0)), job("a", glue("s", 10, 1)), Unplanned.Why.NO_PLACE},
            {
                usual.withPeople(List.of(new Person("", Optional.empty(), Set.of("reset")))),
                job("a", new WeekStep("s", "s", Optional.of("reset"), 5, Optional.empty(), 0, Optional.empty())),
                Unplanned.Why.NOBODY
            },
        };
    }

    /** A job that can't be placed is reported, with the step where it stops; the others are planned all the same. */
    @Test(dataProvider = "impossible")
    public void whatCantBePlannedIsSaid(ShopWeek shop, WeekJob job, Unplanned.Why why) {
        WeekProblem problem = WeekProblem.of(new ShopCalendar(shop, FROM), List.of(job), Map.of());
        assertThat(problem.blocked()).containsExactly(new Unplanned("a", "a", "s", why, List.of()));
        assertThat(problem.jobs()).isEmpty();
    }

    @Test
    public void aGlueUpAsLongAsTheAfternoonStillFits() {
        // From one to half past four.
        assertThat(WeekProblem.of(
                                new ShopCalendar(ShopWeek.USUAL, FROM), List.of(job("a", glue("s", 210, 1))), Map.of())
                        .blocked())
                .isEmpty();
        assertThat(WeekProblem.of(
                                new ShopCalendar(ShopWeek.USUAL, FROM), List.of(job("a", glue("s", 211, 1))), Map.of())
                        .blocked())
                .hasSize(1);
    }

    @Test
    public void lateDaysAreCountedFromThePromisedDay() {
        WeekJob job = job("a", hands("s", 420), hands("t", 60));
        LocalDate monday = LocalDate.of(2026, 11, 30);
        assertThat(plan(ShopWeek.USUAL, FROM, promised(job, monday, true)).lateDays())
                .isEqualTo(1);
        assertThat(plan(ShopWeek.USUAL, FROM, promised(job, monday.plusDays(1), true))
                        .lateDays())
                .isZero();
        // A promise in the past is late by that many days.
        assertThat(plan(ShopWeek.USUAL, FROM, promised(job, monday.minusDays(3), false))
                        .lateDays())
                .isEqualTo(4);
    }

    @Test
    public void nothingToDoIsAPlanToo() {
        WeekPlans plans = plans(ShopWeek.USUAL, FROM);
        WeekReport report = WeekReport.of(plans, plans.problem().earliestPromise(), 1);
        assertThat(report.plan().entries()).isEmpty();
        assertThat(report.bound()).isZero();
        assertThat(report.jobs()).isEmpty();
    }

    @DataProvider
    public Object[][] shops() {
        return Arrays.stream(SimulatedShop.values())
                .map(each -> new Object[] {each})
                .toArray(Object[][]::new);
    }

    /** Whatever the order, no hard rule is broken. */
    @Test(dataProvider = "shops")
    public void noOrderBreaksAHardRule(SimulatedShop shop) {
        WeekProblem problem = shop.problem(7, 25, FROM);
        WeekPlans plans = new WeekPlans(problem);
        Random random = new Random(4);
        for (int i = 0; i < 8; i++) {
            List<Integer> order = new ArrayList<>(problem.earliestPromise().jobs());
            Collections.shuffle(order, random);
            holds(problem, plans.plan(new WeekOrder(order)));
        }
    }

    private static void holds(WeekProblem problem, WeekPlan plan) {
        ShopWeek shop = problem.calendar().shop();
        Map<String, List<WeekPlan.Entry>> hands = new HashMap<>();
        Map<WorkPlace, List<WeekPlan.Entry>> places = new HashMap<>();
        Map<String, List<WeekPlan.Entry>> jobs = new HashMap<>();
        int minutes = 0;
        for (WeekPlan.Entry entry : plan.entries()) {
            jobs.computeIfAbsent(entry.job().id(), none -> new ArrayList<>()).add(entry);
            if (entry.hands()) {
                hands.computeIfAbsent(entry.person().orElseThrow(), none -> new ArrayList<>())
                        .add(entry);
                minutes += (int) Duration.between(entry.start(), entry.end()).toMinutes();
                assertThat(shop.hours().on(entry.start().getDayOfWeek()))
                        .anyMatch(open -> !entry.start().toLocalTime().isBefore(open.from())
                                && !entry.end().toLocalTime().isAfter(open.to()));
            } else {
                entry.place()
                        .ifPresent(place -> places.computeIfAbsent(place, none -> new ArrayList<>())
                                .add(entry));
                if (entry.place().filter(shop.notLate()::contains).isPresent()) {
                    assertThat(entry.start().toLocalTime()).isBeforeOrEqualTo("16:30");
                    assertThat(shop.noGlueUps()).doesNotContain(entry.start().getDayOfWeek());
                }
            }
        }
        // One pair of hands does one thing.
        hands.values().forEach(all -> overlap(all, 1));
        places.forEach((place, all) -> overlap(all, WeekProblem.room(problem.calendar(), place)));
        // Within a job one thing comes after another, in the order of its steps.
        for (List<WeekPlan.Entry> all : jobs.values()) {
            overlap(all, 1);
            List<String> order =
                    all.stream().map(entry -> entry.step().id()).distinct().toList();
            assertThat(order)
                    .isEqualTo(
                            all.get(0).job().steps().stream().map(WeekStep::id).toList());
        }
        int planned = problem.jobs().stream()
                .flatMap(job -> job.steps().stream())
                .mapToInt(WeekStep::hands)
                .sum();
        long heats = problem.jobs().stream()
                .flatMap(job -> job.steps().stream())
                .filter(step -> step.setUp().isPresent())
                .count();
        assertThat(minutes).isBetween(planned, planned + (int) heats * shop.settingUp());
    }

    private static void overlap(List<WeekPlan.Entry> all, int room) {
        List<Instant> moments =
                all.stream().map(entry -> entry.start().toInstant()).toList();
        for (Instant moment : moments) {
            assertThat(all.stream()
                            .filter(entry -> !entry.start().toInstant().isAfter(moment)
                                    && entry.end().toInstant().isAfter(moment))
                            .count())
                    .isLessThanOrEqualTo(room);
        }
    }

    /** In eight of ten random draws of the working times, with another seed, a job is ready by the time given. */
    @Test(dataProvider = "shops")
    public void eightInTenIsEightInTen(SimulatedShop shop) {
        WeekProblem problem = shop.problem(3, 30, FROM);
        WeekPlans plans = new WeekPlans(problem);
        WeekOrder order = problem.earliestPromise();
        Chances said = plans.chances(order, 200, 1);
        Chances drawn = plans.chances(order, 200, 2);
        double kept = 0;
        for (int job = 0; job < problem.jobs().size(); job++) {
            kept += drawn.by(job, said.ready(job, 0.8)) / problem.jobs().size();
        }
        assertThat(kept).isBetween(0.75, 0.85);
    }

    /** A new plan continues from where jobs were: what is done comes first, what is new comes last. */
    @Test
    public void anOrderGoesOnWithTheJobsThereAre() {
        WeekPlans before = plans(ShopWeek.USUAL, FROM, job("a", hands("1", 5), hands("2", 5)), job("b", hands("1", 5)));
        List<String> ids = before.ids(new WeekOrder(List.of(1, 0, 0)));
        assertThat(ids).containsExactly("b", "a", "a");
        WeekProblem now = plans(
                        ShopWeek.USUAL, FROM, job("c", hands("1", 5)), job("a", hands("2", 5)), job("b", hands("1", 5)))
                .problem();
        assertThat(now.like(ids).jobs()).containsExactly(2, 1, 0);
    }

    /** What helps a late job: an hour on Saturday, moving another job, a call to the owner; each with its effect. */
    @Test
    public void helpsHelp() {
        WeekJob late = promised(job("late", hands("s", 30 * 60)), LocalDate.of(2026, 12, 4), true);
        WeekJob first = promised(job("first", hands("s", 400)), LocalDate.of(2026, 12, 3), false);
        WeekJob easy = promised(job("easy", hands("s", 400)), LocalDate.of(2026, 12, 2), false);
        WeekPlans plans = plans(ShopWeek.USUAL, FROM, late, first, easy);
        WeekPlan plan = plans.plan(plans.problem().earliestPromise());
        int index = plan.jobs().stream().map(each -> each.job().id()).toList().indexOf("late");
        assertThat(plan.jobs().get(index).lateDays()).isEqualTo(4);
        List<Help> helps = plans.helps(plan, index, LocalDate.of(2026, 12, 8));
        assertThat(helps).extracting(Help::kind).endsWith(Help.Kind.CALL_OWNER);
        assertThat(helps).allMatch(help -> help.lateDays() < plan.lateDays());
        assertThat(helps.stream()
                        .max(Comparator.comparing(Help::kind))
                        .orElseThrow()
                        .on())
                .contains(LocalDate.of(2026, 12, 8));
    }

    /** One more job uses hours that are left over, and moves no other job; a job that fits no day gets no answer. */
    @Test
    public void oneMoreTakesWhatIsLeft() {
        WeekJob glued = promised(job("glued", glue("g", 60, 48), hands("after", 60)), LocalDate.of(2026, 12, 2), true);
        WeekPlans plans = plans(ShopWeek.USUAL, FROM, glued);
        WeekOrder order = plans.problem().earliestPromise();
        Another another = plans.another(order, job("more", hands("s", 90)), 1).orElseThrow();
        assertThat(another.begun()).isEqualTo(FROM.plusHours(1));
        assertThat(another.ready80()).isAfterOrEqualTo(another.ready50());
        assertThat(another.ready80()).isBefore(plans.plan(order).jobs().get(0).ready());
        assertThat(another.job().hands()).isEqualTo(90);
        WeekJob endless = job("endless", glue("g", 24 * 60, 1));
        assertThat(plans.another(order, endless, 1)).isEmpty();
    }

    /** What is needed first comes first; what holds a job up comes before everything; what is ordered is not listed. */
    @Test
    public void partsAreOrderedByTheDayTheyAreNeeded() {
        PartNeed late = new PartNeed("late", Optional.empty(), 1, Optional.of("after"), false, Optional.empty());
        PartNeed early = new PartNeed("early", Optional.empty(), 2, Optional.empty(), false, Optional.empty());
        PartNeed ordered = new PartNeed("ordered", Optional.empty(), 1, Optional.empty(), true, Optional.empty());
        PartNeed stuck = new PartNeed("stuck", Optional.empty(), 1, Optional.empty(), false, Optional.empty());
        WeekJob work = job("work", glue("g", 60, 48), hands("after", 60));
        WeekJob still = job("still", hands("s", 10));
        WeekPlans plans = plans(
                ShopWeek.USUAL,
                FROM,
                needing(work, Optional.empty(), late, ordered, early),
                needing(still, Optional.of(Unplanned.Why.PART_WITHOUT_DAY), stuck));
        WeekReport report = WeekReport.of(plans, plans.problem().earliestPromise(), 1);
        assertThat(report.parts())
                .containsExactly(
                        new PartOrder("still", "still", stuck, Optional.empty()),
                        new PartOrder("work", "work", early, Optional.of(LocalDate.of(2026, 11, 30))),
                        new PartOrder("work", "work", late, Optional.of(LocalDate.of(2026, 12, 2))));
    }

    private static WeekJob needing(WeekJob job, Optional<Unplanned.Why> blocked, PartNeed... needs) {
        return new WeekJob(
                job.id(),
                job.name(),
                job.steps(),
                job.takenIn(),
                job.promised(),
                job.firm(),
                job.priority(),
                job.notBefore(),
                blocked,
                List.of(needs));
    }
}
