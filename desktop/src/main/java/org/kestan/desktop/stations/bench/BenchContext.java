package org.kestan.desktop.stations.bench;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.concurrent.TimeUnit;
import java.util.function.BiFunction;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.room.RoomContext;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.session.JobStore;
import org.kestan.desktop.session.Waits;
import org.kestan.job.Job;
import org.kestan.job.Sections;
import org.kestan.job.bench.DiaryEntry;
import org.kestan.job.bench.StepMark;
import org.kestan.job.bench.Wait;
import org.kestan.job.bench.WaitKind;
import org.kestan.overview.JobAnalysis;
import org.kestan.repair.proof.PredictionMaker;
import org.kestan.repair.steps.BenchActions;
import org.kestan.repair.steps.Step;
import org.kestan.repair.steps.StepBook;
import org.kestan.repair.steps.StepLack;
import org.kestan.text.Wording;

/**
 * What all pages of the bench share: the steps of the open job, the current one, and what can be done with it. An
 * action is in the ledger before the status line says so.
 */
final class BenchContext {

    /** The system property for how far apart two presses have to be to count as two, milliseconds. */
    private static final String SECOND_PRESS = "kestan.secondPress";

    private final JobSession session;
    private final JobStore store;
    private final Waits waits;
    private final ReadOnlyObjectWrapper<Optional<Step>> shown = new ReadOnlyObjectWrapper<>(Optional.empty());
    private List<Step> steps = List.of();
    private JobAnalysis composedOf;
    private Object composedBy;
    private OptionalLong passed = OptionalLong.empty();

    BenchContext(RoomContext context) {
        session = context.session();
        store = context.store();
        waits = context.waits();
    }

    JobSession session() {
        return session;
    }

    JobStore store() {
        return store;
    }

    Waits waits() {
        return waits;
    }

    /** Puts the steps together again if anything they depend on changed; the current step stays current. */
    void refresh() {
        if (composedOf == session.analysis()
                && composedBy == session.stepsProperty().get()) {
            return;
        }
        boolean another = composedOf == null
                || !composedOf.job().name().equals(session.job().name());
        composedOf = session.analysis();
        composedBy = session.stepsProperty().get();
        steps = session.stepsProperty().get().book().compose(session.analysis().plan());
        Optional<Step> same = another ? Optional.empty() : shown.get().flatMap(step -> find(step.id()));
        shown.set(same.or(this::firstOpen));
    }

    private Optional<Step> find(String id) {
        return steps.stream().filter(step -> step.id().equals(id)).findFirst();
    }

    /** Forgets the current step: work continues where it stopped. */
    void goOn() {
        refresh();
        shown.set(firstOpen());
    }

    /** Returns the steps of the plan, in order. */
    List<Step> steps() {
        return steps;
    }

    /** The current step; empty while there is none. */
    ReadOnlyObjectProperty<Optional<Step>> shownProperty() {
        return shown.getReadOnlyProperty();
    }

    Optional<Step> shown() {
        return shown.get();
    }

    void show(Step step) {
        shown.set(Optional.of(step));
    }

    int index() {
        return shown.get().map(steps::indexOf).orElse(-1);
    }

    /** Shows another step, a number of steps away, without changing the state of this one. */
    void look(int by) {
        int next = index() + by;
        if (next >= 0 && next < steps.size()) {
            shown.set(Optional.of(steps.get(next)));
        }
    }

    /** The first step that is neither done nor skipped, where the work stopped; the last one if there is none. */
    Optional<Step> firstOpen() {
        return StepBook.firstOpen(steps, session.job().section(Sections.STEPS))
                .or(() -> steps.isEmpty() ? Optional.empty() : Optional.of(steps.get(steps.size() - 1)));
    }

    Map<String, StepMark> marks() {
        Map<String, StepMark> marks = new HashMap<>();
        session.job().section(Sections.STEPS).forEach(mark -> marks.put(mark.step(), mark));
        return marks;
    }

    private boolean previews() {
        if (session.analysis().isPreview()) {
            session.complain(Messages.message("bench-context.take-the-plan-first"));
            return true;
        }
        return false;
    }

    /** Changes the job, and waits until the ledger has it. */
    void keep(BiFunction<BenchActions, Job, Job> change) {
        session.edit(job -> change.apply(session.bench(), job));
        store.flush();
    }

    /**
     * Marks the current step done and moves on to the next; the parts it takes off are bagged. If the step lacks a
     * reading or a wait, it stays, and it takes another key to pass it.
     */
    void done() {
        if (shown().isEmpty() || previews() || again()) {
            return;
        }
        String lacks = lacks();
        if (lacks.isEmpty()) {
            mark(StepMark.State.DONE, "");
            // The half second starts when the next step appears, however long that takes.
            Platform.runLater(() -> passed = OptionalLong.of(System.nanoTime()));
        } else {
            session.complain(Messages.message("bench-context.lacks", Wording.capital(lacks)));
        }
    }

    /** Passes the current step although it lacks something, and records that. */
    void passUnread() {
        if (shown().isEmpty() || previews() || again()) {
            return;
        }
        String lacks = lacks();
        mark(lacks.isEmpty() ? StepMark.State.DONE : StepMark.State.UNREAD, lacks);
    }

    /** What the current step lacks, in words; empty for nothing. */
    private String lacks() {
        return shown().stream()
                .flatMap(step -> StepLack.of(step, session.analysis().plan(), LocalDate.now(), waits.moment()).stream())
                .map(session.words()::say)
                .collect(Collectors.joining("; "));
    }

    /** Two presses within half a second count as one: a foot switch bounces, a thumb twitches. */
    private boolean again() {
        long now = System.nanoTime();
        long apart = TimeUnit.MILLISECONDS.toNanos(Integer.getInteger(SECOND_PRESS, 500));
        boolean twice = passed.isPresent() && now - passed.getAsLong() < apart;
        passed = OptionalLong.of(now);
        return twice;
    }

    /** Skips the current step, with a reason. */
    void skip(String reason) {
        mark(StepMark.State.SKIPPED, reason);
    }

    private void mark(StepMark.State state, String reason) {
        if (shown().isEmpty() || previews()) {
            return;
        }
        Step step = shown().get();
        keep((bench, job) -> {
            Job marked = bench.mark(predicted(job), step.id(), state, reason);
            if (state != StepMark.State.SKIPPED) {
                for (String part : step.work().bags()) {
                    marked = bench.bag(marked, part, Optional.empty(), step.id());
                }
            }
            return marked;
        });
        int next = steps.indexOf(step) + 1;
        boolean last = next >= steps.size();
        session.say(Wording.label(state) + ": " + step.text().title()
                + (last
                        ? Messages.message("bench-context.that-was-the-last")
                        : Messages.message(
                                "bench-context.next", steps.get(next).text().title())));
        if (!last) {
            show(steps.get(next));
        }
    }

    /** The plan's prediction is saved when the work begins. */
    private Job predicted(Job job) {
        if (job.section(Sections.PREDICTION).isPresent()) {
            return job;
        }
        return PredictionMaker.of(
                        session.analysis().plan(), session.analysis().spread().plan(), LocalDate.now())
                .map(made -> job.with(Sections.PREDICTION, Optional.of(made)))
                .orElse(job);
    }

    /** Reopens the current step; its readings stay. */
    void reopen() {
        shown().ifPresent(step -> {
            keep((bench, job) -> bench.reopen(job, step.id()));
            session.say(Messages.message(
                    "bench-context.open-again-what-was", step.text().title()));
        });
    }

    void note(String text) {
        if (!text.isBlank()) {
            write(DiaryEntry.What.NOTE, text.strip());
            session.say(Messages.message("bench-context.noted"));
        }
    }

    /** Writes into the diary, at the current step. */
    void write(DiaryEntry.What what, String text) {
        keep((bench, job) -> bench.write(job, what, shown().map(Step::id).orElse(""), text));
    }

    /** Starts the wait of the current step. */
    void beginWait() {
        shown().ifPresent(step -> step.work()
                .pause()
                .ifPresentOrElse(
                        pause -> beginWait(pause.kind(), pause.minutes(), step.id()),
                        () -> session.complain(Messages.message("bench-context.nothing-is-waited-for"))));
    }

    void beginWait(WaitKind kind, int minutes, String step) {
        if (previews()) {
            return;
        }
        keep((bench, job) -> bench.begin(job, kind, minutes, step));
        session.say(Messages.message(
                "bench-context.until-it-runs-on",
                Wording.label(kind),
                Wording.moment(waits.moment().plusSeconds(60L * minutes))));
    }

    void endWait(Wait wait) {
        keep((bench, job) -> bench.end(job, wait));
    }
}
