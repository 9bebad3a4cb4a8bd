package org.kestan.base.sheet;

import java.util.Optional;

/**
 * A line that holds a value other than a length.
 *
 * @param <T> what it holds
 * @param path path in the job file
 * @param type what kind of value it holds
 * @param number number on the sheet, 0 for none
 * @param place where it is read; empty for no one place
 * @param taker which instruments it is taken on
 */
public record Detail<T>(String path, ValueType<T> type, int number, Optional<Place> place, AppliesTo taker)
        implements Line<T> {

    /** A value without a number on the sheet, or without a place. */
    public static <T> Detail<T> of(String path, ValueType<T> type, int number) {
        return new Detail<>(path, type, number, Optional.empty(), AppliesTo.ANY);
    }

    /** A value read at a place. */
    public static <T> Detail<T> at(Place place, int number, String path, ValueType<T> type) {
        return new Detail<>(path, type, number, Optional.of(place), AppliesTo.ANY);
    }

    /** Returns the same line, taken only on some instruments. */
    public Detail<T> on(AppliesTo taker) {
        return new Detail<>(path, type, number, place, taker);
    }

    /** Two lines are equal if they have the same place in the file. */
    @Override
    public boolean equals(Object other) {
        return other instanceof Detail<?> that && path.equals(that.path);
    }

    @Override
    public int hashCode() {
        return path.hashCode();
    }

    @Override
    public String toString() {
        return path;
    }
}
