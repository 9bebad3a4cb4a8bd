package org.kestan.job;

import java.time.LocalDate;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.kestan.notation.Length;
import org.kestan.sheet.Reading;
import org.kestan.sheet.Side;

/**
 * One taking of the measuring sheet.
 *
 * @param takenOn the day, empty when not said
 * @param humidity relative humidity in percent, empty when not read
 * @param readings the lengths read, as typed; what was not read is not in the map
 * @param held the frets held down for the relief, empty for fret 1 and the joint fret
 * @param reliefReadAt the fret at which the gap was read, empty for the one nearest the middle
 * @param actionFret the fret at which the action was read, empty for fret 12
 * @param projectionOver what the projection was read against, empty for the soundboard
 * @param driftToward the side toward which the centre line lands, empty when there is no drift
 */
public record Survey(
        Optional<LocalDate> takenOn,
        OptionalDouble humidity,
        Map<Reading, Length> readings,
        Optional<Held> held,
        OptionalInt reliefReadAt,
        OptionalInt actionFret,
        Optional<ProjectionOver> projectionOver,
        Optional<Side> driftToward) {

    /** The fret at which action is read unless another is said. */
    public static final int ACTION_FRET = 12;

    /** A sheet on which nothing has been written. */
    public static final Survey BLANK = new Survey(
            Optional.empty(),
            OptionalDouble.empty(),
            Map.of(),
            Optional.empty(),
            OptionalInt.empty(),
            OptionalInt.empty(),
            Optional.empty(),
            Optional.empty());

    /** Takes an unmodifiable copy of the readings. */
    public Survey {
        readings = frozen(Reading.class, readings);
    }

    static <K extends Enum<K>> Map<K, Length> frozen(Class<K> type, Map<K, Length> lengths) {
        EnumMap<K, Length> copy = new EnumMap<>(type);
        copy.putAll(lengths);
        return Collections.unmodifiableMap(copy);
    }

    static <K extends Enum<K>> Map<K, Length> changed(
            Class<K> type, Map<K, Length> lengths, K key, Optional<Length> next) {
        EnumMap<K, Length> copy = new EnumMap<>(type);
        copy.putAll(lengths);
        next.ifPresentOrElse(length -> copy.put(key, length), () -> copy.remove(key));
        return copy;
    }

    /** Returns a reading, empty when it was not taken. */
    public Optional<Length> reading(Reading which) {
        return Optional.ofNullable(readings.get(which));
    }

    /** Returns a reading in mm, empty when it was not taken. */
    public OptionalDouble millimetres(Reading which) {
        Length length = readings.get(which);
        return length == null ? OptionalDouble.empty() : OptionalDouble.of(length.millimetres());
    }

    /** Returns the side toward which the centre line lands; empty without a drift. A negative offset lands on the other side. */
    public Optional<Side> driftSide() {
        double offset = millimetres(Reading.SIDE_DRIFT).orElse(0);
        return offset == 0 ? Optional.empty() : driftToward.map(side -> offset < 0 ? side.other() : side);
    }

    /** Returns the fret at which the action was read. */
    public int actionFretOrDefault() {
        return actionFret.orElse(ACTION_FRET);
    }

    /** Returns this survey with one reading replaced, or taken off when empty. */
    public Survey with(Reading which, Optional<Length> next) {
        return new Survey(
                takenOn,
                humidity,
                changed(Reading.class, readings, which, next),
                held,
                reliefReadAt,
                actionFret,
                projectionOver,
                driftToward);
    }

    /** Returns this survey with another day. */
    public Survey withTakenOn(Optional<LocalDate> next) {
        return new Survey(next, humidity, readings, held, reliefReadAt, actionFret, projectionOver, driftToward);
    }

    /** Returns this survey with another relative humidity, in percent. */
    public Survey withHumidity(OptionalDouble next) {
        return new Survey(takenOn, next, readings, held, reliefReadAt, actionFret, projectionOver, driftToward);
    }

    /** Returns this survey with other held frets. */
    public Survey withHeld(Optional<Held> next) {
        return new Survey(takenOn, humidity, readings, next, reliefReadAt, actionFret, projectionOver, driftToward);
    }

    /** Returns this survey with another fret at which the relief was read. */
    public Survey withReliefReadAt(OptionalInt next) {
        return new Survey(takenOn, humidity, readings, held, next, actionFret, projectionOver, driftToward);
    }

    /** Returns this survey with another fret at which the action was read. */
    public Survey withActionFret(OptionalInt next) {
        return new Survey(takenOn, humidity, readings, held, reliefReadAt, next, projectionOver, driftToward);
    }

    /** Returns this survey with the projection read against something else. */
    public Survey withProjectionOver(Optional<ProjectionOver> next) {
        return new Survey(takenOn, humidity, readings, held, reliefReadAt, actionFret, next, driftToward);
    }

    /** Returns this survey with the drift toward another side. */
    public Survey withDriftToward(Optional<Side> next) {
        return new Survey(takenOn, humidity, readings, held, reliefReadAt, actionFret, projectionOver, next);
    }
}
