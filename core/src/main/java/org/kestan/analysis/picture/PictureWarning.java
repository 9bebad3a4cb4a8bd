package org.kestan.analysis.picture;

import java.util.Locale;
import org.kestan.base.finding.Keyed;

/**
 * What is not as it should be in a picture.
 *
 * @param what what
 * @param about the line or the fret it is about; empty for the whole picture
 */
public record PictureWarning(What what, String about) {

    /** What can be wrong. */
    public enum What implements Keyed {
        /** Fewer than two frets, and no length that is known. */
        NO_SCALE,
        /** No fret is seen near its mark: the mark itself was taken. */
        NO_FRET,
        /** No camera sees frets like that: one is named wrongly, or the scale length is another. */
        FRETS_DO_NOT_FIT,
        /** Marked outside the picture. */
        OUTSIDE,
        /** No edge is seen near a mark. */
        NO_EDGE,
        /** Another edge near the gap is as clear as the one taken, or clearer. */
        EDGE_BETWEEN;

        @Override
        public String key() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }

        @Override
        public String family() {
            return "picture-warning";
        }
    }
}
