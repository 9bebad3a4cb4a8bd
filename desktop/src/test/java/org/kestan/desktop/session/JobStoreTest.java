package org.kestan.desktop.session;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Proxy;
import java.time.Duration;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.desktop.WindowTest;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.LedgerException;
import org.kestan.ledger.LedgerFinding;
import org.testng.annotations.Test;

/** What the window does when the ledger fails. */
public class JobStoreTest extends WindowTest {

    private final Set<String> broken = java.util.concurrent.ConcurrentHashMap.newKeySet();

    /** The ledger, with some of its calls failing. */
    private Ledger failing() {
        return (Ledger) Proxy.newProxyInstance(
                Ledger.class.getClassLoader(), new Class<?>[] {Ledger.class}, (proxy, method, arguments) -> {
                    if (broken.contains(method.getName())) {
                        throw new LedgerException(LedgerFinding.DISK_FULL.of(), new IllegalStateException());
                    }
                    try {
                        return method.invoke(ledger, arguments);
                    } catch (InvocationTargetException failed) {
                        throw failed.getCause();
                    }
                });
    }

    private static Job named(String name) {
        return Job.BLANK.with(Lines.NAME, name);
    }

    /** A job that can't be saved stays open: nothing replaces it, and nothing enters the ledger unseen. */
    @Test
    public void whatCantBeSavedStaysOpen() {
        broken.clear();
        JobSession session = onWindow(JobSession::new);
        JobStore store = onWindow(() -> new JobStore(session, Settings.in(folder), failing()));
        assertThat(onWindow(() -> store.startFrom(named("First")))).isTrue();
        broken.add("save");
        onWindow(() -> {
            session.edit(job -> job.with(Reading.HEEL_HEIGHT, Length.ofText("90 mm")));
            return true;
        });
        int before = ledger.count();
        assertThat(onWindow(() -> store.startFrom(named("Second")))).isFalse();
        assertThat(onWindow(() -> store.jobFiles().openText("{\"kestan\": 1}"))).isFalse();
        assertThat(ledger.count()).isEqualTo(before);
        assertThat(session.job().name()).isEqualTo("First");
        assertThat(session.noticeIsErrorProperty().get()).isTrue();
        broken.clear();
        assertThat(onWindow(() -> store.startFrom(named("Second")))).isTrue();
        assertThat(session.job().name()).isEqualTo("Second");
    }

    /** The window stays as long as the open job is saved nowhere; once it was written to a file it may close. */
    @Test
    public void theWindowStaysWhileAJobIsKeptNowhere() {
        broken.clear();
        JobSession session = onWindow(JobSession::new);
        JobStore store = onWindow(() -> new JobStore(session, Settings.in(folder), failing()));
        assertThat(onWindow(store::mayLeave)).isTrue();
        assertThat(onWindow(() -> store.startFrom(named("First")))).isTrue();
        broken.add("save");
        onWindow(() -> {
            session.edit(job -> job.with(Reading.HEEL_HEIGHT, Length.ofText("90 mm")));
            return true;
        });
        assertThat(onWindow(store::mayLeave)).isFalse();
        assertThat(session.noticeProperty().get()).contains("Save as");
        onWindow(() -> {
            store.jobFiles().write(folder.resolve("kept.kestan.json"));
            return true;
        });
        assertThat(onWindow(store::mayLeave)).isTrue();
    }

    /** One backup a day; a failed one is tried again, and after a day of failures the user is told. */
    @Test
    public void aDayWithoutABackupIsSaid() {
        broken.clear();
        JobSession session = onWindow(JobSession::new);
        AtomicLong hours = new AtomicLong();
        BackupSchedule rounds = new BackupSchedule(
                failing(), session, () -> Duration.ofHours(hours.get()).toNanos());
        broken.add("backups");
        for (int hour = 0; hour < 24; hour++) {
            hours.set(hour);
            rounds.round();
        }
        settle();
        assertThat(session.noticeIsErrorProperty().get()).isFalse();
        hours.set(24);
        rounds.round();
        settle();
        assertThat(session.noticeProperty().get()).contains("no backup").contains("for a day");
        broken.clear();
        ledger.insert(named("One"));
        rounds.round();
        assertThat(ledger.backups().all()).hasSize(1);
        ledger.insert(named("Two"));
        rounds.round();
        assertThat(ledger.backups().all()).as("once a day is enough").hasSize(1);
    }

    @Test
    public void aLedgerThatDoesNotAnswerIsSaid() {
        broken.clear();
        JobSession session = onWindow(JobSession::new);
        JobStore store = onWindow(() -> new JobStore(session, Settings.in(folder), failing()));
        broken.addAll(Set.of("count", "read", "insert"));
        onWindow(() -> {
            store.counted(count -> session.say("counted"));
            return true;
        });
        waitFor(() -> session.noticeProperty().get().contains("the disk that holds the ledger is full"));
        assertThat(onWindow(() -> store.open("any"))).isFalse();
        assertThat(onWindow(() -> store.startFrom(named("Lost")))).isFalse();
        assertThat(session.job()).isEqualTo(Job.BLANK);
    }

    /** The shop's standards reach the ledger's list. */
    @Test
    public void otherStandardsAreGoneByInTheList() {
        broken.clear();
        JobSession session = onWindow(JobSession::new);
        JobStore store = onWindow(() -> new JobStore(session, Settings.in(folder), failing()));
        onWindow(() -> store.startFrom(named("One")));
        AtomicInteger changes = new AtomicInteger();
        onWindow(() -> {
            store.changesProperty().addListener((property, old, next) -> changes.incrementAndGet());
            return true;
        });
        ShopStandards strict = ShopStandards.DEFAULT
                .with(Standard.PROTRUSION_LEAST, "2.5 mm")
                .optional()
                .orElseThrow();
        onWindow(() -> {
            store.keepStandards(strict);
            return true;
        });
        waitFor(() -> changes.get() > 0);
        assertThat(Settings.in(folder).standards().standards()).isEqualTo(strict);
    }

    /** Uncertainties arrive a little later, and always for the job that is open. */
    @Test
    public void spreadsFollowTheOpenJob() {
        openSample(0);
        waitFor(() -> session().knownProperty().get() == session().analysis());
        assertThat(session().analysis().spreadIsKnown()).isTrue();
        onWindow(() -> {
            for (int i = 1; i <= 20; i++) {
                String height = 90 + i + " mm";
                session().edit(job -> job.with(Reading.HEEL_HEIGHT, Length.ofText(height)));
            }
            return true;
        });
        waitFor(() -> session().knownProperty().get() == session().analysis());
        assertThat(session().knownProperty().get().job().text(Reading.HEEL_HEIGHT))
                .isEqualTo("110 mm");
    }
}
