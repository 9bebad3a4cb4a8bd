package org.kestan.simulator.tools;

import java.util.Random;
import org.kestan.base.finding.Keyed;

/** A tool as a hand uses it: what it resolves, and how far readings of one length lie apart; common practice, no source. */
public enum SimulatedTool implements Keyed {
    /** A steel rule with half millimeters, read between its lines. */
    RULE(0.1, 0.08, 1),
    /** Feeler leaves. */
    FEELER(0.0254 / 2, 0.012, 0),
    /** A caliper. */
    CALIPER(0.02, 0.04, 0.5),
    /** A caliper under a straightedge. */
    STRAIGHTEDGE(0.05, 0.08, 0.8),
    /** A tape along the instrument. */
    TAPE(0.5, 0.25, 10);

    private final double resolution;
    private final double spread;
    private final double slip;

    SimulatedTool(double resolution, double spread, double slip) {
        this.resolution = resolution;
        this.spread = spread;
        this.slip = slip;
    }

    @Override
    public String key() {
        return Keyed.kebab(this);
    }

    /** Returns how far readings of one length lie apart, mm, one standard deviation; its resolution comes on top. */
    public double spread() {
        return spread;
    }

    /** Returns the least step it shows, mm. */
    public double resolution() {
        return resolution;
    }

    /**
     * Reads a length as one does by its usual slip, mm: the wrong end of the rule, a jaw beside the place, a straightedge on a
     * proud fret; feelers tell half of it.
     */
    public double slip(double truth, Random random) {
        return read(slip == 0 ? truth / 2 : truth + (random.nextBoolean() ? slip : -slip), random);
    }

    /** Reads a length, mm. */
    public double read(double truth, Random random) {
        return Math.round((truth + random.nextGaussian() * spread) / resolution) * resolution;
    }
}
