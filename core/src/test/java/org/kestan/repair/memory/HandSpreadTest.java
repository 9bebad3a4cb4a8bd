package org.kestan.repair.memory;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.kestan.base.standards.InstrumentKind;
import org.testng.annotations.Test;

/** How far working times vary from the plan, learned from diaries. */
public class HandSpreadTest {

    private static final double USUAL = 0.35;

    private static Lesson timed(Map<String, Double> hands) {
        return new Lesson(
                new InstrumentKind("steel", "large", "x"),
                OptionalDouble.empty(),
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
                hands);
    }

    /** Steps of very different lengths, each drawn log-normal with one spread: the spread is recovered. */
    @Test
    public void aKnownSpreadIsRecovered() {
        for (double known : new double[] {0.15, 0.35, 0.6}) {
            Random random = new Random(11);
            List<Lesson> lessons = new ArrayList<>();
            for (int job = 0; job < 60; job++) {
                Map<String, Double> hands = new HashMap<>();
                for (int step = 0; step < 10; step++) {
                    hands.put("step-" + step, 5.0 * (step + 1) * Math.exp(known * random.nextGaussian()));
                }
                lessons.add(timed(hands));
            }
            HandSpread learned = HandSpread.of(lessons, USUAL);
            assertThat(learned.spread()).isCloseTo(known, within(0.03));
            assertThat(learned.steps()).isEqualTo(600);
        }
    }

    /** Steps timed once say nothing about spread; nor do two diary lines written together. */
    @Test
    public void littleLeavesItAsItWas() {
        assertThat(HandSpread.of(List.of(), USUAL)).isEqualTo(new HandSpread(USUAL, 0));
        assertThat(HandSpread.of(List.of(timed(Map.of("a", 10.0, "b", 90.0))), USUAL)
                        .steps())
                .isZero();
        assertThat(HandSpread.of(List.of(timed(Map.of("a", 0.9)), timed(Map.of("a", 60.0))), USUAL))
                .isEqualTo(HandSpread.of(List.of(), USUAL));
        assertThat(HandSpread.of(List.of(timed(Map.of("a", 1.0)), timed(Map.of("a", 60.0))), USUAL)
                        .spread())
                .isBetween(0.6, 0.8);
    }
}
