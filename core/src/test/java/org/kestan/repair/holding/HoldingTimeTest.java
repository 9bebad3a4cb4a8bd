package org.kestan.repair.holding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import org.kestan.analysis.setup.Setup;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.job.terms.Lines;
import org.kestan.job.visits.Visit;
import org.kestan.job.visits.Visits;
import org.kestan.judgment.ways.WayCatalog;
import org.kestan.text.HoldingText;
import org.testng.annotations.Test;

public class HoldingTimeTest {

    private static final ShopStandards SHOP = ShopStandards.DEFAULT;
    private static final LocalDate DAY = LocalDate.of(2026, 6, 30);

    private static HoldingTime holds(Job job, Growth growth, double cost) {
        Setup setup = SheetAnalysis.of(job, SHOP).measured().orElseThrow();
        return HoldingTime.of(job, SHOP, growth, setup, List.of(WayCatalog.SADDLE), cost, DAY);
    }

    private static Job job(double action, double saddle) {
        Job job = Jobs.put(Jobs.put(Jobs.flatTop(), Reading.ACTION_BASS, action), Reading.ACTION_TREBLE, action - 0.5);
        return Jobs.put(Jobs.put(job, Reading.SADDLE_BASS, saddle), Reading.SADDLE_TREBLE, saddle);
    }

    /** By hand: 8/64 in less 2.175 mm is 1 mm of room; 2 mm of saddle over the least is about 1 mm more, at 0.1 mm a year. */
    @Test
    public void roomAndSaddleAreUsedUp() {
        double least = SHOP.get(Standard.PROTRUSION_LEAST);
        HoldingTime holds = holds(job(3.175 - 1, least + 2), new Growth(0.1, 0.05, 0.2), 200);
        double years = (1 + 2 * 316 / 633.476) / 0.1;
        assertThat(holds.until())
                .isEqualTo(DAY.plusDays(Math.round(years * 365.25)).getYear());
        assertThat(holds.from())
                .isEqualTo(DAY.plusDays(Math.round(years / 2 * 365.25)).getYear());
        assertThat(holds.to())
                .isEqualTo(DAY.plusDays(Math.round(years * 2 * 365.25)).getYear());
        assertThat(holds.pricePerYear()).isCloseTo(200 / years, within(0.05));
    }

    @Test
    public void nothingLeftHoldsNoYear() {
        double least = SHOP.get(Standard.PROTRUSION_LEAST);
        HoldingTime holds = holds(job(3.3, least), new Growth(0.05, 0.02, 0.12), 90);
        assertThat(holds.until()).isEqualTo(2026);
        assertThat(holds.pricePerYear()).isEqualTo(90);
    }

    /** A settling movement takes longer: r·τ·ln(1 + t/τ) has risen by the allowance. */
    @Test
    public void itSlowsAfterAReset() {
        double years = HoldingTime.years(0.3, 0.05, 10);
        assertThat(0.05 * 10 * Math.log1p(years / 10)).isCloseTo(0.3, within(1e-9));
        assertThat(HoldingTime.years(0.3, 0.05, Double.POSITIVE_INFINITY)).isCloseTo(6, within(1e-12));
        assertThat(HoldingTime.years(1, 0, 10)).isEqualTo(60);
        assertThat(HoldingTime.years(50, 0.05, 10)).isEqualTo(60);
    }

    /** A year beyond the horizon is only given as later. */
    @Test
    public void farYearsAreNotSaidToTheYear() {
        assertThat(HoldingText.years(new HoldingTime(2041, 2033, 2066, 4, 2086)))
                .isEqualTo("2041 (2033 to 2066)");
        assertThat(HoldingText.years(new HoldingTime(2071, 2043, 2086, 4, 2086)))
                .isEqualTo("2071 (2043 or later)");
        assertThat(HoldingText.years(new HoldingTime(2086, 2050, 2086, 4, 2086)))
                .isEqualTo("after 2086 (not before 2050)");
    }

    /** Three visits give an instrument's own growth; one gives none, and the shop's usual rate counts. */
    @Test
    public void itsOwnVisitsTell() {
        Growth usual = Growth.of(Jobs.flatTop(), SHOP);
        assertThat(usual.usual()).isEqualTo(SHOP.get(Standard.GROWTH));
        Job job = Jobs.flatTop().with(Lines.TAKEN_ON, LocalDate.of(2024, 1, 1));
        List<Visit> before = List.of(
                visit(job, 2012, 3.9 - 12 * 0.08), visit(job, 2016, 3.9 - 8 * 0.08), visit(job, 2020, 3.9 - 4 * 0.08));
        Growth own = Growth.of(job.withVisits(visits -> new Visits(job.visit(), before)), SHOP);
        assertThat(own.usual()).isCloseTo(0.08, within(1e-3));
        assertThat(own.least()).isLessThanOrEqualTo(own.usual());
        assertThat(own.most()).isGreaterThanOrEqualTo(own.usual());
    }

    private static Visit visit(Job job, int year, double action) {
        return Jobs.put(job, Reading.ACTION_BASS, action)
                .with(Lines.TAKEN_ON, LocalDate.of(year, 1, 1))
                .visit();
    }
}
