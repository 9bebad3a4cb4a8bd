package org.kestan.desktop.practice;

import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import org.kestan.base.finding.Keyed;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.LengthLine;
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
 * The practice case that is open: what was done on it is kept in a file beside the ledger after each thing done, apart from the
 * job, so that undo brings back what was typed and never what was cut.
 */
public final class PracticeDesk {

    private final JobSession session;
    private final JobStore store;
    private final PracticeFile file;
    private final ReadOnlyObjectWrapper<Optional<PracticeRun>> run =
            new ReadOnlyObjectWrapper<>(this, "run", Optional.empty());
    private final ReadOnlyObjectWrapper<PracticeRecord> record =
            new ReadOnlyObjectWrapper<>(this, "record", PracticeRecord.NONE);
    private Optional<LengthLine> line = Optional.empty();
    private Consumer<String> field = text -> {};

    /**
     * @param folder where record and cases are kept
     */
    public PracticeDesk(JobSession session, JobStore store, Path folder) {
        this.session = session;
        this.store = store;
        file = new PracticeFile(folder);
        record.set(read(file::record, PracticeRecord.NONE));
        // It is told before the job is there.
        store.openedProperty().addListener((property, old, next) -> Platform.runLater(this::load));
        // The field that had the focus last is the one a reading is for, after the focus went to a tool.
        session.takerProperty().addListener((property, old, next) -> {
            Line<?> focused = session.focusedLineProperty().get();
            if (next != null && focused instanceof LengthLine length) {
                field = next;
                line = Optional.of(length);
            }
        });
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
                    .ifPresent(aside ->
                            session.complain(Messages.message("practice-desk.moved-aside", aside.getFileName())));
            return read.value();
        } catch (IOException failed) {
            session.complain(Messages.message("practice-desk.not-read", failed.getMessage()));
            return none;
        }
    }

    private void load() {
        Job job = session.job();
        Optional<PracticeRun> kept = store.openId().flatMap(id -> read(() -> file.run(id), Optional.empty()));
        run.set(kept.or(() -> PracticeMark.of(job).flatMap(PracticeDesk::fresh)));
    }

    private static Optional<PracticeRun> fresh(PracticeMark mark) {
        Optional<Level> level = Keyed.find(Level.class, mark.level());
        Optional<PracticeFamily> kind = Keyed.find(PracticeFamily.class, mark.family());
        return level.isPresent() && kind.isPresent()
                ? Optional.of(PracticeRun.of(CaseGenerator.of(mark.seed(), level.get(), kind.get())))
                : Optional.empty();
    }

    /** The case that is open, as it stands; empty while none is. */
    public ReadOnlyObjectProperty<Optional<PracticeRun>> runProperty() {
        return run.getReadOnlyProperty();
    }

    /** What the learner did so far. */
    public ReadOnlyObjectProperty<PracticeRecord> recordProperty() {
        return record.getReadOnlyProperty();
    }

    /** The line of the sheet a reading is for: the one that had the focus last. */
    public Optional<LengthLine> line() {
        return line;
    }

    /**
     * Starts a case: a job of its own, with what one is told.
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

    /** Puts a tool somewhere and reads it; nothing happens while no case is open. */
    public Optional<PracticeRun.Step> measure(SimulatedTool tool, Placement placement) {
        return open().map(now -> kept(now.measure(tool, placement)));
    }

    /** Does an operation, in the same way. */
    public Optional<PracticeRun.Step> work(Operation operation, Sides<Double> amount) {
        return open().map(now -> kept(now.work(operation, amount)));
    }

    private Optional<PracticeRun> open() {
        return run.get().filter(now -> !now.handedOver());
    }

    private PracticeRun.Step kept(PracticeRun.Step step) {
        if (step.refused().isEmpty()) {
            keep(step.run());
        }
        return step;
    }

    private void keep(PracticeRun next) {
        try {
            file.keep(store.openId().orElseThrow(), next);
            run.set(Optional.of(next));
        } catch (IOException failed) {
            // What could not be kept did not happen: the instrument stays as it was.
            session.complain(Messages.message("practice-desk.not-kept", failed.getMessage()));
        }
    }

    /** Puts what a tool shows into the field that had the focus last; there it waits for Enter. */
    public void write(double millimeters) {
        field.accept(Length.toMicrometer(millimeters).text());
    }

    /** Gives the instrument back: nothing can be done on it any more. */
    public void handOver() {
        open().ifPresent(now -> {
            store.saveNow();
            keep(now.handOver());
            if (run.get().filter(PracticeRun::handedOver).isPresent()) {
                reckon(reckoning -> remember(now.given(), reckoning));
            }
        });
    }

    private void remember(PracticeCase given, Reckoning reckoning) {
        keep(record.get()
                .with(new PracticeRecord.Case(
                        LocalDate.now(), given.seed(), given.level(), given.kind(), reckoning.marks())));
    }

    /** Keeps a drill that was done. */
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

    /** Works out what came of the case that was handed over, away from the window; nothing while there is none. */
    public void reckon(Consumer<Reckoning> told) {
        Job job = session.job();
        run.get()
                .filter(PracticeRun::handedOver)
                .ifPresent(now -> store.askAtLength(() -> Reckoning.of(now, job), told));
    }
}
