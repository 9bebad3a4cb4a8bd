package org.kestan.repair.picture;

import static org.kestan.repair.picture.Picture.block;
import static org.kestan.repair.picture.Picture.line;
import static org.kestan.repair.picture.Picture.outline;
import static org.kestan.repair.picture.Picture.path;
import static org.kestan.repair.picture.Picture.shape;

import java.util.ArrayList;
import java.util.List;
import org.kestan.base.geometry.NeckCurve;
import org.kestan.base.sheet.Fitting;
import org.kestan.base.sheet.Side;
import org.kestan.base.standards.Family;
import org.kestan.job.terms.Joint;
import org.kestan.repair.picture.Picture.Frame;
import org.kestan.repair.picture.Picture.Moment;
import org.kestan.repair.picture.Picture.Part;
import org.kestan.repair.picture.Picture.Point;
import org.kestan.repair.picture.Picture.Shape;
import org.kestan.repair.sideview.SideProfile;
import org.kestan.repair.sideview.SideView;

/**
 * The whole instrument from the side in true proportion: X from the nut along the soundboard, Y over it. What nobody
 * reads (headstock, neck, rims, the body behind the bridge) is drawn in the usual form and scales with the scale
 * length; common practice, no source.
 */
public final class WholePicture {

    /** The scale length for the usual sizes below. */
    private static final double USUAL_SCALE = 645;

    private static final double CROWN = 1.1;
    private static final double BOARD = 6;
    private static final double NECK_AT_NUT = 14;
    private static final double NECK_AT_HEEL = 17;
    private static final double HEADSTOCK = 185;
    private static final double HEADSTOCK_THICK = 15;
    private static final double HEADSTOCK_TILT = Math.toRadians(14);
    private static final double FLAT_HEADSTOCK_DROP = 5;
    private static final double BEHIND_SADDLE = 205;
    private static final double DEEPER_AT_TAIL = 16;
    private static final double HEEL_UNREAD = 92;
    private static final double SLAB = 45;
    private static final double ARCH = 15;
    private static final double CUTAWAY = 75;
    private static final double HOLE = 98;
    private static final double BRIDGE_FRONT = 11;
    private static final double BRIDGE_BACK = 19;
    private static final double SADDLE_HALF = 1.4;
    private static final double CAP = 3.5;
    private static final double BOLT_HEAD = 7;
    private static final double MARGIN = 2;
    private static final int CURVE = 12;

    /** Neck and strings if nothing was read yet: straight and level over the top. */
    private static final double UNREAD_FRETS = 7;

    private final SideView view;
    private final List<Shape> shapes = new ArrayList<>();
    private final double size;
    private final boolean slab;
    private final boolean arched;
    private final double depth;
    private final double tail;

    private WholePicture(SideView view) {
        this.view = view;
        size = view.frets().scale() / USUAL_SCALE;
        Joint joint = view.construction().joint();
        slab = joint == Joint.POCKET_BOLT || joint == Joint.TILT_SCREW;
        arched = view.fitting() == Fitting.FLOATING_BRIDGE;
        depth = slab ? SLAB * size : view.heelHeight().orElse(HEEL_UNREAD * Math.min(1, size)) + 2;
        double behind = BEHIND_SADDLE * (view.construction().family() == Family.MANDOLIN ? 1.15 : 1) * size;
        tail = Math.max(view.saddle() + behind, view.end().position() + 12);
    }

    /** The instrument as measured, with its planned neck behind it. */
    public static Picture of(SideView view) {
        return new WholePicture(view).draw();
    }

    private Picture draw() {
        body();
        view.outcome().profile().ifPresent(profile -> neck(profile, Moment.AFTER));
        view.measured().ifPresentOrElse(profile -> neck(profile, Moment.NOW), this::unreadNeck);
        frets();
        view.obstacle().height().ifPresent(height -> {
            double at = view.joint() + view.obstacle().distance();
            shapes.add(block(Part.OBSTACLE, Moment.NOW, at - 9, at + 9, 0, height));
        });
        view.measured().ifPresent(this::carried);
        return new Picture(shapes, frame(), 1);
    }

    private Frame frame() {
        double left = 0;
        double top = MARGIN;
        double bottom = -depth - (slab ? 0 : DEEPER_AT_TAIL * size);
        for (Shape shape : shapes) {
            for (Point point : shape.points()) {
                left = Math.min(left, point.x());
                top = Math.max(top, point.y());
                bottom = Math.min(bottom, point.y());
            }
        }
        return new Frame(left - MARGIN, bottom - MARGIN, tail + MARGIN, top + MARGIN);
    }

    private void body() {
        double from = view.joint();
        double under = slab ? -depth : -depth - DEEPER_AT_TAIL * size;
        if (arched) {
            double rim = -ARCH * size;
            shapes.add(arch(rim, 0));
            shapes.add(arch(under + ARCH * size, under));
            shapes.add(outline(Part.BODY, Moment.NOW, from, rim, tail, rim, tail, under - rim, from, -depth));
        } else {
            shapes.add(outline(Part.BODY, Moment.NOW, from, 0, tail, 0, tail, under, from, -depth));
            shapes.add(line(Part.SOUNDBOARD, Moment.NOW, from, 0, tail, 0));
        }
        if (!arched && !slab) {
            double hole = (view.fretboardEnd() + view.saddle()) / 2 - 25 * size;
            shapes.add(line(Part.SOUNDHOLE, Moment.NOW, hole - HOLE / 2 * size, 0, hole + HOLE / 2 * size, 0));
        } else if (arched) {
            double hole = view.saddle() - 6 * size;
            shapes.add(path(
                    Part.SOUNDHOLE,
                    Moment.NOW,
                    hole - 55 * size,
                    -5 * size,
                    hole - 40 * size,
                    -2.5 * size,
                    hole + 35 * size,
                    -4.5 * size,
                    hole + 48 * size,
                    -2 * size));
        }
        if (view.construction().cutaway()) {
            List<Point> curve = new ArrayList<>();
            for (int i = 0; i <= CURVE; i++) {
                double turn = Math.PI * i / CURVE;
                curve.add(new Point(from + CUTAWAY * size * Math.sin(turn), -depth * i / CURVE));
            }
            shapes.add(shape(Part.CUTAWAY, Moment.NOW, curve, false));
        }
    }

    /** The carved plate between a level at the rims and one at its middle. */
    private Shape arch(double rim, double crest) {
        List<Point> points = new ArrayList<>();
        double from = view.joint();
        for (int i = 0; i <= 2 * CURVE; i++) {
            double share = i / (2.0 * CURVE);
            double rise = Math.pow(Math.sin(Math.PI * share), 0.6);
            points.add(new Point(from + (tail - from) * share, rim + (crest - rim) * rise));
        }
        return shape(crest > rim ? Part.SOUNDBOARD : Part.BODY, Moment.NOW, points, true);
    }

    private void unreadNeck() {
        double board = UNREAD_FRETS;
        double end = view.fretboardEnd();
        neckShape(Moment.NOW, board, 0, board);
        shapes.add(block(Part.BOARD, Moment.NOW, 0, end, board - CROWN - BOARD, board - CROWN));
    }

    private void neck(SideProfile profile, Moment moment) {
        double slope = (profile.projection() - profile.fretsOverTop()) / (profile.saddle() - profile.joint());
        neckShape(moment, profile.fretLineAt(0), slope, profile.fretLineAt(profile.joint()));
        List<Point> board = new ArrayList<>();
        double end = view.fretboardEnd();
        NeckCurve relief = profile.relief();
        for (int i = 0; i <= 2 * CURVE; i++) {
            double x = end * i / (2.0 * CURVE);
            board.add(new Point(x, profile.crownAt(x) - CROWN));
        }
        board.add(new Point(end, Math.max(0, profile.crownAt(end) - CROWN - BOARD)));
        board.add(new Point(profile.joint(), Math.max(0, profile.crownAt(profile.joint()) - CROWN - BOARD)));
        board.add(new Point(0, profile.fretLineAt(0) - relief.dipAt(0) - CROWN - BOARD));
        shapes.add(shape(Part.BOARD, moment, board, true));
        strings(profile, moment);
    }

    private void neckShape(Moment moment, double atNut, double slope, double atJoint) {
        double joint = view.joint();
        double nut = atNut - CROWN - BOARD;
        double heel = atJoint - CROWN - BOARD;
        List<Point> neck = new ArrayList<>();
        neck.add(new Point(0, nut));
        neck.add(new Point(joint, heel));
        if (slab) {
            double pocket = view.fretboardEnd() - 20 * size;
            double far = heel + slope * (pocket - joint);
            neck.add(new Point(pocket, far));
            neck.add(new Point(pocket, far - NECK_AT_HEEL - 4));
            neck.add(new Point(joint - 25 * size, heel - NECK_AT_HEEL - 4));
        } else {
            heel(moment, neck, slope);
        }
        neck.add(new Point(joint - 130 * size, nut + (heel - nut) * (1 - 130 * size / joint) - NECK_AT_HEEL));
        neck.add(new Point(0, nut - NECK_AT_NUT * Math.min(1, size)));
        shapes.add(shape(Part.NECK, moment, neck, true));
        headstock(moment, atNut, slope);
    }

    /**
     * The heel sweeps from its cap up into the neck in a quarter of an ellipse. It turns with the neck about the
     * joint.
     */
    private void heel(Moment moment, List<Point> neck, double slope) {
        double height = view.heelHeight().orElse(HEEL_UNREAD * Math.min(1, size));
        double joint = view.joint();
        double turned = moment == Moment.AFTER
                ? view.outcome().heel().map(cut -> cut.angle().tan()).orElse(0.0)
                : 0;
        neck.add(new Point(joint, 0));
        neck.add(new Point(joint + turned * height, -height));
        double cap = joint - 0.22 * height;
        neck.add(new Point(cap + turned * height, -height));
        for (int i = 1; i <= CURVE; i++) {
            double turn = Math.PI / 2 * i / CURVE;
            double y = -height + (height - NECK_AT_HEEL) * Math.sin(turn);
            neck.add(new Point(joint - height * (0.22 + 0.42 * (1 - Math.cos(turn))) - turned * y, y));
        }
        if (moment == Moment.NOW && view.construction().joint() != Joint.THROUGH) {
            shapes.add(block(Part.HEEL_CAP, Moment.NOW, cap, joint, -height - CAP, -height));
        }
        if (moment == Moment.NOW && view.construction().joint() == Joint.MORTISE_BOLT) {
            for (double at : new double[] {0.35, 0.7}) {
                double y = -height * at;
                shapes.add(block(
                        Part.BOLT,
                        Moment.NOW,
                        joint + 22,
                        joint + 22 + BOLT_HEAD,
                        y - BOLT_HEAD / 2,
                        y + BOLT_HEAD / 2));
            }
        }
    }

    private void headstock(Moment moment, double atNut, double slope) {
        double under = atNut - CROWN;
        double length = HEADSTOCK * Math.min(1.05, Math.max(0.75, size));
        double tilt = slab ? 0 : HEADSTOCK_TILT;
        double drop = slab ? FLAT_HEADSTOCK_DROP : 0;
        double angle = Math.atan(slope) + tilt;
        double dx = -Math.cos(angle);
        double dy = -Math.sin(angle);
        // Its face starts at the nut; its thickness is below the face.
        double nx = -dy;
        double ny = dx;
        double x0 = -2;
        double y0 = under - drop;
        double x1 = x0 + dx * length;
        double y1 = y0 + dy * length;
        shapes.add(outline(
                Part.HEADSTOCK,
                moment,
                x0,
                y0,
                x1,
                y1,
                x1 + nx * HEADSTOCK_THICK,
                y1 + ny * HEADSTOCK_THICK,
                x0 + nx * HEADSTOCK_THICK,
                y0 + ny * HEADSTOCK_THICK));
        if (moment == Moment.NOW) {
            shapes.add(block(Part.NUT, moment, -5, 0, under - 3, atNut + 1));
        }
    }

    private void strings(SideProfile profile, Moment moment) {
        double saddle = profile.saddle();
        for (Side side : Side.values()) {
            shapes.add(path(
                    string(side),
                    moment,
                    0,
                    profile.stringAt(side, 0),
                    saddle,
                    profile.stringAt(side, saddle),
                    profile.stringEnd(),
                    profile.stringEndHeight()));
        }
    }

    static Part string(Side side) {
        return side == Side.BASS ? Part.STRING_BASS : Part.STRING_TREBLE;
    }

    private void frets() {
        view.measured().ifPresent(profile -> {
            for (int fret = 1; fret <= view.marks().last(); fret++) {
                double x = view.frets().at(fret);
                shapes.add(line(Part.FRET, Moment.NOW, x, profile.crownAt(x) - CROWN, x, profile.crownAt(x)));
            }
        });
    }

    private void carried(SideProfile profile) {
        double x = view.saddle();
        double top = profile.bridgeTop();
        double end = profile.stringEnd();
        if (arched) {
            shapes.add(outline(
                    Part.BRIDGE,
                    Moment.NOW,
                    x - BRIDGE_FRONT,
                    0,
                    x - BRIDGE_FRONT,
                    top * 0.3,
                    x - 3,
                    top * 0.42,
                    x - SADDLE_HALF,
                    top,
                    x + SADDLE_HALF,
                    top,
                    x + 3,
                    top * 0.42,
                    x + BRIDGE_FRONT,
                    top * 0.3,
                    x + BRIDGE_FRONT,
                    0));
            double foot = -ARCH * size;
            shapes.add(path(
                    Part.TAILPIECE,
                    Moment.NOW,
                    end,
                    profile.stringEndHeight(),
                    tail - 2,
                    2,
                    tail + 2,
                    foot,
                    tail + 2,
                    foot - 18));
        } else {
            shapes.add(outline(
                    Part.BRIDGE,
                    Moment.NOW,
                    x - BRIDGE_FRONT,
                    0,
                    x - BRIDGE_FRONT + 2,
                    top,
                    x + BRIDGE_BACK - 2,
                    top,
                    x + BRIDGE_BACK,
                    0));
            double crown = Math.max(profile.stringAt(Side.BASS, x), profile.stringAt(Side.TREBLE, x));
            shapes.add(block(Part.SADDLE, Moment.NOW, x - SADDLE_HALF, x + SADDLE_HALF, top, Math.max(top, crown)));
            if (view.construction().family() != Family.CLASSICAL) {
                shapes.add(block(Part.PIN, Moment.NOW, end - 2, end + 2, top, top + 4));
            }
        }
    }
}
