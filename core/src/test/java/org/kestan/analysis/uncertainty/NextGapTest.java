package org.kestan.analysis.uncertainty;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Tool;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.testng.annotations.Test;

public class NextGapTest {

    private static final ShopStandards SHOP = ShopStandards.DEFAULT;

    private static Optional<NextGap> next(Job job) {
        return NextGap.of(SheetAnalysis.of(job, SHOP));
    }

    /**
     * After one gap in the middle the next belongs toward the joint, then toward the nut; then everything is known
     * well enough.
     */
    @Test
    public void towardTheJointFirst() {
        Job job = Jobs.without(Jobs.flatTop(), Reading.PROJECTION_STRUNG);
        job = job.withVisit(
                job.visit().withTool(Reading.ACTION_BASS, Tool.DIAL).withTool(Reading.ACTION_TREBLE, Tool.DIAL));
        NextGap first = next(job).orElseThrow();
        assertThat(first.fret()).isBetween(9, 12);
        assertThat(first.then()).isLessThan(first.now());
        Job two = Jobs.put(job, Reading.PROFILE_GAP.at(first.fret()), 0.12);
        NextGap second = next(two).orElseThrow();
        assertThat(second.fret()).isNotEqualTo(first.fret());
        assertThat(second.then()).isLessThan(second.now());
        Job three = Jobs.put(two, Reading.PROFILE_GAP.at(second.fret()), 0.12);
        assertThat(next(three)).isEmpty();
    }

    /** Without the action the strings give no information. */
    @Test
    public void noneWithoutAnAction() {
        Job job = Jobs.flatTop();
        assertThat(next(Jobs.without(Jobs.without(job, Reading.ACTION_BASS), Reading.ACTION_TREBLE)))
                .isEmpty();
        assertThat(next(Job.BLANK)).isEmpty();
    }
}
