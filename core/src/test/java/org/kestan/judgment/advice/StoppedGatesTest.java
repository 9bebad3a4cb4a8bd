package org.kestan.judgment.advice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.kestan.analysis.setup.Setup;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.Jobs;
import org.kestan.judgment.verdict.GateId;
import org.kestan.judgment.way.JudgmentContext;
import org.kestan.judgment.ways.WayCatalog;
import org.testng.annotations.Test;

/** A gate counts against a change only where the change makes it worse (common practice, no source). */
public class StoppedGatesTest {

    private static final ShopStandards SHOP = ShopStandards.DEFAULT;
    private static final double LEAST = SHOP.get(Standard.PROTRUSION_LEAST);
    private static final double CUT = SHOP.get(Standard.BRIDGE_CUT);

    private final JudgmentContext context = JudgmentContext.of(SheetAnalysis.of(job(3, 9), SHOP));
    private final StoppedGates gates = new StoppedGates(context);

    private static Job job(double saddle, double bridge) {
        Job job = Jobs.sound(Jobs.flatTop());
        job = Jobs.put(Jobs.put(job, Reading.SADDLE_BASS, saddle), Reading.SADDLE_TREBLE, saddle);
        return Jobs.put(job, Reading.BRIDGE_THICKNESS, bridge);
    }

    private static Setup setup(double saddle, double bridge) {
        return SheetAnalysis.of(job(saddle, bridge), SHOP)
                .measured()
                .orElseThrow()
                .withProtrusion(Optional.of(new Sides<>(saddle, saddle)));
    }

    @Test
    public void whatPassesBeforeAndAfterIsSound() {
        StoppedGates.Change change = gates.between(setup(3, 9), setup(2.5, 8.8), List.of(WayCatalog.SADDLE));
        assertThat(change.sound()).isTrue();
        assertThat(change.remaining()).isEmpty();
    }

    @Test
    public void whatIsBroughtToStopIsHeldAgainstIt() {
        assertThat(gates.between(setup(3, 9), setup(LEAST - 0.1, 9), List.of(WayCatalog.SADDLE))
                        .worsened())
                .contains(GateId.SADDLE);
        assertThat(gates.between(setup(3, CUT + 0.1), setup(3, CUT - 0.01), List.of(WayCatalog.SHAVE_BRIDGE))
                        .worsened())
                .contains(GateId.BRIDGE);
    }

    /** A saddle is read to a few hundredths: a smaller change is not a worsening. */
    @Test
    public void aStopThatGetsNoWorseIsOnlyNamed() {
        Setup low = setup(LEAST - 0.5, 9);
        assertThat(gates.between(low, low, List.of(WayCatalog.SADDLE)).sound()).isTrue();
        assertThat(gates.between(low, low, List.of(WayCatalog.SADDLE)).remaining())
                .contains(GateId.SADDLE);
        assertThat(gates.between(low, setup(LEAST - 0.51, 9), List.of(WayCatalog.SADDLE))
                        .sound())
                .isTrue();
        assertThat(gates.between(low, setup(LEAST - 1, 9), List.of(WayCatalog.SADDLE))
                        .worsened())
                .contains(GateId.SADDLE);
        assertThat(gates.between(low, setup(LEAST - 0.2, 9), List.of(WayCatalog.SADDLE))
                        .sound())
                .as("better, though not good")
                .isTrue();
    }

    /** The neck is set to saddle and bridge for good: a reset that leaves one of them at stop does not count. */
    @Test
    public void whatCutsTheHeelLeavesNeitherSaddleNorBridgeAtStop() {
        Setup cut = setup(3, CUT - 0.5);
        assertThat(gates.between(cut, cut, List.of(WayCatalog.SADDLE)).sound()).isTrue();
        assertThat(gates.between(cut, cut, List.of(WayCatalog.NECK_RESET)).worsened())
                .contains(GateId.BRIDGE);
        Setup low = setup(LEAST - 0.5, 9);
        assertThat(gates.between(low, low, List.of(WayCatalog.NECK_RESET)).worsened())
                .contains(GateId.SADDLE);
    }
}
