package org.kestan.practice.reckoning;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.base.sheet.LengthLine;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.simulator.cases.PracticeCase;
import org.kestan.simulator.elastic.Equilibrium;
import org.kestan.simulator.elastic.State;
import org.kestan.simulator.instrument.VirtualInstrument;
import org.kestan.simulator.tools.Placement;
import org.kestan.simulator.tools.SimulatedTool;
import org.kestan.simulator.tools.Spot;

/**
 * A reading on the sheet compared with the true value.
 *
 * @param line which
 * @param believed the value on the sheet, mm
 * @param truth the true value, mm
 * @param allowed how far a careful reading with the usual tool may be off, mm
 * @param slip the likely slip; empty if it is within the tolerance, or no known slip explains it
 */
public record ReadingCheck(LengthLine line, double believed, double truth, double allowed, Optional<Slip> slip) {

    /** How many standard deviations a careful reading may be off. */
    private static final double WITHIN = 2.5;

    private static final double RULE_END = 1;
    private static final double INCH = 25.4;

    /** Returns whether it is as close as the tool allows. */
    public boolean isGood() {
        return Math.abs(believed - truth) <= allowed;
    }

    /**
     * Checks the readings on a sheet.
     *
     * @param given the case, as it was when the sheet was read
     */
    public static List<ReadingCheck> all(Job job, PracticeCase given) {
        VirtualInstrument instrument = given.instrument();
        State low = Equilibrium.tuned(instrument, given.lowered());
        // A reading taken while tuned down is right if the sheet says so.
        boolean said = job.get(Lines.STEPS_DOWN)
                .filter(steps -> steps == given.lowered())
                .isPresent();
        State strung = said ? low : Equilibrium.strung(instrument);
        Optional<State> asItCame = said || given.lowered() == 0 ? Optional.empty() : Optional.of(low);
        State slack = Equilibrium.slack(instrument);
        List<ReadingCheck> all = new ArrayList<>();
        for (LengthLine line : Reading.values()) {
            OptionalDouble believed = job.millimeters(line);
            Optional<Placement> place = Placement.of(line, instrument);
            if (believed.isPresent() && place.isPresent()) {
                boolean off = Placement.isReadSlack(line);
                all.add(check(
                        line,
                        believed.getAsDouble(),
                        place.get(),
                        new States(off ? slack : strung, off ? strung : slack, asItCame)));
            }
        }
        return all;
    }

    /**
     * The shape in which a line is read, the one with the strings the other way, and the one it came in if that was
     * below pitch.
     */
    private record States(State right, State otherwise, Optional<State> asItCame) {}

    private static ReadingCheck check(LengthLine line, double believed, Placement place, States states) {
        double truth = place.truth(states.right);
        double allowed = allowed(place.usualTool());
        Optional<Slip> slip = Math.abs(believed - truth) <= allowed
                ? Optional.empty()
                : explain(believed, truth, allowed, place, states);
        return new ReadingCheck(line, believed, truth, allowed, slip);
    }

    private static double allowed(SimulatedTool tool) {
        return WITHIN * tool.spread() + tool.resolution() / 2;
    }

    /** The slip that comes closest, if one comes as close as a careful reading would. */
    private static Optional<Slip> explain(
            double believed, double truth, double allowed, Placement place, States states) {
        State state = states.right;
        Map<Slip, List<Double>> might = new EnumMap<>(Slip.class);
        if (place.spot().fretted()) {
            int last = state.instrument().lastFret();
            List<Double> beside = new ArrayList<>();
            for (int fret : new int[] {place.fret() - 1, place.fret() + 1}) {
                if (fret >= 1 && fret <= last) {
                    beside.add(new Placement(place.spot(), fret, place.side()).truth(state));
                }
            }
            might.put(Slip.OTHER_FRET, beside);
        }
        if (place.spot().sided()) {
            Side other = place.side() == Side.BASS ? Side.TREBLE : Side.BASS;
            might.put(Slip.OTHER_SIDE, List.of(new Placement(place.spot(), place.fret(), other).truth(state)));
        }
        if (place.spot() == Spot.PROJECTION) {
            might.put(Slip.OTHER_STRINGS, List.of(place.truth(states.otherwise)));
            might.put(
                    Slip.MIDDLE,
                    List.of(new Placement(Spot.PROJECTION_MIDDLE, place.fret(), place.side()).truth(state)));
        }
        states.asItCame.ifPresent(low -> might.put(Slip.BELOW_PITCH, List.of(place.truth(low))));
        might.put(Slip.HALF, List.of(truth / 2));
        might.put(Slip.DOUBLE, List.of(truth * 2));
        might.put(Slip.UNIT, List.of(truth * INCH, truth / INCH));
        if (place.spot().takes(SimulatedTool.RULE)) {
            might.put(Slip.RULE_END, List.of(truth - RULE_END, truth + RULE_END));
        }
        Optional<Slip> nearest = Optional.empty();
        double least = allowed;
        for (Map.Entry<Slip, List<Double>> each : might.entrySet()) {
            for (double value : each.getValue()) {
                double off = Math.abs(believed - value);
                // Confused units are off in proportion.
                double reach = each.getKey() == Slip.UNIT ? off / Math.max(1, value / truth) : off;
                if (reach <= least) {
                    least = reach;
                    nearest = Optional.of(each.getKey());
                }
            }
        }
        return nearest;
    }
}
