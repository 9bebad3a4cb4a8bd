package org.kestan.repair.steps;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.kestan.base.sheet.Side;
import org.kestan.job.Job;
import org.kestan.job.Sections;
import org.kestan.job.bench.Bag;
import org.kestan.job.bench.DiaryEntry;
import org.kestan.job.bench.HeelEntry;
import org.kestan.job.bench.StepMark;
import org.kestan.job.bench.Wait;
import org.kestan.job.bench.WaitKind;

/**
 * What can be done to a job at the bench; each action adds a line to the diary.
 *
 * @param now the moment it is done, to the second
 * @param who who does it; empty if not recorded
 */
public record BenchActions(Instant now, String who) {

    /** Returns a job with a step done or skipped. */
    public Job mark(Job job, String step, StepMark.State state, String reason) {
        List<StepMark> marks = new ArrayList<>(job.section(Sections.STEPS));
        marks.removeIf(mark -> mark.step().equals(step));
        marks.add(new StepMark(step, state, now, reason));
        DiaryEntry.What what =
                switch (state) {
                    case DONE -> DiaryEntry.What.DONE;
                    case SKIPPED -> DiaryEntry.What.SKIPPED;
                    case UNREAD -> DiaryEntry.What.UNREAD;
                };
        return write(job.with(Sections.STEPS, List.copyOf(marks)), what, step, reason);
    }

    /** Returns a job with a step reopened; its readings stay. */
    public Job reopen(Job job, String step) {
        List<StepMark> marks = job.section(Sections.STEPS).stream()
                .filter(mark -> !mark.step().equals(step))
                .toList();
        return marks.size() == job.section(Sections.STEPS).size()
                ? job
                : write(job.with(Sections.STEPS, marks), DiaryEntry.What.REOPENED, step, "");
    }

    /** Returns a job with an entry added to its diary. */
    public Job write(Job job, DiaryEntry.What what, String step, String text) {
        List<DiaryEntry> diary = new ArrayList<>(job.section(Sections.DIARY));
        diary.add(new DiaryEntry(now, who, what, step, text));
        return job.with(Sections.DIARY, List.copyOf(diary));
    }

    /** Returns a job with a wait started; an open one for the same step is restarted. */
    public Job begin(Job job, WaitKind kind, int minutes, String step) {
        List<Wait> waits = new ArrayList<>(job.section(Sections.WAITS));
        waits.replaceAll(
                wait -> wait.isOpen() && wait.kind() == kind && wait.step().equals(step) && !step.isEmpty()
                        ? wait.ended(now)
                        : wait);
        waits.add(new Wait(now, kind, minutes, step, Optional.empty()));
        return write(
                job.with(Sections.WAITS, List.copyOf(waits)),
                DiaryEntry.What.WAIT_STARTED,
                step,
                kind.key() + " " + minutes + " min");
    }

    /** Returns a job with an open wait ended. */
    public Job end(Job job, Wait wait) {
        List<Wait> waits = new ArrayList<>(job.section(Sections.WAITS));
        int at = waits.indexOf(wait);
        if (at < 0 || !wait.isOpen()) {
            return job;
        }
        waits.set(at, wait.ended(now));
        return write(
                job.with(Sections.WAITS, List.copyOf(waits)),
                DiaryEntry.What.WAIT_ENDED,
                wait.step(),
                wait.kind().key());
    }

    /** Returns a job with a part bagged; one that is bagged already stays as it is. */
    public Job bag(Job job, String part, Optional<Side> side, String step) {
        boolean there = job.section(Sections.BAGS).stream()
                .anyMatch(bag -> bag.part().equals(part) && bag.side().equals(side));
        if (there) {
            return job;
        }
        List<Bag> bags = new ArrayList<>(job.section(Sections.BAGS));
        bags.add(new Bag(part, side, "", false));
        return write(job.with(Sections.BAGS, List.copyOf(bags)), DiaryEntry.What.BAGGED, step, part);
    }

    /** Returns a job with one of its bags changed; if its part is back on, or off again, that is recorded. */
    public Job changeBag(Job job, int index, UnaryOperator<Bag> change) {
        List<Bag> bags = new ArrayList<>(job.section(Sections.BAGS));
        Bag before = bags.get(index);
        Bag after = change.apply(before);
        bags.set(index, after);
        Job next = job.with(Sections.BAGS, List.copyOf(bags));
        return before.back() == after.back()
                ? next
                : write(next, after.back() ? DiaryEntry.What.PUT_BACK : DiaryEntry.What.BAGGED, "", after.part());
    }

    /** Returns a job with one more entry in the heel log. */
    public Job log(Job job, HeelEntry entry, String step, String said) {
        List<HeelEntry> log = new ArrayList<>(job.section(Sections.HEEL_LOG));
        log.add(entry);
        return write(job.with(Sections.HEEL_LOG, List.copyOf(log)), DiaryEntry.What.HEEL, step, said);
    }

    /**
     * Returns a job as it was before, but with the diary of the present job: what was recorded stays, and that
     * something was taken back is recorded, too.
     *
     * @param before the job that is gone back to
     * @param after the job that is left
     * @param said what was taken back
     */
    public Job keepingDiary(Job before, Job after, String said) {
        List<DiaryEntry> diary = after.section(Sections.DIARY);
        return diary.equals(before.section(Sections.DIARY))
                ? before
                : write(before.with(Sections.DIARY, diary), DiaryEntry.What.TAKEN_BACK, "", said);
    }
}
