package org.kestan.files.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.kestan.base.standards.ShopStandards;
import org.kestan.files.job.JobReader;
import org.kestan.files.job.JobWriter;
import org.kestan.job.Job;
import org.kestan.job.Sections;
import org.kestan.overview.JobAnalysis;
import org.kestan.overview.Station;
import org.kestan.repair.proof.Proof;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** The made-up finished jobs are ordinary jobs. */
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

    /**
     * Each is the same when read back from its file, is done, was proved as predicted and saved, and names no real
     * person.
     */
    @Test
    public void eachIsAFinishedJob() {
        for (Job job : jobs) {
            assertThat(JobReader.read(JobWriter.write(job)).job()).contains(job);
            assertThat(job.section(Sections.PREDICTION)).as(job.name()).isPresent();
            assertThat(job.section(Sections.DIARY)).isNotEmpty();
            JobAnalysis analysis = JobAnalysis.of(job, ShopStandards.DEFAULT);
            assertThat(analysis.faults()).isEmpty();
            assertThat(analysis.station()).isEqualTo(Station.PROOF);
            Proof proof = analysis.proof();
            assertThat(proof.asMade()).isTrue();
            assertThat(proof.after()).isPresent();
            long off = proof.lines().stream().filter(Proof.Row::isMiss).count();
            assertThat(off).as(job.name()).isLessThan(proof.lines().size());
        }
        assertThat(jobs).extracting(Job::name).doesNotHaveDuplicates();
    }
}
