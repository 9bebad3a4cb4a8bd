package org.kestan.judgment.verdict;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.kestan.analysis.setup.Obstacle;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Clearance under the strings: below the usual clearance it warns; below the required one, or if a string touches, it
 * stops.
 */
public class ClearanceGateTest {

    private static final ShopStandards SHOP = ShopStandards.DEFAULT;
    private static final double STEP = 0.01;
    private static final double ASKED = 3.5;

    /** The free clearance, the required clearance, and what the gate says. */
    @DataProvider
    static Object[][] clearances() {
        double usual = SHOP.get(Standard.CLEARANCE);
        Optional<Double> nothing = Optional.empty();
        Optional<Double> asked = Optional.of(ASKED);
        return new Object[][] {
            {usual + STEP, nothing, GateState.PASS, GateFinding.CLEARS},
            {usual - STEP, nothing, GateState.WARN, GateFinding.CLEARS_TOO_LITTLE},
            {STEP, nothing, GateState.WARN, GateFinding.CLEARS_TOO_LITTLE},
            {-STEP, nothing, GateState.STOP, GateFinding.STRINGS_TOUCH},
            {ASKED + STEP, asked, GateState.PASS, GateFinding.CLEARS},
            {ASKED - STEP, asked, GateState.STOP, GateFinding.CLEARS_TOO_LITTLE},
            {-STEP, asked, GateState.STOP, GateFinding.STRINGS_TOUCH},
        };
    }

    @Test(dataProvider = "clearances")
    public void theUsualClearanceWarnsAndTheOneAskedForStops(
            double free, Optional<Double> asked, GateState state, GateFinding reason) {
        Job job = clearing(free);
        if (asked.isPresent()) {
            job = Jobs.put(job, Aim.CLEARANCE, asked.get());
        }
        Gate gate = clearance(job).orElseThrow();
        assertThat(gate.state()).isEqualTo(state);
        assertThat(gate.reasons()).anyMatch(said -> said.is(reason));
    }

    @Test
    public void whereNothingLiesUnderTheStringsThereIsNoSuchGate() {
        assertThat(clearance(Jobs.flatTop())).isEmpty();
    }

    @Test
    public void halfAReadingIsAskedFor() {
        Gate gate =
                clearance(Jobs.put(Jobs.flatTop(), Reading.OBSTACLE_HEIGHT, 6)).orElseThrow();
        assertThat(gate.state()).isEqualTo(GateState.UNKNOWN);
    }

    /** An instrument whose strings clear an obstacle by this much. */
    private static Job clearing(double free) {
        Job flat = Jobs.put(Jobs.put(Jobs.flatTop(), Reading.OBSTACLE_DISTANCE, 120), Reading.OBSTACLE_HEIGHT, 1);
        SheetAnalysis sheet = SheetAnalysis.of(flat, SHOP);
        double strings = new Obstacle(0, 120).underStrings(sheet.measured().orElseThrow());
        return Jobs.put(flat, Reading.OBSTACLE_HEIGHT, strings - free);
    }

    private static Optional<Gate> clearance(Job job) {
        return Verdict.of(SheetAnalysis.of(job, SHOP)).stream()
                .filter(each -> each.id() == GateId.CLEARANCE)
                .findFirst();
    }
}
