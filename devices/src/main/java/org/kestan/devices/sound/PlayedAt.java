package org.kestan.devices.sound;

import java.util.Arrays;
import java.util.Optional;
import org.kestan.base.strings.Note;

/** Where along the string a note is played. */
public enum PlayedAt {
    /** Open. */
    OPEN("open", 0),
    /** Pressed at fret 12. */
    PRESSED("12", 12),
    /** Its octave, touched over fret 12. */
    HARMONIC("harmonic12", 12);

    private static final int OCTAVE = 12;

    private final String key;
    private final int halfSteps;

    PlayedAt(String key, int halfSteps) {
        this.key = key;
        this.halfSteps = halfSteps;
    }

    /** Returns the place for a key. */
    public static Optional<PlayedAt> of(String key) {
        return Arrays.stream(values()).filter(each -> each.key.equals(key)).findFirst();
    }

    /** The note that sounds there, given the string's open note. */
    public String note(String open) {
        return halfSteps == 0 ? open : Note.above(open, OCTAVE).orElse(open);
    }
}
