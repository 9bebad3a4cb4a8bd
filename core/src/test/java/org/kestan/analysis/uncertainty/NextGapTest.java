package org.kestan.analysis.uncertainty;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.TrussRod;
import org.testng.annotations.Test;

public class NextGapTest {

    private static final ShopStandards SHOP = ShopStandards.DEFAULT;

    private static Optional<NextGap> next(Job job) {
        return NextGap.of(job, SHOP, SheetAnalysis::correction);
    }

    /** With one gap in the middle the next one belongs toward the joint, then toward the nut; then all is known well enough. */
    @Test
    public void towardTheJointFirst() {
        Job job = Jobs.put(Jobs.flatTop(), Aim.RELIEF, 0.05);
        NextGap first = next(job).orElseThrow();
        assertThat(first.fret()).isBetween(10, 12);
        assertThat(first.then()).isLessThan(first.now());
        Job two = Jobs.put(job, Reading.PROFILE_GAP.at(first.fret()), 0.12);
        NextGap second = next(two).orElseThrow();
        assertThat(second.fret()).isNotEqualTo(first.fret());
        assertThat(second.then()).isLessThan(second.now());
        Job three = Jobs.put(two, Reading.PROFILE_GAP.at(second.fret()), 0.12);
        assertThat(next(three)).isEmpty();
    }

    /** Where nothing moves the relief its shape does not touch the heel cut, and no gap is asked for. */
    @Test
    public void noneWhereTheReliefStays() {
        Job job = Jobs.put(Jobs.flatTop(), Aim.RELIEF, 0.05);
        assertThat(next(job.withVisit(job.visit().with(Lines.TRUSS_ROD, TrussRod.NONE))))
                .isEmpty();
        assertThat(next(Job.BLANK)).isEmpty();
    }
}
