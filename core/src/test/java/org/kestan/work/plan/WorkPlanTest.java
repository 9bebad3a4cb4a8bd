package org.kestan.work.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.kestan.Said.said;

import java.util.List;
import org.kestan.following.figures.DecidingFigures;
import org.kestan.following.figures.Figure;
import org.kestan.following.reckoning.Reckoning;
import org.kestan.ground.sheet.Reading;
import org.kestan.ground.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.judgement.advice.Ways;
import org.kestan.judgement.ways.Catalogue;
import org.testng.annotations.Test;

public class WorkPlanTest {

    private static WorkPlan plan(Job job) {
        return WorkPlan.of(Ways.of(Reckoning.of(job, ShopStandards.DEFAULT)));
    }

    @Test
    public void withNothingTakenTheNeckIsTurnedForTheTarget() {
        Reckoning reckoning = Reckoning.of(Jobs.flatTop(), ShopStandards.DEFAULT);
        WorkPlan plan = WorkPlan.of(Ways.of(reckoning));
        assertThat(plan.ways()).isEmpty();
        assertThat(plan.planned()).contains(reckoning.correction().orElseThrow().planned());
        assertThat(plan.heel()).isEqualTo(reckoning.correction().orElseThrow().heel());
    }

    @Test
    public void aSaddleTakenLeavesTheNeck() {
        Job job = Jobs.put(Jobs.put(Jobs.flatTop(), Reading.ACTION_BASS, 2.7), Reading.ACTION_TREBLE, 2.2);
        WorkPlan plan = plan(WorkPlan.taking(job, List.of(Catalogue.SADDLE)));
        assertThat(plan.ways()).containsExactly(Catalogue.SADDLE);
        assertThat(plan.heel()).isEmpty();
        assertThat(plan.planned().orElseThrow().rotation().radians()).isZero();
        assertThat(plan.planned().orElseThrow().action().bass()).isCloseTo(2.2, within(1e-9));
        Reckoning reckoning = Reckoning.of(job, ShopStandards.DEFAULT);
        Figure cut = DecidingFigures.of(reckoning, new DecidingFigures.Planned(plan.planned(), plan.heel(), false))
                .get(3);
        assertThat(said(cut.planned().reason())).isEqualTo("the neck stays");
    }

    @Test
    public void aResetTakenIsThePlanByTheTarget() {
        Job job = Jobs.flatTop();
        WorkPlan plan = plan(WorkPlan.taking(job, List.of(Catalogue.NECK_RESET)));
        assertThat(plan.planned().orElseThrow().rotation().radians())
                .isCloseTo(plan(job).planned().orElseThrow().rotation().radians(), within(1e-12));
        assertThat(plan.heel()).isPresent();
    }

    @Test
    public void whatIsTakenIsKeptInTheJob() {
        Job job = WorkPlan.taking(Jobs.flatTop(), List.of(Catalogue.SADDLE, Catalogue.TRUSS_ROD));
        assertThat(WorkPlan.taken(job)).containsExactly(Catalogue.SADDLE, Catalogue.TRUSS_ROD);
        assertThat(WorkPlan.taken(WorkPlan.taking(job, List.of()))).isEmpty();
    }
}
