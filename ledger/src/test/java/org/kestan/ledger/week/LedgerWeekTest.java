package org.kestan.ledger.week;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.files.demo.DemoJobs;
import org.kestan.files.job.JobReader;
import org.kestan.files.steps.StepLibrary;
import org.kestan.job.Job;
import org.kestan.job.Sections;
import org.kestan.job.parts.Part;
import org.kestan.ledger.DemoLedger;
import org.kestan.ledger.Ledger;
import org.kestan.ledger.MemoryLedger;
import org.kestan.repair.steps.StepBook;
import org.kestan.week.PartNeed;
import org.kestan.week.WeekJob;
import org.kestan.week.WeekProblem;
import org.testng.annotations.Test;

/** The work of the sample shop. */
public class LedgerWeekTest {

    private static final ZonedDateTime FROM = ZonedDateTime.of(2026, 11, 30, 9, 0, 0, 0, ZoneId.of("America/New_York"));
    private static final StepBook BOOK = StepLibrary.shipped().book();

    private static MemoryLedger empty() {
        return new MemoryLedger(Path.of(UUID.randomUUID().toString()));
    }

    private static WeekProblem problem(Ledger ledger) {
        return new LedgerWeek().problem(ledger, ShopStandards.DEFAULT, BOOK, FROM, Map.of());
    }

    private static List<PartNeed> needs(Job job) {
        MemoryLedger ledger = empty();
        ledger.insert(job);
        WeekProblem problem = problem(ledger);
        return problem.jobs().isEmpty()
                ? problem.blocked().get(0).needs()
                : problem.jobs().get(0).needs();
    }

    private static Job reset() {
        return JobReader.read(DemoJobs.bytes("large-flat-top-reset.kestan.json"))
                .job()
                .orElseThrow()
                .with(Sections.PARTS, List.of());
    }

    /** Twelve are open; those already proved are not among them. */
    @Test
    public void theSampleShopHasTwelveOpenJobs() {
        MemoryLedger ledger = empty();
        DemoLedger.fill(ledger, FROM.toLocalDate());
        WeekProblem problem = problem(ledger);
        assertThat(problem.jobs()).hasSize(12);
        assertThat(problem.blocked()).isEmpty();
        assertThat(problem.jobs())
                .flatExtracting(WeekJob::needs)
                .filteredOn(PartNeed::ordered)
                .extracting(PartNeed::arrives)
                .containsExactlyInAnyOrder(
                        Optional.of(FROM.toLocalDate()),
                        Optional.of(FROM.toLocalDate().plusDays(4)));
    }

    /** Parts of the ways are needed unless the job's list has them; bridge pins are not a bridge. */
    @Test
    public void partsOfTheWaysAreNeededUnlessTheyAreListed() {
        assertThat(needs(reset())).extracting(PartNeed::kind).contains(Optional.of(Standard.PRICE_SADDLE));
        Part blank = Part.of("Saddle blanks");
        assertThat(needs(reset().with(Sections.PARTS, List.of(blank.withThere(true)))))
                .extracting(PartNeed::kind)
                .doesNotContain(Optional.of(Standard.PRICE_SADDLE));
        assertThat(needs(reset().with(Sections.PARTS, List.of(blank.withNeed(2)))))
                .contains(
                        new PartNeed("Saddle blanks", Optional.empty(), 2, Optional.empty(), false, Optional.empty()));
        assertThat(needs(reset().with(
                                Sections.PARTS, List.of(Part.of("Saddle pins").withThere(true)))))
                .extracting(PartNeed::kind)
                .contains(Optional.of(Standard.PRICE_SADDLE));
    }

    /** Another job of the same kind has all of its steps, including those already done on the first. */
    @Test
    public void anotherHasAllItsSteps() {
        MemoryLedger ledger = empty();
        ledger.insert(reset());
        LedgerWeek week = new LedgerWeek();
        WeekProblem problem = week.problem(ledger, ShopStandards.DEFAULT, BOOK, FROM, Map.of());
        assertThat(week.kinds(ledger)).contains("neck-reset");
        WeekJob another = week.another(ledger, ShopStandards.DEFAULT, BOOK, "neck-reset", FROM)
                .orElseThrow();
        assertThat(another.steps())
                .hasSizeGreaterThanOrEqualTo(problem.jobs().get(0).steps().size());
        assertThat(another.promised()).isEqualTo(Optional.<LocalDate>empty());
        assertThat(another.needs()).isEmpty();
        assertThat(week.another(ledger, ShopStandards.DEFAULT, BOOK, "no-such-way", FROM))
                .isEmpty();
    }
}
