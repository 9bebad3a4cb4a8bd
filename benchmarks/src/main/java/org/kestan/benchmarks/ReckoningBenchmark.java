package org.kestan.benchmarks;

import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.kestan.counter.CounterCheck;
import org.kestan.files.DemoJobs;
import org.kestan.files.JobReader;
import org.kestan.job.Job;
import org.kestan.notation.BenchUnit;
import org.kestan.reckoning.Reckoning;
import org.kestan.sheet.Reading;
import org.kestan.standards.ShopStandards;
import org.kestan.uncertainty.Uncertainty;
import org.kestan.verdict.Verdict;
import org.kestan.ways.Recommendation;
import org.kestan.ways.Ways;
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

    private final Job counter = Stream.of(
                    Reading.ACTION_BASS,
                    Reading.ACTION_TREBLE,
                    Reading.SADDLE_BASS,
                    Reading.SADDLE_TREBLE,
                    Reading.BRIDGE_THICKNESS)
            .reduce(
                    Job.BLANK,
                    (quick, reading) -> quick.with(reading, job.survey().reading(reading)),
                    (one, other) -> one);

    /** Everything that follows from a job. */
    @Benchmark
    public Reckoning reckoning() {
        return Reckoning.of(job, ShopStandards.DEFAULT);
    }

    /** The uncertainty of every derived figure. */
    @Benchmark
    public Uncertainty uncertainty() {
        return Uncertainty.of(job, ShopStandards.DEFAULT);
    }

    /** The whole verdict: what follows, the gates, all ways predicted, the recommendation. */
    @Benchmark
    public Recommendation verdict() {
        Reckoning reckoning = Reckoning.of(job, ShopStandards.DEFAULT);
        if (Verdict.of(reckoning, BenchUnit.MILLIMETRES).isEmpty()) {
            throw new IllegalStateException("no gates");
        }
        return Recommendation.of(Ways.of(reckoning, BenchUnit.MILLIMETRES));
    }

    /** An instrument at the counter on five readings: every plausible one judged. */
    @Benchmark
    public CounterCheck counter() {
        return CounterCheck.of(counter, ShopStandards.DEFAULT, BenchUnit.MILLIMETRES);
    }
}
