package org.kestan.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.stream.Stream;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Reading;
import org.kestan.job.bench.DiaryEntry;
import org.kestan.job.bench.StepMark;
import org.kestan.job.pictures.Photo;
import org.kestan.job.terms.Lines;
import org.testng.annotations.Test;

/** Two people at one job. */
public class JobMergeTest {

    private static final Instant NINE = Instant.parse("2026-11-02T09:00:00Z");
    private static final Job BASE =
            Job.BLANK.with(Lines.NAME, "Parlor").with(Reading.HEEL_HEIGHT, Length.ofText("90 mm"));

    private static Job diary(Job job, int... minutes) {
        return job.with(
                Sections.DIARY,
                Stream.concat(
                                job.section(Sections.DIARY).stream(),
                                java.util.Arrays.stream(minutes)
                                        .mapToObj(minute -> new DiaryEntry(
                                                NINE.plusSeconds(minute * 60L),
                                                "",
                                                DiaryEntry.What.NOTE,
                                                "",
                                                "at " + minute)))
                        .toList());
    }

    private static Job done(Job job, String step) {
        return job.with(Sections.STEPS, List.of(new StepMark(step, StepMark.State.DONE, NINE, "")));
    }

    @Test
    public void whatWasChangedInDifferentSectionsIsAllKept() {
        Job measured = BASE.with(Reading.HEEL_HEIGHT, Length.ofText("91 mm"));
        Job named = BASE.with(Lines.OWNER, "R. Fell");
        Job both = JobMerge.merge(BASE, measured, named).orElseThrow();
        assertThat(both.text(Reading.HEEL_HEIGHT)).isEqualTo("91 mm");
        assertThat(both.text(Lines.OWNER)).isEqualTo("R. Fell");
        assertThat(JobMerge.merge(BASE, named, measured).orElseThrow()).isEqualTo(both);
        assertThat(JobMerge.differing(BASE, both)).containsExactly(Sections.INTAKE, Sections.VISITS);
    }

    @Test
    public void oneThatChangedNothingTakesTheOther() {
        Job measured = BASE.with(Reading.HEEL_HEIGHT, Length.ofText("91 mm"));
        assertThat(JobMerge.merge(BASE, BASE, measured)).contains(measured);
        assertThat(JobMerge.merge(BASE, measured, BASE)).contains(measured);
        assertThat(JobMerge.merge(BASE, measured, measured)).contains(measured);
        Job taken = BASE.with(Lines.NAME, "");
        assertThat(JobMerge.merge(BASE, taken, BASE)).contains(taken);
    }

    @Test
    public void theSameChangedInTwoWaysIsNotDecidedHere() {
        Job one = BASE.with(Reading.HEEL_HEIGHT, Length.ofText("91 mm"));
        Job other = BASE.with(Reading.HEEL_HEIGHT, Length.ofText("89 mm"));
        assertThat(JobMerge.merge(BASE, one, other)).isEmpty();
        // Two readings of one line belong to one measurement: they are not mixed either.
        assertThat(JobMerge.merge(BASE, one, BASE.with(Reading.BRIDGE_THICKNESS, Length.ofText("20 mm"))))
                .isEmpty();
    }

    @Test
    public void whatBothAddedIsInTheOrderOfTime() {
        Job base = diary(BASE, 0);
        Job both = JobMerge.merge(base, diary(base, 5, 20), diary(base, 10)).orElseThrow();
        assertThat(both.section(Sections.DIARY).stream().map(DiaryEntry::text))
                .containsExactly("at 0", "at 5", "at 10", "at 20");
        Job mine = base.with(Sections.PHOTOS, List.of(new Photo("a.png", "")));
        Job theirs = base.with(Sections.PHOTOS, List.of(new Photo("b.png", "")));
        assertThat(JobMerge.merge(base, mine, theirs).orElseThrow().photos().stream()
                        .map(Photo::file))
                .containsExactly("b.png", "a.png");
    }

    @Test
    public void whatOneTookAwayIsNotAdded() {
        Job base = diary(BASE, 0);
        assertThat(JobMerge.merge(base, base.with(Sections.DIARY, List.of()), diary(base, 10)))
                .isEmpty();
    }

    @Test
    public void aStepIsMarkedOnce() {
        assertThat(JobMerge.merge(BASE, done(BASE, "slack"), done(BASE, "score")))
                .hasValueSatisfying(
                        job -> assertThat(job.section(Sections.STEPS)).hasSize(2));
        Job skipped =
                BASE.with(Sections.STEPS, List.of(new StepMark("slack", StepMark.State.SKIPPED, NINE, "no need")));
        assertThat(JobMerge.merge(BASE, done(BASE, "slack"), skipped)).isEmpty();
    }
}
