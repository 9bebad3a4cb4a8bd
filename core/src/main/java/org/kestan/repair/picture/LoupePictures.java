package org.kestan.repair.picture;

import static org.kestan.repair.picture.Picture.block;
import static org.kestan.repair.picture.Picture.line;
import static org.kestan.repair.picture.Picture.outline;
import static org.kestan.repair.picture.Picture.shape;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import org.kestan.base.geometry.HeelCut;
import org.kestan.base.sheet.Fitting;
import org.kestan.base.sheet.Side;
import org.kestan.repair.picture.Picture.Frame;
import org.kestan.repair.picture.Picture.Moment;
import org.kestan.repair.picture.Picture.Part;
import org.kestan.repair.picture.Picture.Point;
import org.kestan.repair.picture.Picture.Shape;
import org.kestan.repair.sideview.SideProfile;
import org.kestan.repair.sideview.SideView;

/**
 * The five deciding places through a loupe. Each has its own origin: at a fret the top of its crown, so that the
 * height of a string is the action; at the bridge the soundboard under the saddle; at the heel the soundboard over the
 * joint; along the neck the straight line over the first fret and the joint, with heights exaggerated as the picture
 * says. What nobody reads is drawn in its usual size: the width and height of a crown, the width of a saddle and of a
 * bridge.
 */
public final class LoupePictures {

    private static final double CROWN_WIDTH = 2.4;
    private static final double CROWN_HEIGHT = 1.1;
    private static final int CURVE = 16;
    private static final double SADDLE_WIDTH = 2.5;
    private static final double BRIDGE_FRONT = 9;
    private static final double BRIDGE_BEHIND_PINS = 6;

    /** How far in front of the bridge the straightedge is visible. */
    private static final double ARRIVES = 6;

    /** How far to both sides of a fret is visible, and how far beyond that is drawn. */
    private static final double AROUND_FRET = 5;

    private static final double BEYOND = 40;
    private static final double ABOVE = 1;
    private static final double STRAIGHTEDGE = 1.2;
    private static final double BOARD = 6;
    private static final double HEEL_CORNER = 7;
    private static final double HEEL_UNREAD = 92;
    private static final double RIM = 2.4;

    /** How high the neck's curve is drawn, relative to its length. */
    private static final double NECK_SHARE = 0.16;

    private static final List<Double> EXAGGERATIONS =
            List.of(200.0, 150.0, 100.0, 75.0, 50.0, 40.0, 30.0, 20.0, 10.0, 5.0, 2.0, 1.0);

    private LoupePictures() {}

    /** A profile and its moment. */
    private record Moved(SideProfile profile, Moment moment, int number) {}

    /**
     * What a loupe shows.
     *
     * @param compared setups that are compared; in place of the plan where there are any
     */
    public static Picture of(Loupe loupe, SideView view, List<SideProfile> compared) {
        List<Moved> all = new ArrayList<>();
        view.measured().ifPresent(profile -> all.add(new Moved(profile, Moment.NOW, 0)));
        if (compared.isEmpty()) {
            view.outcome().profile().ifPresent(profile -> all.add(new Moved(profile, Moment.AFTER, 0)));
        }
        for (int i = 0; i < compared.size(); i++) {
            all.add(new Moved(compared.get(i), Moment.COMPARED, i + 1));
        }
        return switch (loupe) {
            case FIRST_FRET -> overFret(view, all, 1);
            case ACTION_FRET -> overFret(view, all, view.marks().action());
            case NECK -> alongNeck(view, all);
            case HEEL -> heel(view);
            case BRIDGE -> bridge(view, all);
        };
    }

    private static Shape numbered(Shape shape, Moved moved) {
        return new Shape(shape.part(), shape.moment(), moved.number(), shape.points(), shape.closed());
    }

    private static Picture overFret(SideView view, List<Moved> all, int fret) {
        List<Shape> shapes = new ArrayList<>();
        shapes.add(block(Part.BOARD, Moment.NOW, -BEYOND, BEYOND, -CROWN_HEIGHT - BOARD, -CROWN_HEIGHT));
        shapes.add(shape(Part.CROWN, Moment.NOW, crown(), true));
        double at = view.frets().at(fret);
        double highest = ABOVE;
        double lowest = -CROWN_HEIGHT;
        for (Moved each : all) {
            for (Side side : Side.values()) {
                double thick = view.construction().gauges().get(side);
                DoubleUnaryOperator under = x -> each.profile().actionAt(side, at) + x * rise(each.profile(), side);
                shapes.add(numbered(
                        outline(
                                WholePicture.string(side),
                                each.moment(),
                                -BEYOND,
                                under.applyAsDouble(-BEYOND),
                                BEYOND,
                                under.applyAsDouble(BEYOND),
                                BEYOND,
                                under.applyAsDouble(BEYOND) + thick,
                                -BEYOND,
                                under.applyAsDouble(-BEYOND) + thick),
                        each));
                highest = Math.max(highest, under.applyAsDouble(0) + thick);
                lowest = Math.min(lowest, under.applyAsDouble(0));
            }
        }
        return new Picture(shapes, new Frame(-AROUND_FRET, lowest - ABOVE / 2, AROUND_FRET, highest + ABOVE / 2), 1);
    }

    /** How much higher a string is over the fret line one millimeter farther on. */
    private static double rise(SideProfile profile, Side side) {
        return profile.strings().get(side).heightAt(1)
                - profile.strings().get(side).heightAt(0);
    }

    private static List<Point> crown() {
        List<Point> crown = new ArrayList<>();
        for (int i = 0; i <= CURVE; i++) {
            double turn = Math.PI * i / CURVE;
            crown.add(new Point(-Math.cos(turn) * CROWN_WIDTH / 2, Math.sin(turn) * CROWN_HEIGHT - CROWN_HEIGHT));
        }
        return crown;
    }

    private static Picture alongNeck(SideView view, List<Moved> all) {
        double end = view.fretboardEnd();
        double joint = view.joint();
        double deepest = view.construction().reliefBand().most();
        double highest = 0;
        for (Moved each : all) {
            deepest = Math.max(deepest, deepest(each.profile(), joint));
            highest = Math.max(highest, -each.profile().relief().dipAt(joint / 2));
        }
        double room = end * NECK_SHARE;
        double heights = exaggeration(room, deepest + highest);
        List<Shape> shapes = new ArrayList<>();
        double at = view.frets().at(view.marks().relief());
        double half = joint * 0.07;
        shapes.add(block(
                Part.BAND,
                Moment.NOW,
                at - half,
                at + half,
                -view.construction().reliefBand().most() * heights,
                -view.construction().reliefBand().least() * heights));
        shapes.add(line(Part.STRAIGHTEDGE, Moment.NOW, 0, 0, joint, 0));
        for (Moved each : all) {
            List<Point> curve = new ArrayList<>();
            for (int i = 0; i <= 2 * CURVE; i++) {
                double x = end * i / (2 * CURVE);
                double below = each.profile().fretLineAt(x) - each.profile().crownAt(x);
                curve.add(new Point(x, -below * heights));
            }
            shapes.add(numbered(shape(Part.BOARD, each.moment(), curve, false), each));
        }
        if (all.isEmpty()) {
            shapes.add(line(Part.BOARD, Moment.NOW, 0, 0, end, 0));
        }
        double bottom = Math.min(-deepest * heights, -end * NECK_SHARE / 2);
        double top = Math.max(highest * heights, end * 0.02);
        return new Picture(shapes, new Frame(0, bottom - end * 0.02, end, top + end * 0.02), heights);
    }

    private static double deepest(SideProfile profile, double joint) {
        double deepest = 0;
        for (int i = 0; i <= CURVE; i++) {
            deepest = Math.max(deepest, profile.relief().dipAt(joint * i / CURVE));
        }
        return deepest;
    }

    private static double exaggeration(double room, double tall) {
        return EXAGGERATIONS.stream()
                .filter(each -> each * tall <= room)
                .findFirst()
                .orElse(1.0);
    }

    /**
     * The corner at the cap: the side of the body on the right, the heel on the left with the wood to take off its
     * cheeks.
     */
    private static Picture heel(SideView view) {
        double height = view.heelHeight().orElse(HEEL_UNREAD);
        List<Shape> shapes = new ArrayList<>();
        Optional<HeelCut> cut = view.outcome().heel();
        double driftSide = cut.map(each -> each.cheeksAt(height).driftSide()).orElse(0.0);
        double otherSide = cut.map(each -> each.cheeksAt(height).otherSide()).orElse(0.0);
        double thickest = Math.max(Math.abs(driftSide), Math.abs(otherSide));
        double wide = Math.max(HEEL_CORNER, thickest * 2);
        double bottom = -height;
        shapes.add(outline(Part.HEEL, Moment.NOW, -wide - BEYOND, bottom, 0, bottom, 0, 0, -wide - BEYOND, 0));
        shapes.add(block(Part.HEEL_CAP, Moment.NOW, -wide - BEYOND, 0, bottom - RIM, bottom));
        shapes.add(outline(Part.BODY, Moment.NOW, 0, bottom - 2 * RIM, RIM, bottom - 2 * RIM, RIM, 0, 0, 0));
        cut.ifPresent(each -> {
            double most = Math.abs(driftSide) >= Math.abs(otherSide) ? driftSide : otherSide;
            double least = most == driftSide ? otherSide : driftSide;
            HeelCut.Cheeks top = each.cheeksAt(0);
            double atTop = most == driftSide ? top.driftSide() : top.otherSide();
            if (most != 0) {
                shapes.add(outline(
                        most > 0 ? Part.WOOD_TO_REMOVE : Part.WOOD_TO_ADD,
                        Moment.AFTER,
                        -atTop,
                        0,
                        0,
                        0,
                        0,
                        bottom,
                        -most,
                        bottom));
            }
            if (least != most) {
                double leastTop = most == driftSide ? top.otherSide() : top.driftSide();
                shapes.add(line(Part.OTHER_CHEEK, Moment.AFTER, -leastTop, 0, -least, bottom));
            }
        });
        return new Picture(
                shapes, new Frame(-wide, bottom - RIM - ABOVE / 2, RIM + ABOVE, bottom + Math.max(3, wide * 0.45)), 1);
    }

    private static Picture bridge(SideView view, List<Moved> all) {
        List<Shape> shapes = new ArrayList<>();
        boolean floating = view.fitting() == Fitting.FLOATING_BRIDGE;
        double left = -BRIDGE_FRONT - ARRIVES;
        double right = floating ? -left : view.end().position() - view.saddle() + BRIDGE_BEHIND_PINS + SADDLE_WIDTH;
        shapes.add(block(Part.SOUNDBOARD, Moment.NOW, left - BEYOND, right + BEYOND, -RIM, 0));
        double highest = ABOVE;
        double lowest = 0;
        for (Moved each : all) {
            SideProfile profile = each.profile();
            highest = Math.max(highest, carried(shapes, view, each, right));
            double saddle = profile.saddle();
            double arrives = profile.fretLineAt(saddle);
            shapes.add(numbered(
                    line(
                            Part.FRET_LINE,
                            each.moment(),
                            left - BEYOND,
                            profile.fretLineAt(saddle + left - BEYOND),
                            0,
                            arrives),
                    each));
            lowest = Math.min(lowest, arrives);
            highest = Math.max(highest, arrives);
        }
        OptionalDouble slack = view.outcome().slack();
        if (slack.isPresent() && all.stream().anyMatch(each -> each.moment() == Moment.AFTER)) {
            double land = slack.getAsDouble();
            shapes.add(block(
                    Part.STRAIGHTEDGE, Moment.SLACK, left - BEYOND, -BRIDGE_FRONT + 1, land, land + STRAIGHTEDGE));
            highest = Math.max(highest, land + STRAIGHTEDGE);
            lowest = Math.min(lowest, land);
        }
        return new Picture(shapes, new Frame(left, lowest - ABOVE, right, highest + ABOVE), 1);
    }

    /** The bridge with its saddle and the strings over it; returns how high they reach. */
    private static double carried(List<Shape> shapes, SideView view, Moved each, double right) {
        SideProfile profile = each.profile();
        Moment moment = each.moment();
        double saddle = profile.saddle();
        double top = profile.bridgeTop();
        double crown = Math.max(profile.stringAt(Side.BASS, saddle), profile.stringAt(Side.TREBLE, saddle));
        if (view.fitting() == Fitting.FLOATING_BRIDGE) {
            shapes.add(numbered(
                    outline(
                            Part.BRIDGE,
                            moment,
                            -BRIDGE_FRONT,
                            0,
                            -BRIDGE_FRONT,
                            top * 0.3,
                            -SADDLE_WIDTH,
                            top * 0.42,
                            -SADDLE_WIDTH / 2,
                            top,
                            SADDLE_WIDTH / 2,
                            top,
                            SADDLE_WIDTH,
                            top * 0.42,
                            BRIDGE_FRONT,
                            top * 0.3,
                            BRIDGE_FRONT,
                            0),
                    each));
        } else {
            shapes.add(numbered(block(Part.BRIDGE, moment, -BRIDGE_FRONT, right - SADDLE_WIDTH, 0, top), each));
            shapes.add(numbered(
                    block(Part.SADDLE, moment, -SADDLE_WIDTH / 2, SADDLE_WIDTH / 2, top, Math.max(top, crown)), each));
        }
        double length = profile.stringEnd() - saddle;
        for (Side side : Side.values()) {
            double over = profile.stringAt(side, saddle);
            double before = -BRIDGE_FRONT - ARRIVES - BEYOND;
            List<Point> points = List.of(
                    new Point(before, profile.stringAt(side, saddle + before)),
                    new Point(0, over),
                    new Point(length, profile.stringEndHeight()));
            shapes.add(numbered(shape(WholePicture.string(side), moment, points, false), each));
        }
        return Math.max(top, crown);
    }
}
