package org.kestan.base.sheet;

import java.util.Optional;

/** The lengths a job aims at. What is not aimed at stays as it is. */
public enum Aim implements LengthLine {
    ACTION_BASS("action.bass", Reading.ACTION_BASS),
    ACTION_TREBLE("action.treble", Reading.ACTION_TREBLE),
    RELIEF("relief", Reading.RELIEF),
    NUT_BASS("nut.bass", Reading.NUT_BASS),
    NUT_TREBLE("nut.treble", Reading.NUT_TREBLE),
    SADDLE("saddle", Reading.SADDLE_BASS, true),
    BRIDGE_THICKNESS("bridgeThickness", Reading.BRIDGE_THICKNESS, true),
    BRIDGE_HEIGHT("bridgeHeight", Reading.BRIDGE_HEIGHT, true),
    FALL_AWAY("fallAway", Reading.EXTENSION_FALL_AWAY),
    /** How far the strings should clear whatever is under them. */
    CLEARANCE("clearance", Reading.OBSTACLE_HEIGHT);

    private final Reading measured;
    private final Entry entry;

    Aim(String key, Reading measured) {
        this(key, measured, false);
    }

    Aim(String key, Reading measured, boolean positive) {
        this.measured = measured;
        Entry of = measured.entry();
        entry = new Entry(
                "target." + key,
                0,
                Optional.empty(),
                of.taker(),
                of.least(),
                of.greatest(),
                positive,
                of.tool(),
                of.span());
    }

    /** Returns the reading of the present value (of the bass side if one target stands for both). */
    public Reading measured() {
        return measured;
    }

    /** Returns the target for the action on a side. */
    public static Aim action(Side side) {
        return side == Side.BASS ? ACTION_BASS : ACTION_TREBLE;
    }

    /** Returns the target for the string over fret 1 on a side. */
    public static Aim nut(Side side) {
        return side == Side.BASS ? NUT_BASS : NUT_TREBLE;
    }

    @Override
    public Entry entry() {
        return entry;
    }
}
