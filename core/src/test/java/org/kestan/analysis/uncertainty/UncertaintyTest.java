package org.kestan.analysis.uncertainty;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.kestan.analysis.inputs.Repeatability;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Tool;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.testng.annotations.Test;

public class UncertaintyTest {

    /**
     * JCGM 100:2008, Annex H.1, end-gauge calibration: l = lS + d − lS(δα·θ + αS·δθ); u_c(l) = 32 nm, with contributions 25,
     * 9.7, 2.9 and 16.6 nm. Values from memory of the published tables; θ's own first-order contributions vanish there
     * because δα and δθ have expectation zero.
     */
    @Test
    public void endGaugeOfTheGuide() {
        double nominal = 50.000623e6;
        Propagation length = Propagation.of(
                x -> x[0] + x[1] - x[0] * (x[2] * x[4] + x[3] * x[5]),
                // lS nm, d nm, δα, αS, θ, δθ
                new double[] {nominal, 215, 0, 11.5e-6, -0.1, 0},
                new double[] {25, 9.7, 0.58e-6, 1.2e-6, 0.41, 0.029});
        assertThat(length.value()).isCloseTo(nominal + 215, within(1e-3));
        assertThat(length.contributions()[0]).isCloseTo(25, within(0.1));
        assertThat(length.contributions()[1]).isCloseTo(9.7, within(0.05));
        assertThat(length.contributions()[2]).isCloseTo(2.9, within(0.05));
        assertThat(length.contributions()[3]).isCloseTo(0, within(1e-9));
        assertThat(length.contributions()[4]).isCloseTo(0, within(1e-9));
        assertThat(length.contributions()[5]).isCloseTo(16.6, within(0.1));
        assertThat(length.standard()).isCloseTo(32, within(0.5));
    }

    /**
     * JCGM 100:2008, Annex H.2, simultaneous resistance and reactance: V, I and φ correlated. R = 127.732 Ω, u = 0.071; X =
     * 219.847 Ω, u = 0.295; Z = 254.260 Ω, u = 0.236. Values from memory of the published tables.
     */
    @Test
    public void resistanceAndReactanceOfTheGuide() {
        double[] inputs = {4.9990, 19.6610e-3, 1.04446};
        double[] standard = {0.0032, 0.0095e-3, 0.00075};
        double[][] r = {{1, -0.36, 0.86}, {-0.36, 1, -0.65}, {0.86, -0.65, 1}};
        Propagation resistance = Propagation.of(x -> x[0] / x[1] * Math.cos(x[2]), inputs, standard, r);
        Propagation reactance = Propagation.of(x -> x[0] / x[1] * Math.sin(x[2]), inputs, standard, r);
        Propagation impedance = Propagation.of(x -> x[0] / x[1], inputs, standard, r);
        assertThat(resistance.value()).isCloseTo(127.732, within(0.02));
        assertThat(resistance.standard()).isCloseTo(0.071, within(0.002));
        assertThat(reactance.value()).isCloseTo(219.847, within(0.02));
        assertThat(reactance.standard()).isCloseTo(0.295, within(0.004));
        assertThat(impedance.value()).isCloseTo(254.260, within(0.02));
        assertThat(impedance.standard()).isCloseTo(0.236, within(0.003));
        assertThat(impedance.expanded()).isEqualTo(2 * impedance.standard());
    }

    @Test
    public void countsMustAgree() {
        assertThatThrownBy(() -> Propagation.of(x -> x[0], new double[] {1}, new double[] {1, 2}))
                .isInstanceOf(IllegalArgumentException.class);
    }

    /** The heel cut is about H·Δ/D, so its uncertainty follows by hand from the action's, which leverage doubles. */
    @Test
    public void heelCutIsDominatedByTheAction() {
        Job job = Jobs.without(Jobs.flatTop(), Reading.PROJECTION_STRUNG);
        Uncertainty.Estimate cut = Uncertainty.of(SheetAnalysis.of(job, ShopStandards.DEFAULT))
                .of(DerivedFigure.HEEL_CUT)
                .orElseThrow();
        assertThat(cut.dominating())
                .hasValueSatisfying(reading -> assertThat(reading).isIn(Reading.ACTION_BASS, Reading.ACTION_TREBLE));
        double action = Repeatability.standard(job.visit(), Reading.ACTION_BASS, ShopStandards.DEFAULT);
        // Two sides, each half of the mean, each doubled by the leverage of the string: √2·u(action)·H/D at least.
        double byHand = 1.9 * Math.sqrt(2) * action * 92 / 283;
        assertThat(cut.expanded()).isBetween(byHand, 1.25 * byHand);
    }

    @Test
    public void aDialOnTheActionMakesTheCutBetterKnown() {
        Job job = Jobs.without(Jobs.flatTop(), Reading.PROJECTION_STRUNG);
        Uncertainty.Estimate before = Uncertainty.of(SheetAnalysis.of(job, ShopStandards.DEFAULT))
                .of(DerivedFigure.HEEL_CUT)
                .orElseThrow();
        Job dial = job.withVisit(
                job.visit().withTool(Reading.ACTION_BASS, Tool.DIAL).withTool(Reading.ACTION_TREBLE, Tool.DIAL));
        Uncertainty.Estimate after = Uncertainty.of(SheetAnalysis.of(dial, ShopStandards.DEFAULT))
                .of(DerivedFigure.HEEL_CUT)
                .orElseThrow();
        assertThat(before.expanded() / after.expanded()).isGreaterThan(2.5);
        assertThat(before.gain(Tool.RULE_64, Tool.DIAL)).isGreaterThan(1.2);
    }

    /** Where 95 % lie: of a rectangle (JCGM 100:2008, G.6.5) and of a triangle, in their standard deviations, by integration. */
    @Test
    public void fewEvenInputsNeedASmallerFactor() {
        assertThat(Propagation.coverage(0)).isEqualTo(2);
        assertThat(Propagation.coverage(-1.2)).isCloseTo(0.95 * Math.sqrt(3), within(0.01));
        double triangle = (1 - Math.sqrt(0.05)) * Math.sqrt(6);
        assertThat(Propagation.coverage(-0.6)).isCloseTo(triangle, within(0.01));
    }

    @Test
    public void scatterOfTheTakesCounts() {
        Job job = Jobs.flatTop();
        List<Length> takes = List.of(Length.ofText("8.6 mm"), Length.ofText("8.8 mm"), Length.ofText("9.0 mm"));
        Job scattered = job.withVisit(job.visit().withTakes(Reading.BRIDGE_THICKNESS, takes, Length.ofText("8.8 mm")));
        double tool = 0.02 / Math.sqrt(3);
        double single = Repeatability.standard(job.visit(), Reading.BRIDGE_THICKNESS, ShopStandards.DEFAULT);
        assertThat(single).isCloseTo(Math.hypot(tool, 0.1), within(1e-12));
        // s = 0.2 of three takes pooled with four of the shop's 0.1; the median of three scatters as 1.346·s²/3.
        double pooled = (2 * 0.2 * 0.2 + 4 * 0.1 * 0.1) / 6;
        assertThat(Repeatability.standard(scattered.visit(), Reading.BRIDGE_THICKNESS, ShopStandards.DEFAULT))
                .isCloseTo(Math.hypot(tool, Math.sqrt(pooled * 1.346 / 3)), within(1e-9));
    }

    @Test
    public void nothingIsClaimedWithoutAPlan() {
        assertThat(Uncertainty.of(SheetAnalysis.of(Job.BLANK, ShopStandards.DEFAULT))
                        .of(DerivedFigure.NECK_ANGLE))
                .isEqualTo(Optional.empty());
    }
}
