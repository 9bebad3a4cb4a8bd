package org.kestan.benchmarks;

import java.util.concurrent.TimeUnit;
import org.kestan.files.DemoJobs;
import org.kestan.files.JobReader;
import org.kestan.job.Job;
import org.kestan.reckoning.Reckoning;
import org.kestan.standards.ShopStandards;
import org.kestan.uncertainty.Uncertainty;
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
}
