package org.kestan.judgment.advice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.kestan.analysis.correction.Correction;
import org.kestan.analysis.setup.Setup;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.School;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.StraightedgePosition;
import org.kestan.judgment.ways.WayCatalog;
import org.testng.annotations.Test;

/** What the schools of projection come to: common practice, no source. */
public class SchoolPlanTest {

    private static final ShopStandards SHOP = ShopStandards.DEFAULT;

    private static Ways ways(Job job, ShopStandards shop) {
        return Ways.of(SheetAnalysis.of(job, shop));
    }

    @Test
    public void schoolsDifferAsTheySay() {
        Job job = Jobs.flatTop();
        List<SchoolPlan> plans = SchoolPlan.of(SheetAnalysis.of(job, SHOP));
        assertThat(plans).hasSize(5);
        double sink = 5.1 - 4.4;
        double bridge = 8.8;
        for (SchoolPlan plan : plans) {
            assertThat(plan.targetSlack() - plan.targetStrung()).isCloseTo(sink, within(1e-9));
            assertThat(plan.after().action().bass()).isCloseTo(2.2, within(1e-9));
            switch (plan.school()) {
                case KISSES -> assertThat(plan.slackAsRead()).isCloseTo(bridge, within(1e-9));
                case LITTLE_ABOVE -> assertThat(plan.slackAsRead()).isCloseTo(bridge + 0.5, within(1e-9));
                case OVERSHOOT -> assertThat(plan.slackAsRead()).isCloseTo(bridge + 3 * 25.4 / 32, within(1e-9));
                case SADDLE_LEFT -> assertThat(plan.protrusion()).isCloseTo(0.180 * 25.4, within(1e-9));
                default -> assertThat(plan.protrusion()).isCloseTo(2.6, within(1e-9));
            }
        }
        // "About 0.5 mm above it, slack, for about 2.5 mm of saddle": common practice; a low action needs a little
        // more.
        assertThat(plans.get(2).protrusion()).isBetween(2.0, 4.0);
        assertThat(SchoolPlan.of(SheetAnalysis.of(Jobs.archtop(), SHOP))).isEmpty();
        ShopStandards kiss = SHOP.with(School.KISSES);
        Assessment reset = ways(job, kiss).of(WayCatalog.NECK_RESET);
        Setup kissing = reset.predicted().orElseThrow().setup();
        assertThat(kissing.basis().straightedge().asRead(kissing.projection() + sink))
                .isCloseTo(bridge, within(1e-9));
    }

    @Test
    public void ignoringTheSinkAimsStrungAndSlackAlike() {
        ShopStandards stiff = SHOP.with(School.IGNORE_SINK);
        Correction plan = SheetAnalysis.of(Jobs.flatTop(), stiff).correction().orElseThrow();
        assertThat(plan.targetSlack()).isEqualTo(plan.targetStrung());
    }

    /**
     * Kissing means what the straightedge shows: in the middle of a radiused board, with the caliper at the bridge's
     * front edge.
     */
    @Test
    public void theySpeakOfTheStraightedgeAsItReads() {
        Job job = Jobs.flatTop().with(Lines.PROJECTION_ACROSS, StraightedgePosition.MIDDLE);
        job = Jobs.put(Jobs.put(job, Reading.BRIDGE_FRONT, 8), Reading.RADIUS_NUT, 12 * 25.4);
        for (SchoolPlan plan : SchoolPlan.of(SheetAnalysis.of(job, SHOP))) {
            if (plan.school() == School.KISSES) {
                assertThat(plan.slackAsRead()).isCloseTo(8.8, within(1e-9));
                assertThat(plan.targetSlack()).isLessThan(8.8 - 0.5);
            }
        }
    }
}
