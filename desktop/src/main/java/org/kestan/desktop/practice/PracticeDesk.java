package org.kestan.desktop.practice;

import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import org.kestan.base.expect.Expect;
import org.kestan.base.finding.Keyed;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Line;
import org.kestan.base.sheet.Sides;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.session.JobStore;
import org.kestan.job.Job;
import org.kestan.job.PracticeMark;
import org.kestan.practice.file.PracticeFile;
import org.kestan.practice.file.PracticeRecord;
import org.kestan.practice.reckoning.Reckoning;
import org.kestan.practice.run.PracticeJob;
import org.kestan.practice.run.PracticeRun;
import org.kestan.practice.work.Operation;
import org.kestan.simulator.cases.CaseGenerator;
import org.kestan.simulator.cases.Level;
import org.kestan.simulator.cases.PracticeCase;
import org.kestan.simulator.cases.PracticeFamily;
import org.kestan.simulator.tools.Placement;
import org.kestan.simulator.tools.SimulatedTool;

/**
 * The open practice case. What was done on it is kept in a file beside the ledger, apart from the job, after every
 * action, so that undo brings back what was typed and never what was cut.
 */
public final class PracticeDesk {

    private final JobSession session;
    private final JobStore store;
    private final PracticeFile file;
    private final ReadOnlyObjectWrapper<Optional<PracticeRun>> run =
            new ReadOnlyObjectWrapper<>(this, "run", Optional.empty());
    private final ReadOnlyObjectWrapper<Optional<Reckoning>> reckoning =
            new ReadOnlyObjectWrapper<>(this, "reckoning", Optional.empty());
    private final ReadOnlyObjectWrapper<PracticeRecord> record =
            new ReadOnlyObjectWrapper<>(this, "record", PracticeRecord.NONE);
    private Optional<String> shown = Optional.empty();
    private Optional<Line<?>> line = Optional.empty();
    private Optional<Consumer<String>> field = Optional.empty();

    /**
     * @param folder where record and cases are kept
     */
    public PracticeDesk(JobSession session, JobStore store, Path folder) {
        this.session = session;
        this.store = store;
        file = new PracticeFile(folder);
        record.set(read(file::record, PracticeRecord.NONE));
        // This is called before the job is there.
        store.openedProperty().addListener((property, old, next) -> Platform.runLater(this::load));
        // A reading is for the field that last had the focus, after the focus moved to a tool.
        session.focusedLineProperty().addListener((property, old, next) -> {
            if (next != null) {
                line = Optional.of(next);
                field = Optional.empty();
            }
        });
        session.takerProperty().addListener((property, old, next) -> field = Optional.ofNullable(next));
        load();
    }

    @FunctionalInterface
    private interface Reading<T> {
        PracticeFile.Read<T> read() throws IOException;
    }

    private <T> T read(Reading<T> reading, T none) {
        try {
            PracticeFile.Read<T> read = reading.read();
            read.aside()
                    .ifPresent(aside -> session.complain(Messages.message(
                            "practice-desk.moved-aside",
                            session.words().line(read.faults().get(0)),
                            aside.getFileName())));
            return read.value();
        } catch (IOException failed) {
            session.complain(Messages.message("practice-desk.not-read", failed.getMessage()));
            return none;
        }
    }

    /** Takes the case of the open job, unless it is here already. */
    private void load() {
        Optional<String> open = store.openId();
        if (open.isPresent() && open.equals(shown)) {
            return;
        }
        Job job = session.job();
        Optional<PracticeRun> kept = open.flatMap(id -> read(() -> file.run(id), Optional.empty()));
        show(kept.or(() -> PracticeMark.of(job).flatMap(PracticeDesk::fresh)));
    }

    private static Optional<PracticeRun> fresh(PracticeMark mark) {
        Optional<Level> level = Keyed.find(Level.class, mark.level());
        Optional<PracticeFamily> kind = Keyed.find(PracticeFamily.class, mark.family());
        return level.isPresent() && kind.isPresent()
                ? Optional.of(PracticeRun.of(CaseGenerator.of(mark.seed(), level.get(), kind.get())))
                : Optional.empty();
    }

    /** The open case in its present state; empty if there is none. */
    public ReadOnlyObjectProperty<Optional<PracticeRun>> runProperty() {
        return run.getReadOnlyProperty();
    }

    /** The results of the open case, once it was handed over and worked out; empty before. */
    public ReadOnlyObjectProperty<Optional<Reckoning>> reckoningProperty() {
        return reckoning.getReadOnlyProperty();
    }

    /** What the learner has done so far. */
    public ReadOnlyObjectProperty<PracticeRecord> recordProperty() {
        return record.getReadOnlyProperty();
    }

    /** The line of the sheet a reading is for: the one that last had the focus. */
    public Optional<Line<?>> line() {
        return line;
    }

    /**
     * Starts a case: its own job, with what the learner is told.
     *
     * @return whether it was started
     */
    public boolean start(long seed, Level level, PracticeFamily kind) {
        PracticeCase given = CaseGenerator.of(seed, level, kind);
        boolean started = store.startFrom(PracticeJob.of(given, LocalDate.now()));
        if (started) {
            keep(PracticeRun.of(given));
        }
        return started;
    }

    /** Places a tool and reads it; does nothing if no case is open. */
    public Optional<PracticeRun.Step> measure(SimulatedTool tool, Placement placement) {
        return open().map(now -> kept(now.measure(tool, placement)));
    }

    /** Performs an operation; does nothing if no case is open. */
    public Optional<PracticeRun.Step> work(Operation operation, Sides<Double> amount) {
        return open().map(now -> kept(now.work(operation, amount)));
    }

    private Optional<PracticeRun> open() {
        return run.get().filter(now -> now.handedOver().isEmpty());
    }

    private PracticeRun.Step kept(PracticeRun.Step step) {
        if (step.refused().isEmpty()) {
            keep(step.run());
        }
        return step;
    }

    private void keep(PracticeRun next) {
        try {
            file.keep(store.openId().orElseThrow(Expect.present("open case")), next);
            show(Optional.of(next));
        } catch (IOException failed) {
            // What could not be stored did not happen: the instrument stays as it was.
            session.complain(Messages.message("practice-desk.not-kept", failed.getMessage()));
        }
    }

    private void show(Optional<PracticeRun> next) {
        shown = store.openId();
        reckoning.set(Optional.empty());
        run.set(next);
        next.filter(each -> each.handedOver().isPresent()).ifPresent(this::reckon);
    }

    /** Works out the results in the background; the record gets them once, whenever they were first worked out. */
    private void reckon(PracticeRun over) {
        String job = store.openId().orElseThrow(Expect.present("open case"));
        store.askAtLength(() -> Reckoning.of(over), found -> {
            if (!record.get().has(job)) {
                keep(record.get()
                        .with(new PracticeRecord.Case(
                                job,
                                LocalDate.now(),
                                over.given().seed(),
                                over.given().level(),
                                over.given().kind(),
                                found.marks())));
            }
            if (run.get().filter(now -> now == over).isPresent()) {
                reckoning.set(Optional.of(found));
            }
        });
    }

    /** Puts a tool's reading into the field that last had the focus, where it waits for Enter. */
    public void write(double millimeters) {
        field.ifPresent(into -> into.accept(Length.toMicrometer(millimeters).text()));
    }

    /** Hands the instrument over: nothing more can be done on it. */
    public void handOver() {
        store.saveNow();
        open().ifPresent(now -> keep(now.handOver(session.job())));
    }

    /** Records a finished drill. */
    public void keep(PracticeRecord.Done drill) {
        keep(record.get().with(drill));
    }

    private void keep(PracticeRecord next) {
        try {
            file.keep(next);
            record.set(next);
        } catch (IOException failed) {
            session.complain(Messages.message("practice-desk.not-kept", failed.getMessage()));
        }
    }
}
