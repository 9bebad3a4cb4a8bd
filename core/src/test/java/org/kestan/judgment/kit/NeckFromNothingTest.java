package org.kestan.judgment.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.kestan.Said.said;

import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.sheet.Dimension;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.job.terms.Form;
import org.kestan.job.terms.Lines;
import org.kestan.judgment.kit.NeckFromNothing.Advice;
import org.kestan.judgment.kit.NeckFromNothing.Build;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class NeckFromNothingTest {

    private static final double INCH = 25.4;

    private static Build build(double over, double lowest, double highest) {
        return new Build(
                628,
                16,
                over,
                1.8,
                0.4,
                lowest,
                highest,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty());
    }

    private static NeckFromNothing worked(Build build) {
        return NeckFromNothing.of(build, ShopStandards.DEFAULT).orElseThrow();
    }

    /** Top to string 0.3 in or less: flat; 0.5 in or more: angled. Common practice, no source. */
    @DataProvider
    public Object[][] heights() {
        return new Object[][] {
            {0.25, Advice.FLAT}, {0.3, Advice.FLAT}, {0.4, Advice.EITHER}, {0.5, Advice.ANGLED}, {0.7, Advice.ANGLED}
        };
    }

    @Test(dataProvider = "heights")
    public void heightOverTheTopTellsFlatFromAngled(double inches, Advice advice) {
        assertThat(worked(build(6, inches * INCH, inches * INCH + 6)).advice()).isEqualTo(advice);
    }

    /** An instrument built at that angle and measured has that pitch: the sheet's own arithmetic, the other way round. */
    @Test
    public void theAngleIsThePitchOfTheFinishedInstrument() {
        NeckFromNothing neck = worked(build(7, 14, 20));
        Job finished = Job.BLANK.with(Lines.FORM, Form.ARCHTOP).with(Lines.JOINT_FRET, 16);
        finished = Jobs.put(finished, Dimension.SCALE, 628);
        finished = Jobs.put(Jobs.put(finished, Reading.RELIEF, 0), Reading.FRETS_OVER_TOP, 7);
        finished = Jobs.put(Jobs.put(finished, Reading.NUT_BASS, 0.4), Reading.NUT_TREBLE, 0.4);
        finished = Jobs.put(Jobs.put(finished, Reading.ACTION_BASS, 1.8), Reading.ACTION_TREBLE, 1.8);
        finished = Jobs.put(finished, Reading.BRIDGE_HEIGHT, 17);
        double pitch = SheetAnalysis.of(finished, ShopStandards.DEFAULT)
                .trajectory()
                .orElseThrow()
                .pitch()
                .orElseThrow()
                .radians();
        assertThat(neck.inMiddle().angle().radians()).isCloseTo(pitch, within(1e-12));
        assertThat(neck.atLowest().angle().radians()).isLessThan(pitch);
        assertThat(neck.atHighest().angle().radians()).isGreaterThan(pitch);
    }

    @Test
    public void aFlatNeckAtItsOwnHeightNeedsNoAngle() {
        NeckFromNothing probe = worked(build(7, 10, 12));
        NeckFromNothing flat = worked(build(7, probe.flatHeight(), probe.flatHeight()));
        assertThat(flat.inMiddle().angle().radians()).isCloseTo(0, within(1e-12));
        assertThat(flat.raise()).isCloseTo(0, within(1e-9));
        assertThat(flat.problems()).isEmpty();
    }

    @Test
    public void whatCannotWorkSaysSo() {
        assertThat(worked(build(7, 20, 26)).problems())
                .anySatisfy(text -> assertThat(said(text)).contains("lower than it can go"));
        assertThat(worked(build(14, 8, 10)).problems())
                .anySatisfy(text -> assertThat(said(text)).contains("higher than it can go"))
                .anySatisfy(text -> assertThat(said(text)).contains("lean forward"));
        assertThat(worked(build(4, 60, 62)).problems())
                .anySatisfy(text -> assertThat(said(text)).contains("too steep"));
        Build slack =
                new Build(628, 16, 7, 1.8, 0.4, 13, 18, OptionalDouble.of(13), OptionalDouble.of(90), Optional.empty());
        assertThat(worked(slack).problems())
                .anySatisfy(text -> assertThat(said(text)).contains("too flat"));
        assertThat(worked(slack).atHighest().breakAngle()).isPresent();
    }

    @Test
    public void numbersThatAreNoInstrumentGiveNothing() {
        assertThat(NeckFromNothing.of(build(7, 20, 10), ShopStandards.DEFAULT)).isEmpty();
        assertThat(NeckFromNothing.of(build(7, 0, 10), ShopStandards.DEFAULT)).isEmpty();
    }
}
