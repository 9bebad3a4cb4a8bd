package org.kestan.simulator.tools;

import java.util.EnumSet;
import java.util.Set;
import org.kestan.base.finding.Keyed;
import org.kestan.base.sheet.Fitting;

/** A place where something is measured: the tools that reach it, and what else has to be specified. */
public enum Spot implements Keyed {
    /** From the nut to the saddle, or twice the distance to fret 12. */
    SCALE(Fitting.ANY, false, false, SimulatedTool.TAPE),
    /** From the crown of a fret to the underside of an outer string. */
    OVER_FRET(Fitting.ANY, true, true, SimulatedTool.RULE, SimulatedTool.FEELER),
    /** The gap over a fret under a string that is held at fret 1 and at the joint. */
    UNDER_HELD_STRING(Fitting.ANY, true, false, SimulatedTool.FEELER, SimulatedTool.RULE),
    /** From the joint to the saddle. */
    JOINT_TO_SADDLE(Fitting.ANY, false, false, SimulatedTool.TAPE, SimulatedTool.RULE),
    /** From the soundboard to the crowns at the joint. */
    FRETS_OVER_TOP(Fitting.ANY, false, false, SimulatedTool.CALIPER, SimulatedTool.RULE),
    /** From the soundboard to the heel cap. */
    HEEL_HEIGHT(Fitting.ANY, false, false, SimulatedTool.CALIPER, SimulatedTool.TAPE),
    /** Across the heel at the top. */
    HEEL_TOP(Fitting.ANY, false, false, SimulatedTool.CALIPER, SimulatedTool.RULE),
    /** Across the heel at the cap. */
    HEEL_CAP(Fitting.ANY, false, false, SimulatedTool.CALIPER, SimulatedTool.RULE),
    /** How far to one side the neck points at the bridge. */
    CENTERLINE(Fitting.ANY, false, false, SimulatedTool.RULE, SimulatedTool.CALIPER),
    /** How long the board is over the top. */
    EXTENSION(Fitting.ANY, false, false, SimulatedTool.TAPE, SimulatedTool.RULE),
    /** How far the end of the board falls away. */
    FALL_AWAY(Fitting.ANY, false, false, SimulatedTool.FEELER),
    /** Between the outer strings at the bridge. */
    SPACING(Fitting.ANY, false, false, SimulatedTool.CALIPER, SimulatedTool.RULE),
    /** From the top to the crown of a floating bridge. */
    BRIDGE_HEIGHT(Fitting.FLOATING_BRIDGE, false, false, SimulatedTool.CALIPER, SimulatedTool.RULE),
    /** From the top to the strings at the tailpiece. */
    TAILPIECE_HEIGHT(Fitting.FLOATING_BRIDGE, false, false, SimulatedTool.CALIPER, SimulatedTool.RULE),
    /** From the bridge to the tailpiece. */
    TAILPIECE_DISTANCE(Fitting.FLOATING_BRIDGE, false, false, SimulatedTool.TAPE, SimulatedTool.RULE),
    /** How far the saddle stands out of the bridge under an outer string. */
    SADDLE(Fitting.PIN_BRIDGE, false, true, SimulatedTool.CALIPER, SimulatedTool.RULE),
    /** The bridge's thickness. */
    BRIDGE_THICKNESS(Fitting.PIN_BRIDGE, false, false, SimulatedTool.CALIPER, SimulatedTool.RULE),
    /** From the saddle to the pins. */
    PINS(Fitting.PIN_BRIDGE, false, false, SimulatedTool.CALIPER, SimulatedTool.RULE),
    /** How far below the bridge's top the strings end. */
    RAMP(Fitting.PIN_BRIDGE, false, false, SimulatedTool.CALIPER),
    /** From the bridge's front edge to the saddle. */
    BRIDGE_FRONT(Fitting.PIN_BRIDGE, false, false, SimulatedTool.RULE, SimulatedTool.CALIPER),
    /** A straightedge on the frets, measured over the top in front of the bridge. */
    PROJECTION(Fitting.ANY, false, false, SimulatedTool.STRAIGHTEDGE),
    /** The same along the middle of the board. */
    PROJECTION_MIDDLE(Fitting.ANY, false, false, SimulatedTool.STRAIGHTEDGE),
    /** Under the back edge of the bridge. */
    BRIDGE_BACK(Fitting.PIN_BRIDGE, false, false, SimulatedTool.FEELER, SimulatedTool.MIRROR),
    /** The braces, through the sound hole. */
    BRACES(Fitting.ANY, false, false, SimulatedTool.MIRROR),
    /** The wood of the board between the frets, midway between fret 1 and the joint. */
    BOARD(Fitting.ANY, false, false, SimulatedTool.NOTCHED_STRAIGHTEDGE),
    /** The angle of the fret plane at the joint to the top. */
    NECK_ANGLE(Fitting.ANY, false, false, SimulatedTool.ANGLE_GAUGE),
    /** The air the instrument has been in. */
    AIR(Fitting.ANY, false, false, SimulatedTool.HYGROMETER),
    /** An open outer string. */
    OPEN_STRING(Fitting.ANY, false, true, SimulatedTool.TUNER),
    /** An outer string, pressed down on a fret. */
    PRESSED_STRING(Fitting.ANY, true, true, SimulatedTool.FORCE_SCALE);

    private final Fitting fitting;
    private final boolean fretted;
    private final boolean sided;
    private final SimulatedTool usual;
    private final Set<SimulatedTool> tools;

    Spot(Fitting fitting, boolean fretted, boolean sided, SimulatedTool usual, SimulatedTool... others) {
        this.fitting = fitting;
        this.fretted = fretted;
        this.sided = sided;
        this.usual = usual;
        tools = others.length == 0 ? Set.of(usual) : Set.copyOf(EnumSet.of(usual, others));
    }

    @Override
    public String key() {
        return Keyed.kebab(this);
    }

    /** Returns whether it exists on an instrument with or without a floating bridge. */
    public boolean isOn(boolean floating) {
        return fitting == Fitting.ANY || floating == (fitting == Fitting.FLOATING_BRIDGE);
    }

    /** Returns whether it is read with the neck in its joint. */
    public boolean needsNeck() {
        return switch (this) {
            case FRETS_OVER_TOP, CENTERLINE, FALL_AWAY, PROJECTION, PROJECTION_MIDDLE, NECK_ANGLE -> true;
            default -> false;
        };
    }

    /** Returns whether it is read with the strings under tension. */
    public boolean needsStrings() {
        return this == OVER_FRET || this == UNDER_HELD_STRING || this == OPEN_STRING || this == PRESSED_STRING;
    }

    /** Returns whether a fret has to be specified. */
    public boolean fretted() {
        return fretted;
    }

    /** Returns whether a side has to be specified. */
    public boolean sided() {
        return sided;
    }

    /** The usual tool for it. */
    SimulatedTool usual() {
        return usual;
    }

    /** Returns whether a tool can be put there at all. */
    public boolean takes(SimulatedTool tool) {
        return tools.contains(tool);
    }
}
