package org.kestan.repair.plan;

import org.hipparchus.geometry.euclidean.threed.Line;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;

/**
 * An instrument made of rigid pieces in space, written independently for this test: body, neck with a conical board
 * and relief, strings. It is read as a person would read it, cut as told, put together and read again. It uses none of
 * the program's geometry. Body: x from the joint toward the tail, y toward the treble, z up from the soundboard. Neck:
 * u from the nut end, v toward the treble, w up from the chord under the outer strings. Millimeters.
 */
final class RigidInstrument {

    /** What does not change. */
    record Build(
            double scale,
            int joint,
            double jointToSaddle,
            double overTop,
            double heel,
            double widthTop,
            double widthCap,
            double radiusNut,
            double radiusBody,
            double boardEnd,
            double spacingNut,
            double spacingBridge,
            double curvature,
            double bridgeFront,
            boolean middle) {

        double fret(int number) {
            return scale * (1 - Math.pow(2, -number / 12.0));
        }

        private double half(double u) {
            double saddle = fret(joint) + jointToSaddle;
            return (spacingNut + (spacingBridge - spacingNut) * u / saddle) / 2;
        }

        /** The crown of a fret over the chord, at v from the middle. */
        double crown(double u, double v) {
            double radius = radiusNut + (radiusBody - radiusNut) * u / boardEnd;
            double outer = half(u);
            double dip = curvature / 2 * (u - fret(1)) * (fret(joint) - u);
            return -dip + Math.sqrt(radius * radius - v * v) - Math.sqrt(radius * radius - outer * outer);
        }
    }

    private final Build build;
    private final Sides<Double> slots;
    private Rotation turned;
    /** The point of the neck that sits at the origin of the body. */
    private Vector3D seat;

    private Sides<Double> crowns;

    RigidInstrument(Build build, Sides<Double> slots, double pitch, double yaw, double roll, Sides<Double> crowns) {
        this.build = build;
        this.slots = slots;
        this.crowns = crowns;
        Rotation rolled = new Rotation(Vector3D.PLUS_I, roll, RotationConvention.VECTOR_OPERATOR);
        Rotation pitched = new Rotation(Vector3D.PLUS_J, -pitch, RotationConvention.VECTOR_OPERATOR);
        Rotation yawed = new Rotation(Vector3D.PLUS_K, yaw, RotationConvention.VECTOR_OPERATOR);
        turned = yawed.applyTo(pitched.applyTo(rolled));
        seat = new Vector3D(build.fret(build.joint()), 0, -build.overTop());
    }

    Build build() {
        return build;
    }

    private Vector3D onBody(Vector3D neck) {
        return turned.applyTo(neck.subtract(seat));
    }

    private Vector3D onNeck(Vector3D body) {
        return turned.applyInverseTo(body).add(seat);
    }

    private static double sign(Side side) {
        return side == Side.BASS ? -1 : 1;
    }

    /** The string over a fret's crown. */
    double over(int fret, Side side) {
        double u = build.fret(fret);
        Vector3D nut = new Vector3D(0, sign(side) * build.spacingNut() / 2, slots.get(side));
        Vector3D saddle =
                onNeck(new Vector3D(build.jointToSaddle(), sign(side) * build.spacingBridge() / 2, crowns.get(side)));
        double share = u / saddle.getX();
        Vector3D there = nut.scalarMultiply(1 - share).add(share, saddle);
        return there.getZ() - build.crown(u, there.getY());
    }

    /**
     * Straightedge on fret 1 and the joint fret, caliper at the bridge's front edge, with the neck farther back by
     * this much there.
     */
    double projection(double unfolded) {
        Rotation now = turned;
        double at = build.jointToSaddle() - build.bridgeFront();
        // What the body does without strings, at the saddle: the whole neck turns about its seat.
        turned = new Rotation(
                        Vector3D.PLUS_J,
                        -Math.atan(unfolded / build.jointToSaddle()),
                        RotationConvention.VECTOR_OPERATOR)
                .applyTo(turned);
        double first = build.fret(1);
        double joint = build.fret(build.joint());
        double read;
        if (build.middle()) {
            read = heightAt(at, first, 0, joint, 0);
        } else {
            read = (heightAt(at, first, -build.half(first), joint, -build.half(joint))
                            + heightAt(at, first, build.half(first), joint, build.half(joint)))
                    / 2;
        }
        turned = now;
        return read;
    }

    private double heightAt(double x, double u1, double v1, double u2, double v2) {
        Vector3D one = onBody(new Vector3D(u1, v1, build.crown(u1, v1)));
        Vector3D two = onBody(new Vector3D(u2, v2, build.crown(u2, v2)));
        double share = (x - one.getX()) / (two.getX() - one.getX());
        return one.getZ() + share * (two.getZ() - one.getZ());
    }

    /** Frets over the top at the joint, mean of both edges. */
    double fretsOverTop() {
        double joint = build.fret(build.joint());
        double half = build.half(joint);
        return (onBody(new Vector3D(joint, -half, 0)).getZ()
                        + onBody(new Vector3D(joint, half, 0)).getZ())
                / 2;
    }

    /** Where the board's center line lands at the bridge, toward the treble. */
    double drift() {
        Vector3D one = onBody(new Vector3D(0, 0, 0));
        Vector3D two = onBody(new Vector3D(build.fret(build.joint()), 0, 0));
        double share = (build.jointToSaddle() - one.getX()) / (two.getX() - one.getX());
        return one.getY() + share * (two.getY() - one.getY());
    }

    /** What has to come off a cheek at a depth, along the neck. */
    interface Cut {
        double at(double depth, Side side);
    }

    /**
     * Takes the wood off both cheeks as told, and seats the neck on what is left, straight in and level with the top.
     */
    void cut(Cut told) {
        Vector3D bassTop = face(told, 0, Side.BASS);
        Vector3D trebleTop = face(told, 0, Side.TREBLE);
        Vector3D bassCap = face(told, build.heel(), Side.BASS);
        Vector3D trebleCap = face(told, build.heel(), Side.TREBLE);
        Vector3D across = trebleCap.subtract(bassCap).add(trebleTop.subtract(bassTop));
        Vector3D down = bassCap.add(trebleCap).subtract(bassTop).subtract(trebleTop);
        Vector3D normal = turned.applyTo(across.crossProduct(down));
        Vector3D aim = normal.getX() > 0 ? Vector3D.PLUS_I : Vector3D.MINUS_I;
        Rotation fix = new Rotation(normal, aim);
        turned = fix.applyTo(turned);
        seat = bassTop.add(trebleTop).scalarMultiply(0.5);
    }

    /** The cut face on a cheek: the body's plane as it met the neck, less what is told. */
    private Vector3D face(Cut told, double depth, Side side) {
        double width = build.widthTop() + (build.widthCap() - build.widthTop()) * depth / build.heel();
        Vector3D cheek = new Vector3D(seat.getX(), sign(side) * width / 2, seat.getZ() - depth);
        Line along = Line.fromDirection(cheek, Vector3D.PLUS_I, 1e-12);
        // Where it meets the body's plane x = 0.
        Vector3D direction = turned.applyTo(Vector3D.PLUS_I);
        double to = -onBody(cheek).getX() / direction.getX();
        Vector3D met = cheek.add(to, along.getDirection());
        return met.subtract(new Vector3D(told.at(depth, side), 0, 0));
    }

    void crowns(Sides<Double> next) {
        crowns = next;
    }

    Sides<Double> crowns() {
        return crowns;
    }
}
