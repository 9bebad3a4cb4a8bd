package org.kestan.repair.memory;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.base.notation.Length;
import org.kestan.base.standards.InstrumentKind;
import org.kestan.base.standards.Origin;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.testng.annotations.Test;

/** Learned values are offered, adopted and given back; and the totals of the logbook. */
public class SuggestedDefaultTest {

    private static final ShopStandards SHOP = ShopStandards.DEFAULT;
    private static final InstrumentKind LARGE = new InstrumentKind("steel", "large", "x");
    private static final InstrumentKind SMALL = new InstrumentKind("steel", "small", "x");

    private static Lesson lesson(InstrumentKind kind, String ways, double hours, LocalDate finished, LocalDate back) {
        return new Lesson(
                kind,
                OptionalDouble.of(1.2),
                OptionalDouble.of(hours > 9 ? -0.2 : 0.1),
                ways,
                OptionalDouble.of(hours),
                OptionalDouble.of(9),
                Map.of(80, 0.045),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.of(finished),
                Optional.ofNullable(back),
                Optional.of(finished.minusDays(hours > 9 ? 2 : -1)),
                Map.of());
    }

    private static final List<Lesson> MANY =
            Collections.nCopies(40, lesson(LARGE, "neck-reset", 12, LocalDate.of(2025, 3, 1), null));

    private static SuggestedDefault offer(ShopStandards shop, SuggestedDefault.What what) {
        return SuggestedDefault.of(Memory.of(MANY, SHOP), shop).stream()
                .filter(each -> each.what() == what)
                .findFirst()
                .orElseThrow();
    }

    /** A sink applies only to its kind of instrument, is marked, and goes back in one step. */
    @Test
    public void aSinkIsTakenOverForItsKind() {
        SuggestedDefault sink = offer(SHOP, SuggestedDefault.What.SINK);
        assertThat(sink.taken()).isFalse();
        assertThat(sink.usual().orElseThrow()).isEqualTo(SHOP.get(Standard.SINK));
        ShopStandards taken = sink.takenBy(SHOP);
        assertThat(taken.get(Standard.SINK)).as("of all").isEqualTo(SHOP.get(Standard.SINK));
        assertThat(taken.of(LARGE).get(Standard.SINK)).isCloseTo(1.2, within(0.03));
        assertThat(taken.of(LARGE).origin(Standard.SINK)).isEqualTo(Origin.LEARNED);
        assertThat(taken.of(SMALL)).isSameAs(taken);
        SuggestedDefault again = offer(taken, SuggestedDefault.What.SINK);
        assertThat(again.taken()).isTrue();
        assertThat(again.givenBackBy(taken)).isEqualTo(SHOP);
    }

    @Test
    public void hoursAndRatesAreTakenOverAsStandards() {
        ShopStandards taken = offer(SHOP, SuggestedDefault.What.HOURS).takenBy(SHOP);
        assertThat(taken.get(Standard.HOURS_RESET)).isCloseTo(11.9, within(0.15));
        assertThat(taken.origin(Standard.HOURS_RESET)).isEqualTo(Origin.LEARNED);
        ShopStandards both = offer(taken, SuggestedDefault.What.RATE).takenBy(taken);
        assertThat(both.get(Standard.PULL_80)).isCloseTo(0.044, within(0.0015));
        assertThat(both.takenOver().values()).containsExactlyInAnyOrder(Standard.HOURS_RESET, Standard.PULL_80);
        // A value typed over it is the shop's own again.
        ShopStandards typed = both.with(Standard.PULL_80, "0.05 mm").optional().orElseThrow();
        assertThat(typed.origin(Standard.PULL_80)).isEqualTo(Origin.SHOP);
        assertThat(offer(both, SuggestedDefault.What.RATE).givenBackBy(both)).isEqualTo(taken);
    }

    /**
     * Several ways in one job say nothing about the hours of each, and values for information only can't be adopted.
     */
    @Test
    public void whatSaysNothingOfAStandardSetsNone() {
        List<Lesson> pair = List.of(lesson(LARGE, "truss-rod+saddle", 2, LocalDate.of(2025, 3, 1), null));
        for (SuggestedDefault offer : SuggestedDefault.of(Memory.of(pair, SHOP), SHOP)) {
            boolean sets = offer.what() == SuggestedDefault.What.SINK || offer.what() == SuggestedDefault.What.RATE;
            assertThat(offer.canBeTaken()).as(offer.what().key()).isEqualTo(sets);
            assertThat(offer.isFrom(pair.get(0))).isTrue();
            if (!sets) {
                assertThat(offer.takenBy(SHOP)).isEqualTo(SHOP);
            }
        }
    }

    @Test
    public void aSinkThatIsNoneChangesNothing() {
        ShopStandards odd = SHOP.withTakenOver(SHOP.takenOver().with(LARGE, Length.ofText("-5 mm")));
        assertThat(odd.of(LARGE)).isEqualTo(odd);
    }

    /** Counted by hand. */
    @Test
    public void theLogbookAddsUp() {
        LocalDate today = LocalDate.of(2026, 6, 1);
        List<Lesson> lessons = new ArrayList<>();
        lessons.add(lesson(LARGE, "neck-reset", 12, LocalDate.of(2024, 2, 1), LocalDate.of(2024, 12, 1)));
        lessons.add(lesson(LARGE, "neck-reset", 8, LocalDate.of(2024, 5, 1), LocalDate.of(2025, 5, 2)));
        lessons.add(lesson(LARGE, "saddle", 1, LocalDate.of(2025, 5, 31), null));
        lessons.add(lesson(SMALL, "neck-reset", 10, LocalDate.of(2026, 1, 1), LocalDate.of(2026, 2, 1)));
        ShopStatistics logbook = ShopStatistics.of(lessons, today);
        assertThat(logbook.finished()).isEqualTo(4);
        assertThat(logbook.ways())
                .containsExactly(new ShopStatistics.Count("neck-reset", 3), new ShopStatistics.Count("saddle", 1));
        assertThat(logbook.misses()).extracting(ShopStatistics.Miss::year).containsExactly(2024, 2025, 2026);
        assertThat(logbook.misses().get(0).median()).isCloseTo(0.15, within(1e-12));
        assertThat(logbook.hours().get(0)).isEqualTo(new ShopStatistics.Hours("neck-reset", 3, 9, 10));
        // The last was finished less than a year ago; the second came back one day too late to count.
        assertThat(logbook.returns()).isEqualTo(new ShopStatistics.Returns(3, 1));
        // The first and the last were two days late; one day before the promise is on time.
        assertThat(logbook.promises()).isEqualTo(new ShopStatistics.Promises(4, 2, 4));
        assertThat(ShopStatistics.of(List.of(), today).finished()).isZero();
    }
}
