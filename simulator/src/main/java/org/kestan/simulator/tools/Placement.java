package org.kestan.simulator.tools;

import java.util.Arrays;
import java.util.Comparator;
import java.util.Map;
import java.util.Optional;
import org.kestan.base.sheet.Dimension;
import org.kestan.base.sheet.Line;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.job.terms.Lines;
import org.kestan.simulator.elastic.State;
import org.kestan.simulator.instrument.VirtualInstrument;

/**
 * Where a tool is placed.
 *
 * @param spot the place
 * @param fret over which fret; where the place has none, anything
 * @param side on which side; where the place has none, anything
 */
public record Placement(Spot spot, int fret, Side side) {

    /** From the bridge's front edge, where the caliper stands under the straightedge, to the saddle, mm. */
    public static final double BRIDGE_FRONT = 8;

    /** The fret the action is read over. */
    public static final int ACTION_FRET = 12;

    private static final double PAST_LAST_FRET = 3;

    /** How much a gap under a bridge closes without string pull. */
    private static final double LIFT_SLACK = 0.3;

    /** Humidity of the shop, percent, and how much more humidity raises the top by a millimeter. */
    private static final double USUAL_AIR = 47;

    private static final double AIR_OF_SWELL = 75;

    private static final Map<Line<?>, Placement> LINES = Map.ofEntries(
            Map.entry(Dimension.SCALE, at(Spot.SCALE)),
            Map.entry(Reading.NUT_BASS, new Placement(Spot.OVER_FRET, 1, Side.BASS)),
            Map.entry(Reading.NUT_TREBLE, new Placement(Spot.OVER_FRET, 1, Side.TREBLE)),
            Map.entry(Reading.ACTION_BASS, new Placement(Spot.OVER_FRET, ACTION_FRET, Side.BASS)),
            Map.entry(Reading.ACTION_TREBLE, new Placement(Spot.OVER_FRET, ACTION_FRET, Side.TREBLE)),
            Map.entry(Reading.RELIEF, at(Spot.UNDER_HELD_STRING)),
            Map.entry(Reading.JOINT_TO_SADDLE, at(Spot.JOINT_TO_SADDLE)),
            Map.entry(Reading.FRETS_OVER_TOP, at(Spot.FRETS_OVER_TOP)),
            Map.entry(Reading.HEEL_HEIGHT, at(Spot.HEEL_HEIGHT)),
            Map.entry(Reading.HEEL_WIDTH_TOP, at(Spot.HEEL_TOP)),
            Map.entry(Reading.HEEL_WIDTH_CAP, at(Spot.HEEL_CAP)),
            Map.entry(Reading.SIDE_DRIFT, at(Spot.CENTERLINE)),
            Map.entry(Reading.EXTENSION_LENGTH, at(Spot.EXTENSION)),
            Map.entry(Reading.EXTENSION_FALL_AWAY, at(Spot.FALL_AWAY)),
            Map.entry(Reading.SPACING_BRIDGE, at(Spot.SPACING)),
            Map.entry(Reading.BRIDGE_HEIGHT, at(Spot.BRIDGE_HEIGHT)),
            Map.entry(Reading.TAILPIECE_HEIGHT, at(Spot.TAILPIECE_HEIGHT)),
            Map.entry(Reading.TAILPIECE_DISTANCE, at(Spot.TAILPIECE_DISTANCE)),
            Map.entry(Reading.SADDLE_BASS, new Placement(Spot.SADDLE, 0, Side.BASS)),
            Map.entry(Reading.SADDLE_TREBLE, new Placement(Spot.SADDLE, 0, Side.TREBLE)),
            Map.entry(Reading.BRIDGE_THICKNESS, at(Spot.BRIDGE_THICKNESS)),
            Map.entry(Reading.PIN_DISTANCE, at(Spot.PINS)),
            Map.entry(Reading.STRING_RAMP, at(Spot.RAMP)),
            Map.entry(Reading.BRIDGE_FRONT, at(Spot.BRIDGE_FRONT)),
            Map.entry(Reading.BRIDGE_LIFT, at(Spot.BRIDGE_BACK)),
            Map.entry(Lines.HUMIDITY, at(Spot.AIR)),
            Map.entry(Lines.STEPS_DOWN, at(Spot.OPEN_STRING)),
            Map.entry(Reading.PROJECTION_STRUNG, at(Spot.PROJECTION)),
            Map.entry(Reading.PROJECTION_SLACK, at(Spot.PROJECTION)));

    private static Placement at(Spot spot) {
        return new Placement(spot, 0, Side.BASS);
    }

    /**
     * Returns where a line of the sheet is read on an instrument; empty if no tool here reads it, or it has no such
     * place.
     */
    public static Optional<Placement> of(Line<?> line, VirtualInstrument instrument) {
        return Optional.ofNullable(LINES.get(line))
                .filter(each -> each.spot.isOn(instrument.bridge().floating()))
                .map(each -> each.spot == Spot.UNDER_HELD_STRING
                        ? new Placement(each.spot, new Frame(instrument).middleFret(), each.side)
                        : each);
    }

    /**
     * Returns whether a line is read with the strings slack; the others are read at pitch, or it makes no difference.
     */
    public static boolean isReadSlack(Line<?> line) {
        return line == Reading.PROJECTION_SLACK;
    }

    /** The tool to take there: under the strings near the nut there is no room for a rule. */
    public SimulatedTool usualTool() {
        return spot == Spot.OVER_FRET && fret == 1 ? SimulatedTool.FEELER : spot.usual();
    }

    /** Its position along the strings, mm from the nut. */
    public double along(VirtualInstrument of) {
        return switch (spot) {
            case SCALE, OPEN_STRING -> 0;
            case OVER_FRET, UNDER_HELD_STRING, PRESSED_STRING ->
                of.frets().at(Math.max(1, Math.min(of.lastFret(), fret)));
            case BOARD -> of.frets().at(new Frame(of).middleFret());
            case JOINT_TO_SADDLE, FRETS_OVER_TOP, HEEL_HEIGHT, HEEL_TOP, HEEL_CAP, NECK_ANGLE -> of.jointAt();
            case BRACES -> of.jointAt() + of.bridge().jointToSaddle() / 2;
            case AIR -> of.saddleAt() + 2 * of.bridge().endDistance();
            case BRIDGE_BACK -> of.saddleAt() + BRIDGE_FRONT;
            case EXTENSION, FALL_AWAY -> of.frets().at(of.lastFret());
            case PROJECTION, PROJECTION_MIDDLE -> of.saddleAt() - BRIDGE_FRONT;
            case TAILPIECE_HEIGHT, TAILPIECE_DISTANCE, PINS, RAMP ->
                of.saddleAt() + of.bridge().endDistance();
            case CENTERLINE, SPACING, BRIDGE_HEIGHT, SADDLE, BRIDGE_THICKNESS, BRIDGE_FRONT -> of.saddleAt();
        };
    }

    /** Returns the nearest place where a tool can be put; over a fret, the nearest one. */
    public static Optional<Placement> nearest(SimulatedTool tool, VirtualInstrument of, double along, Side side) {
        int fret = of.frets().nearest(along, 1, of.lastFret());
        return Arrays.stream(Spot.values())
                .filter(spot -> spot.takes(tool) && spot.isOn(of.bridge().floating()))
                .map(spot -> new Placement(
                        spot, spot == Spot.UNDER_HELD_STRING ? Math.min(fret, of.jointFret()) : fret, side))
                .min(Comparator.comparingDouble(each -> Math.abs(each.along(of) - along)));
    }

    /** The true value there, in the unit of the tools for it; for the bridge's back edge the gap, mm. */
    public double truth(State state) {
        VirtualInstrument of = state.instrument();
        VirtualInstrument.BridgeMake bridge = of.bridge();
        Frame frame = new Frame(of);
        return switch (spot) {
            case SCALE -> of.frets().scale();
            case OVER_FRET -> frame.over(state, fret, side);
            case UNDER_HELD_STRING -> frame.relief(state, fret);
            case JOINT_TO_SADDLE -> bridge.jointToSaddle();
            case FRETS_OVER_TOP -> frame.overTop(state);
            case HEEL_HEIGHT -> of.heel().height();
            case HEEL_TOP -> of.heel().widthTop();
            case HEEL_CAP -> of.heel().widthCap();
            case CENTERLINE -> Math.abs(of.heel().drift());
            case EXTENSION -> extension(of);
            case FALL_AWAY -> of.neck().fall() * extension(of);
            case SPACING -> bridge.spread();
            case BRIDGE_HEIGHT, BRIDGE_THICKNESS -> bridge.thickness();
            case TAILPIECE_HEIGHT -> bridge.endHeight();
            case TAILPIECE_DISTANCE, PINS -> bridge.endDistance();
            case SADDLE -> bridge.protrusion().get(side);
            case RAMP -> bridge.thickness() - bridge.endHeight();
            case BRIDGE_FRONT -> BRIDGE_FRONT;
            case PROJECTION -> frame.projection(state, bridge.floating() ? 0 : BRIDGE_FRONT);
            case PROJECTION_MIDDLE -> frame.projectionInTheMiddle(state, bridge.floating() ? 0 : BRIDGE_FRONT);
            case BRIDGE_BACK -> state.tension() > 0 ? bridge.lift() : bridge.lift() * LIFT_SLACK;
            case BRACES -> of.body().loosened() > 1 ? 1 : 0;
            case BOARD -> frame.bowOfBoard(state);
            case NECK_ANGLE -> Math.toDegrees(state.pitch());
            case AIR -> USUAL_AIR + of.body().swell() * AIR_OF_SWELL;
            case OPEN_STRING -> state.halfStepsDown();
            case PRESSED_STRING -> frame.pressing(state, fret, side);
        };
    }

    private static double extension(VirtualInstrument of) {
        return of.frets().at(of.lastFret()) - of.jointAt() + PAST_LAST_FRET;
    }
}
