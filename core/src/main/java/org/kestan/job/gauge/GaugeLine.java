package org.kestan.job.gauge;

import org.kestan.base.notation.Length;
import org.kestan.base.notation.NotationFinding;
import org.kestan.base.notation.Parsed;

/** One line of the gauge protocol: a reading with its unit, such as {@code 2.41 mm}; a line that starts with # is a remark. */
public final class GaugeLine {

    /** The port the application listens on when asked, on this machine only. */
    public static final int PORT = 47150;

    /** A longer line is not valid. */
    public static final int LONGEST = 200;

    private GaugeLine() {}

    /** Returns whether a line is a remark or empty, to be skipped. */
    public static boolean isRemark(String line) {
        return line.isBlank() || line.strip().startsWith("#");
    }

    /** Reads a line as a length, or reports what is wrong with it. */
    public static Parsed<Length> parse(String line) {
        return line.length() > LONGEST
                ? new Parsed.Bad<>(NotationFinding.TOO_LONG.of(), NotationFinding.A_LENGTH.of())
                : Length.parse(line);
    }
}
