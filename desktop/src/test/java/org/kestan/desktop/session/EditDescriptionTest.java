package org.kestan.desktop.session;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Reading;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.judgment.ways.WayCatalog;
import org.kestan.repair.plan.WorkPlan;
import org.kestan.text.Wording;
import org.testng.annotations.Test;

/** What undo and redo report. */
public class EditDescriptionTest {

    private static final Job BASE = Job.BLANK
            .with(Lines.NAME, "Small flat-top")
            .with(Reading.HEEL_HEIGHT, Length.ofText("91 mm"))
            .with(Reading.ACTION_BASS, Length.ofText("2.9 mm"));

    @Test
    public void oneReadingIsNamedWithItsNewText() {
        Job to = BASE.with(Reading.HEEL_HEIGHT, Length.ofText("92.5 mm"));
        assertThat(EditDescription.between(BASE, to))
                .startsWith(Wording.full(Reading.HEEL_HEIGHT))
                .endsWith("92.5 mm");
    }

    @Test
    public void oneTakenAwayIsSaidToBeEmpty() {
        assertThat(EditDescription.between(BASE, BASE.without(Reading.ACTION_BASS)))
                .startsWith(Wording.full(Reading.ACTION_BASS))
                .contains("empty");
    }

    @Test
    public void severalAreCounted() {
        Job to = BASE.with(Reading.HEEL_HEIGHT, Length.ofText("92 mm"))
                .with(Reading.ACTION_BASS, Length.ofText("3 mm"))
                .with(Aim.ACTION_BASS, Length.ofText("2 mm"));
        assertThat(EditDescription.between(BASE, to)).contains("and 2 more");
    }

    @Test
    public void whatWasPlannedIsNotTakenForAReading() {
        Job to = BASE.with(Aim.ACTION_BASS, Length.ofText("2 mm"));
        assertThat(EditDescription.between(BASE, to))
                .isNotEqualTo(EditDescription.between(BASE, BASE.with(Reading.ACTION_BASS, Length.ofText("2 mm"))))
                .endsWith("2 mm");
    }

    @Test
    public void waysTakenIntoThePlanComeBeforeAllElse() {
        Job to = WorkPlan.taking(BASE, List.of(WayCatalog.SADDLE)).with(Reading.ACTION_BASS, Length.ofText("3 mm"));
        assertThat(EditDescription.between(BASE, to)).doesNotContain("3 mm").containsIgnoringCase("plan");
    }

    @Test
    public void nothingElseIsOneChange() {
        assertThat(EditDescription.between(BASE, BASE)).isNotBlank().doesNotContain("empty");
    }
}
