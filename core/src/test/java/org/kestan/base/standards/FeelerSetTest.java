package org.kestan.base.standards;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.kestan.base.notation.Length;
import org.kestan.base.notation.Parsed;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class FeelerSetTest {

    private static final double THOU = 0.0254;

    private static FeelerSet leaves(String text) {
        return FeelerSet.parse(text).optional().orElseThrow();
    }

    /** 0.010 + 0.006 = 0.016 in: common practice, no source. */
    @Test
    public void tenAndSixAreSixteen() {
        FeelerSet.Stack stack = leaves("0.004 in, 0.006 in, 0.010 in, 0.013 in").stack(16 * THOU, 0);
        assertThat(stack.leaves()).extracting(Length::text).containsExactly("0.010 in", "0.006 in");
        assertThat(stack.error()).isCloseTo(0, within(1e-12));
        assertThat(stack.thickness()).isCloseTo(16 * THOU, within(1e-12));
    }

    @Test
    public void fewerLeavesComeBeforeCloserOnes() {
        FeelerSet owned = leaves("0.005 in, 0.011 in, 0.0163 in");
        assertThat(owned.stack(16 * THOU, 0.5 * THOU).leaves()).hasSize(1);
        assertThat(owned.stack(16 * THOU, 0.1 * THOU).leaves()).hasSize(2);
    }

    @Test
    public void aLeafIsNotUsedTwiceUnlessOwnedTwice() {
        assertThat(leaves("0.010 in").stack(20 * THOU, 0.5 * THOU).leaves()).hasSize(1);
        assertThat(leaves("0.010 in, 0.010 in").stack(20 * THOU, 0.5 * THOU).leaves())
                .hasSize(2);
    }

    @Test
    public void nothingStacksToNothing() {
        FeelerSet.Stack none = FeelerSet.USUAL.stack(0, 0.5 * THOU);
        assertThat(none.leaves()).isEmpty();
        assertThat(none.error()).isZero();
        assertThat(FeelerSet.USUAL.stack(-1, 0.5 * THOU).error()).isZero();
    }

    /**
     * Against every possible subset, on random sets: no stack within the tolerance has fewer leaves, and none with as
     * few is closer.
     */
    @Test
    public void isTheBestOfAllStacks() {
        Random random = new Random(20261123);
        for (int trial = 0; trial < 300; trial++) {
            int count = 1 + random.nextInt(10);
            List<String> texts = new ArrayList<>();
            for (int i = 0; i < count; i++) {
                texts.add(1 + random.nextInt(350) + " mil");
            }
            FeelerSet owned = leaves(String.join(", ", texts));
            double wanted = random.nextDouble() * 800 * THOU;
            double tolerance = random.nextDouble() * 3 * THOU;
            FeelerSet.Stack stack = owned.stack(wanted, tolerance);
            Best best = brute(owned, wanted, tolerance);
            assertThat(Math.abs(stack.error()))
                    .as("%s for %s within %s", owned.text(), wanted, tolerance)
                    .isCloseTo(best.error, within(1e-9));
            if (best.error <= tolerance) {
                assertThat(stack.leaves()).hasSize(best.count);
            }
            assertThat(stack.thickness() - wanted).isCloseTo(stack.error(), within(1e-9));
        }
    }

    private static final class Best {
        private int count = Integer.MAX_VALUE;
        private double error = Double.MAX_VALUE;
    }

    private static Best brute(FeelerSet owned, double wanted, double tolerance) {
        Best within = new Best();
        Best closest = new Best();
        int all = owned.all().size();
        for (int mask = 0; mask < 1 << all; mask++) {
            int count = Integer.bitCount(mask);
            if (count > FeelerSet.MOST) {
                continue;
            }
            double sum = 0;
            for (int i = 0; i < all; i++) {
                sum += (mask >> i & 1) * owned.all().get(i).millimeters();
            }
            double error = Math.abs(sum - wanted);
            if (error <= tolerance + 1e-9 && (count < within.count || count == within.count && error < within.error)) {
                within.count = count;
                within.error = error;
            }
            if (error < closest.error) {
                closest.count = count;
                closest.error = error;
            }
        }
        return within.count == Integer.MAX_VALUE ? closest : within;
    }

    @DataProvider
    public Object[][] bad() {
        return new Object[][] {{""}, {" , "}, {"0.010"}, {"0 in"}, {"0.010 in, ten"}, {"-0.010 in"}};
    }

    @Test(dataProvider = "bad")
    public void whatIsNoSetIsRefused(String text) {
        assertThat(FeelerSet.parse(text)).isInstanceOf(Parsed.Bad.class);
    }

    @Test
    public void theUsualSetReadsBack() {
        assertThat(leaves(FeelerSet.USUAL.text())).isEqualTo(FeelerSet.USUAL);
        List<Double> thicknesses = new ArrayList<>();
        FeelerSet.USUAL.all().forEach(leaf -> thicknesses.add(leaf.millimeters()));
        assertThat(thicknesses).isSorted().hasSize(31);
    }
}
