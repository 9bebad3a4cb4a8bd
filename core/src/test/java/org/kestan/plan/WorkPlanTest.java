package org.kestan.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.kestan.job.Details;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.reckoning.DecidingFigures;
import org.kestan.reckoning.Figure;
import org.kestan.reckoning.Reckoning;
import org.kestan.sheet.Reading;
import org.kestan.standards.ShopStandards;
import org.kestan.ways.WayId;
import org.testng.annotations.Test;

public class WorkPlanTest {

    private static WorkPlan plan(Job job) {
        return WorkPlan.of(Reckoning.of(job, ShopStandards.DEFAULT));
    }

    @Test
    public void withNothingTakenTheNeckIsTurnedForTheTarget() {
        Reckoning reckoning = Reckoning.of(Jobs.flatTop(), ShopStandards.DEFAULT);
        WorkPlan plan = WorkPlan.of(reckoning);
        assertThat(plan.ways()).isEmpty();
        assertThat(plan.planned()).contains(reckoning.correction().orElseThrow().planned());
        assertThat(plan.heel()).isEqualTo(reckoning.correction().orElseThrow().heel());
    }

    @Test
    public void aSaddleTakenLeavesTheNeck() {
        Job job = Jobs.put(Jobs.put(Jobs.flatTop(), Reading.ACTION_BASS, 2.7), Reading.ACTION_TREBLE, 2.2);
        WorkPlan plan = plan(WorkPlan.taking(job, List.of(WayId.SADDLE)));
        assertThat(plan.ways()).containsExactly(WayId.SADDLE);
        assertThat(plan.heel()).isEmpty();
        assertThat(plan.planned().orElseThrow().rotation()).isZero();
        assertThat(plan.planned().orElseThrow().action().bass()).isCloseTo(2.2, within(1e-9));
        Reckoning reckoning = Reckoning.of(job, ShopStandards.DEFAULT);
        Figure cut = DecidingFigures.of(
                        reckoning, plan.planned(), plan.heel(), org.kestan.notation.BenchUnit.MILLIMETRES)
                .get(3);
        assertThat(cut.planned().reason()).isEqualTo("the neck stays");
    }

    @Test
    public void aResetTakenIsThePlanByTheTarget() {
        Job job = Jobs.flatTop();
        WorkPlan plan = plan(WorkPlan.taking(job, List.of(WayId.NECK_RESET)));
        assertThat(plan.planned().orElseThrow().rotation())
                .isCloseTo(plan(job).planned().orElseThrow().rotation(), within(1e-12));
        assertThat(plan.heel()).isPresent();
    }

    @Test
    public void whatIsNoWayIsLeftOut() {
        Job job = Jobs.flatTop().with(Details.WAYS, Optional.of("saddle dancing saddle truss-rod"));
        assertThat(WorkPlan.taken(job)).containsExactly(WayId.SADDLE, WayId.TRUSS_ROD);
        assertThat(WorkPlan.taken(WorkPlan.taking(job, List.of()))).isEmpty();
    }
}
