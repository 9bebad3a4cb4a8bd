package org.kestan.overview;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import org.kestan.base.lazy.Lazy;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.testng.annotations.Test;

public class JobAnalysisTest {

    @Test
    public void whatIsAskedTwiceIsWorkedOutOnce() {
        JobAnalysis analysis = JobAnalysis.of(Jobs.flatTop(), ShopStandards.DEFAULT);
        assertThat(analysis.plan()).isSameAs(analysis.plan());
        assertThat(analysis.gates()).isSameAs(analysis.gates());
        assertThat(analysis.recommendation()).isSameAs(analysis.recommendation());
        assertThat(analysis.figures()).isSameAs(analysis.figures());
        assertThat(analysis.sideView()).isSameAs(analysis.sideView());
        assertThat(analysis.spreadIsKnown()).isFalse();
        assertThat(analysis.spread()).isSameAs(analysis.spread());
        assertThat(analysis.spreadIsKnown()).isTrue();
    }

    /**
     * What is shown of a job is saved as shown; for another job, other standards, or much later, it is worked out
     * again.
     */
    @Test
    public void theLatestAreRemembered() {
        Job job = Jobs.flatTop();
        JobAnalysis analysis = JobAnalysis.of(job, ShopStandards.DEFAULT);
        assertThat(JobAnalysis.of(job, ShopStandards.DEFAULT)).isSameAs(analysis);
        ShopStandards other =
                ShopStandards.DEFAULT.with(Standard.SINK, "2 mm").optional().orElseThrow();
        assertThat(JobAnalysis.of(job, other)).isNotSameAs(analysis);
        assertThat(JobAnalysis.of(job, other).shop().get(Standard.SINK)).isEqualTo(2);
        for (int i = 0; i < 4; i++) {
            assertThat(JobAnalysis.of(Jobs.flatTop(), ShopStandards.DEFAULT)).isNotSameAs(analysis);
        }
        assertThat(JobAnalysis.of(job, ShopStandards.DEFAULT)).isNotSameAs(analysis);
    }

    @Test
    public void manyThreadsAskAndOneWorksItOut() throws Exception {
        AtomicInteger worked = new AtomicInteger();
        Lazy<Object> lazy = Lazy.of(() -> {
            worked.incrementAndGet();
            return new Object();
        });
        assertThat(lazy.isKnown()).isFalse();
        Set<Object> seen = ConcurrentHashMap.newKeySet();
        ExecutorService threads = Executors.newFixedThreadPool(8);
        try {
            List<Callable<Boolean>> asks = Stream.generate(() -> (Callable<Boolean>) () -> seen.add(lazy.get()))
                    .limit(200)
                    .toList();
            for (Future<Boolean> done : threads.invokeAll(asks)) {
                done.get();
            }
        } finally {
            threads.shutdown();
        }
        assertThat(worked).hasValue(1);
        assertThat(seen).hasSize(1);
    }

    /** The same job in the same shop is judged the same, whatever was asked before. */
    @Test
    public void theOrderOfAskingDoesNotMatter() {
        Random random = new Random(20261125);
        for (int i = 0; i < 40; i++) {
            Job job = Jobs.random(random);
            JobAnalysis one = JobAnalysis.of(job, ShopStandards.DEFAULT);
            JobAnalysis other = JobAnalysis.of(job, ShopStandards.DEFAULT);
            one.gates();
            other.plan();
            assertThat(other.gates()).isEqualTo(one.gates());
            assertThat(other.recommendation()).isEqualTo(one.recommendation());
            assertThat(other.figures()).isEqualTo(one.figures());
            assertThat(other.sideView()).isEqualTo(one.sideView());
            assertThat(other.station()).isEqualTo(one.station());
            assertThat(other.plan().planned()).isEqualTo(one.plan().planned());
        }
    }

    @Test
    public void anotherShopIsAnotherDossier() {
        ShopStandards strict = ShopStandards.DEFAULT
                .with(Standard.PROTRUSION_LEAST, "2.5 mm")
                .optional()
                .orElseThrow();
        assertThat(JobAnalysis.of(Jobs.flatTop(), strict).gates())
                .isNotEqualTo(
                        JobAnalysis.of(Jobs.flatTop(), ShopStandards.DEFAULT).gates());
    }
}
