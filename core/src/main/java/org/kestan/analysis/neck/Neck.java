package org.kestan.analysis.neck;

import org.kestan.base.geometry.NeckCurve;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;

/**
 * The frets below the fret line on both sides; the same curve if only one profile was read.
 *
 * @param curves under the outer strings
 */
public record Neck(Sides<NeckCurve> curves) {

    /** A neck that is the same on both sides. */
    public static Neck even(NeckCurve curve) {
        return new Neck(new Sides<>(curve, curve));
    }

    /** How far the fret at x is below the fret line on a side, mm, positive below. */
    public double dipAt(double x, Side side) {
        return curves.get(side).dipAt(x);
    }

    /** The curve in the middle of the board. */
    public NeckCurve middle() {
        return curves.bass().midwayTo(curves.treble());
    }

    /** The same with constant curvature added, 1/mm. */
    public Neck bent(double curvature) {
        return new Neck(curves.map(curve -> curve.bent(curvature)));
    }
}
