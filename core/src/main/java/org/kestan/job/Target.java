package org.kestan.job;

import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.notation.Length;
import org.kestan.sheet.Aim;

/**
 * What the job is worked toward. What is left out stays as it is now.
 *
 * @param aims the lengths aimed at, as typed
 */
public record Target(Map<Aim, Length> aims) {

    /** A target with nothing aimed at. */
    public static final Target BLANK = new Target(Map.of());

    /** Takes an unmodifiable copy of the aims. */
    public Target {
        aims = Survey.frozen(Aim.class, aims);
    }

    /** Returns an aim, empty when there is none. */
    public Optional<Length> aim(Aim which) {
        return Optional.ofNullable(aims.get(which));
    }

    /** Returns an aim in mm, empty when there is none. */
    public OptionalDouble millimetres(Aim which) {
        Length length = aims.get(which);
        return length == null ? OptionalDouble.empty() : OptionalDouble.of(length.millimetres());
    }

    /** Returns this target with one aim replaced, or taken off when empty. */
    public Target with(Aim which, Optional<Length> next) {
        return new Target(Survey.changed(Aim.class, aims, which, next));
    }
}
