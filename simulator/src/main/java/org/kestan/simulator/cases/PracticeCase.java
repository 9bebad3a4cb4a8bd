package org.kestan.simulator.cases;

import java.util.List;
import org.kestan.simulator.instrument.VirtualInstrument;

/**
 * A case to practice on.
 *
 * @param seed it was made from
 * @param level how hard it is
 * @param kind what kind of instrument
 * @param faults what is wrong, which the learner is not told
 * @param instrument the instrument
 */
public record PracticeCase(
        long seed, Level level, PracticeFamily kind, List<InstrumentFault> faults, VirtualInstrument instrument) {

    /** Raised whenever the same seed would make another instrument. */
    public static final int VERSION = 2;

    /** Takes an unmodifiable copy. */
    public PracticeCase {
        faults = List.copyOf(faults);
    }
}
