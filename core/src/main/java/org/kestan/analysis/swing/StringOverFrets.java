package org.kestan.analysis.swing;

import org.kestan.base.strings.LoadedString;

/**
 * One string over the frets: how much room it has over every fret when pressed at every other. Millimeters. Immutable.
 */
public final class StringOverFrets {

    private final LoadedString string;
    private final double amplitude;
    private final double[][] clearance;
    private final Meeting least;

    StringOverFrets(LoadedString string, double amplitude, double[][] clearance) {
        this.string = string;
        this.amplitude = amplitude;
        this.clearance = clearance;
        this.least = leastOf(clearance);
    }

    private static Meeting leastOf(double[][] clearance) {
        Meeting least = new Meeting(0, 1, Double.POSITIVE_INFINITY);
        for (int pressed = 0; pressed < clearance.length; pressed++) {
            for (int meets = pressed + 1; meets < clearance.length; meets++) {
                if (clearance[pressed][meets] < least.clearance()) {
                    least = new Meeting(pressed, meets, clearance[pressed][meets]);
                }
            }
        }
        return least;
    }

    /**
     * A string over a fret.
     *
     * @param pressed where it is pressed, 0 for open
     * @param meets the fret it comes over, higher than the one pressed
     * @param clearance room left, mm; negative where it hits
     */
    public record Meeting(int pressed, int meets, double clearance) {

        /** Room smaller than the readings behind it can resolve, mm: common practice, no source. */
        private static final double NONE = 0.05;

        /** Returns whether a string that rattles there rattles on that fret. */
        public boolean explainsRattle() {
            return clearance < NONE;
        }
    }

    /** The least room with the string pressed at a fret below the last, mm; 0 for open. */
    double leastPressed(int pressed) {
        double[] room = clearance[pressed];
        double least = Double.POSITIVE_INFINITY;
        for (int meets = pressed + 1; meets < room.length; meets++) {
            least = Math.min(least, room[meets]);
        }
        return least;
    }

    /** Its number, counted from the treble side. */
    public int number() {
        return string.number();
    }

    /** The string. */
    public LoadedString string() {
        return string;
    }

    /** How far the open string moves toward the frets, mm. */
    public double amplitude() {
        return amplitude;
    }

    /** The number of the last fret. */
    public int last() {
        return clearance.length - 1;
    }

    /** Room over a fret while another, or none (0), is pressed; higher frets only. */
    public double clearance(int pressed, int meets) {
        return clearance[pressed][meets];
    }

    /** Where it has the least room of all. */
    public Meeting least() {
        return least;
    }

    /** Where it has the least room with one fret, or none, pressed; that fret is not the last. */
    public Meeting least(int pressed) {
        Meeting found = new Meeting(pressed, pressed + 1, clearance[pressed][pressed + 1]);
        for (int meets = pressed + 2; meets < clearance.length; meets++) {
            if (clearance[pressed][meets] < found.clearance()) {
                found = new Meeting(pressed, meets, clearance[pressed][meets]);
            }
        }
        return found;
    }
}
