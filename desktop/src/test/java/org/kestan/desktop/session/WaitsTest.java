package org.kestan.desktop.session;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import org.kestan.desktop.WindowTest;
import org.kestan.job.Job;
import org.kestan.job.Sections;
import org.kestan.job.bench.Wait;
import org.kestan.job.bench.WaitKind;
import org.kestan.job.terms.Lines;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The waits of all jobs, by a clock set by hand. */
public class WaitsTest extends WindowTest {

    private static final Instant NOON = Instant.parse("2026-11-26T12:00:00Z");

    /** A clock that stays where it is set. */
    private static final class Hand extends Clock {

        private Instant at = NOON;

        @Override
        public ZoneId getZone() {
            return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(ZoneId zone) {
            return this;
        }

        @Override
        public Instant instant() {
            return at;
        }
    }

    private static Job waiting(String name, Instant from, int minutes) {
        return Job.BLANK
                .with(Lines.NAME, name)
                .with(Sections.WAITS, List.of(new Wait(from, WaitKind.values()[0], minutes, "", Optional.empty())));
    }

    /** A wait that ends rings once; one that was already over at startup is shown and is silent. */
    @Test
    public void aWaitSoundsOnceWhenItIsOver() {
        Hand clock = new Hand();
        AtomicInteger tones = new AtomicInteger();
        JobSession session = onWindow(JobSession::new);
        JobStore store = onWindow(() -> new JobStore(session, Settings.in(folder), ledger));
        ledger.insert(waiting("Elsewhere", NOON.minusSeconds(600), 5));
        onWindow(() -> store.startFrom(waiting("Here", NOON, 30)));
        Waits waits = onWindow(() -> new Waits(session, store, clock, tones::incrementAndGet));
        waitFor(() -> waits.runningProperty().get().size() == 2);
        assertThat(waits.runningProperty().get().get(0).name())
                .as("the open job's first")
                .isEqualTo("Here");
        clock.at = NOON.plusSeconds(29 * 60 + 59);
        tick(waits);
        assertThat(tones.get()).isZero();
        clock.at = NOON.plusSeconds(30 * 60);
        tick(waits);
        tick(waits);
        assertThat(tones.get()).isEqualTo(1);
        assertThat(session.noticeProperty().get()).endsWith("is over: Here.");
        onWindow(() -> {
            session.edit(job -> job.with(
                    Sections.WAITS,
                    job.section(Sections.WAITS).stream()
                            .map(each -> each.ended(clock.at))
                            .toList()));
            return true;
        });
        tick(waits);
        assertThat(waits.runningProperty().get())
                .extracting(each -> each.name())
                .containsExactly("Elsewhere");
        onWindow(() -> {
            store.flush();
            return true;
        });
    }

    /** Setting the clock back makes no wait longer. */
    @Test
    public void aClockSetBackMakesNoWaitLonger() {
        Wait wait = new Wait(NOON, WaitKind.values()[0], 90, "", Optional.empty());
        assertThat(wait.left(NOON.minus(Duration.ofDays(3)))).isEqualTo(Duration.ofMinutes(90));
        assertThat(wait.left(NOON.plus(Duration.ofDays(3)))).isEqualTo(Duration.ZERO);
        assertThat(wait.isOver(NOON.plusSeconds(90 * 60 - 1))).isFalse();
    }

    private void tick(Waits waits) {
        onWindow(() -> {
            waits.tick();
            return true;
        });
    }

    @DataProvider
    public Object[][] times() {
        return new Object[][] {
            {Duration.ZERO, "0:00"},
            {Duration.ofSeconds(65), "1:05"},
            {Duration.ofMinutes(59).plusSeconds(59), "59:59"},
            {Duration.ofHours(1), "1 h 00 min"},
            {Duration.ofHours(47).plusMinutes(5), "47 h 05 min"},
            {Duration.ofHours(50), "2 d 2 h"},
        };
    }

    @Test(dataProvider = "times")
    public void whatIsLeftIsSaidAsAClockShowsIt(Duration left, String said) {
        assertThat(Waits.left(left)).isEqualTo(said);
    }
}
