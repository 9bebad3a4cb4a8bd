package org.kestan.overview;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Dimension;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.job.terms.Lines;
import org.kestan.judgment.ways.WayCatalog;
import org.kestan.repair.plan.WorkPlan;
import org.kestan.text.Wording;
import org.testng.annotations.Test;

/** The line at each station that says what to do next. */
public class NextStepTest {

    private static NextStep next(Job job, Station station) {
        return NextStep.of(JobAnalysis.of(job, ShopStandards.DEFAULT), station);
    }

    @Test
    public void aJobIsLedFromItsNameToItsPapers() {
        Job job = Job.BLANK;
        assertThat(next(job, Station.INTAKE)).isEqualTo(NextStep.NAME_IT);
        assertThat(next(job, Station.PLAN)).isEqualTo(NextStep.READ_WHAT_IS_NEEDED);
        job = job.with(Lines.NAME, "Parlour");
        assertThat(next(job, Station.INTAKE)).isEqualTo(NextStep.SAY_WHAT_IT_IS);
        job = Jobs.flatTop().with(Lines.NAME, "Parlour");
        assertThat(next(job, Station.INTAKE)).isEqualTo(NextStep.GO_AND_MEASURE);
        assertThat(next(job.without(Dimension.SCALE), Station.MEASURE)).isEqualTo(NextStep.READ_WHAT_IS_NEEDED);
        assertThat(next(job, Station.MEASURE)).isEqualTo(NextStep.LOOK_AT_THE_VERDICT);
        assertThat(next(job, Station.VERDICT)).isEqualTo(NextStep.TAKE_THE_ADVICE);
        assertThat(next(job, Station.PLAN)).isEqualTo(NextStep.TAKE_THE_PREVIEW);
        job = WorkPlan.taking(job, List.of(WayCatalog.NECK_RESET));
        assertThat(next(job, Station.VERDICT)).isEqualTo(NextStep.GO_TO_THE_PLAN);
        assertThat(next(job, Station.PLAN)).isEqualTo(NextStep.PRINT_THE_PAPERS);
    }

    @Test
    public void aQuestionedReadingComesFirst() {
        Job job = Jobs.flatTop().with(Reading.ACTION_BASS, Length.ofText("50 in"));
        for (Station station : List.of(Station.MEASURE, Station.VERDICT, Station.PLAN)) {
            assertThat(next(job, station)).isEqualTo(NextStep.READ_AGAIN);
        }
    }

    @Test
    public void everyStepHasItsWords() {
        for (NextStep step : NextStep.values()) {
            assertThat(Wording.label(step)).isNotBlank().endsWith(".");
        }
    }
}
