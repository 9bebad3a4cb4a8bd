package org.kestan.practice.work;

import org.kestan.base.finding.Keyed;
import org.kestan.base.sheet.Fitting;

/** The operations on a practice instrument; times and costs are common practice, no source. */
public enum Operation implements Keyed {
    /** The strings up to pitch. */
    TUNE(Amount.NONE, Measure.NOTHING, 0, 0, 10, 0),
    /** The strings down until they are slack. */
    SLACKEN(Amount.NONE, Measure.NOTHING, 0, 0, 5, 0),
    /** The strings up, but so many half steps below pitch. */
    TUNE_DOWN(Amount.ONE, Measure.HALF_STEPS, 0, 4, 10, 0),
    /** The truss rod, in turns; tighter is positive. */
    TURN_ROD(Amount.ONE, Measure.TURNS, -1.5, 1.5, 5, 0),
    /** The slots of the nut filed down, mm. */
    FILE_NUT(Amount.SIDES, Measure.LENGTH, 0, 1, 15, 0),
    /** A new nut whose strings clear fret 1 by so much, mm. */
    NEW_NUT(Amount.SIDES, Measure.LENGTH, 0.1, 1, 70, 12),
    /** The saddle taken down, mm. */
    LOWER_SADDLE(Amount.SIDES, Measure.LENGTH, 0, 5, 25, 0),
    /** A new saddle that stands so far out of the bridge, mm. */
    NEW_SADDLE(Amount.SIDES, Measure.LENGTH, 1, 9, 75, 15),
    /** The bridge planed thinner, mm. */
    SHAVE_BRIDGE(Amount.ONE, Measure.LENGTH, 0, 4, 60, 0),
    /** A new bridge of such a thickness, mm. */
    NEW_BRIDGE(Amount.ONE, Measure.LENGTH, 4, 12, 240, 45),
    /** The wheels or the foot of a floating bridge, mm up on each side. */
    MOVE_BRIDGE(Amount.SIDES, Measure.LENGTH, -5, 5, 15, 0),
    /** The bridge off, cleaned and glued again; clamped overnight. */
    REGLUE_BRIDGE(Amount.NONE, Measure.NOTHING, 0, 0, 120, 5),
    /** A loose brace glued; clamped overnight. */
    GLUE_BRACE(Amount.NONE, Measure.NOTHING, 0, 0, 75, 3),
    /** The pin holes ramped, mm deeper. */
    RAMP_PINS(Amount.ONE, Measure.LENGTH, 0, 3, 40, 0),
    /** The tailpiece raised, mm; lowered where it is negative. */
    MOVE_TAILPIECE(Amount.ONE, Measure.LENGTH, -10, 10, 15, 0),
    /** Other strings, so many percent thicker; thinner where it is negative. */
    CHANGE_STRINGS(Amount.ONE, Measure.PERCENT, -30, 30, 20, 14),
    /** The finish cut along the joint and the board's end. */
    SCORE(Amount.NONE, Measure.NOTHING, 0, 0, 10, 0),
    /** Heat on the joint, minutes, and the neck off where it lets go. */
    FREE_NECK(Amount.ONE, Measure.MINUTES, 1, 30, 60, 8),
    /** Pulls of sandpaper at each cheek of the heel. */
    SAND_HEEL(Amount.SIDES, Measure.PULLS, 0, 40, 20, 2),
    /** Shims on the cheeks, mm at the cap: what was sanded too far. */
    SHIM_HEEL(Amount.SIDES, Measure.LENGTH, 0, 1.5, 40, 4),
    /** Shims on the tail, so that it is tight again after the cheeks were sanded. */
    SHIM_TAIL(Amount.NONE, Measure.NOTHING, 0, 0, 35, 2),
    /** The neck set in dry, so that a straightedge can be laid on; at the next cut it is out again. */
    DRY_FIT(Amount.NONE, Measure.NOTHING, 0, 0, 4, 0),
    /** A wedge under the end of the board, so thick there, mm. */
    WEDGE(Amount.ONE, Measure.LENGTH, 0, 4, 50, 2),
    /** The neck glued, or bolted. */
    FIX_NECK(Amount.NONE, Measure.NOTHING, 0, 0, 40, 3),
    /** Nothing for some hours. */
    WAIT(Amount.ONE, Measure.HOURS, 1, 72, 0, 0),
    /** The back loosened and slipped at the heel, mm: the neck is set back by as much as at the cap. */
    SLIP_BACK(Amount.ONE, Measure.LENGTH, 0, 3, 420, 6),
    /** The neck sawn off, and made to bolt on. */
    SAW_AND_BOLT(Amount.NONE, Measure.NOTHING, 0, 0, 360, 25),
    /** The main braces shaved, so many percent weaker. */
    SHAVE_BRACES(Amount.ONE, Measure.PERCENT, 0, 40, 90, 0),
    /** The frets leveled: so much off the highest one, mm. */
    LEVEL_FRETS(Amount.ONE, Measure.LENGTH, 0, 0.4, 90, 5),
    /** New frets, leveled. */
    REFRET(Amount.NONE, Measure.NOTHING, 0, 0, 360, 35),
    /** Days at the humidity of the shop. */
    CONDITION(Amount.ONE, Measure.DAYS, 1, 21, 5, 0);

    /** What has to be said of an operation. */
    public enum Amount {
        /** Nothing. */
        NONE,
        /** One number. */
        ONE,
        /** A number for each side. */
        SIDES
    }

    /** What its number is of. */
    public enum Measure {
        /** There is none. */
        NOTHING,
        /** Millimeters. */
        LENGTH,
        /** Turns of the rod. */
        TURNS,
        /** Pulls of sandpaper. */
        PULLS,
        /** Minutes. */
        MINUTES,
        /** Hours. */
        HOURS,
        /** Days. */
        DAYS,
        /** Percent. */
        PERCENT,
        /** Half steps. */
        HALF_STEPS
    }

    private final Amount amount;
    private final Measure measure;
    private final double least;
    private final double most;
    private final int minutes;
    private final double cost;

    Operation(Amount amount, Measure measure, double least, double most, int minutes, double cost) {
        this.amount = amount;
        this.measure = measure;
        this.least = least;
        this.most = most;
        this.minutes = minutes;
        this.cost = cost;
    }

    @Override
    public String key() {
        return Keyed.kebab(this);
    }

    /** What has to be said of it. */
    public Amount amount() {
        return amount;
    }

    /** What its number is of. */
    public Measure measure() {
        return measure;
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

    /** Tells whether the strings have to be slack for it. */
    public boolean wantsSlack() {
        return switch (this) {
            case TUNE, TUNE_DOWN, SLACKEN, TURN_ROD, WAIT, MOVE_BRIDGE, CONDITION, SCORE -> false;
            default -> true;
        };
    }

    /** Tells whether it can be done on an instrument by what carries its strings. */
    public boolean isOn(Fitting fitting) {
        return switch (this) {
            case LOWER_SADDLE, NEW_SADDLE, SHAVE_BRACES, SHAVE_BRIDGE, NEW_BRIDGE, REGLUE_BRIDGE, RAMP_PINS ->
                fitting != Fitting.FLOATING_BRIDGE;
            case MOVE_BRIDGE, MOVE_TAILPIECE -> fitting == Fitting.FLOATING_BRIDGE;
            default -> true;
        };
    }
}
