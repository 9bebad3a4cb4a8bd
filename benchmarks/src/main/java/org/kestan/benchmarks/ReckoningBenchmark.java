package org.kestan.benchmarks;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.kestan.analysis.correction.Correction;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.analysis.swing.FretCrowns;
import org.kestan.analysis.swing.StringClearance;
import org.kestan.analysis.trajectory.Trajectory;
import org.kestan.analysis.uncertainty.Uncertainty;
import org.kestan.base.expect.Expect;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.ShopStandards;
import org.kestan.files.demo.DemoJobs;
import org.kestan.files.job.JobReader;
import org.kestan.job.Job;
import org.kestan.job.terms.PlayingTouch;
import org.kestan.judgment.counter.CounterCheck;
import org.kestan.overview.JobAnalysis;
import org.kestan.repair.drag.Handle;
import org.kestan.repair.drag.PlanDrag;
import org.kestan.repair.picture.Grip;
import org.kestan.repair.picture.Loupe;
import org.kestan.repair.picture.LoupePictures;
import org.kestan.repair.picture.WholePicture;
import org.kestan.repair.plan.WorkPlan;
import org.kestan.repair.sideview.SideView;
import org.kestan.text.BenchUnit;
import org.kestan.text.Card;
import org.kestan.text.PlanCards;
import org.kestan.text.Wording;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;

/** How long it takes to work out one edit. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class ReckoningBenchmark {

    private final Job job =
            JobReader.read(DemoJobs.bytes(DemoJobs.NAMES.get(0))).job().orElseThrow(Expect.present("readable job"));

    private final Job profiled = Stream.of(4, 9, 12)
            .reduce(
                    job,
                    (read, fret) -> read.with(Reading.PROFILE_GAP.at(fret), Length.ofText("0.2 mm")),
                    (one, other) -> one);

    private final SheetAnalysis reckoned = SheetAnalysis.of(profiled, ShopStandards.DEFAULT);

    private final Job counter = Stream.of(
                    Reading.ACTION_BASS,
                    Reading.ACTION_TREBLE,
                    Reading.SADDLE_BASS,
                    Reading.SADDLE_TREBLE,
                    Reading.BRIDGE_THICKNESS)
            .reduce(
                    Job.BLANK,
                    (quick, reading) -> quick.with(reading, job.get(reading).orElseThrow(Expect.present("reading"))),
                    (one, other) -> one);

    private final JobAnalysis planned = JobAnalysis.of(
            WorkPlan.taking(
                    job,
                    JobAnalysis.of(job, ShopStandards.DEFAULT).recommendation().ways()),
            ShopStandards.DEFAULT);

    private int steps;

    /** The minimum worked out on every edit. */
    @Benchmark
    public Optional<Correction> sheetAnalysis() {
        return SheetAnalysis.of(job, ShopStandards.DEFAULT).correction();
    }

    /** The neck's curve with its band at every fret, by three gaps and the relief. */
    @Benchmark
    public double curveAndBand() {
        Trajectory known = Trajectory.of(profiled, ShopStandards.DEFAULT)
                .trajectory()
                .orElseThrow(Expect.present("complete sheet"));
        double band = 0;
        for (int fret = 1; fret <= 20; fret++) {
            band += known.basis().profile().standardAt(known.basis().frets().at(fret));
        }
        return band;
    }

    /** The map of where every string touches at every fret, and the leveling. */
    @Benchmark
    public Object swingMap() {
        return StringClearance.of(
                reckoned,
                reckoned.measured().orElseThrow(Expect.present("measured setup")),
                FretCrowns.fall(profiled),
                PlayingTouch.MEDIUM);
    }

    /** Everything the window needs for each step of a drag. */
    @Benchmark
    public Object analysis() {
        JobAnalysis analysis = JobAnalysis.of(job, ShopStandards.DEFAULT);
        return List.of(analysis.sideView(), analysis.figures(), analysis.station());
    }

    /** The numbers of the plan in words, as the window shows them at once. */
    @Benchmark
    public List<Card> planCards() {
        JobAnalysis analysis = JobAnalysis.of(job, ShopStandards.DEFAULT);
        return PlanCards.of(analysis, analysis.plan(), JobAnalysis.Spread.NONE, Wording.in(BenchUnit.MILLIMETERS));
    }

    /** The uncertainty of every derived figure, which is worked out in the background. */
    @Benchmark
    public Uncertainty uncertainty() {
        return Uncertainty.of(SheetAnalysis.of(job, ShopStandards.DEFAULT));
    }

    /** The whole verdict: analysis, gates, all ways predicted, the recommendation. */
    @Benchmark
    public Object verdict() {
        JobAnalysis analysis = JobAnalysis.of(job, ShopStandards.DEFAULT);
        return List.of(analysis.gates(), analysis.ways().all(), analysis.recommendation());
    }

    /** An instrument at the counter with five readings: every plausible one judged. */
    @Benchmark
    public CounterCheck counter() {
        return CounterCheck.of(counter, ShopStandards.DEFAULT);
    }

    /**
     * A step of a drag as far as the core is concerned: the plan moved and worked out, the instrument and its five
     * loupes drawn.
     */
    @Benchmark
    public int dragStep() {
        Job moved = PlanDrag.move(
                planned.plan(), Handle.ACTION_BASS, 2 + steps++ % 20 * 0.01, BenchUnit.MILLIMETERS::fineLength);
        JobAnalysis analysis = JobAnalysis.of(moved, ShopStandards.DEFAULT);
        SideView view = analysis.sideView().orElseThrow(Expect.present("side view"));
        int shapes = WholePicture.of(view).shapes().size()
                + analysis.figures().size()
                + Grip.of(view).size();
        for (Loupe loupe : Loupe.values()) {
            shapes += LoupePictures.of(loupe, view, List.of()).shapes().size();
        }
        return shapes;
    }
}
