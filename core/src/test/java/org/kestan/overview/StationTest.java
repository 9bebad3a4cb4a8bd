package org.kestan.overview;

import static org.assertj.core.api.Assertions.assertThat;
import static org.kestan.Said.said;

import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.job.terms.Lines;
import org.kestan.job.visits.Visit;
import org.testng.annotations.Test;

public class StationTest {

    private static Station.Progress progress(Station station, Job job) {
        return analysis(job).progress(station);
    }

    private static JobAnalysis analysis(Job job) {
        return JobAnalysis.of(job, ShopStandards.DEFAULT);
    }

    private static Job takenIn() {
        Job job = Jobs.flatTop().with(Lines.COMPLAINT, "stiff");
        return job.with(Lines.NAME, "A");
    }

    @Test
    public void aBlankJobWaitsEverywhere() {
        for (Station station : Station.values()) {
            assertThat(progress(station, Job.BLANK).stage()).isEqualTo(Station.Stage.WAITING);
            assertThat(said(progress(station, Job.BLANK).why())).isNotBlank();
        }
        assertThat(analysis(Job.BLANK).station()).isEqualTo(Station.INTAKE);
    }

    @Test
    public void intakeAsksForWhatIsMissing() {
        assertThat(said(progress(Station.INTAKE, Jobs.archtop()).why())).contains("form and joint");
        assertThat(said(progress(Station.INTAKE, Jobs.flatTop()).why())).contains("complaint");
        assertThat(progress(Station.INTAKE, takenIn()).stage()).isEqualTo(Station.Stage.DONE);
    }

    @Test
    public void measureCountsWhatIsNeededAndWhatIsQuestioned() {
        Job one = takenIn().withVisit(Visit.BLANK);
        one = Jobs.put(one, Reading.ACTION_BASS, 3);
        assertThat(said(progress(Station.MEASURE, one).why())).isEqualTo("4 values needed");
        Job odd = Jobs.put(takenIn(), Reading.HEEL_HEIGHT, 300);
        assertThat(said(progress(Station.MEASURE, odd).why())).isEqualTo("1 question");
        assertThat(progress(Station.MEASURE, takenIn()).stage()).isEqualTo(Station.Stage.DONE);
    }

    @Test
    public void planWaitsForTheSheetAndTheTarget() {
        Job aimless = Jobs.without(takenIn(), Aim.ACTION_BASS);
        assertThat(progress(Station.PLAN, aimless).stage()).isEqualTo(Station.Stage.UNDER_WAY);
        assertThat(analysis(aimless).station()).isEqualTo(Station.VERDICT);
        assertThat(progress(Station.PLAN, takenIn()).stage()).isEqualTo(Station.Stage.DONE);
    }
}
