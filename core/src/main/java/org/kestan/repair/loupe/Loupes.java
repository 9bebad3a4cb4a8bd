package org.kestan.repair.loupe;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.job.Job;
import org.kestan.job.strings.StringSpec;
import org.kestan.repair.loupe.Loupe.Moment;
import org.kestan.repair.loupe.Loupe.Part;
import org.kestan.repair.loupe.Loupe.Point;
import org.kestan.repair.loupe.Loupe.Shape;
import org.kestan.repair.sideview.SideProfile;

/**
 * The fret at which the action is read, and the bridge, now and after. What no one reads is drawn as it usually is: the width
 * and height of a crown, the width of a saddle and of a bridge.
 */
public final class Loupes {

    private static final double CROWN_WIDTH = 2.4;
    private static final double CROWN_HEIGHT = 1.1;
    private static final double CROWN_STEPS = 16;
    private static final double SADDLE_WIDTH = 2.5;
    private static final double BRIDGE_FRONT = 9;
    private static final double BRIDGE_BEHIND_PINS = 6;
    private static final double ARRIVES = 6;
    private static final double AROUND_FRET = 5;
    private static final double ABOVE = 1;

    private Loupes() {}

    /** How thick the outer strings are; a line where the set is not known. */
    public static Sides<Double> gauges(Job job) {
        List<StringSpec> set = job.strings();
        return set.isEmpty() ? Sides.of(side -> 0.0) : new Sides<>(thick(set.get(0)), thick(set.get(set.size() - 1)));
    }

    private static double thick(StringSpec string) {
        return string.gauge().map(Length::millimeters).orElse(0.0);
    }

    /**
     * The crown of the fret at which the action is read with the outer strings over it; the crown's top lies at 0, 0.
     *
     * @param gauges thickness of the outer strings, mm
     */
    public static Loupe overFret(Setup now, Optional<Setup> after, Sides<Double> gauges) {
        List<Shape> shapes = new ArrayList<>();
        shapes.add(line(
                Part.BOARD, Moment.NOW, new Point(-AROUND_FRET, -CROWN_HEIGHT), new Point(AROUND_FRET, -CROWN_HEIGHT)));
        List<Point> crown = new ArrayList<>();
        for (int i = 0; i <= CROWN_STEPS; i++) {
            double turn = Math.PI * i / CROWN_STEPS;
            crown.add(new Point(-Math.cos(turn) * CROWN_WIDTH / 2, Math.sin(turn) * CROWN_HEIGHT - CROWN_HEIGHT));
        }
        shapes.add(new Shape(Part.CROWN, Moment.NOW, crown, true));
        double highest = strings(now, Moment.NOW, gauges, shapes);
        if (after.isPresent()) {
            highest = Math.max(highest, strings(after.get(), Moment.AFTER, gauges, shapes));
        }
        return new Loupe(shapes, -AROUND_FRET, -CROWN_HEIGHT - ABOVE / 2, AROUND_FRET, highest + ABOVE);
    }

    /** Returns how high the highest lies. */
    private static double strings(Setup setup, Moment moment, Sides<Double> gauges, List<Shape> shapes) {
        double highest = 0;
        for (Side side : Side.values()) {
            double low = setup.action().get(side);
            double high = low + gauges.get(side);
            highest = Math.max(highest, high);
            shapes.add(new Shape(
                    string(side),
                    moment,
                    List.of(
                            new Point(-AROUND_FRET, low),
                            new Point(AROUND_FRET, low),
                            new Point(AROUND_FRET, high),
                            new Point(-AROUND_FRET, high)),
                    true));
        }
        return highest;
    }

    private static Part string(Side side) {
        return side == Side.BASS ? Part.STRING_BASS : Part.STRING_TREBLE;
    }

    /** The bridge on the soundboard, which lies at Y 0; the saddle stands at X 0. */
    public static Loupe overBridge(Setup now, Optional<Setup> after) {
        List<Shape> shapes = new ArrayList<>();
        double left = -BRIDGE_FRONT - ARRIVES;
        double right = now.anchorage().pinDistance() + BRIDGE_BEHIND_PINS + SADDLE_WIDTH;
        shapes.add(line(Part.SOUNDBOARD, Moment.NOW, new Point(left, 0), new Point(right, 0)));
        double highest = bridge(now, Moment.NOW, left, right, shapes);
        if (after.isPresent()) {
            highest = Math.max(highest, bridge(after.get(), Moment.AFTER, left, right, shapes));
        }
        return new Loupe(shapes, left, -ABOVE, right, highest + ABOVE);
    }

    private static double bridge(Setup setup, Moment moment, double left, double right, List<Shape> shapes) {
        SideProfile profile = SideProfile.of(setup, 0);
        double saddle = profile.saddle();
        boolean floating = setup.protrusion().isEmpty();
        double top = setup.bridgeTop();
        double back = right - SADDLE_WIDTH;
        shapes.add(
                floating
                        ? block(Part.BRIDGE, moment, -SADDLE_WIDTH, SADDLE_WIDTH, 0, top)
                        : block(Part.BRIDGE, moment, -BRIDGE_FRONT, back, 0, top));
        double crown = Math.max(profile.stringAt(Side.BASS, saddle), profile.stringAt(Side.TREBLE, saddle));
        if (!floating) {
            shapes.add(block(Part.SADDLE, moment, -SADDLE_WIDTH / 2, SADDLE_WIDTH / 2, top, Math.max(top, crown)));
        }
        shapes.add(line(
                Part.FRET_LINE,
                moment,
                new Point(left, profile.fretLineAt(saddle + left)),
                new Point(0, profile.fretLineAt(saddle))));
        double end = Math.min(right, profile.stringEnd() - saddle);
        for (Side side : Side.values()) {
            double over = profile.stringAt(side, saddle);
            double share = end / (profile.stringEnd() - saddle);
            shapes.add(new Shape(
                    string(side),
                    moment,
                    List.of(
                            new Point(left, profile.stringAt(side, saddle + left)),
                            new Point(0, over),
                            new Point(end, over + share * (profile.stringEndHeight() - over))),
                    false));
        }
        return Math.max(top, crown);
    }

    private static Shape line(Part part, Moment moment, Point from, Point to) {
        return new Shape(part, moment, List.of(from, to), false);
    }

    private static Shape block(Part part, Moment moment, double left, double right, double bottom, double top) {
        return new Shape(
                part,
                moment,
                List.of(new Point(left, bottom), new Point(left, top), new Point(right, top), new Point(right, bottom)),
                true);
    }
}
