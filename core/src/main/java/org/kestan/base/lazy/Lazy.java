package org.kestan.base.lazy;

import java.util.function.Supplier;

/**
 * A value that is computed once, when it is first requested, by whichever thread requests it. Its inputs must be
 * immutable.
 *
 * @param <T> the value
 */
public final class Lazy<T> implements Supplier<T> {

    private Supplier<T> work;
    private volatile boolean known;
    private T value;

    private Lazy(Supplier<T> work) {
        this.work = work;
    }

    /** A value computed by the given work. */
    public static <T> Lazy<T> of(Supplier<T> work) {
        return new Lazy<>(work);
    }

    @Override
    public T get() {
        if (!known) {
            workOut();
        }
        return value;
    }

    private synchronized void workOut() {
        if (!known) {
            value = work.get();
            known = true;
            // The inputs need not be kept.
            work = null;
        }
    }

    /** Returns whether it has been computed, so that asking costs nothing. */
    public boolean isKnown() {
        return known;
    }
}
