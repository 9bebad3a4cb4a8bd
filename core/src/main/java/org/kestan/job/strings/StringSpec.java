package org.kestan.job.strings;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.ValueType;
import org.kestan.base.strings.Material;
import org.kestan.job.tree.UnknownKeys;

/**
 * One string of the set.
 *
 * @param gauge its diameter as it is sold; empty if not stated
 * @param wound whether it is wound
 * @param pitch the note it is tuned to, such as E2; empty if not stated
 * @param material what it is made of; empty if not stated
 * @param course the number of its course, counted from the treble as players do; empty if not stated
 * @param foreign what other programs keep with it
 */
@RecordBuilder
public record StringSpec(
        Optional<Length> gauge,
        boolean wound,
        String pitch,
        Optional<Material> material,
        Optional<Integer> course,
        UnknownKeys foreign)
        implements StringSpecBuilder.With {

    private static final int MOST_COURSES = 12;

    /** The number of a course. */
    public static final ValueType<Integer> COURSE = ValueType.whole(1, MOST_COURSES);

    /** A string with nothing known. */
    public static final StringSpec BLANK =
            new StringSpec(Optional.empty(), false, "", Optional.empty(), Optional.empty(), UnknownKeys.NONE);

    /** A string that is known. */
    public static StringSpec of(Length gauge, boolean wound, String pitch) {
        return BLANK.with(
                string -> string.gauge(Optional.of(gauge)).wound(wound).pitch(pitch));
    }
}
