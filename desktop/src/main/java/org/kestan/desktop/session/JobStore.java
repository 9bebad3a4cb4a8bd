package org.kestan.desktop.session;

import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.animation.Animation;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.util.Duration;
import org.kestan.base.sheet.Line;
import org.kestan.base.standards.ShopStandards;
import org.kestan.desktop.messages.Messages;
import org.kestan.job.Job;
import org.kestan.job.JobMerge;
import org.kestan.job.terms.Lines;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.LedgerException;
import org.kestan.ledger.LedgerJob;
import org.kestan.ledger.Query;
import org.kestan.text.Wording;

/**
 * Keeps the open job in the ledger: it is saved shortly after each edit, off the application thread. A new job enters
 * the ledger with its first edit.
 */
public final class JobStore {

    private static final Duration PAUSE = Duration.millis(700);

    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm:ss");

    private final JobSession session;
    private final Settings settings;
    private final FileChoice files;
    private final JobFiles jobFiles;
    private final Ledger ledger;
    private final ReadOnlyStringWrapper saved =
            new ReadOnlyStringWrapper(this, "saved", Messages.message("job-store.nothing-to-save-yet"));
    private final ReadOnlyIntegerWrapper opened = new ReadOnlyIntegerWrapper(this, "opened");
    private final ReadOnlyIntegerWrapper changes = new ReadOnlyIntegerWrapper(this, "changes");
    private final PauseTransition pause = new PauseTransition(PAUSE);
    private final LedgerThread writer;
    private final LedgerThread deriver;

    /** Makes the focused field accept what is typed in it. */
    private Runnable beforeLeaving = () -> {};

    /** The lines about which the user was warned that leaving drops their text. */
    private Set<Line<?>> warned = Set.of();

    /** The job as it was last written to a file of its own, which makes it safe although it is not in the ledger. */
    private Job elsewhere = Job.BLANK;

    /** The open job as stored in the ledger. */
    private volatile OpenJob open;

    /** How many changes by others the session's job includes. */
    private int seen;

    private final ServerSaves server;
    private final OtherBenches others;
    private final EverySecond<JobStore> following;

    /** Starts saving the session's job into a ledger. */
    public JobStore(JobSession session, Settings settings, Ledger ledger) {
        this.session = session;
        this.settings = settings;
        this.ledger = ledger;
        server = new ServerSaves(ledger);
        writer = new LedgerThread("ledger", session);
        deriver = new LedgerThread("ledger-derive", session);
        open = OpenJob.fresh(ledger, Job.BLANK);
        files = new FileChoice(session, settings);
        jobFiles = new JobFiles(session, settings, this);
        others = new OtherBenches(ledger, writer, server, new OtherBenches.Listener() {
            @Override
            public void serverIsBack() {
                session.say(Messages.message("job-store.server-back"));
                saveNow();
                changed();
            }

            @Override
            public void wrote() {
                changed();
            }

            @Override
            public void received(OpenJob job, OpenJob.Change change) {
                receive(job, change);
            }
        });
        pause.setOnFinished(done -> saveNow());
        session.standardsProperty().addListener((property, old, next) -> goBy(next));
        // Later, because the window comes first.
        Platform.runLater(() -> goBy(session.standards()));
        following = EverySecond.call(this, JobStore::follow);
        ledger.listen(() -> Platform.runLater(this::follow));
        session.analysisProperty().addListener((property, old, next) -> {
            if (!next.job().equals(open.content())) {
                saved.set(Messages.message("job-store.saving"));
                // Not restarted while it runs, so that a long drag is saved along the way, too.
                if (pause.getStatus() != Animation.Status.RUNNING) {
                    pause.playFromStart();
                }
            } else if (server.areNeeded()) {
                saveNow();
            }
        });
    }

    /** Returns the settings. */
    public Settings settings() {
        return settings;
    }

    /**
     * The list depends on the standards, so its rows are derived again in the background, as long as these standards
     * hold.
     */
    private void goBy(ShopStandards shop) {
        deriver.execute(() -> {
            try {
                ledger.goBy(shop);
                if (ledger.deriveAnew((done, total) -> shop.equals(session.standards())) > 0) {
                    Platform.runLater(this::changed);
                }
            } catch (LedgerException failed) {
                Platform.runLater(() -> writer.troubled(failed));
            }
        });
    }

    /**
     * Asks the ledger in the background, in turn with saves. If it can't answer, the status line says so.
     *
     * @param question run on the ledger's thread
     * @param answered receives the answer, on the application thread
     */
    public <T> void ask(Callable<T> question, Consumer<T> answered) {
        writer.ask(question, answered);
    }

    /** Asks something that takes a while, in parallel with saves. */
    public <T> void askAtLength(Callable<T> question, Consumer<T> answered) {
        deriver.ask(question, answered);
    }

    /** Delivers the number of jobs, once the ledger has answered. */
    public void counted(Consumer<Integer> told) {
        ask(ledger::count, told);
    }

    /**
     * Changes the standards and saves them in the data folder. If they can't be saved, they hold for this session, and
     * the status line says so.
     */
    public void keepStandards(ShopStandards next) {
        session.standardsProperty().set(next);
        try {
            settings.keepStandards(next);
        } catch (IOException notKept) {
            session.complain(Messages.message("job-store.the-shop-standards-could", notKept.getMessage()));
        }
    }

    /** Sets the action that makes the focused field accept what is typed in it. */
    public void setBeforeLeaving(Runnable action) {
        beforeLeaving = action;
    }

    /** Returns the application's data folder, with its log and its reports. */
    public Path folder() {
        return settings.folder();
    }

    /** Dialogs for choosing files. */
    public FileChoice files() {
        return files;
    }

    /** Imports and exports of job files. */
    public JobFiles jobFiles() {
        return jobFiles;
    }

    /**
     * The open job was written to a file as it is, so the window may be closed although the ledger does not have it.
     */
    void keptElsewhere() {
        elsewhere = session.job();
    }

    /** The ledger that holds the jobs. */
    public Ledger ledger() {
        return ledger;
    }

    /** How many jobs have been opened so far; a change means that another one is shown. */
    public ReadOnlyIntegerProperty openedProperty() {
        return opened.getReadOnlyProperty();
    }

    /** Counts writes to the ledger, so that lists know when to update. */
    public ReadOnlyIntegerProperty changesProperty() {
        return changes.getReadOnlyProperty();
    }

    /** When the job was last saved, in words. */
    public ReadOnlyStringProperty savedProperty() {
        return saved.getReadOnlyProperty();
    }

    /** Who has which job open at other benches, and what they write. */
    public OtherBenches others() {
        return others;
    }

    /** Returns the id of the open job in the ledger; empty if it is not in one. */
    public Optional<String> openId() {
        return open.id();
    }

    /**
     * Starts an empty job.
     *
     * @return whether it was started
     */
    public boolean startBlank() {
        boolean kept = isKept();
        if (kept) {
            Job today = Job.BLANK.withVisit(Job.BLANK.visit().with(Lines.TAKEN_ON, LocalDate.now()));
            show(
                    OpenJob.fresh(ledger, today),
                    today,
                    Messages.message("job-store.a-new-job"),
                    Messages.message("job-store.nothing-to-save-yet"));
        }
        return kept;
    }

    /**
     * Starts a job from one that was begun elsewhere; it enters the ledger at once.
     *
     * @return whether it was started
     */
    public boolean startFrom(Job job) {
        return insert(job, Messages.message("job-store.a-new-job"));
    }

    /** Opens the job with a name, the last changed if there are several; false if there is none or it can't be read. */
    public boolean openNamed(String named) {
        return writer.answer(() -> ledger.list(Query.ALL))
                .flatMap(cards ->
                        cards.stream().filter(card -> card.name().equals(named)).findFirst())
                .map(card -> open(card.id()))
                .orElse(false);
    }

    /** Opens a job of the ledger; false if it is gone or can't be read. */
    public boolean open(String id) {
        if (!isKept()) {
            return false;
        }
        Optional<Optional<LedgerJob>> answer = writer.answer(() -> ledger.read(id));
        Optional<LedgerJob> found = answer.flatMap(each -> each);
        found.ifPresent(this::open);
        if (answer.isPresent() && found.isEmpty()) {
            session.complain(Messages.message("job-store.this-job-is-no"));
        }
        return found.isPresent();
    }

    /** Opens a job that was just read. */
    public void open(LedgerJob entry) {
        show(
                OpenJob.of(ledger, entry),
                entry.job(),
                Messages.message("job-store.opened", named(entry.job())),
                Messages.message("job-store.as-in-the-ledger"));
    }

    /** Adds a job to the ledger and opens it, unless the open one could not be saved. */
    boolean insert(Job job, String notice) {
        if (!isKept()) {
            return false;
        }
        Optional<LedgerJob> entry = writer.answer(() -> ledger.insert(job));
        entry.ifPresent(taken -> {
            show(OpenJob.of(ledger, taken), job, notice, Messages.message("job-store.in-the-ledger"));
            changed();
        });
        return entry.isPresent();
    }

    /** Saves now, without waiting for the pause after an edit. */
    public void saveNow() {
        pause.stop();
        Job job = session.job();
        if (!job.equals(open.content()) || server.areNeeded()) {
            OpenJob target = open;
            int known = seen;
            writer.execute(() -> write(target, job, known));
        }
    }

    /** Saves what is unsaved and waits until it is in the ledger, but no longer than a user would. */
    public void flush() {
        saveNow();
        writer.answer(() -> true);
    }

    /** Saves what is unsaved and stops following the ledger: the window was closed. */
    public void close() {
        following.end();
        flush();
    }

    /** Runs on the writer's thread. */
    private void write(OpenJob target, Job job, int known) {
        if (job.equals(target.content())) {
            if (server.forget(target)) {
                Platform.runLater(() -> saved.set(Messages.message("job-store.as-in-the-ledger")));
            }
            return;
        }
        try {
            OpenJob.Outcome outcome = target.save(job, known);
            Platform.runLater(() -> {
                if (outcome instanceof OpenJob.Outcome.Merged merged) {
                    receive(target, merged.change());
                }
                wrote(
                        job,
                        outcome instanceof OpenJob.Outcome.Beside
                                ? Messages.message("job-store.this-job-was-changed")
                                : "");
            });
            server.forget(target);
        } catch (LedgerException failed) {
            if (server.keep(target, job)) {
                Platform.runLater(() -> {
                    elsewhere = job;
                    saved.set(Messages.message("job-store.kept-here"));
                    session.complain(Messages.message(
                            "job-store.server-away", session.words().say(failed.why())));
                });
                return;
            }
            Platform.runLater(() -> {
                saved.set(Messages.message("job-store.not-saved"));
                session.complain(Messages.message(
                        "job-store.could-not-save-the", session.words().say(failed.why())));
            });
        }
    }

    /** Checks whether other windows wrote to the ledger, and follows them. */
    public void follow() {
        others.look(open);
    }

    /**
     * Shows what another window changed in the open job. If the same section was changed here, saving keeps both
     * versions.
     */
    private void receive(OpenJob target, OpenJob.Change change) {
        if (target != open) {
            return;
        }
        if (session.receive(change.base(), change.next())) {
            seen++;
            session.say(Messages.message(
                    "job-store.changed-in-another-window",
                    JobMerge.differing(change.base(), change.next()).stream()
                            .map(Wording::label)
                            .distinct()
                            .collect(Collectors.joining(", "))));
        }
        saveNow();
    }

    private void wrote(Job job, String warning) {
        if (job.equals(session.job())) {
            saved.set(Messages.message("job-store.saved", LocalTime.now().format(CLOCK)));
        }
        if (!warning.isEmpty()) {
            session.complain(warning);
        }
        changed();
    }

    private void changed() {
        changes.set(changes.get() + 1);
    }

    /** Saves the open job before another is shown. If it can't be saved, it stays open, and the status line says so. */
    private boolean isKept() {
        beforeLeaving.run();
        if (!session.typing().refused().isEmpty() && !session.typing().refused().equals(warned)) {
            warned = session.typing().refused();
            session.complain(Messages.message(
                    "job-store.what-is-typed-at",
                    warned.stream()
                            .map(Wording::full)
                            .reduce((first, second) -> Messages.message("job-store.both", first, second))
                            .orElseThrow()));
            return false;
        }
        warned = Set.of();
        flush();
        if (!session.job().equals(open.content()) && !session.job().equals(elsewhere)) {
            session.complain(Messages.message("job-store.the-open-job-could"));
            return false;
        }
        return true;
    }

    /**
     * Returns whether the window may be closed: the open job is in the ledger, or was written to a file as it is. If
     * not, the status line says what to do; nothing typed is lost.
     */
    public boolean mayLeave() {
        return isKept();
    }

    private void show(OpenJob next, Job job, String notice, String state) {
        opened.set(opened.get() + 1);
        open = next;
        seen = 0;
        session.open(job);
        session.say(notice);
        saved.set(state);
    }

    private static String named(Job job) {
        String name = job.name();
        return name.isEmpty() ? Messages.message("job-store.an-unnamed-instrument") : name;
    }
}
