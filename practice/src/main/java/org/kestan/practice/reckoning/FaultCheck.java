package org.kestan.practice.reckoning;

import java.util.List;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.simulator.cases.InstrumentFault;
import org.kestan.simulator.cases.PracticeCase;
import org.kestan.simulator.elastic.Equilibrium;
import org.kestan.simulator.elastic.State;
import org.kestan.simulator.instrument.VirtualInstrument;
import org.kestan.simulator.tools.Frame;

/** Returns whether an instrument's faults are still there. The limits are common practice, no source. */
public final class FaultCheck {

    /** How far the action may be from the target, mm. */
    public static final double ACTION = 0.3;

    private static final int ACTION_FRET = 12;
    private static final double RELIEF = 0.4;
    private static final double NUT_HIGH = 0.75;
    private static final double NUT_LOW = 0.1;
    private static final double PROUD = 0.08;
    private static final double WORN = 0.1;
    private static final int WORN_TO = 4;
    private static final double BRIDGE = 7.5;
    private static final double DRIFT = 1;

    private FaultCheck() {}

    /**
     * Returns the faults of a case that are still there.
     *
     * @param now the instrument as it is now
     */
    public static List<InstrumentFault> left(PracticeCase given, VirtualInstrument now) {
        State strung = Equilibrium.strung(now);
        Frame frame = new Frame(now);
        Sides<Double> wanted = given.kind().wanted();
        return given.faults().stream()
                .filter(fault -> isThere(fault, now, strung, frame, wanted))
                .toList();
    }

    private static boolean isThere(
            InstrumentFault fault, VirtualInstrument now, State strung, Frame frame, Sides<Double> wanted) {
        return switch (fault) {
            case NECK_FORWARD, SADDLE_HIGH -> off(strung, frame, wanted);
            case RELIEF -> frame.relief(strung) > RELIEF;
            case NUT_HIGH -> Math.max(frame.over(strung, 1, Side.BASS), frame.over(strung, 1, Side.TREBLE)) > NUT_HIGH;
            case NUT_LOW -> frame.over(strung, 1, Side.TREBLE) < NUT_LOW;
            case PROUD_FRET -> isProud(now.crowns());
            case WORN_FRETS -> mean(now.crowns(), WORN_TO, 2 * WORN_TO) - mean(now.crowns(), 0, WORN_TO) > WORN;
            case BRIDGE_CUT -> now.bridge().thickness() < BRIDGE;
            case LOOSE_BRACE -> now.body().loosened() > 1;
            case BRIDGE_LIFTED -> now.bridge().lift() > 0;
            case DRIFT -> Math.abs(now.heel().drift()) > DRIFT;
        };
    }

    private static boolean off(State strung, Frame frame, Sides<Double> wanted) {
        for (Side side : Side.values()) {
            if (Math.abs(frame.over(strung, ACTION_FRET, side) - wanted.get(side)) > ACTION) {
                return true;
            }
        }
        return false;
    }

    private static boolean isProud(List<Double> crowns) {
        for (int i = 1; i + 1 < crowns.size(); i++) {
            if (crowns.get(i) - (crowns.get(i - 1) + crowns.get(i + 1)) / 2 > PROUD) {
                return true;
            }
        }
        return false;
    }

    private static double mean(List<Double> crowns, int from, int to) {
        return crowns.subList(from, to).stream()
                .mapToDouble(Double::doubleValue)
                .average()
                .orElse(0);
    }
}
