package org.kestan.repair.sideview;

import org.kestan.analysis.setup.Anchorage;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.geometry.NeckCurve;
import org.kestan.base.geometry.StringLine;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;

/**
 * One state of the neck and strings over the soundboard, as measured or as planned. Millimeters.
 *
 * @param joint position of the body joint
 * @param saddle position of the saddle
 * @param fretsOverTop height of the fret line over the soundboard at the joint
 * @param projection height of the fret line over the soundboard at the saddle, strung
 * @param relief the relief curve
 * @param fallAwayPerMm how fast the extension falls away from the fret line past the joint
 * @param strings the outer strings over the fret line
 * @param bridgeTop top of the bridge over the soundboard; the crown itself for a floating bridge
 * @param stringEnd position where the strings end behind the saddle: pins or tailpiece
 * @param stringEndHeight height of the strings over the soundboard there
 */
public record SideProfile(
        double joint,
        double saddle,
        double fretsOverTop,
        double projection,
        NeckCurve relief,
        double fallAwayPerMm,
        Sides<StringLine> strings,
        double bridgeTop,
        double stringEnd,
        double stringEndHeight) {

    /** Length of tail drawn behind a floating bridge whose tailpiece was not read, mm. */
    static final double DRAWN_TAIL = 110;

    /**
     * The profile of a setup.
     *
     * @param fallAwayPerMm how fast the extension falls away from the fret line past the joint
     */
    public static SideProfile of(Setup setup, double fallAwayPerMm) {
        Anchorage ends = setup.anchorage();
        boolean floating = setup.protrusion().isEmpty();
        return new SideProfile(
                setup.basis().joint(),
                setup.basis().saddle(),
                setup.basis().fretsOverTop(),
                setup.impliedProjection(),
                setup.neck().middle(),
                fallAwayPerMm,
                setup.strings(),
                setup.bridgeTop(),
                setup.basis().saddle() + (floating ? ends.tailpieceDistance().orElse(DRAWN_TAIL) : ends.pinDistance()),
                floating ? ends.tailpieceHeight().orElse(setup.bridgeTop() / 2) : setup.bridgeTop() - ends.ramp());
    }

    /** Height of the fret line over the soundboard at x. */
    public double fretLineAt(double x) {
        return fretsOverTop + (projection - fretsOverTop) * (x - joint) / (saddle - joint);
    }

    /** Height of the frets' crowns over the soundboard at x: below the fret line by relief, or by fall-away past the joint. */
    public double crownAt(double x) {
        double below = x <= joint ? relief.dipAt(x) : fallAwayPerMm * (x - joint);
        return fretLineAt(x) - below;
    }

    /** Height of a string over the soundboard at x. */
    public double stringAt(Side side, double x) {
        return fretLineAt(x) + strings.get(side).heightAt(x);
    }

    /** Height of a string over the fret's crown at x: what a rule on the fret reads. */
    public double actionAt(Side side, double x) {
        return stringAt(side, x) - crownAt(x);
    }
}
