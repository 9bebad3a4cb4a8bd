package org.kestan.desktop.practice;

import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.kestan.base.expect.Expect;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.judgment.ways.WayCatalog;
import org.kestan.ledger.Ledger;
import org.kestan.overview.JobAnalysis;
import org.kestan.practice.drills.Drill;
import org.kestan.practice.file.PracticeFile;
import org.kestan.practice.file.PracticeRecord;
import org.kestan.practice.reckoning.Marks;
import org.kestan.practice.reckoning.Reckoning;
import org.kestan.practice.run.PracticeJob;
import org.kestan.practice.run.PracticeRun;
import org.kestan.practice.work.Operation;
import org.kestan.practice.work.Workshop;
import org.kestan.repair.plan.WorkPlan;
import org.kestan.simulator.cases.CaseGenerator;
import org.kestan.simulator.cases.InstrumentFault;
import org.kestan.simulator.cases.Level;
import org.kestan.simulator.cases.PracticeCase;
import org.kestan.simulator.cases.PracticeFamily;
import org.kestan.simulator.tools.Placement;
import org.kestan.simulator.tools.SimulatedTool;
import org.kestan.simulator.tools.Spot;

/** Three practice cases for the demo: one handed over, one measured, one just begun; and the marks of earlier ones. */
public final class DemoPractice {

    private static final double LANDED = 0.15;
    private static final int MOST_SETS = 8;
    private static final int MOST_PULLS = 12;
    private static final double CURE = 14;

    private final Ledger ledger;
    private final PracticeFile file;
    private final LocalDate today;
    private PracticeRun run;
    private Job job;

    private DemoPractice(Ledger ledger, Path folder, LocalDate today) {
        this.ledger = ledger;
        this.file = new PracticeFile(folder);
        this.today = today;
    }

    /**
     * Fills an empty practice ledger.
     *
     * @param folder where record and cases are kept
     */
    public static void fill(Ledger ledger, Path folder, LocalDate today) throws IOException {
        if (ledger.count() == 0) {
            new DemoPractice(ledger, folder, today).fill();
        }
    }

    private void fill() throws IOException {
        begin(12, Level.HARD, PracticeFamily.ARCHTOP);
        keep();
        begin(seed(Level.MEDIUM, PracticeFamily.BOLT_ON), Level.MEDIUM, PracticeFamily.BOLT_ON);
        measure();
        keep();
        begin(seed(Level.EASY, PracticeFamily.FLAT_TOP), Level.EASY, PracticeFamily.FLAT_TOP);
        measure();
        job = WorkPlan.take(JobAnalysis.of(job, ShopStandards.DEFAULT).ways(), List.of(WayCatalog.NECK_RESET));
        work();
        run = run.handOver(job);
        record(keep());
    }

    /** The first case whose neck has come forward and that has nothing loose. */
    private static long seed(Level level, PracticeFamily kind) {
        return LongStream.iterate(1, seed -> seed + 1)
                .filter(seed -> {
                    PracticeCase given = CaseGenerator.of(seed, level, kind);
                    return given.faults().contains(InstrumentFault.NECK_FORWARD)
                            && !given.faults().contains(InstrumentFault.LOOSE_BRACE)
                            && !given.faults().contains(InstrumentFault.BRIDGE_LIFTED)
                            && given.lowered() == 0;
                })
                .findFirst()
                .orElseThrow(Expect.present("case"));
    }

    private void begin(long seed, Level level, PracticeFamily kind) {
        run = PracticeRun.of(CaseGenerator.of(seed, level, kind));
        job = PracticeJob.of(run.given(), today);
    }

    private String keep() throws IOException {
        String id = ledger.insert(job).id();
        file.keep(id, run);
        return id;
    }

    private void measure() {
        read(false);
        act(Operation.SLACKEN, 0, 0);
        read(true);
        act(Operation.TUNE, 0, 0);
    }

    private void read(boolean slack) {
        Stream.of(Reading.values())
                .filter(line -> Placement.isReadSlack(line) == slack)
                .forEach(this::read);
    }

    private void read(Reading line) {
        Optional<Placement> place = Placement.of(line, run.state().instrument());
        if (place.isPresent()) {
            PracticeRun.Step step = run.measure(place.get().usualTool(), place.get());
            run = step.run();
            job = job.with(line, Length.toMicrometer(step.shown().orElse(0)));
        }
    }

    private void act(Operation operation, double bass, double treble) {
        run = run.work(operation, new Sides<>(bass, treble)).run();
    }

    /** The neck is reset by the plan, and the saddle fitted to the last reading. */
    private void work() {
        WorkPlan plan = JobAnalysis.of(job, ShopStandards.DEFAULT).plan();
        act(Operation.SLACKEN, 0, 0);
        if (plan.turnsNeck() && plan.projection().isPresent()) {
            act(Operation.SCORE, 0, 0);
            act(Operation.FREE_NECK, 9, 0);
            double target = plan.projection().get().slackAsRead();
            Placement straightedge = new Placement(Spot.PROJECTION, 0, Side.BASS);
            for (int i = 0; i < MOST_SETS; i++) {
                act(Operation.DRY_FIT, 0, 0);
                PracticeRun.Step step = run.measure(SimulatedTool.STRAIGHTEDGE, straightedge);
                run = step.run();
                double left = target - step.shown().orElse(target);
                if (left < LANDED) {
                    break;
                }
                double atCap = left
                        * run.state().instrument().heel().height()
                        / run.state().instrument().bridge().jointToSaddle();
                double pulls = Math.max(1, Math.min(MOST_PULLS, Math.floor(atCap / Workshop.PULL * 0.8)));
                act(Operation.SAND_HEEL, pulls, pulls);
            }
            plan.wedge().ifPresent(wedge -> act(Operation.WEDGE, wedge.end(), 0));
            act(Operation.SHIM_TAIL, 0, 0);
            act(Operation.FIX_NECK, 0, 0);
            act(Operation.WAIT, CURE, 0);
        }
        plan.planned()
                .flatMap(planned -> planned.protrusion())
                .ifPresent(saddle -> act(Operation.NEW_SADDLE, saddle.bass(), saddle.treble()));
        act(Operation.TUNE, 0, 0);
    }

    private void record(String id) throws IOException {
        Marks marks = Reckoning.of(run).marks();
        PracticeRecord record = PracticeRecord.NONE;
        double[][] before = {{5.2, 4, 3.1}, {6.5, 6, 4.4}, {7.3, 5, 6.2}, {7.1, 7, 6.8}, {8.4, 10, 7.5}};
        for (int i = 0; i < before.length; i++) {
            record = record.with(new PracticeRecord.Case(
                    "before-" + i,
                    today.minusDays(20 - 3L * i),
                    20 + i,
                    Level.EASY,
                    PracticeFamily.values()[i % 3],
                    new Marks(before[i][0], before[i][1], before[i][2])));
        }
        file.keep(record.with(new PracticeRecord.Case(
                        id,
                        today,
                        run.given().seed(),
                        run.given().level(),
                        run.given().kind(),
                        marks))
                .with(new PracticeRecord.Done(today.minusDays(4), Drill.READ_RULE, 14, Drill.READ_RULE.questions()))
                .with(new PracticeRecord.Done(today.minusDays(1), Drill.PULLS_LEFT, 6, Drill.PULLS_LEFT.questions())));
    }
}
