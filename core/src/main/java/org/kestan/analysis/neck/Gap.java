package org.kestan.analysis.neck;

import org.kestan.base.geometry.NeckCurve;
import org.kestan.base.sheet.Measurable;

/**
 * A gap that was read under a straightedge or a string, or that follows from a string's height over a fret.
 *
 * @param line where it was read
 * @param fret the fret it was read over
 * @param place where the straightedge lay; of a string's height, fret 1 and the action's fret, which may both lie before it
 * @param value the gap, mm; negative where the fret stands over the straightedge
 * @param standard its standard uncertainty by the tool, mm, positive
 */
public record Gap(Measurable line, int fret, NeckCurve.Place place, double value, double standard) {

    /** How much of one term of a neck's curve the reading shows. */
    double sees(NeckCurve of, int term) {
        double share = place.share();
        return of.term(term, place.at())
                - (1 - share) * of.term(term, place.low())
                - share * of.term(term, place.high());
    }

    /** How far the reading is above what a curve would show here, mm. */
    public double over(NeckCurve curve) {
        return value - curve.gap(place);
    }
}
