package org.kestan.repair.steps;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.job.Job;
import org.kestan.job.JobTree;
import org.kestan.job.Jobs;
import org.kestan.job.Sections;
import org.kestan.job.bench.Bag;
import org.kestan.job.bench.DiaryEntry;
import org.kestan.job.bench.HeelEntry;
import org.kestan.job.bench.StepMark;
import org.kestan.job.bench.Wait;
import org.kestan.job.bench.WaitKind;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.VisitRole;
import org.kestan.job.tree.UnknownKeys;
import org.kestan.job.visits.Visit;
import org.testng.annotations.Test;

public class BenchActionsTest {

    private static final Instant NOON = Instant.parse("2026-11-25T12:00:00Z");
    private static final BenchActions WORK = new BenchActions(NOON, "A.");
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 25);

    private static List<DiaryEntry> diary(Job job) {
        return job.section(Sections.DIARY);
    }

    @Test
    public void aStepIsDoneOnceAndOpenedAgain() {
        Job done = WORK.mark(Jobs.flatTop(), "reset-scribe", StepMark.State.DONE, "");
        Job skipped = WORK.mark(done, "reset-scribe", StepMark.State.SKIPPED, "no rod");
        assertThat(skipped.section(Sections.STEPS))
                .containsExactly(new StepMark("reset-scribe", StepMark.State.SKIPPED, NOON, "no rod"));
        Job open = WORK.reopen(skipped, "reset-scribe");
        assertThat(open.section(Sections.STEPS)).isEmpty();
        assertThat(diary(open))
                .extracting(DiaryEntry::what)
                .containsExactly(DiaryEntry.What.DONE, DiaryEntry.What.SKIPPED, DiaryEntry.What.REOPENED);
        assertThat(diary(open))
                .allMatch(entry -> entry.who().equals("A.") && entry.at().equals(NOON));
        assertThat(WORK.reopen(open, "reset-scribe")).isEqualTo(open);
    }

    /** Going back to an earlier state of a job keeps every line of the diary, and adds that something was undone. */
    @Test
    public void theDiaryOnlyGrows() {
        Job before = WORK.mark(Jobs.flatTop(), "a", StepMark.State.DONE, "");
        Job after = WORK.mark(before, "b", StepMark.State.DONE, "");
        Job back = WORK.keepingDiary(before, after, "Undone: a step");
        assertThat(back.section(Sections.STEPS)).hasSize(1);
        assertThat(diary(back))
                .startsWith(diary(after).toArray(DiaryEntry[]::new))
                .hasSize(3);
        assertThat(diary(back).get(2).what()).isEqualTo(DiaryEntry.What.TAKEN_BACK);
        Job target = before.with(Reading.RELIEF, Length.ofText("0.3 mm"));
        assertThat(WORK.keepingDiary(before, target, "")).isEqualTo(before);
    }

    /**
     * Waits go by the wall clock: over when their time has come, and never longer than they take if the clock is set
     * back.
     */
    @Test
    public void waitsGoByTheClock() {
        Job job = WORK.begin(Jobs.flatTop(), WaitKind.GLUE, 720, "reset-glue");
        Wait wait = job.section(Sections.WAITS).get(0);
        assertThat(wait.until()).isEqualTo(Instant.parse("2026-11-26T00:00:00Z"));
        assertThat(wait.isOver(NOON.plusSeconds(719 * 60))).isFalse();
        assertThat(wait.isOver(wait.until())).isTrue();
        assertThat(wait.left(NOON.plusSeconds(60)).toMinutes()).isEqualTo(719);
        // Two days later, and with the clock an hour slow.
        assertThat(wait.left(NOON.plusSeconds(48 * 3600))).isZero();
        assertThat(wait.left(NOON.minusSeconds(3600)).toMinutes()).isEqualTo(720);
        Job again = new BenchActions(NOON.plusSeconds(60), "").begin(job, WaitKind.GLUE, 720, "reset-glue");
        assertThat(again.section(Sections.WAITS))
                .hasSize(2)
                .filteredOn(Wait::isOpen)
                .hasSize(1);
        Job over = WORK.end(job, wait);
        assertThat(over.section(Sections.WAITS)).noneMatch(Wait::isOpen);
        assertThat(WORK.end(over, over.section(Sections.WAITS).get(0))).isEqualTo(over);
        assertThat(diary(over)).hasSize(2);
    }

    @Test
    public void bagsAreKeptOnceAndCheckedOff() {
        Job job = WORK.bag(Jobs.flatTop(), "Saddle", Optional.empty(), "open-pins");
        assertThat(WORK.bag(job, "Saddle", Optional.empty(), "open-pins")).isEqualTo(job);
        Job placed = WORK.changeBag(job, 0, bag -> new Bag(bag.part(), Optional.of(Side.BASS), "drawer 2", bag.back()));
        assertThat(diary(placed)).hasSize(1);
        Job back = WORK.changeBag(placed, 0, bag -> new Bag(bag.part(), bag.side(), bag.place(), true));
        assertThat(back.section(Sections.BAGS))
                .containsExactly(new Bag("Saddle", Optional.of(Side.BASS), "drawer 2", true));
        assertThat(diary(back)).last().extracting(DiaryEntry::what).isEqualTo(DiaryEntry.What.PUT_BACK);
    }

    /** Everything kept about the bench is in the file and is read again, to the second. */
    @Test
    public void allOfItIsWrittenAndRead() {
        Job job = WORK.mark(Jobs.flatTop(), "a", StepMark.State.SKIPPED, "why");
        job = WORK.begin(job, WaitKind.HEAT, 8, "a");
        job = WORK.end(job, job.section(Sections.WAITS).get(0));
        job = WORK.bag(job, "Nut", Optional.of(Side.TREBLE), "a");
        job = WORK.log(job, new HeelEntry.Pulls(Side.BASS, 80, 4, UnknownKeys.NONE), "a", "4 pulls");
        job = WORK.log(
                job,
                new HeelEntry.Read(
                        Optional.of(Length.ofText("7.9 mm")),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.of(Length.ofText("12 mm")),
                        Optional.of(Length.ofText("11.5 mm")),
                        UnknownKeys.NONE),
                "a",
                "");
        JobTree.Read read = JobTree.read(JobTree.write(job));
        assertThat(read.faults()).isEmpty();
        assertThat(read.job().orElseThrow().section(Sections.STEPS)).isEqualTo(job.section(Sections.STEPS));
        assertThat(read.job().orElseThrow().section(Sections.WAITS)).isEqualTo(job.section(Sections.WAITS));
        assertThat(read.job().orElseThrow().section(Sections.BAGS)).isEqualTo(job.section(Sections.BAGS));
        assertThat(diary(read.job().orElseThrow())).isEqualTo(diary(job));
        assertThat(JobTree.write(read.job().orElseThrow())).isEqualTo(JobTree.write(job));
    }

    /**
     * What is read at a step goes into a separate visit, so that the plan still rests on the readings it was made
     * from.
     */
    @Test
    public void readingsGoIntoTheirVisit() {
        Job job = Jobs.flatTop().with(Lines.TAKEN_ON, LocalDate.of(2026, 11, 1)).with(Lines.ACTION_FRET, 14);
        Visit dry = StepVisit.of(job, Step.Into.DRY_FIT, TODAY);
        assertThat(dry.get(Lines.ROLE)).contains(VisitRole.DRY_FIT);
        assertThat(dry.get(Lines.ACTION_FRET)).contains(14);
        assertThat(dry.millimeters(Reading.PROJECTION_SLACK)).isEmpty();
        Job read = StepVisit.put(job, Step.Into.DRY_FIT, dry.with(Reading.PROJECTION_SLACK, Length.ofText("9 mm")));
        read = StepVisit.put(
                read,
                Step.Into.AFTER,
                StepVisit.of(read, Step.Into.AFTER, TODAY).with(Reading.RELIEF, Length.ofText("0.1 mm")));
        assertThat(read.visit()).isEqualTo(job.visit());
        assertThat(read.otherVisits()).hasSize(2);
        assertThat(StepVisit.of(read, Step.Into.DRY_FIT, TODAY).millimeters(Reading.PROJECTION_SLACK))
                .hasValue(9);
        assertThat(StepVisit.of(read, Step.Into.BEFORE, TODAY)).isEqualTo(job.visit());
        // A visit of an earlier repair is not overwritten.
        Job years = job.withVisits(visits -> visits.withNew(job.visit()));
        Job older = StepVisit.put(
                years.with(Lines.TAKEN_ON, LocalDate.of(2020, 1, 1)),
                Step.Into.AFTER,
                StepVisit.of(years, Step.Into.AFTER, LocalDate.of(2020, 2, 1)));
        Job now = older.with(Lines.TAKEN_ON, TODAY);
        assertThat(StepVisit.of(now, Step.Into.AFTER, TODAY).get(Lines.TAKEN_ON))
                .contains(TODAY);
    }
}
