package org.kestan.simulator.cases;

import java.util.List;
import org.kestan.simulator.instrument.VirtualInstrument;

/**
 * A case to practice on.
 *
 * @param seed it was made from
 * @param level how hard it is
 * @param kind what kind of instrument
 * @param faults its faults, which the learner is not told
 * @param instrument the instrument
 * @param lowered how many half steps below pitch it comes in
 */
public record PracticeCase(
        long seed,
        Level level,
        PracticeFamily kind,
        List<InstrumentFault> faults,
        VirtualInstrument instrument,
        int lowered) {

    /** Raised whenever the same seed would make a different instrument. */
    public static final int VERSION = 3;

    /** Returns the case after its instrument was worked on. */
    public PracticeCase with(VirtualInstrument now) {
        return new PracticeCase(seed, level, kind, faults, now, lowered);
    }

    /** Takes an unmodifiable copy. */
    public PracticeCase {
        faults = List.copyOf(faults);
    }
}
