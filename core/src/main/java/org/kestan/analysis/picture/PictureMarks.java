package org.kestan.analysis.picture;

import java.util.List;
import java.util.OptionalDouble;
import org.kestan.base.sheet.Measurable;

/**
 * The rough marks somebody set in a picture.
 *
 * @param scale scale length, mm; empty if no frets are marked
 * @param frets crowns of frets
 * @param known lengths that are known, in the plane of the frets' ends
 * @param distance from the camera to that plane, mm; empty if unknown
 * @param inset how far behind that plane the string lies, mm; empty if unknown
 * @param gaps what is to be measured
 */
public record PictureMarks(
        OptionalDouble scale,
        List<FretMark> frets,
        List<Known> known,
        OptionalDouble distance,
        OptionalDouble inset,
        List<Gap> gaps) {

    /** Takes unmodifiable copies. */
    public PictureMarks {
        frets = List.copyOf(frets);
        known = List.copyOf(known);
        gaps = List.copyOf(gaps);
    }

    /**
     * The crown of a fret.
     *
     * @param fret its number, 0 for the nut
     * @param at its crown
     */
    public record FretMark(int fret, PixelPoint at) {}

    /**
     * A known length.
     *
     * @param from its one end
     * @param to its other end
     * @param length mm, above zero
     */
    public record Known(PixelPoint from, PixelPoint to, double length) {}

    /**
     * A gap to measure.
     *
     * @param line the line of the sheet it is for
     * @param from near its one edge; the crown where a string stands over a fret
     * @param to near its other edge
     */
    public record Gap(Measurable line, PixelPoint from, PixelPoint to) {}

    /** Returns these marks with other frets and known lengths. */
    public PictureMarks with(List<FretMark> otherFrets, List<Known> otherKnown) {
        return new PictureMarks(scale, otherFrets, otherKnown, distance, inset, gaps);
    }
}
