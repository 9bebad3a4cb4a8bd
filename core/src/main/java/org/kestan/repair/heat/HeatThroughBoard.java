package org.kestan.repair.heat;

import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.special.Erf;

/**
 * Heat from a surface kept warm, through a board, into the softwood under it, in one dimension with infinite softwood.
 * The closed solution for a slab on a half-space is a sum over the reflections at the glue line, {@code T = T₀ + (T_s
 * − T₀)(1 − α) Σ αⁿ erfc((2n + 1)ℓ/2√(at))}, with {@code α = (σ − 1)/(σ + 1)} and σ the ratio of the effusivities,
 * lower by upper (any textbook of heat conduction, composite solids).
 *
 * @param thickness ℓ of the board, mm, positive
 * @param surface the temperature its surface is held at, °C
 * @param room the temperature of everything at the start, °C
 * @param diffusivity a of the board, mm²/s, positive
 */
public record HeatThroughBoard(double thickness, double surface, double room, double diffusivity) {

    /**
     * Effusivity of spruce over that of a dense hardwood, {@code √(kρc)} each, at 8 % moisture: conductivity by
     * {@code k = G(0.1941 + 0.004064 M) + 0.01864} (Wood Handbook, USDA Forest Products Laboratory, chapter 4; from memory).
     */
    private static final double SIGMA = 0.47;

    private static final double ALPHA = (SIGMA - 1) / (SIGMA + 1);
    private static final int TERMS = 20;
    private static final double SECONDS = 60;
    private static final double LONGEST = 600;
    private static final double ACCURACY = 1e-6;

    /** Temperature of the glue line after some minutes, °C. */
    public double glueLine(double minutes) {
        if (minutes <= 0) {
            return room;
        }
        double reach = 2 * Math.sqrt(diffusivity * minutes * SECONDS);
        double sum = 0;
        double power = 1;
        for (int n = 0; n < TERMS; n++) {
            sum += power * Erf.erfc((2 * n + 1) * thickness / reach);
            power *= ALPHA;
        }
        return room + (surface - room) * (1 - ALPHA) * sum;
    }

    /**
     * Minutes until the glue line reaches a temperature; infinite if it does not within ten hours.
     *
     * @param celsius °C
     */
    public double minutes(double celsius) {
        if (celsius <= room) {
            return 0;
        }
        return glueLine(LONGEST) <= celsius
                ? Double.POSITIVE_INFINITY
                : new BrentSolver(ACCURACY).solve(100, minutes -> glueLine(minutes) - celsius, ACCURACY, LONGEST);
    }
}
