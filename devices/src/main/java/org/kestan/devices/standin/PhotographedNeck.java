package org.kestan.devices.standin;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.kestan.base.geometry.Frets;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Dimension;
import org.kestan.base.sheet.Reading;
import org.kestan.job.Job;

/**
 * A neck seen from its side, and the camera that photographs it.
 *
 * @param scale scale length, mm
 * @param nut height of the string's underside over the line of the crowns at the nut, mm
 * @param saddle the same at the saddle
 * @param relief how far the crowns lie below their line in the middle of the neck, mm
 * @param gauge thickness of the string, mm
 * @param inset how far behind the frets' ends it lies, mm
 * @param crown height of a crown over the board, mm
 * @param foot width of a fret, mm
 * @param camera how it is photographed
 */
public record PhotographedNeck(
        double scale,
        double nut,
        double saddle,
        double relief,
        double gauge,
        double inset,
        double crown,
        double foot,
        Camera camera) {

    private static final int SAMPLE = 12;

    /** A wound low E, mm: common practice, no source. */
    private static final double BASS_GAUGE = 1.3;

    private static final double SAMPLE_MEGAPIXELS = 3;

    /**
     * A camera.
     *
     * @param width of the picture, pixels
     * @param height of the picture, pixels
     * @param focal length in pixels
     * @param distance to what it is aimed at, mm
     * @param aim where along the neck it is aimed, mm from the nut
     * @param yaw how far it is turned from square, radians
     * @param roll how far it is tilted, radians
     * @param distortion of its lens at the corner, as a share; above zero draws outward
     * @param light brightness of the ground, 0 to 255
     * @param busy how much the ground differs from place to place
     * @param gloss how bright metal shines
     * @param blur standard deviation, pixels
     * @param noise standard deviation of brightness
     * @param quality of the compression, 0 to 1
     */
    public record Camera(
            int width,
            int height,
            double focal,
            double distance,
            double aim,
            double yaw,
            double roll,
            double distortion,
            double light,
            double busy,
            double gloss,
            double blur,
            double noise,
            double quality) {}

    /** How much of the neck is visible. */
    public enum View {
        /** A hand's breadth around a fret. */
        CLOSE_UP,
        /** The whole neck. */
        WHOLE
    }

    /**
     * A random neck and camera.
     *
     * @param megapixels about how large the picture is
     */
    public static PhotographedNeck drawn(Random random, View view, double megapixels) {
        double scale = 610 + 60 * random.nextDouble();
        int height = (int) Math.round(Math.sqrt(megapixels * 1e6 * 3 / 4));
        int width = height * 4 / 3;
        boolean close = view == View.CLOSE_UP;
        double focal = width * (0.7 + 0.9 * random.nextDouble());
        double seen = close ? 70 + 50 * random.nextDouble() : 0.62 * scale + 60 * random.nextDouble();
        double aim = close
                ? new Frets(scale).at(12) + 6 * random.nextGaussian()
                : new Frets(scale).at(12) / 2 + 20 + 8 * random.nextGaussian();
        Camera camera = new Camera(
                width,
                height,
                focal,
                seen * focal / width,
                aim,
                Math.toRadians(2.5) * random.nextGaussian(),
                Math.toRadians(1.5) * random.nextGaussian(),
                0.012 * random.nextGaussian(),
                120 + 110 * random.nextDouble(),
                25 * random.nextDouble(),
                90 * random.nextDouble(),
                0.6 + 0.9 * random.nextDouble(),
                1.5 + 4 * random.nextDouble(),
                0.75 + 0.2 * random.nextDouble());
        return new PhotographedNeck(
                scale,
                0.3 + 0.5 * random.nextDouble(),
                4.5 + 3 * random.nextDouble(),
                0.05 + 0.25 * random.nextDouble(),
                random.nextBoolean() ? 1.1 + 0.3 * random.nextDouble() : 0.25 + 0.2 * random.nextDouble(),
                2 + 2 * random.nextDouble(),
                0.9 + 0.35 * random.nextDouble(),
                2.1 + 0.6 * random.nextDouble(),
                camera);
    }

    /**
     * The neck of a job's sheet in a close-up of the fret its action is read at; a random one if too little of it is
     * known.
     */
    public static PhotographedNeck of(Job job) {
        PhotographedNeck drawn = drawn(new Random(SAMPLE), View.CLOSE_UP, SAMPLE_MEGAPIXELS);
        OptionalDouble action = job.visit().millimeters(Reading.ACTION_BASS);
        Optional<Length> length = job.get(Dimension.SCALE);
        if (action.isEmpty() || length.isEmpty()) {
            return drawn;
        }
        Frets board = new Frets(length.get().millimeters());
        double first = job.visit().millimeters(Reading.NUT_BASS).orElse(drawn.nut);
        double at = board.at(job.visit().actionFret());
        double slope = (action.getAsDouble() - first) / Math.max(1, at - board.at(1));
        double atNut = first - slope * board.at(1);
        Camera camera = drawn.camera;
        Camera aimed = new Camera(
                camera.width,
                camera.height,
                camera.focal,
                camera.distance,
                at,
                camera.yaw,
                camera.roll,
                camera.distortion,
                camera.light,
                camera.busy,
                camera.gloss,
                camera.blur,
                camera.noise,
                camera.quality);
        return new PhotographedNeck(
                length.get().millimeters(),
                atNut,
                atNut + slope * length.get().millimeters(),
                0,
                BASS_GAUGE,
                drawn.inset,
                drawn.crown,
                drawn.foot,
                aimed);
    }

    /** Height of a crown over the line through all of them, mm, negative. A parabola from the nut to fret 14. */
    double crownAt(double d) {
        double end = new Frets(scale).at(14);
        double share = d / end;
        return share <= 0 || share >= 1 ? 0 : -relief * 4 * share * (1 - share);
    }

    /** Height of the string's underside over that line, mm. */
    double stringAt(double d) {
        return nut + (saddle - nut) * d / scale;
    }

    /** The gap between a fret's crown and the string, mm, which a picture should show. */
    public double action(int fret) {
        double at = new Frets(scale).at(fret);
        return stringAt(at) - crownAt(at);
    }
}
