package org.kestan.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.kestan.dossier.Dossier;
import org.kestan.dossier.Station;
import org.kestan.ground.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.Sections;
import org.kestan.work.proof.Proof;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** The made-up finished jobs are jobs like any other. */
public class FinishedSamplesTest {

    private static final LocalDate LAST = LocalDate.of(2026, 9, 1);

    private List<Job> jobs;

    @BeforeClass
    public void make() {
        jobs = FinishedSamples.make(8, 4, LAST);
    }

    @Test
    public void theSameSeedMakesTheSameJobs() {
        assertThat(FinishedSamples.make(2, 4, LAST)).hasSize(2);
        assertThat(FinishedSamples.make(8, 4, LAST)).isEqualTo(jobs);
        assertThat(FinishedSamples.make(8, 5, LAST)).isNotEqualTo(jobs);
    }

    /** Each comes back from its file as it is, is done, was proved as foretold and kept, and names no one real. */
    @Test
    public void eachIsAFinishedJob() {
        for (Job job : jobs) {
            assertThat(JobReader.read(JobWriter.write(job)).job()).contains(job);
            assertThat(job.section(Sections.PREDICTION)).as(job.name()).isPresent();
            assertThat(job.section(Sections.DIARY)).isNotEmpty();
            Dossier dossier = Dossier.of(job, ShopStandards.DEFAULT);
            assertThat(dossier.faults()).isEmpty();
            assertThat(dossier.station()).isEqualTo(Station.PROOF);
            Proof proof = dossier.proof();
            assertThat(proof.asMade()).isTrue();
            assertThat(proof.after()).isPresent();
            long off = proof.lines().stream().filter(Proof.Row::isMiss).count();
            assertThat(off).as(job.name()).isLessThan(proof.lines().size());
        }
        assertThat(jobs).extracting(Job::name).doesNotHaveDuplicates();
    }
}
