package org.kestan.simulator.tools;

import java.util.Random;
import org.kestan.base.finding.Keyed;

/** A tool in a person's hand: its resolution, and the spread of repeated readings; common practice, no source. */
public enum SimulatedTool implements Keyed {
    /** A steel rule in half millimeters, read between its lines. */
    RULE(0.1, 0.08, 1),
    /** Feeler leaves. */
    FEELER(0.0254 / 2, 0.012, 0),
    /** A caliper. */
    CALIPER(0.02, 0.04, 0.5),
    /** A caliper under a straightedge. */
    STRAIGHTEDGE(0.05, 0.08, 0.8),
    /** A tape along the instrument. */
    TAPE(0.5, 0.25, 10),
    /** A straightedge notched for the frets, with leaves under it; it rests on the wood. */
    NOTCHED_STRAIGHTEDGE(0.0254, 0.02, 0),
    /** An angle gauge, on the frets and on the top. */
    ANGLE_GAUGE(Shows.DEGREES, 0.05, 0.06, 0.5),
    /** A hygrometer beside the instrument. */
    HYGROMETER(Shows.PERCENT, 1, 1.5, 10),
    /** A tuner. */
    TUNER(Shows.HALF_STEPS, 0.01, 0.01, 1),
    /** A spring scale that presses a string down. */
    FORCE_SCALE(Shows.NEWTONS, 0.1, 0.15, 2),
    /** A mirror and a lamp, and a knuckle to tap with. */
    MIRROR(Shows.LOOSE, 0.1, 0, 1);

    /** What a tool shows. */
    public enum Shows {
        /** A length, mm. */
        LENGTH,
        /** An angle, degrees. */
        DEGREES,
        /** Relative humidity, percent. */
        PERCENT,
        /** How many half steps below pitch. */
        HALF_STEPS,
        /** A force, N. */
        NEWTONS,
        /** Whether something is loose: 1, or 0 if not. */
        LOOSE
    }

    private final Shows shows;
    private final double resolution;
    private final double spread;
    private final double slip;

    SimulatedTool(double resolution, double spread, double slip) {
        this(Shows.LENGTH, resolution, spread, slip);
    }

    SimulatedTool(Shows shows, double resolution, double spread, double slip) {
        this.shows = shows;
        this.resolution = resolution;
        this.spread = spread;
        this.slip = slip;
    }

    @Override
    public String key() {
        return Keyed.kebab(this);
    }

    /** The quantity it shows; its resolution, its spread and its readings are in that unit. */
    public Shows shows() {
        return shows;
    }

    /** Returns the spread of repeated readings, one standard deviation; its resolution comes on top. */
    public double spread() {
        return spread;
    }

    /** Returns its smallest step. */
    public double resolution() {
        return resolution;
    }

    /**
     * Reads something with the tool's usual slip: the wrong end of the rule, a jaw beside the place, a straightedge on
     * a proud fret, half the gap with feelers.
     */
    public double slip(double truth, Random random) {
        return read(slip == 0 ? truth / 2 : truth + (random.nextBoolean() ? slip : -slip), random);
    }

    /** Reads something. */
    public double read(double truth, Random random) {
        return Math.round((truth + random.nextGaussian() * spread) / resolution) * resolution;
    }
}
