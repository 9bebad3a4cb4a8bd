package org.kestan.repair.picture;

import org.kestan.base.finding.Keyed;

/** An operation at the bench that is drawn from the numbers of the instrument. Its key is used in step files. */
public enum Operation implements Keyed {
    /** The straightedge on the frets, with the strings off: where it lands over the bridge. */
    STRAIGHTEDGE,
    /** Leaves stacked at the cap, and the line scribed along them. */
    SCRIBE,
    /** The finish scored around heel and extension. */
    SCORE,
    /** The fret over the end of the joint pulled. */
    FRET_OUT,
    /** Two small holes through the slot into the joint. */
    HOLES,
    /** A warm knife under the extension. */
    KNIFE,
    /** Steam into the joint. */
    STEAM,
    /** Hot probes in the joint. */
    PROBES,
    /** The jig that presses the neck out. */
    JIG,
    /** The neck lifted out of the joint. */
    LIFT,
    /** Old glue cleaned out. */
    CLEAN,
    /** The cheeks cut to the line and undercut. */
    CHISEL,
    /** Paper pulled between heel and body. */
    PULL,
    /** Shims on the cheeks of the tail, and carbon paper to see where it touches. */
    TAIL,
    /** The wedge under the extension. */
    WEDGE,
    /** The neck clamped dry. */
    DRY_CLAMP,
    /** Where glue goes, and where it does not. */
    GLUE,
    /** Cauls over and under. */
    CAULS,
    /** The wood to take off the bottom of the saddle. */
    SADDLE_BOTTOM,
    /** The ramps of the pin holes. */
    RAMPS,
    /** The bridge planed to a line. */
    PLANE,
    /** The bridge taken off. */
    BRIDGE_OFF,
    /** The faces scraped clean. */
    SCRAPE,
    /** The bridge located by the scale. */
    LOCATE,
    /** The bridge clamped. */
    BRIDGE_CLAMP,
    /** The shim in the neck's pocket. */
    POCKET,
    /** The feet of a floating bridge on the arch. */
    FEET,
    /** The slots of the nut. */
    NUT,
    /** The truss rod turned. */
    ROD,
    /** The frets leveled. */
    LEVEL,
    /** The frets crowned. */
    CROWN;

    @Override
    public String key() {
        return Keyed.kebab(this);
    }
}
