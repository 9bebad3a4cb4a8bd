package org.kestan.base.sheet;

import java.util.function.BiFunction;
import java.util.function.Function;

/**
 * A value for each side of the instrument.
 *
 * @param <T> the type of value for each side
 */
public record Sides<T>(T bass, T treble) {

    /** Builds both sides from a function of the side. */
    public static <T> Sides<T> of(Function<Side, ? extends T> each) {
        return new Sides<>(each.apply(Side.BASS), each.apply(Side.TREBLE));
    }

    /** The arithmetic mean of two numbers. */
    public static double mean(Sides<Double> sides) {
        return (sides.bass + sides.treble) / 2;
    }

    /** Returns the value of one side. */
    public T get(Side side) {
        return side == Side.BASS ? bass : treble;
    }

    /** Returns both values with a function applied. */
    public <R> Sides<R> map(Function<? super T, ? extends R> change) {
        return new Sides<>(change.apply(bass), change.apply(treble));
    }

    /** Returns both values combined with those of another pair, side by side. */
    public <U, R> Sides<R> with(Sides<U> other, BiFunction<? super T, ? super U, ? extends R> combine) {
        return new Sides<>(combine.apply(bass, other.bass), combine.apply(treble, other.treble));
    }
}
