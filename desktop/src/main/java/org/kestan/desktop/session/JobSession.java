package org.kestan.desktop.session;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import javafx.beans.value.ChangeListener;
import javafx.beans.value.ObservableValue;
import javafx.collections.FXCollections;
import javafx.collections.ObservableMap;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.util.Duration;
import org.kestan.base.sheet.LengthLine;
import org.kestan.base.sheet.Line;
import org.kestan.base.sheet.Measurable;
import org.kestan.base.sheet.Tool;
import org.kestan.base.standards.ShopStandards;
import org.kestan.desktop.messages.Messages;
import org.kestan.files.steps.StepLibrary;
import org.kestan.job.Job;
import org.kestan.job.JobMerge;
import org.kestan.job.Sections;
import org.kestan.job.source.SourcedReading;
import org.kestan.overview.JobAnalysis;
import org.kestan.repair.steps.BenchActions;
import org.kestan.text.BenchUnit;
import org.kestan.text.Wording;

/**
 * The open job. Each edit makes a new job and opens its analysis; undo goes back to the previous one, without limit in
 * a session. To be used on the application thread.
 */
public final class JobSession {

    /** Works out how well figures are known, off the application thread: one at a time, the newest counts. */
    private static final ScheduledExecutorService SPREADS = Executors.newSingleThreadScheduledExecutor(task -> {
        Thread thread = new Thread(task, "spreads");
        thread.setDaemon(true);
        return thread;
    });

    /** How long it waits for the next edit, so that edits in quick succession are worked out once, ms. */
    private static final long QUIET = 60;

    /** How long a drag has to rest before the slower parts of the window follow it. */
    private static final Duration SETTLING = Duration.millis(120);

    private final ReadOnlyObjectWrapper<JobAnalysis> analysis =
            new ReadOnlyObjectWrapper<>(this, "dossier", JobAnalysis.of(Job.BLANK, ShopStandards.DEFAULT));
    private final ReadOnlyObjectWrapper<JobAnalysis> known = new ReadOnlyObjectWrapper<>(this, "known", analysis.get());
    private final ReadOnlyObjectWrapper<JobAnalysis> settled =
            new ReadOnlyObjectWrapper<>(this, "settled", analysis.get());
    private final BooleanProperty moving = new SimpleBooleanProperty(this, "moving");
    private final PauseTransition settling = new PauseTransition(SETTLING);
    private final ObjectProperty<ShopStandards> standards =
            new SimpleObjectProperty<>(this, "standards", ShopStandards.DEFAULT);
    private final BooleanProperty pictures = new SimpleBooleanProperty(this, "pictures", true);
    private final ObjectProperty<BenchUnit> unit = new SimpleObjectProperty<>(this, "unit", BenchUnit.SIXTY_FOURTHS);
    private final ObjectProperty<Line<?>> focusedLine = new SimpleObjectProperty<>(this, "focusedLine");
    private final Typing typing = new Typing();
    private Optional<SourcedReading<?>> offered = Optional.empty();
    private final ObjectProperty<Consumer<String>> taker = new SimpleObjectProperty<>(this, "taker");
    private final ObservableMap<Tool, String> bareUnits = FXCollections.observableHashMap();
    private final StringProperty bareUnit = new SimpleStringProperty(this, "bareUnit", "");
    private final StringProperty who = new SimpleStringProperty(this, "who", "");
    private final ObjectProperty<StepLibrary> steps = new SimpleObjectProperty<>(this, "steps", StepLibrary.unread());
    private final StringProperty notice = new SimpleStringProperty(this, "notice", "");
    private final BooleanProperty noticeIsError = new SimpleBooleanProperty(this, "noticeIsError");
    private final ReadOnlyBooleanWrapper canUndo = new ReadOnlyBooleanWrapper(this, "canUndo");
    private final ReadOnlyBooleanWrapper canRedo = new ReadOnlyBooleanWrapper(this, "canRedo");
    private final Deque<Job> before = new ArrayDeque<>();
    private final Deque<Job> after = new ArrayDeque<>();
    private Object gesture;

    /** A session with no job open. */
    public JobSession() {
        settling.setOnFinished(done -> settle());
        moving.addListener((property, was, is) -> {
            if (!is) {
                settling.stop();
                settle();
            }
        });
        standards.addListener((property, old, next) -> show(job()));
    }

    /** A separate session beside another, with the same unit, standards and status line, but its own job and undo. */
    public static JobSession beside(JobSession other) {
        JobSession session = new JobSession();
        session.unitProperty().bind(other.unitProperty());
        session.bareUnitProperty().bind(other.bareUnitProperty());
        session.standardsProperty().bind(other.standardsProperty());
        session.noticeProperty().addListener((property, old, next) -> {
            if (session.noticeIsErrorProperty().get()) {
                other.complain(next);
            } else {
                other.say(next);
            }
        });
        return session;
    }

    /** Makes undo and redo apply to this session within a part of the window. */
    public void undoWithin(Node part) {
        part.addEventFilter(KeyEvent.KEY_PRESSED, key -> {
            if (key.getCode() == KeyCode.Z && key.isShortcutDown()) {
                if (key.isShiftDown()) {
                    redo();
                } else {
                    undo();
                }
                key.consume();
            }
        });
    }

    /** The shop's standards; a change recalculates everything. */
    public ObjectProperty<ShopStandards> standardsProperty() {
        return standards;
    }

    /** Returns the shop's standards. */
    public ShopStandards standards() {
        return standards.get();
    }

    /** The analysis of the open job; replaced on every edit. */
    public ReadOnlyObjectProperty<JobAnalysis> analysisProperty() {
        return analysis.getReadOnlyProperty();
    }

    /**
     * The same analysis for what need not follow every step of a drag, such as tables and the stations' marks. During
     * a drag it follows once the hand rests, otherwise at once.
     */
    public ReadOnlyObjectProperty<JobAnalysis> settledProperty() {
        return settled.getReadOnlyProperty();
    }

    /** Whether something is being dragged. */
    public BooleanProperty movingProperty() {
        return moving;
    }

    /** Returns the analysis of the open job. */
    public JobAnalysis analysis() {
        return analysis.get();
    }

    /**
     * The analysis of the open job once the uncertainty of its figures is known; follows the analysis a little later.
     */
    public ReadOnlyObjectProperty<JobAnalysis> knownProperty() {
        return known.getReadOnlyProperty();
    }

    /** Returns the open job. */
    public Job job() {
        return analysis.get().job();
    }

    /** Whether gates, ways and the room to swing are shown as pictures rather than as lists and tables. */
    public BooleanProperty picturesProperty() {
        return pictures;
    }

    /** The display unit. */
    public ObjectProperty<BenchUnit> unitProperty() {
        return unit;
    }

    /** Returns the display unit. */
    public BenchUnit unit() {
        return unit.get();
    }

    /** Returns the wording for the bench, in the display unit. */
    public Wording words() {
        return Wording.in(unit());
    }

    /** The line of the sheet whose field has the focus; null if none has. */
    public ObjectProperty<Line<?>> focusedLineProperty() {
        return focusedLine;
    }

    /** Who works at the bench; empty if not entered. */
    public StringProperty whoProperty() {
        return who;
    }

    /** Returns the bench actions for now and for the person at the bench. */
    public BenchActions bench() {
        return new BenchActions(Instant.now().truncatedTo(ChronoUnit.SECONDS), who.get());
    }

    /** The shop's steps. */
    public ObjectProperty<StepLibrary> stepsProperty() {
        return steps;
    }

    /** Returns what is being typed. */
    public Typing typing() {
        return typing;
    }

    /** Puts a reading, as text with its unit, into the reading that last had the focus; null if none had it. */
    public ObjectProperty<Consumer<String>> takerProperty() {
        return taker;
    }

    /** Offers a reading that nobody typed: if it is accepted unchanged in its field, its source is kept with it. */
    public void offer(SourcedReading<?> reading) {
        offered = Optional.of(reading);
    }

    /** Returns a job with the source of a line's value, if the value is the reading that was offered last. */
    public Job sourced(Line<?> line, Job job) {
        return offered.filter(each -> each.line().equals(line))
                .filter(each -> job.visit().get(each.line()).equals(Optional.of(each.value())))
                .map(each -> job.withVisit(job.visit().withSource(each.line(), each.provenance())))
                .orElse(job);
    }

    /**
     * The unit given to a typed number without one, for calipers that type only numbers; empty to refuse such a
     * number.
     */
    public StringProperty bareUnitProperty() {
        return bareUnit;
    }

    /** The same for individual tools that differ. */
    public ObservableMap<Tool, String> bareUnits() {
        return bareUnits;
    }

    /** Returns the symbol of the unit given to a bare number on a line; empty if it is refused. */
    public String bareUnit(LengthLine line) {
        Tool tool = line instanceof Measurable reading
                ? job().visit().tool(reading)
                : line.entry().tool();
        String own = bareUnits.getOrDefault(tool, "");
        return own.isEmpty() ? bareUnit.get() : own;
    }

    /** The message in the status line, empty for none. */
    public StringProperty noticeProperty() {
        return notice;
    }

    /** Whether the message reports a problem. */
    public BooleanProperty noticeIsErrorProperty() {
        return noticeIsError;
    }

    /** Whether there is an edit to undo. */
    public ReadOnlyBooleanProperty canUndoProperty() {
        return canUndo.getReadOnlyProperty();
    }

    /** Whether there is an undone edit to redo. */
    public ReadOnlyBooleanProperty canRedoProperty() {
        return canRedo.getReadOnlyProperty();
    }

    /** Shows a message in the status line. */
    public void say(String text) {
        noticeIsError.set(false);
        notice.set(text);
    }

    /** Shows a message in the status line for as long as a control has the focus. */
    public void hint(Node owner, String text) {
        say(text);
        ChangeListener<Boolean> leaving = new ChangeListener<>() {
            @Override
            public void changed(ObservableValue<? extends Boolean> property, Boolean was, Boolean is) {
                if (!is) {
                    owner.focusedProperty().removeListener(this);
                    if (notice.get().equals(text)) {
                        say("");
                    }
                }
            }
        };
        owner.focusedProperty().addListener(leaving);
    }

    /** Reports a problem in the status line. */
    public void complain(String text) {
        noticeIsError.set(true);
        notice.set(text);
    }

    /** Opens another job; its undo starts empty. */
    public void open(Job job) {
        typing.forget();
        offered = Optional.empty();
        before.clear();
        after.clear();
        gesture = null;
        show(job);
    }

    /**
     * Takes over what another window changed in the open job. Undo takes back only what was done here.
     *
     * @param base the job before that change
     * @param next the job with it
     * @return whether it could be merged; false if both changed the same section
     */
    public boolean receive(Job base, Job next) {
        Optional<Job> both = JobMerge.merge(base, job(), next);
        both.ifPresent(merged -> {
            gesture = null;
            receive(before, base, next);
            receive(after, base, next);
            show(merged);
        });
        return both.isPresent();
    }

    /** Undo steps that can't be combined with it are dropped, with all older ones. */
    private static void receive(Deque<Job> steps, Job base, Job next) {
        List<Job> all = List.copyOf(steps);
        steps.clear();
        for (Job step : all) {
            // The diary is never undone.
            Job asked = step.with(Sections.DIARY, base.section(Sections.DIARY));
            Optional<Job> both = JobMerge.merge(base, asked, next);
            if (both.isEmpty()) {
                return;
            }
            steps.addLast(both.get());
        }
    }

    /** Edits the job as one step of undo. An edit that changes nothing is ignored. */
    public void edit(UnaryOperator<Job> change) {
        gesture = null;
        apply(change.apply(job()));
    }

    /**
     * Edits the job as part of a gesture, such as a drag: all edits with the same token are one step of undo.
     *
     * @param token identifies the gesture
     */
    public void editDuring(Object token, UnaryOperator<Job> change) {
        Job next = change.apply(job());
        if (token.equals(gesture)) {
            show(next);
        } else if (apply(next)) {
            gesture = token;
        }
    }

    /** Undoes the last edit, and says what it was. */
    public void undo() {
        step(before, after, Messages.message("job-session.undone"));
    }

    /** Redoes the last undone edit, and says what it was. */
    public void redo() {
        step(after, before, Messages.message("job-session.done-again"));
    }

    private void step(Deque<Job> from, Deque<Job> to, String what) {
        if (!from.isEmpty()) {
            gesture = null;
            Job then = job();
            to.push(then);
            Job next = from.pop();
            String said = what + EditDescription.between(then, next);
            // Diary entries from the bench stay, and the diary notes that they were taken back.
            show(bench().keepingDiary(next, then, said));
            say(said + ".");
        }
    }

    private boolean apply(Job next) {
        if (next.equals(job())) {
            return false;
        }
        before.push(job());
        after.clear();
        if (!noticeIsError.get()) {
            // A message about something else is out of date by now.
            notice.set("");
        }
        show(next);
        return true;
    }

    private void show(Job job) {
        JobAnalysis next = JobAnalysis.of(job, standards());
        analysis.set(next);
        canUndo.set(!before.isEmpty());
        canRedo.set(!after.isEmpty());
        if (!moving.get()) {
            settle();
        } else {
            settling.playFromStart();
        }
    }

    private void settle() {
        JobAnalysis next = analysis.get();
        if (next == settled.get()) {
            return;
        }
        settled.set(next);
        if (next.plan().planned().isPresent()) {
            SPREADS.schedule(() -> spread(next), QUIET, TimeUnit.MILLISECONDS);
        }
    }

    /** Runs off the application thread; skips an analysis that is no longer open. */
    private void spread(JobAnalysis of) {
        if (of != analysis.get()) {
            return;
        }
        of.spread();
        of.close();
        Platform.runLater(() -> {
            if (of == analysis.get()) {
                known.set(of);
            }
        });
    }
}
