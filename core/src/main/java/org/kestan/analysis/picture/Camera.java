package org.kestan.analysis.picture;

/**
 * A camera that looks at the edge of a fretboard: a pinhole with one term of radial distortion, level with the crowns.
 *
 * <p>Places at the board are given by {@code d}, mm along the line of the crowns from a point of reference, {@code h}, mm above that
 * line, and {@code t}, mm behind the plane of the frets' ends. Source: the pinhole model with radial distortion of even order (D. C.
 * Brown, <i>Decentering distortion of lenses</i>, Photogrammetric Engineering 32, 1966).
 */
final class Camera {

    /** How many numbers describe a camera. */
    static final int SIZE = 7;

    static final int FOCAL = 0;
    static final int DISTANCE = 1;
    static final int YAW = 2;
    static final int ROLL = 3;
    static final int ALONG = 4;
    static final int HORIZON = 5;
    static final int DISTORTION = 6;

    private static final int UNDISTORTING = 12;

    private final double focal;
    private final double distance;
    private final double yaw;
    private final double roll;
    private final double along;
    private final double horizon;
    private final double distortion;
    private final PixelPoint center;
    private final double corner;

    /**
     * @param numbers logarithms of the focal length in pixels and of the distance in mm, yaw and roll in radians, where the point of
     *     reference and the line of the crowns are seen, pixels from the center, and the distortion at the corner as a share
     * @param width of the picture, pixels
     * @param height of the picture, pixels
     */
    Camera(double[] numbers, int width, int height) {
        focal = Math.exp(numbers[FOCAL]);
        distance = Math.exp(numbers[DISTANCE]);
        yaw = numbers[YAW];
        roll = numbers[ROLL];
        along = numbers[ALONG];
        horizon = numbers[HORIZON];
        distortion = numbers[DISTORTION];
        center = new PixelPoint(width / 2.0, height / 2.0);
        corner = Math.hypot(width, height) / 2;
    }

    /** Where a place at the board appears in the picture. */
    PixelPoint project(double d, double h, double t) {
        double depth = distance + d * Math.sin(yaw) + t * Math.cos(yaw);
        double across = distance * along / focal + d * Math.cos(yaw) - t * Math.sin(yaw);
        double u = focal * across / depth;
        double w = horizon - focal * h / depth;
        double x = u * Math.cos(roll) - w * Math.sin(roll);
        double y = u * Math.sin(roll) + w * Math.cos(roll);
        double stretch = 1 + distortion * (x * x + y * y) / (corner * corner);
        return center.plus(stretch * x, stretch * y);
    }

    /** What a place in the picture shows: {@code d} and {@code h}, mm, if it is the given distance behind the plane. */
    double[] place(PixelPoint seen, double t) {
        double px = seen.x() - center.x();
        double py = seen.y() - center.y();
        double x = px;
        double y = py;
        for (int i = 0; i < UNDISTORTING; i++) {
            double stretch = 1 + distortion * (x * x + y * y) / (corner * corner);
            x = px / stretch;
            y = py / stretch;
        }
        double u = x * Math.cos(roll) + y * Math.sin(roll);
        double w = -x * Math.sin(roll) + y * Math.cos(roll);
        double depth = distance + t * Math.cos(yaw);
        double across = distance * along / focal - t * Math.sin(yaw);
        double d = (u * depth - focal * across) / (focal * Math.cos(yaw) - u * Math.sin(yaw));
        double far = depth + d * Math.sin(yaw);
        return new double[] {d, (horizon - w) * far / focal};
    }

    /** Pixels per millimeter across the line, at a place on it. */
    double scale(double d) {
        return focal / (distance + d * Math.sin(yaw));
    }

    /** The direction along the line in the picture, radians from the right, downward. */
    double direction() {
        return roll;
    }
}
