package org.kestan.repair.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.kestan.Said.said;

import java.util.List;
import org.kestan.analysis.figures.DecidingFigures;
import org.kestan.analysis.figures.Figure;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.judgment.advice.Ways;
import org.kestan.judgment.ways.WayCatalog;
import org.testng.annotations.Test;

public class WorkPlanTest {

    private static WorkPlan plan(Job job) {
        return WorkPlan.of(Ways.of(SheetAnalysis.of(job, ShopStandards.DEFAULT)));
    }

    @Test
    public void withNothingTakenTheNeckIsTurnedForTheTarget() {
        SheetAnalysis sheetAnalysis = SheetAnalysis.of(Jobs.flatTop(), ShopStandards.DEFAULT);
        WorkPlan plan = WorkPlan.of(Ways.of(sheetAnalysis));
        assertThat(plan.ways()).isEmpty();
        assertThat(plan.planned())
                .contains(sheetAnalysis.correction().orElseThrow().planned());
        assertThat(plan.heel())
                .isEqualTo(sheetAnalysis.correction().orElseThrow().heel());
    }

    @Test
    public void aSaddleTakenLeavesTheNeck() {
        Job job = Jobs.put(Jobs.put(Jobs.flatTop(), Reading.ACTION_BASS, 2.7), Reading.ACTION_TREBLE, 2.2);
        WorkPlan plan = plan(WorkPlan.taking(job, List.of(WayCatalog.SADDLE)));
        assertThat(plan.ways()).containsExactly(WayCatalog.SADDLE);
        assertThat(plan.heel()).isEmpty();
        assertThat(plan.planned().orElseThrow().rotation().radians()).isZero();
        assertThat(plan.planned().orElseThrow().action().bass()).isCloseTo(2.2, within(1e-9));
        SheetAnalysis sheetAnalysis = SheetAnalysis.of(job, ShopStandards.DEFAULT);
        Figure cut = DecidingFigures.of(sheetAnalysis, new DecidingFigures.Planned(plan.planned(), plan.heel(), false))
                .get(3);
        assertThat(said(cut.planned().reason())).isEqualTo("the neck stays");
    }

    @Test
    public void aResetTakenIsThePlanByTheTarget() {
        Job job = Jobs.flatTop();
        WorkPlan plan = plan(WorkPlan.taking(job, List.of(WayCatalog.NECK_RESET)));
        assertThat(plan.planned().orElseThrow().rotation().radians())
                .isCloseTo(plan(job).planned().orElseThrow().rotation().radians(), within(1e-12));
        assertThat(plan.heel()).isPresent();
    }

    @Test
    public void whatIsTakenIsKeptInTheJob() {
        Job job = WorkPlan.taking(Jobs.flatTop(), List.of(WayCatalog.SADDLE, WayCatalog.TRUSS_ROD));
        assertThat(WorkPlan.taken(job)).containsExactly(WayCatalog.SADDLE, WayCatalog.TRUSS_ROD);
        assertThat(WorkPlan.taken(WorkPlan.taking(job, List.of()))).isEmpty();
    }
}
