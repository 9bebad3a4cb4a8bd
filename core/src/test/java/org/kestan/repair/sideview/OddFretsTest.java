package org.kestan.repair.sideview;

import static org.assertj.core.api.Assertions.assertThat;

import org.kestan.base.geometry.Frets;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.job.terms.Lines;
import org.kestan.overview.JobAnalysis;
import org.testng.annotations.Test;

/** Frets that no instrument has, from files made elsewhere: the drawing still works. */
public class OddFretsTest {

    @Test
    public void everyPlaceIsAtAFretThereIs() {
        for (int fret : new int[] {-3, 0, 37, 1000}) {
            for (Job job : new Job[] {Jobs.flatTop(), Jobs.flatTop().without(Reading.ACTION_BASS)}) {
                Job odd = job.with(Lines.RELIEF_READ_AT, fret).with(Lines.ACTION_FRET, fret);
                SideView view =
                        JobAnalysis.of(odd, ShopStandards.DEFAULT).sideView().orElseThrow();
                assertThat(view.marks().relief()).isBetween(1, Frets.HIGHEST);
                assertThat(view.marks().action()).isBetween(1, Frets.HIGHEST);
            }
        }
    }
}
