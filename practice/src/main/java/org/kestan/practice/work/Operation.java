package org.kestan.practice.work;

import org.kestan.base.finding.Keyed;
import org.kestan.base.sheet.Fitting;

/** What can be done to a practice instrument; times and costs are common practice, no source. */
public enum Operation implements Keyed {
    /** The strings up to pitch. */
    TUNE("tune", Amount.NONE, 0, 0, 10, 0),
    /** The strings down until they are slack. */
    SLACKEN("slacken", Amount.NONE, 0, 0, 5, 0),
    /** The truss rod, in turns; tighter is positive. */
    TURN_ROD("turn-rod", Amount.ONE, -1.5, 1.5, 5, 0),
    /** The slots of the nut filed down, mm. */
    FILE_NUT("file-nut", Amount.SIDES, 0, 1, 15, 0),
    /** A new nut whose strings clear fret 1 by so much, mm. */
    NEW_NUT("new-nut", Amount.SIDES, 0.1, 1, 70, 12),
    /** The saddle taken down, mm. */
    LOWER_SADDLE("lower-saddle", Amount.SIDES, 0, 5, 25, 0),
    /** A new saddle that stands so far out of the bridge, mm. */
    NEW_SADDLE("new-saddle", Amount.SIDES, 1, 9, 75, 15),
    /** The bridge planed thinner, mm. */
    SHAVE_BRIDGE("shave-bridge", Amount.ONE, 0, 4, 60, 0),
    /** A new bridge of such a thickness, mm. */
    NEW_BRIDGE("new-bridge", Amount.ONE, 4, 12, 240, 45),
    /** The wheels or the foot of a floating bridge, mm up on each side. */
    MOVE_BRIDGE("move-bridge", Amount.SIDES, -5, 5, 15, 0),
    /** Heat on the joint, minutes, and the neck off where it lets go. */
    FREE_NECK("free-neck", Amount.ONE, 1, 30, 60, 8),
    /** Pulls of sandpaper at each cheek of the heel. */
    SAND_HEEL("sand-heel", Amount.SIDES, 0, 40, 20, 2),
    /** Shims on the cheeks, mm at the cap: what was sanded too far. */
    SHIM_HEEL("shim-heel", Amount.SIDES, 0, 1.5, 40, 4),
    /** The neck glued, or bolted. */
    FIX_NECK("fix-neck", Amount.NONE, 0, 0, 40, 3),
    /** Nothing for some hours. */
    WAIT("wait", Amount.ONE, 1, 72, 0, 0),
    /** The frets leveled: so much off the highest one, mm. */
    LEVEL_FRETS("level-frets", Amount.ONE, 0, 0.4, 90, 5),
    /** New frets, leveled. */
    REFRET("refret", Amount.NONE, 0, 0, 360, 35),
    /** Days at the humidity of the shop. */
    CONDITION("condition", Amount.ONE, 1, 21, 5, 0);

    /** What has to be said of an operation. */
    public enum Amount {
        /** Nothing. */
        NONE,
        /** One number. */
        ONE,
        /** A number for each side. */
        SIDES
    }

    private final String key;
    private final Amount amount;
    private final double least;
    private final double most;
    private final int minutes;
    private final double cost;

    Operation(String key, Amount amount, double least, double most, int minutes, double cost) {
        this.key = key;
        this.amount = amount;
        this.least = least;
        this.most = most;
        this.minutes = minutes;
        this.cost = cost;
    }

    @Override
    public String key() {
        return key;
    }

    /** What has to be said of it. */
    public Amount amount() {
        return amount;
    }

    /** The least it takes. */
    public double least() {
        return least;
    }

    /** The most it takes. */
    public double most() {
        return most;
    }

    /** How long hands are at it, minutes. */
    public int minutes() {
        return minutes;
    }

    /** What material it takes, dollars. */
    public double cost() {
        return cost;
    }

    /** Tells whether it can be done on an instrument by what carries its strings. */
    public boolean isOn(Fitting fitting) {
        return switch (this) {
            case LOWER_SADDLE, NEW_SADDLE, SHAVE_BRIDGE, NEW_BRIDGE -> fitting != Fitting.FLOATING_BRIDGE;
            case MOVE_BRIDGE -> fitting == Fitting.FLOATING_BRIDGE;
            default -> true;
        };
    }
}
