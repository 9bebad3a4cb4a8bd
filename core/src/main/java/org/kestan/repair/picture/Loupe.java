package org.kestan.repair.picture;

import org.kestan.base.finding.Keyed;

/** The places of the instrument that are shown magnified, from the nut to the tail. */
public enum Loupe implements Keyed {
    /** The first fret's crown and the strings over it. */
    FIRST_FRET,
    /** The curve of the neck, sighted along its frets. */
    NECK,
    /** The fret at which the action is read. */
    ACTION_FRET,
    /** The corner of the heel at its cap. */
    HEEL,
    /** Bridge, saddle, and where the fret line arrives. */
    BRIDGE;

    @Override
    public String key() {
        return Keyed.kebab(this);
    }

    @Override
    public String family() {
        return "loupe";
    }
}
