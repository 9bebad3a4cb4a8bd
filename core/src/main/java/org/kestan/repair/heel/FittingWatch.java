package org.kestan.repair.heel;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.base.finding.Keyed;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Side;
import org.kestan.job.bench.HeelEntry;

/**
 * The six ways a neck can be off while it is fitted: pitch, drift and roll, each in both directions; from the last
 * reading for each, compared with the previous one.
 *
 * @param pitch projection over the target, mm: positive is high
 * @param drift where the neck points at the bridge, mm: positive is to the treble
 * @param roll how much higher the bass edge stands over the bridge than the treble edge, mm: positive rolls to the treble
 */
public record FittingWatch(Axis pitch, Axis drift, Axis roll) {

    /** A neck closer to its target than this is there, mm at the saddle. */
    public static final double PITCH_NEAR = 0.3;

    /** The same for where it points at the bridge. Common practice, no source. */
    public static final double DRIFT_NEAR = 0.5;

    /** The same between both edges over the bridge. Common practice, no source. */
    public static final double ROLL_NEAR = 0.4;

    /** Where a neck may be off, and to which side. */
    public enum Off implements Keyed {
        PITCH_HIGH,
        PITCH_LOW,
        DRIFT_BASS,
        DRIFT_TREBLE,
        ROLL_BASS,
        ROLL_TREBLE,
        TRUE,
        UNREAD;

        @Override
        public String key() {
            return Keyed.kebab(this);
        }

        @Override
        public String family() {
            return "fitting";
        }
    }

    /**
     * One direction.
     *
     * @param now how far it is off, mm; empty until it was read
     * @param before how far it was off at the reading before; empty for none
     * @param near tolerance within which it is true, mm
     * @param off the one of the six quantities that is off
     */
    public record Axis(OptionalDouble now, OptionalDouble before, double near, Off off) {

        /** Returns whether it is moving away from where it belongs. */
        public boolean worsens() {
            return now.isPresent()
                    && before.isPresent()
                    && Math.abs(now.getAsDouble()) > Math.abs(before.getAsDouble()) + near / 2;
        }
    }

    /** Evaluates a log. A low pitch is a fault only when no more wood will come off. */
    public static FittingWatch of(HeelGoal goal, List<HeelEntry> log) {
        double[][] read = new double[3][];
        List<HeelEntry.Read> reads = log.stream()
                .filter(HeelEntry.Read.class::isInstance)
                .map(HeelEntry.Read.class::cast)
                .toList();
        for (int axis = 0; axis < read.length; axis++) {
            int which = axis;
            read[axis] = reads.stream()
                    .map(each -> value(goal, each, which))
                    .filter(OptionalDouble::isPresent)
                    .mapToDouble(OptionalDouble::getAsDouble)
                    .toArray();
        }
        return new FittingWatch(
                axis(read[0], PITCH_NEAR, Off.PITCH_HIGH, Off.PITCH_LOW),
                axis(read[1], DRIFT_NEAR, Off.DRIFT_TREBLE, Off.DRIFT_BASS),
                axis(read[2], ROLL_NEAR, Off.ROLL_TREBLE, Off.ROLL_BASS));
    }

    private static OptionalDouble value(HeelGoal goal, HeelEntry.Read read, int axis) {
        return switch (axis) {
            case 0 ->
                number(read.projection().map(each -> goal.straightedge().atSaddle(each.millimeters()) - goal.target()));
            case 1 -> number(drift(read));
            default ->
                number(read.bassEdge()
                        .flatMap(bass -> read.trebleEdge().map(treble -> bass.millimeters() - treble.millimeters())));
        };
    }

    private static Optional<Double> drift(HeelEntry.Read read) {
        Optional<Double> offset = read.drift().map(Length::millimeters);
        return read.toward().isPresent()
                ? offset.map(mm -> read.toward().get() == Side.TREBLE ? mm : -mm)
                : offset.filter(mm -> mm == 0);
    }

    private static OptionalDouble number(Optional<Double> value) {
        return value.map(OptionalDouble::of).orElse(OptionalDouble.empty());
    }

    private static Axis axis(double[] read, double near, Off positive, Off negative) {
        if (read.length == 0) {
            return new Axis(OptionalDouble.empty(), OptionalDouble.empty(), near, Off.UNREAD);
        }
        double now = read[read.length - 1];
        return new Axis(
                OptionalDouble.of(now),
                read.length > 1 ? OptionalDouble.of(read[read.length - 2]) : OptionalDouble.empty(),
                near,
                Math.abs(now) <= near ? Off.TRUE : now > 0 ? positive : negative);
    }
}
