package org.kestan.dossier;

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
import org.kestan.ground.lazy.Lazy;
import org.kestan.ground.standards.ShopStandards;
import org.kestan.ground.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.testng.annotations.Test;

public class DossierTest {

    @Test
    public void whatIsAskedTwiceIsWorkedOutOnce() {
        Dossier dossier = Dossier.of(Jobs.flatTop(), ShopStandards.DEFAULT);
        assertThat(dossier.plan()).isSameAs(dossier.plan());
        assertThat(dossier.gates()).isSameAs(dossier.gates());
        assertThat(dossier.recommendation()).isSameAs(dossier.recommendation());
        assertThat(dossier.figures()).isSameAs(dossier.figures());
        assertThat(dossier.sideView()).isSameAs(dossier.sideView());
        assertThat(dossier.spreadIsKnown()).isFalse();
        assertThat(dossier.spread()).isSameAs(dossier.spread());
        assertThat(dossier.spreadIsKnown()).isTrue();
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

    /** The same job in the same shop is judged the same, whatever was asked first. */
    @Test
    public void theOrderOfAskingDoesNotMatter() {
        Random random = new Random(20261125);
        for (int i = 0; i < 40; i++) {
            Job job = Jobs.random(random);
            Dossier one = Dossier.of(job, ShopStandards.DEFAULT);
            Dossier other = Dossier.of(job, ShopStandards.DEFAULT);
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
        assertThat(Dossier.of(Jobs.flatTop(), strict).gates())
                .isNotEqualTo(Dossier.of(Jobs.flatTop(), ShopStandards.DEFAULT).gates());
    }
}
