package org.kestan.station;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.kestan.job.Details;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.job.Survey;
import org.kestan.reckoning.Reckoning;
import org.kestan.sheet.Aim;
import org.kestan.sheet.Reading;
import org.kestan.standards.ShopStandards;
import org.testng.annotations.Test;

public class StationTest {

    private static Station.Progress progress(Station station, Job job) {
        return station.progress(Reckoning.of(job, ShopStandards.DEFAULT));
    }

    private static Job takenIn() {
        Job job = Jobs.flatTop().with(Details.COMPLAINT, Optional.of("stiff"));
        return job.withInstrument(job.instrument().withName("A"));
    }

    @Test
    public void aBlankJobWaitsEverywhere() {
        for (Station station : Station.values()) {
            assertThat(progress(station, Job.BLANK).stage()).isEqualTo(Station.Stage.WAITING);
            assertThat(progress(station, Job.BLANK).why()).isNotBlank();
        }
        assertThat(Station.current(Reckoning.of(Job.BLANK, ShopStandards.DEFAULT)))
                .isEqualTo(Station.INTAKE);
    }

    @Test
    public void intakeAsksForWhatIsMissing() {
        assertThat(progress(Station.INTAKE, Jobs.archtop()).why()).contains("form and joint");
        assertThat(progress(Station.INTAKE, Jobs.flatTop()).why()).contains("complaint");
        assertThat(progress(Station.INTAKE, takenIn()).stage()).isEqualTo(Station.Stage.DONE);
    }

    @Test
    public void measureCountsWhatIsNeededAndWhatIsQuestioned() {
        Job one = takenIn().withSurvey(Survey.BLANK);
        one = Jobs.put(one, Reading.ACTION_BASS, 3);
        assertThat(progress(Station.MEASURE, one).why()).isEqualTo("4 values needed");
        Job odd = Jobs.put(takenIn(), Reading.HEEL_HEIGHT, 300);
        assertThat(progress(Station.MEASURE, odd).why()).isEqualTo("1 question");
        assertThat(progress(Station.MEASURE, takenIn()).stage()).isEqualTo(Station.Stage.DONE);
    }

    @Test
    public void planWaitsForTheSheetAndTheTarget() {
        Job aimless = Jobs.without(takenIn(), Aim.ACTION_BASS);
        assertThat(progress(Station.PLAN, aimless).stage()).isEqualTo(Station.Stage.UNDER_WAY);
        assertThat(Station.current(Reckoning.of(aimless, ShopStandards.DEFAULT)))
                .isEqualTo(Station.VERDICT);
        assertThat(progress(Station.PLAN, takenIn()).stage()).isEqualTo(Station.Stage.DONE);
    }
}
