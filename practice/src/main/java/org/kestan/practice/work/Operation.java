package org.kestan.practice.work;

import org.kestan.base.finding.Keyed;
import org.kestan.base.sheet.Fitting;

/** The operations on a practice instrument; times and costs are common practice, no source. */
public enum Operation implements Keyed {
    /** The strings up to pitch. */
    TUNE(Amount.NONE, Measure.NOTHING, 0, 0, 10, 0),
    /** The strings slackened. */
    SLACKEN(Amount.NONE, Measure.NOTHING, 0, 0, 5, 0),
    /** The strings up, a number of half steps below pitch. */
    TUNE_DOWN(Amount.ONE, Measure.HALF_STEPS, 0, 4, 10, 0),
    /** The truss rod, in turns; tighter is positive. */
    TURN_ROD(Amount.ONE, Measure.TURNS, -1.5, 1.5, 5, 0),
    /** The nut slots filed down, mm. */
    FILE_NUT(Amount.SIDES, Measure.LENGTH, 0, 1, 15, 0),
    /** A new nut, by the height of its strings over fret 1, mm. */
    NEW_NUT(Amount.SIDES, Measure.LENGTH, 0.1, 1, 70, 12),
    /** The saddle lowered, mm. */
    LOWER_SADDLE(Amount.SIDES, Measure.LENGTH, 0, 5, 25, 0),
    /** A new saddle, by how far it stands out of the bridge, mm. */
    NEW_SADDLE(Amount.SIDES, Measure.LENGTH, 1, 9, 75, 15),
    /** The bridge planed thinner, mm. */
    SHAVE_BRIDGE(Amount.ONE, Measure.LENGTH, 0, 4, 60, 0),
    /** A new bridge, by its thickness, mm. */
    NEW_BRIDGE(Amount.ONE, Measure.LENGTH, 4, 12, 240, 45),
    /** The wheels or the foot of a floating bridge, mm up on each side. */
    MOVE_BRIDGE(Amount.SIDES, Measure.LENGTH, -5, 5, 15, 0),
    /** The bridge off, cleaned and reglued; clamped overnight. */
    REGLUE_BRIDGE(Amount.NONE, Measure.NOTHING, 0, 0, 120, 5),
    /** A loose brace glued; clamped overnight. */
    GLUE_BRACE(Amount.NONE, Measure.NOTHING, 0, 0, 75, 3),
    /** The pin holes ramped, mm deeper. */
    RAMP_PINS(Amount.ONE, Measure.LENGTH, 0, 3, 40, 0),
    /** The tailpiece raised, mm; negative to lower it. */
    MOVE_TAILPIECE(Amount.ONE, Measure.LENGTH, -10, 10, 15, 0),
    /** Different strings, thicker by a percentage; negative for thinner. */
    CHANGE_STRINGS(Amount.ONE, Measure.PERCENT, -30, 30, 20, 14),
    /** The finish cut along the joint and the board's end. */
    SCORE(Amount.NONE, Measure.NOTHING, 0, 0, 10, 0),
    /** Heat on the joint, minutes, and the neck off if it lets go. */
    FREE_NECK(Amount.ONE, Measure.MINUTES, 1, 30, 60, 8),
    /** Pulls of sandpaper at each cheek of the heel. */
    SAND_HEEL(Amount.SIDES, Measure.PULLS, 0, 40, 20, 2),
    /** Shims on the cheeks, mm at the cap, for what was sanded too far. */
    SHIM_HEEL(Amount.SIDES, Measure.LENGTH, 0, 1.5, 40, 4),
    /** Shims on the tail, so that it is tight again after the cheeks were sanded. */
    SHIM_TAIL(Amount.NONE, Measure.NOTHING, 0, 0, 35, 2),
    /** The neck set in dry, so that a straightedge can be laid on; the next cut takes it out again. */
    DRY_FIT(Amount.NONE, Measure.NOTHING, 0, 0, 4, 0),
    /** A wedge under the end of the board, by its thickness there, mm. */
    WEDGE(Amount.ONE, Measure.LENGTH, 0, 4, 50, 2),
    /** The neck glued, or bolted. */
    FIX_NECK(Amount.NONE, Measure.NOTHING, 0, 0, 40, 3),
    /** Waiting for some hours. */
    WAIT(Amount.ONE, Measure.HOURS, 1, 72, 0, 0),
    /** The back loosened and slipped at the heel, mm, which sets the neck back by as much as at the cap. */
    SLIP_BACK(Amount.ONE, Measure.LENGTH, 0, 3, 420, 6),
    /** The neck sawn off, and converted to bolts. */
    SAW_AND_BOLT(Amount.NONE, Measure.NOTHING, 0, 0, 360, 25),
    /** The main braces shaved, by how many percent weaker they get. */
    SHAVE_BRACES(Amount.ONE, Measure.PERCENT, 0, 40, 90, 0),
    /** The frets leveled, by how much comes off the highest one, mm. */
    LEVEL_FRETS(Amount.ONE, Measure.LENGTH, 0, 0.4, 90, 5),
    /** New frets, leveled. */
    REFRET(Amount.NONE, Measure.NOTHING, 0, 0, 360, 35),
    /** Days at the shop's humidity. */
    CONDITION(Amount.ONE, Measure.DAYS, 1, 21, 5, 0);

    /** What an operation asks for. */
    public enum Amount {
        /** Nothing. */
        NONE,
        /** One number. */
        ONE,
        /** One number for each side. */
        SIDES
    }

    /** The unit of a number. */
    public enum Measure {
        /** No number. */
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

    /** What it asks for. */
    public Amount amount() {
        return amount;
    }

    /** The unit of its number. */
    public Measure measure() {
        return measure;
    }

    /** The smallest number allowed. */
    public double least() {
        return least;
    }

    /** The largest number allowed. */
    public double most() {
        return most;
    }

    /** How long the work takes, minutes. */
    public int minutes() {
        return minutes;
    }

    /** What the material costs, dollars. */
    public double cost() {
        return cost;
    }

    /** Returns whether the strings have to be slack for it. */
    public boolean wantsSlack() {
        return switch (this) {
            case TUNE, TUNE_DOWN, SLACKEN, TURN_ROD, WAIT, MOVE_BRIDGE, CONDITION, SCORE -> false;
            default -> true;
        };
    }

    /** Returns whether it can be done on an instrument, depending on what carries its strings. */
    public boolean isOn(Fitting fitting) {
        return switch (this) {
            case LOWER_SADDLE, NEW_SADDLE, SHAVE_BRACES, SHAVE_BRIDGE, NEW_BRIDGE, REGLUE_BRIDGE, RAMP_PINS ->
                fitting != Fitting.FLOATING_BRIDGE;
            case MOVE_BRIDGE, MOVE_TAILPIECE -> fitting == Fitting.FLOATING_BRIDGE;
            default -> true;
        };
    }
}
