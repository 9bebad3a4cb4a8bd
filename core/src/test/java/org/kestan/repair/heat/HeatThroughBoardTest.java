package org.kestan.repair.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.hipparchus.special.Erf;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class HeatThroughBoardTest {

    private static final ShopStandards SHOP = ShopStandards.DEFAULT;
    private static final double SIGMA = 0.47;

    /** The same two layers by finite differences (explicit, conserving the flow at the glue line; any textbook). */
    @Test
    public void againstFiniteDifferences() {
        double thickness = 6;
        double diffusivity = 0.155;
        // With the same diffusivity on both sides the effusivities are as the conductivities.
        double cell = 0.1;
        int glue = (int) Math.round(thickness / cell);
        double[] now = new double[20 * glue];
        java.util.Arrays.fill(now, 20);
        now[0] = 80;
        double step = 0.4 * cell * cell / diffusivity;
        HeatThroughBoard closed = new HeatThroughBoard(thickness, 80, 20, diffusivity);
        double next = 1;
        for (double seconds = 0; seconds < 12 * 60; seconds += step) {
            double[] then = now.clone();
            for (int i = 1; i < now.length - 1; i++) {
                double left = i <= glue ? 1 : SIGMA;
                double right = i < glue ? 1 : SIGMA;
                double holds = (left + right) / 2;
                then[i] = now[i] + 0.4 * (right * (now[i + 1] - now[i]) - left * (now[i] - now[i - 1])) / holds;
            }
            now = then;
            if (seconds >= next * 60) {
                assertThat(closed.glueLine(next)).isCloseTo(now[glue], within(0.15));
                next++;
            }
        }
        assertThat(next).isEqualTo(12);
    }

    /**
     * The first reflection alone tells early times: {@code (1 − α) erfc(ℓ/2√(at))}, the solution for a half-space raised by
     * the jump at the glue line (any textbook of heat conduction).
     */
    @Test
    public void earlyOnOnlyTheFirstWaveIsThere() {
        HeatThroughBoard board = new HeatThroughBoard(6, 80, 20, 0.155);
        double alpha = (SIGMA - 1) / (SIGMA + 1);
        double first = 20 + 60 * (1 - alpha) * Erf.erfc(6 / (2 * Math.sqrt(0.155 * 60)));
        assertThat(board.glueLine(1)).isCloseTo(first, within(1e-3));
        assertThat(board.glueLine(0)).isEqualTo(20);
        assertThat(board.glueLine(10_000)).isBetween(75.0, 80.0);
    }

    @Test
    public void minutesAndTemperatureAreOneFunction() {
        HeatThroughBoard board = new HeatThroughBoard(6.5, 78, 20, 0.15);
        for (double celsius : new double[] {25, 45, 60, 70}) {
            assertThat(board.glueLine(board.minutes(celsius))).isCloseTo(celsius, within(1e-3));
        }
        assertThat(board.minutes(20)).isZero();
        assertThat(board.minutes(78)).isInfinite();
    }

    /** Seven to ten minutes through a usual board before the first knife: common practice, no source. */
    @Test
    public void aUsualBoardTakesSevenToTenMinutes() {
        FirstKnife knife = FirstKnife.through(6.5, SHOP).orElseThrow();
        assertThat(knife.minutes()).isBetween(7.0, 10.0);
        assertThat(knife.from()).isLessThan(7);
        assertThat(knife.to()).isGreaterThan(10).isLessThan(15);
    }

    @Test
    public void thickerAndCoolerTakeLonger() {
        FirstKnife usual = FirstKnife.through(6, SHOP).orElseThrow();
        assertThat(FirstKnife.through(7, SHOP).orElseThrow().minutes()).isGreaterThan(usual.minutes());
        assertThat(FirstKnife.through(6, set(Standard.HEAT_SURFACE, "72"))
                        .orElseThrow()
                        .minutes())
                .isGreaterThan(usual.minutes());
        assertThat(FirstKnife.through(6, set(Standard.HEAT_FACTOR, "1.5"))
                        .orElseThrow()
                        .minutes())
                .isCloseTo(1.5 * usual.minutes(), within(1e-9));
    }

    @Test
    public void aSurfaceTooCoolTellsNothing() {
        assertThat(FirstKnife.through(6, set(Standard.HEAT_SURFACE, "66"))).isEmpty();
        assertThat(FirstKnife.through(0, SHOP)).isEmpty();
    }

    @DataProvider
    public Object[][] limits() {
        return new Object[][] {
            {Standard.HEAT_SURFACE, "80", true}, {Standard.HEAT_SURFACE, "80.1", false},
        };
    }

    @Test(dataProvider = "limits")
    public void inlaysBearSoMuch(Standard standard, String value, boolean bears) {
        assertThat(FirstKnife.through(6, set(standard, value)).orElseThrow().sparesInlay())
                .isEqualTo(bears);
    }

    @Test
    public void oldLacquerBearsSoMuch() {
        assertThat(FirstKnife.through(6, set(Standard.GLUE_SOFTENS, "60"))
                        .orElseThrow()
                        .sparesFinish())
                .isTrue();
        assertThat(FirstKnife.through(6, set(Standard.GLUE_SOFTENS, "60.1"))
                        .orElseThrow()
                        .sparesFinish())
                .isFalse();
    }

    /**
     * The board is as thick as the frets stand over the top, less the fret; without that reading there is no estimate.
     */
    @Test
    public void theBoardOfAJob() {
        Job job = Jobs.put(Jobs.put(Jobs.flatTop(), Reading.FRETS_OVER_TOP, 7.5), Reading.FRET_HEIGHT, 1);
        assertThat(FirstKnife.underFretboard(job, SHOP)).isEqualTo(FirstKnife.through(6.5, SHOP));
        assertThat(FirstKnife.underFretboard(Jobs.without(job, Reading.FRETS_OVER_TOP), SHOP))
                .isEqualTo(Optional.empty());
        assertThat(FirstKnife.underBridge(Jobs.put(job, Reading.BRIDGE_THICKNESS, 9), SHOP))
                .isEqualTo(FirstKnife.through(9, SHOP));
    }

    private static ShopStandards set(Standard standard, String value) {
        return SHOP.with(standard, value).optional().orElseThrow();
    }
}
