package org.kestan.repair.memory;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.hipparchus.stat.descriptive.rank.Median;
import org.kestan.base.standards.InstrumentKind;
import org.kestan.base.standards.ShopStandards;
import org.testng.annotations.Test;

public class MemoryTest {

    private static final ShopStandards SHOP = ShopStandards.DEFAULT;
    private static final InstrumentKind LARGE = new InstrumentKind("steel", "large", "x");

    private static Lesson sink(InstrumentKind kind, double mm) {
        return new Lesson(
                kind,
                OptionalDouble.of(mm),
                OptionalDouble.empty(),
                "neck-reset",
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Map.of(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Map.of());
    }

    /** Simulated shops whose bodies fold differently from the default: with many jobs the known sink is recovered. */
    @Test
    public void knownSinksAreRecovered() {
        Random random = new Random(7);
        for (double known : new double[] {0.5, 0.8, 1.1, 1.4}) {
            List<Lesson> lessons = new ArrayList<>();
            for (int i = 0; i < 200; i++) {
                // One reading in thirty is grossly wrong.
                double odd = i % 30 == 0 ? 3 : 0;
                lessons.add(sink(LARGE, known + 0.15 * random.nextGaussian() + odd));
                lessons.add(sink(new InstrumentKind("classical", "", "fan"), 0.3));
            }
            LearnedValue learned = Memory.of(lessons, SHOP).sink().get(LARGE);
            assertThat(learned.n()).isEqualTo(200);
            assertThat(learned.median()).isCloseTo(known, within(0.05));
            assertThat(learned.spread()).isCloseTo(0.15, within(0.04));
            assertThat(learned.offered()).isCloseTo(known, within(0.05));
        }
    }

    /** Few jobs leave the default almost as it is; each further one pulls it toward what they show. */
    @Test
    public void fewJobsLeaveTheDefault() {
        double before = 0.8;
        for (int n : new int[] {1, 2, 5, 20, 100}) {
            List<Lesson> lessons = new ArrayList<>();
            for (int i = 0; i < n; i++) {
                lessons.add(sink(LARGE, 1.4));
            }
            double offered = Memory.of(lessons, SHOP).sink().get(LARGE).offered();
            assertThat(offered).isGreaterThan(before).isLessThan(1.5);
            before = offered;
        }
        assertThat(before).isCloseTo(1.4, within(0.03));
    }

    /** The median is that of a statistics library. */
    @Test
    public void theMedianIsTheMedian() {
        Random random = new Random(3);
        for (int n = 1; n < 30; n++) {
            List<Double> values = random.doubles(n).boxed().toList();
            double[] all = values.stream().mapToDouble(Double::doubleValue).toArray();
            assertThat(LearnedValue.median(values)).isCloseTo(new Median().evaluate(all), within(1e-12));
        }
    }

    /** A shop without jobs has learned nothing. */
    @Test
    public void nothingFromNothing() {
        Memory memory = Memory.of(List.of(), SHOP);
        assertThat(memory.sink()).isEmpty();
        assertThat(memory.hours()).isEmpty();
        assertThat(memory.release()).isEmpty();
    }
}
