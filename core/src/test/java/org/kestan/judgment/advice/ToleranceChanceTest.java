package org.kestan.judgment.advice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.kestan.analysis.inputs.Repeatability;
import org.kestan.analysis.setup.Setup;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Tool;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.judgment.way.JudgmentContext;
import org.testng.annotations.Test;

public class ToleranceChanceTest {

    private static final ShopStandards SHOP = ShopStandards.DEFAULT;
    private static final int DRAWS = 200_000;

    private static Job job(String bass, String treble, Tool tool) {
        Job job = Jobs.sound(Jobs.flatTop())
                .with(Reading.ACTION_BASS, Length.ofText(bass))
                .with(Reading.ACTION_TREBLE, Length.ofText(treble))
                .with(Aim.ACTION_BASS, Length.ofText("5/64 in"))
                .with(Aim.ACTION_TREBLE, Length.ofText("4/64 in"));
        return job.withVisit(job.visit().withTool(Reading.ACTION_BASS, tool).withTool(Reading.ACTION_TREBLE, tool));
    }

    private static double out(Job job, Setup after) {
        SheetAnalysis sheet = SheetAnalysis.of(job, SHOP);
        return new ToleranceChance(JudgmentContext.of(sheet), sheet.measured().orElseThrow()).out(after, List.of());
    }

    private static Setup measured(Job job) {
        return SheetAnalysis.of(job, SHOP).measured().orElseThrow();
    }

    /**
     * A reading of 6/64 in with a target of 5/64 in is out of tolerance but for the error of the rule. Common
     * practice, no source.
     */
    @Test
    public void aSixtyFourthTooHighIsOutByARuleAndRightIsNot() {
        Job high = job("6/64 in", "5/64 in", Tool.RULE_64);
        assertThat(out(high, measured(high))).isGreaterThan(0.9);
        Job right = job("5/64 in", "4/64 in", Tool.RULE_64);
        assertThat(out(right, measured(right))).isLessThan(0.3);
        Job read = job("5/64 in", "4/64 in", Tool.DIAL);
        assertThat(out(read, measured(read))).isLessThan(0.01);
    }

    /** Against random draws of the same quantities, with much less error in each side alone than in what both share. */
    @Test
    public void aDialAfterTheRodIsWorkedOutAsFinelyAsByRule() {
        for (Tool tool : new Tool[] {Tool.RULE_64, Tool.DIAL}) {
            Job job = Jobs.put(job("2.3 mm", "1.9 mm", tool), Reading.RELIEF, 0.5);
            Setup now = measured(job);
            Setup after = now.afterRelief(0.1);
            assertThat(out(job, after)).as("%s", tool).isCloseTo(drawn(job, now, after), within(0.005));
        }
    }

    private static double drawn(Job job, Setup now, Setup after) {
        Random random = new Random(7);
        double share = SHOP.get(Standard.ROD_SHAPE) / Math.sqrt(3);
        double reach = SHOP.get(Standard.ACTION_REACH);
        double bassOff =
                after.action().bass() - job.millimeters(Aim.ACTION_BASS).orElseThrow();
        double trebleOff =
                after.action().treble() - job.millimeters(Aim.ACTION_TREBLE).orElseThrow();
        double bassOwn = Repeatability.standard(job.visit(), Reading.ACTION_BASS, SHOP);
        double trebleOwn = Repeatability.standard(job.visit(), Reading.ACTION_TREBLE, SHOP);
        int out = 0;
        for (int i = 0; i < DRAWS; i++) {
            double bend = random.nextGaussian() * share;
            double bass = bassOff
                    + bend * Math.abs(after.action().bass() - now.action().bass())
                    + random.nextGaussian() * bassOwn;
            double treble = trebleOff
                    + bend * Math.abs(after.action().treble() - now.action().treble())
                    + random.nextGaussian() * trebleOwn;
            if (Math.abs(bass) > reach || Math.abs(treble) > reach) {
                out++;
            }
        }
        return (double) out / DRAWS;
    }
}
