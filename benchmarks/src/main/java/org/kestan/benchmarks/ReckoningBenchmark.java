package org.kestan.benchmarks;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.kestan.dossier.Dossier;
import org.kestan.files.DemoJobs;
import org.kestan.files.JobReader;
import org.kestan.following.correction.Correction;
import org.kestan.following.reckoning.Reckoning;
import org.kestan.following.swing.Crowns;
import org.kestan.following.swing.Room;
import org.kestan.following.trajectory.Trajectory;
import org.kestan.following.uncertainty.Uncertainty;
import org.kestan.ground.notation.Length;
import org.kestan.ground.sheet.Reading;
import org.kestan.ground.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.terms.Touch;
import org.kestan.judgement.counter.CounterCheck;
import org.kestan.words.BenchUnit;
import org.kestan.words.Card;
import org.kestan.words.PlanCards;
import org.kestan.words.Words;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;

/** What one edit costs to work out. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class ReckoningBenchmark {

    private final Job job =
            JobReader.read(DemoJobs.bytes(DemoJobs.NAMES.get(0))).job().orElseThrow();

    private final Job profiled = Stream.of(4, 9, 12)
            .reduce(
                    job,
                    (read, fret) -> read.with(Reading.PROFILE_GAP.at(fret), Length.ofText("0.2 mm")),
                    (one, other) -> one);

    private final Reckoning reckoned = Reckoning.of(profiled, ShopStandards.DEFAULT);

    private final Job counter = Stream.of(
                    Reading.ACTION_BASS,
                    Reading.ACTION_TREBLE,
                    Reading.SADDLE_BASS,
                    Reading.SADDLE_TREBLE,
                    Reading.BRIDGE_THICKNESS)
            .reduce(
                    Job.BLANK,
                    (quick, reading) -> quick.with(reading, job.get(reading).orElseThrow()),
                    (one, other) -> one);

    /** The least that follows from a job on every edit. */
    @Benchmark
    public Optional<Correction> reckoning() {
        return Reckoning.of(job, ShopStandards.DEFAULT).correction();
    }

    /** The neck's curve with its band at every fret, by three gaps and the relief. */
    @Benchmark
    public double curveAndBand() {
        Trajectory known =
                Trajectory.of(profiled, ShopStandards.DEFAULT).trajectory().orElseThrow();
        double band = 0;
        for (int fret = 1; fret <= 20; fret++) {
            band += known.basis().profile().standardAt(known.basis().frets().at(fret));
        }
        return band;
    }

    /** The map of what every string meets at every fret, and the levelling. */
    @Benchmark
    public Object swingMap() {
        return Room.of(reckoned, reckoned.measured().orElseThrow(), Crowns.fall(profiled), Touch.MEDIUM);
    }

    /** What the window asks for on every step of a drag. */
    @Benchmark
    public Object dossier() {
        Dossier dossier = Dossier.of(job, ShopStandards.DEFAULT);
        return List.of(dossier.sideView(), dossier.figures(), dossier.station());
    }

    /** The numbers of the plan in words, as the window shows them at once. */
    @Benchmark
    public List<Card> planCards() {
        Dossier dossier = Dossier.of(job, ShopStandards.DEFAULT);
        return PlanCards.of(dossier, dossier.plan(), Dossier.Spread.NONE, Words.in(BenchUnit.MILLIMETRES));
    }

    /** How well every derived figure is known: worked out away from the window. */
    @Benchmark
    public Uncertainty uncertainty() {
        return Uncertainty.of(job, ShopStandards.DEFAULT);
    }

    /** The whole verdict: what follows, the gates, all ways predicted, the recommendation. */
    @Benchmark
    public Object verdict() {
        Dossier dossier = Dossier.of(job, ShopStandards.DEFAULT);
        return List.of(dossier.gates(), dossier.ways().all(), dossier.recommendation());
    }

    /** An instrument at the counter on five readings: every plausible one judged. */
    @Benchmark
    public CounterCheck counter() {
        return CounterCheck.of(counter, ShopStandards.DEFAULT);
    }
}
