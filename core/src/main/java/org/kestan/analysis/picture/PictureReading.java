package org.kestan.analysis.picture;

import java.util.List;
import org.kestan.base.sheet.Measurable;

/**
 * A length that was read in a picture.
 *
 * @param line the line of the sheet it is for
 * @param value mm, 0 or more
 * @param halfWidth how far it may be wrong in nineteen cases of twenty, mm
 * @param from the edge it begins at
 * @param to the edge it ends at
 */
public record PictureReading(Measurable line, double value, double halfWidth, PixelPoint from, PixelPoint to) {

    /**
     * Returns this reading with an edge nudged by hand, away from the other or toward it.
     *
     * @param end whether it is the edge the gap ends at, else the one it begins at
     * @param pixels how far, above zero away from the other
     * @param millimetersPerPixel scale there, mm
     */
    public PictureReading pushed(boolean end, double pixels, double millimetersPerPixel) {
        double length = Math.max(1, from.distance(to));
        double right = (to.x() - from.x()) / length * pixels;
        double down = (to.y() - from.y()) / length * pixels;
        return new PictureReading(
                line,
                Math.max(0, value + pixels * millimetersPerPixel),
                Math.max(halfWidth, Math.abs(pixels) * millimetersPerPixel),
                end ? from : from.plus(-right, -down),
                end ? to.plus(right, down) : to);
    }

    /**
     * The mean of readings of one line, each weighted by the inverse of its variance. Disagreement between them widens
     * it (the ratio of Birge, <i>The calculation of errors by the method of least squares</i>, Phys. Rev. 40, 1932).
     *
     * @throws IllegalArgumentException if there are none
     */
    public static PictureReading mean(List<PictureReading> same) {
        if (same.isEmpty()) {
            throw new IllegalArgumentException("no readings");
        }
        double weights = 0;
        double sum = 0;
        for (PictureReading each : same) {
            double weight = 1 / (each.halfWidth * each.halfWidth);
            weights += weight;
            sum += weight * each.value;
        }
        double mean = sum / weights;
        double squares = 0;
        for (PictureReading each : same) {
            squares += Math.pow((each.value - mean) / (each.halfWidth / 1.96), 2);
        }
        double birge = same.size() < 2 ? 1 : Math.max(1, Math.sqrt(squares / (same.size() - 1)));
        PictureReading first = same.get(0);
        return new PictureReading(first.line, mean, birge / Math.sqrt(weights), first.from, first.to);
    }
}
