package org.kestan.desktop.session;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import org.kestan.desktop.messages.Messages;
import org.kestan.job.Sections;
import org.kestan.job.bench.Wait;
import org.kestan.ledger.JobWait;
import org.kestan.text.Wording;

/**
 * Watches all running waits, of the open job and of the others, by the wall clock. Updates once a second; when a wait
 * is over, it is announced once, with a tone. To be used on the application thread.
 */
public final class Waits {

    private final JobSession session;
    private final JobStore store;
    private final Clock clock;
    private final Runnable tone;
    private final ReadOnlyObjectWrapper<List<JobWait>> running = new ReadOnlyObjectWrapper<>(List.of());
    private final ReadOnlyObjectWrapper<Instant> now;
    private final Set<Wait> told = new HashSet<>();
    private final EverySecond<Waits> watching;
    private List<JobWait> others = List.of();
    private boolean first = true;

    /**
     * Starts watching.
     *
     * @param clock the clock on the wall
     * @param tone sounds when a wait is over
     */
    public Waits(JobSession session, JobStore store, Clock clock, Runnable tone) {
        this.session = session;
        this.store = store;
        this.clock = clock;
        this.tone = tone;
        now = new ReadOnlyObjectWrapper<>(clock.instant());
        session.analysisProperty().addListener((property, old, next) -> tick());
        store.changesProperty().addListener((property, old, next) -> ask());
        watching = EverySecond.call(this, Waits::tick);
        ask();
    }

    /** Stops watching: the window was closed. */
    public void close() {
        watching.end();
    }

    private void ask() {
        store.ask(store.ledger()::waits, waits -> {
            others = waits;
            tick();
        });
    }

    /** Checks the clock. */
    public void tick() {
        Optional<String> open = store.openId();
        List<JobWait> next = new ArrayList<>();
        session.job().section(Sections.WAITS).stream()
                .filter(Wait::isOpen)
                .forEach(wait ->
                        next.add(new JobWait(open.orElse(""), session.job().name(), wait)));
        others.stream().filter(each -> !open.equals(Optional.of(each.id()))).forEach(next::add);
        if (!next.isEmpty()) {
            now.set(clock.instant());
        }
        if (!next.equals(running.get())) {
            running.set(List.copyOf(next));
        }
        tell();
    }

    /** Waits that ended before the program started are shown, but make no sound. */
    private void tell() {
        for (JobWait each : running.get()) {
            if (each.running().isOver(now.get()) && told.add(each.running()) && !first) {
                session.say(Messages.message(
                        "waits.is-over", Wording.label(each.running().kind()), named(each)));
                tone.run();
            }
        }
        first = false;
    }

    /** Returns the name of a wait's instrument. */
    public static String named(JobWait wait) {
        return wait.name().isEmpty() ? Messages.message("waits.an-unnamed-instrument") : wait.name();
    }

    /** The running waits, those of the open job first. */
    public ReadOnlyObjectProperty<List<JobWait>> runningProperty() {
        return running.getReadOnlyProperty();
    }

    /** The current time, updated every second while a wait is running. */
    public ReadOnlyObjectProperty<Instant> nowProperty() {
        return now.getReadOnlyProperty();
    }

    /** Returns the time left in the style of a clock: minutes and seconds under an hour, then hours, then days. */
    public static String left(Duration left) {
        if (left.toHours() >= 48) {
            return left.toDays() + " d " + left.toHoursPart() + " h";
        }
        return left.toHours() > 0
                ? left.toHours() + " h " + String.format("%02d", left.toMinutesPart()) + " min"
                : left.toMinutes() + ":" + String.format("%02d", left.toSecondsPart());
    }

    /** Returns the current time to the second, for the record. */
    public Instant moment() {
        return clock.instant().truncatedTo(ChronoUnit.SECONDS);
    }
}
