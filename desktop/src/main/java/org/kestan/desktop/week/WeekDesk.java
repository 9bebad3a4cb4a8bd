package org.kestan.desktop.week;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import org.kestan.base.standards.ShopStandards;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.session.JobStore;
import org.kestan.job.Job;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.LedgerException;
import org.kestan.ledger.LedgerJob;
import org.kestan.ledger.SaveResult;
import org.kestan.ledger.week.LedgerWeek;
import org.kestan.planning.LocalSearchPlanner;
import org.kestan.repair.steps.StepBook;
import org.kestan.week.Another;
import org.kestan.week.Planner;
import org.kestan.week.WeekOrder;
import org.kestan.week.WeekPlan;
import org.kestan.week.WeekPlans;
import org.kestan.week.WeekReport;

/**
 * The plan of all open jobs. It is made on its own thread once somebody looks at it, and again whenever a job, the
 * shop or the steps change: first from the previous order, then improved for as long as allowed.
 */
public final class WeekDesk {

    /** How long to search for a better plan; tests search for a shorter time. */
    static final Duration LOOKS = Duration.ofMillis(Long.getLong("kestan.looks", 4000));

    private static final javafx.util.Duration SETTLES = javafx.util.Duration.millis(250);
    private static final long SEED = 1;
    private static final int MOST_CHANGES = 4;

    /** The minimum time between two better plans being shown, ns. */
    private static final long SHOWN_EVERY = 700_000_000L;

    private final JobSession session;
    private final JobStore store;
    private final Clock clock;
    private final LedgerWeek jobs = new LedgerWeek();
    private final ExecutorService thread = Executors.newSingleThreadExecutor(task -> {
        Thread made = new Thread(task, "week");
        made.setDaemon(true);
        made.setPriority(Thread.MIN_PRIORITY);
        return made;
    });
    private final AtomicInteger asked = new AtomicInteger();
    private final Set<Object> watching = new HashSet<>();
    private final PauseTransition settles = new PauseTransition(SETTLES);
    private final ReadOnlyObjectWrapper<Optional<WeekReport>> report =
            new ReadOnlyObjectWrapper<>(this, "report", Optional.empty());
    private final ReadOnlyObjectWrapper<List<String>> changes = new ReadOnlyObjectWrapper<>(this, "changes", List.of());
    private final ReadOnlyBooleanWrapper looking = new ReadOnlyBooleanWrapper(this, "looking");
    private List<String> order = List.of();
    private Map<String, LocalDate> before = Map.of();
    private Optional<WeekReport> settled = Optional.empty();
    private volatile boolean watched;
    private volatile int stopped;
    private boolean begun;
    private WeekPlans plans;

    /** Makes no plan until somebody looks. */
    public WeekDesk(JobSession session, JobStore store, Clock clock) {
        this.session = session;
        this.store = store;
        this.clock = clock;
        settles.setOnFinished(event -> plan());
    }

    /** Starts planning, and following changes. */
    public void begin() {
        if (!begun) {
            begun = true;
            store.changesProperty().addListener((property, old, next) -> settles.playFromStart());
            session.standardsProperty().addListener((property, old, next) -> settles.playFromStart());
            session.stepsProperty().addListener((property, old, next) -> settles.playFromStart());
            plan();
        }
    }

    /**
     * Sets whether a room shows the plan. If none does, changes are followed but no better plan is searched for.
     *
     * @param room which
     */
    public void watch(Object room, boolean looks) {
        boolean before = watched;
        if (looks) {
            watching.add(room);
        } else {
            watching.remove(room);
        }
        watched = !watching.isEmpty();
        if (watched && !before) {
            if (begun) {
                plan();
            } else {
                begin();
            }
        } else if (before && !watched) {
            stop();
        }
    }

    /** The plan with its report; empty before the first one. */
    public ReadOnlyObjectProperty<Optional<WeekReport>> reportProperty() {
        return report.getReadOnlyProperty();
    }

    /** What changed from the previous plan, one sentence each. */
    public ReadOnlyObjectProperty<List<String>> changesProperty() {
        return changes.getReadOnlyProperty();
    }

    /** Whether the search for a better plan is running. */
    public ReadOnlyBooleanProperty lookingProperty() {
        return looking.getReadOnlyProperty();
    }

    /** Stops the search; the best plan so far stays. */
    public void stop() {
        stopped = asked.get();
        looking.set(false);
    }

    private void plan() {
        int mine = asked.incrementAndGet();
        ShopStandards shop = session.standards();
        StepBook book = session.stepsProperty().get().book();
        Ledger ledger = store.ledger();
        looking.set(true);
        thread.execute(() -> {
            try {
                if (asked.get() == mine) {
                    look(mine, ledger, shop, book);
                }
            } catch (LedgerException failed) {
                Platform.runLater(() -> session.complain(
                        Messages.message("week-desk.not-read", session.words().say(failed.why()))));
            } finally {
                Platform.runLater(() -> {
                    if (asked.get() == mine) {
                        looking.set(false);
                    }
                });
            }
        });
    }

    private void look(int mine, Ledger ledger, ShopStandards shop, StepBook book) {
        plans = new WeekPlans(jobs.problem(ledger, shop, book, ZonedDateTime.now(clock), before));
        WeekOrder from = plans.problem().like(order);
        WeekOrder usual = plans.problem().earliestPromise();
        if (plans.cost(usual) < plans.cost(from)) {
            from = usual;
        }
        show(mine, from, false);
        AtomicLong shown = new AtomicLong(System.nanoTime());
        WeekOrder found = watched
                ? new LocalSearchPlanner()
                        .improve(
                                plans,
                                from,
                                new Planner.Effort(
                                        LOOKS, OptionalInt.empty(), SEED, () -> asked.get() != mine || stopped == mine),
                                better -> {
                                    if (System.nanoTime() - shown.get() > SHOWN_EVERY) {
                                        show(mine, better, false);
                                        shown.set(System.nanoTime());
                                    }
                                })
                : from;
        show(mine, found, true);
        order = plans.ids(found);
        before = WeekPlans.days(plans.plan(found));
    }

    private void show(int mine, WeekOrder next, boolean last) {
        WeekReport made = WeekReport.of(plans, next, SEED);
        Platform.runLater(() -> {
            // An outdated plan is still better than none.
            if (asked.get() == mine || report.get().isEmpty()) {
                changes.set(settled.map(old -> changed(old, made)).orElse(List.of()));
                report.set(Optional.of(made));
                if (last) {
                    settled = Optional.of(made);
                }
            }
        });
    }

    /** Asks for the kinds of jobs there are and were, the most frequent first. */
    public void kinds(Consumer<List<String>> told) {
        store.ask(() -> jobs.kinds(store.ledger()), told);
    }

    /**
     * Asks when another job of a kind could be promised, after all that are planned.
     *
     * @param kind one of {@link #kinds}
     * @param told the answer; empty if it can't be planned, or nothing is yet
     */
    public void another(String kind, Consumer<Optional<Another>> told) {
        ShopStandards shop = session.standards();
        StepBook book = session.stepsProperty().get().book();
        Ledger ledger = store.ledger();
        stop();
        thread.execute(() -> {
            try {
                Optional<Another> found = plans == null
                        ? Optional.empty()
                        : jobs.another(ledger, shop, book, kind, ZonedDateTime.now(clock))
                                .flatMap(job -> plans.another(plans.problem().like(order), job, SEED));
                Platform.runLater(() -> told.accept(found));
            } catch (LedgerException failed) {
                Platform.runLater(() -> session.complain(
                        Messages.message("week-desk.not-read", session.words().say(failed.why()))));
            }
        });
    }

    private static List<String> changed(WeekReport old, WeekReport made) {
        List<String> said = new ArrayList<>();
        for (WeekReport.Outlook outlook : made.jobs()) {
            WeekPlan.JobPlan now = outlook.job();
            Optional<LocalDate> day =
                    old.of(now.job().id()).map(each -> each.job().ready().toLocalDate());
            LocalDate next = now.ready().toLocalDate();
            if (day.isEmpty()) {
                said.add(Messages.message("week-desk.new", now.job().name(), WeekText.day(next)));
            } else if (!day.get().equals(next)) {
                said.add(Messages.message(
                        "week-desk.moved", now.job().name(), WeekText.day(next), WeekText.day(day.get())));
            }
        }
        return said.size() > MOST_CHANGES
                ? List.of(Messages.message("week-desk.many", said.size()))
                : List.copyOf(said);
    }

    /**
     * Changes a job that may not be the open one.
     *
     * @param id its id
     */
    public void edit(String id, UnaryOperator<Job> change) {
        if (store.openId().filter(id::equals).isPresent()) {
            session.edit(change);
            store.saveNow();
            settles.playFromStart();
            return;
        }
        store.ask(
                () -> {
                    Optional<LedgerJob> entry = store.ledger().read(id);
                    return entry.isPresent()
                            && store.ledger()
                                            .save(
                                                    id,
                                                    entry.get().revision(),
                                                    change.apply(entry.get().job()))
                                    instanceof SaveResult.Done;
                },
                saved -> {
                    if (!saved) {
                        session.complain(Messages.message("week-desk.not-saved"));
                    }
                    settles.playFromStart();
                });
    }
}
