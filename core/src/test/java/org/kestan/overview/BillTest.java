package org.kestan.overview;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.kestan.base.standards.Letterhead;
import org.kestan.base.standards.SalesTax;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.Sections;
import org.kestan.job.parts.Part;
import org.kestan.job.terms.Lines;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.ways.WayCatalog;
import org.testng.annotations.Test;

/** What a job costs. */
public class BillTest {

    private static final Way RESET = WayCatalog.find("neck-reset").orElseThrow();

    private static ShopStandards taxed(SalesTax tax) {
        return ShopStandards.DEFAULT.withLetterhead(new Letterhead("", "", "", 30, tax, ""));
    }

    private static Job parts(Part... parts) {
        return Job.BLANK.with(Sections.PARTS, List.of(parts));
    }

    @Test
    public void partsWithPricesStandInForTheUsualPrice() {
        ShopStandards shop = ShopStandards.DEFAULT;
        Bill usual = Bill.of(Job.BLANK, shop, List.of(RESET));
        assertThat(usual.net()).isCloseTo(shop.cost(RESET.prices()), within(1e-9));
        Part pins = Part.of("bridge pins").withNeed(6).withPrice(Optional.of(1.5));
        Bill listed = Bill.of(parts(pins, Part.of("hide glue")), shop, List.of(RESET));
        assertThat(listed.parts()).containsExactly(pins);
        assertThat(listed.otherParts()).isZero();
        assertThat(listed.partsPrice()).isCloseTo(9, within(1e-9));
        assertThat(listed.workPrice()).isCloseTo(usual.workPrice(), within(1e-9));
        // A part without a price of its own is included in the usual price.
        assertThat(Bill.of(parts(Part.of("hide glue")), shop, List.of(RESET)).otherParts())
                .isEqualTo(usual.otherParts());
    }

    @Test
    public void taxIsOnAllOrOnPartsOnly() {
        Job job = parts(Part.of("saddle blank").withPrice(Optional.of(20.0))).with(Lines.DEPOSIT, 100.0);
        Bill all = Bill.of(job, taxed(new SalesTax(10, "", "", false)), List.of(RESET));
        assertThat(all.tax()).isCloseTo(all.net() / 10, within(1e-9));
        Bill some = Bill.of(job, taxed(new SalesTax(10, "", "", true)), List.of(RESET));
        assertThat(some.tax()).isCloseTo(2, within(1e-9));
        assertThat(some.total()).isCloseTo(some.net() + 2, within(1e-9));
        assertThat(some.left()).isCloseTo(some.total() - 100, within(1e-9));
        assertThat(Bill.of(job, ShopStandards.DEFAULT, List.of(RESET)).tax()).isZero();
    }
}
