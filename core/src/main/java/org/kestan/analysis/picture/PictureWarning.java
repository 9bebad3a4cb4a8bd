package org.kestan.analysis.picture;

import java.util.Locale;
import org.kestan.base.finding.Keyed;

/**
 * A problem with a picture.
 *
 * @param what what
 * @param about the line or the fret it is about; empty for the whole picture
 */
public record PictureWarning(What what, String about) {

    /** The kinds of problems. */
    public enum What implements Keyed {
        /** Fewer than two frets, and no known length. */
        NO_SCALE,
        /** No fret is visible near its mark, so the mark itself was used. */
        NO_FRET,
        /** No camera sees frets like that: one has the wrong number, or the scale length is wrong. */
        FRETS_DO_NOT_FIT,
        /** Marked outside the picture. */
        OUTSIDE,
        /** No edge is visible near a mark. */
        NO_EDGE,
        /** Another edge near the gap is as clear as the one used, or clearer. */
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
