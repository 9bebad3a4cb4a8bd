package org.kestan.base.standards;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.kestan.Said.said;

import java.util.Map;
import java.util.stream.Stream;
import org.kestan.base.notation.Parsed;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class ShopStandardsTest {

    private static final ShopStandards START = ShopStandards.DEFAULT;

    /** Common practice, no source. */
    @DataProvider
    public Object[][] practice() {
        return new Object[][] {
            {Standard.BRIDGE_FULL, 3.0 / 8 * 25.4},
            {Standard.BRIDGE_THIN, 9.0 / 32 * 25.4},
            {Standard.BRIDGE_CUT, 25.4 / 4},
            {Standard.ACTION_OUT_OF_SPEC, 8.0 / 64 * 25.4},
            {Standard.ACTION_HIGH, 6.0 / 64 * 25.4},
            {Standard.ACTION_WANTED_BASS, 5.0 / 64 * 25.4},
            {Standard.ACTION_WANTED_TREBLE, 4.0 / 64 * 25.4},
            {Standard.SHIM_FINE, 0.25},
            {Standard.SHIM_MIDDLE, 0.5},
            {Standard.SHIM_COARSE, 1.0},
            {Standard.SADDLE_LEFT, 0.180 * 25.4}
        };
    }

    @Test(dataProvider = "practice")
    public void startsWithWhatTheTradeHolds(Standard standard, double value) {
        assertThat(START.get(standard)).isCloseTo(value, within(1e-12));
        assertThat(standard.origin()).isEqualTo(Origin.PRACTICE);
    }

    /** Each family has its own value if there is one, else the common one. */
    @Test
    public void familiesHaveTheirOwnLimits() {
        assertThat(START.get(Standard.ACTION_WANTED_BASS, Family.SWING_ARCHTOP)).isEqualTo(3);
        assertThat(START.get(Standard.ACTION_WANTED_TREBLE, Family.SWING_ARCHTOP))
                .isEqualTo(2);
        assertThat(START.get(Standard.ACTION_HIGH, Family.STEEL)).isEqualTo(START.get(Standard.ACTION_HIGH));
        for (Family family : Family.values()) {
            assertThat(START.get(Standard.ACTION_LOW, family)).isLessThan(START.get(Standard.ACTION_MEDIUM, family));
            assertThat(START.get(Standard.ACTION_MEDIUM, family)).isLessThan(START.get(Standard.ACTION_HIGH, family));
            assertThat(START.get(Standard.ACTION_WANTED_BASS, family))
                    .isBetween(START.get(Standard.ACTION_LOW, family), START.get(Standard.ACTION_HIGH, family));
        }
        assertThat(START.with(Standard.ACTION_LOW_CLASSICAL, "9 mm").optional()).isEmpty();
    }

    /** Carbon steel: about 7850 kg/m³ and 200 to 207 GPa (handbook tables; ASTM A228 wire). */
    @Test
    public void publishedValuesAreMarkedSo() {
        assertThat(START.get(Standard.STEEL_DENSITY)).isCloseTo(7.85, within(0.01));
        assertThat(START.get(Standard.STEEL_MODULUS)).isBetween(200.0, 207.0);
        assertThat(Standard.STEEL_DENSITY.origin()).isEqualTo(Origin.PUBLISHED);
    }

    @Test
    public void everyStandardReadsItsOwnStart() {
        assertThat(Standard.values()).allSatisfy(standard -> {
            assertThat(standard.parse(standard.startText()).optional()).isPresent();
            assertThat(Standard.ofKey(standard.key())).contains(standard);
            assertThat(START.isSet(standard)).isFalse();
        });
        assertThat(Stream.of(Standard.values()).map(Standard::key).distinct()).hasSize(Standard.values().length);
    }

    @Test
    public void isKeptAsTypedAndMarkedAsTheShops() {
        ShopStandards shop = ok(START.with(Standard.SINK, "1/32 in"));
        assertThat(shop.text(Standard.SINK)).isEqualTo("1/32 in");
        assertThat(shop.get(Standard.SINK)).isCloseTo(25.4 / 32, within(1e-12));
        assertThat(shop.origin(Standard.SINK)).isEqualTo(Origin.SHOP);
        assertThat(shop.reset(Standard.SINK)).isEqualTo(START);
    }

    @DataProvider
    public Object[][] bad() {
        return new Object[][] {
            {Standard.SINK, "0.8"},
            {Standard.SINK, "-1 mm"},
            {Standard.SINK, "two"},
            {Standard.HOURLY_RATE, "60 mm"},
            {Standard.HOURLY_RATE, ""},
            {Standard.HUMIDITY_MOST, "120"},
            {Standard.SHIM_COARSE, "1"},
            {Standard.RELIEF_LEAST, "0.020 in"},
            {Standard.BRIDGE_THIN, "1/8 in"},
            {Standard.BRIDGE_THIN, "1/2 in"},
        };
    }

    @Test(dataProvider = "bad")
    public void whatCannotBeIsRefusedWithAWord(Standard standard, String typed) {
        Parsed<ShopStandards> refused = START.with(standard, typed);
        assertThat(refused).isInstanceOf(Parsed.Bad.class);
        Parsed.Bad<ShopStandards> said = (Parsed.Bad<ShopStandards>) refused;
        assertThat(said(said.problem())).isNotBlank();
        assertThat(said(said.accepted())).isNotBlank();
    }

    @Test
    public void severalMoveTogetherPastEachOther() {
        Map<Standard, String> window = Map.of(Standard.RELIEF_LEAST, "0.020 in", Standard.RELIEF_MOST, "0.030 in");
        assertThat(START.withAll(window)).isPresent();
        assertThat(START.withAll(Map.of(Standard.RELIEF_LEAST, "0.020 in"))).isEmpty();
    }

    @Test
    public void aSchoolOfReliefBringsItsWindow() {
        ShopStandards shop = START.with(School.RELIEF_STRAIGHT);
        assertThat(shop.get(Standard.RELIEF_MOST)).isCloseTo(0.006 * 25.4, within(1e-12));
        assertThat(shop.holds(School.RELIEF_STRAIGHT)).isTrue();
        assertThat(shop.with(School.RELIEF_WIDE)).isEqualTo(START);
    }

    @Test
    public void everyQuestionHasSchoolsToChooseFrom() {
        assertThat(SchoolQuestion.values()).allSatisfy(question -> {
            assertThat(question.schools()).hasSizeGreaterThanOrEqualTo(2);
            for (School school : question.schools()) {
                assertThat(START.with(school).school(question)).isEqualTo(school);
                assertThat(School.ofKey(question, school.key())).contains(school);
            }
        });
    }

    @Test
    public void workIsPricedByHoursAndParts() {
        double cost = START.cost(ShopStandards.RESET);
        assertThat(cost).isCloseTo(9 * 60 + 10 + 8 + 6, within(1e-9));
        ShopStandards dearer = ok(START.with(Standard.HOURLY_RATE, "100"));
        assertThat(dearer.cost(ShopStandards.RESET) - cost).isCloseTo(9 * 40, within(1e-9));
    }

    @Test
    public void aSmallBodysBridgeMayBeThinner() {
        assertThat(START.bridgeThin("small")).isLessThan(START.bridgeThin("large"));
    }

    private static ShopStandards ok(Parsed<ShopStandards> parsed) {
        return parsed.optional().orElseThrow();
    }
}
