package org.kestan.notation;

import java.util.Optional;
import java.util.function.Function;

/**
 * The outcome of reading something a person or a file wrote: a value, or what is wrong with it.
 *
 * @param <T> what was to be read
 */
public sealed interface Parsed<T> {

    /** A value was read. */
    record Ok<T>(T value) implements Parsed<T> {}

    /**
     * Nothing could be read.
     *
     * @param problem what is wrong, as a short clause without a full stop
     * @param accepted what would be accepted, with an example
     */
    record Bad<T>(String problem, String accepted) implements Parsed<T> {}

    /** Returns the value, or empty when the text was bad. */
    default Optional<T> optional() {
        return this instanceof Ok<T> ok ? Optional.of(ok.value()) : Optional.empty();
    }

    /** Returns this outcome with its value, if there is one, replaced by {@code change} of it. */
    default <R> Parsed<R> map(Function<? super T, ? extends R> change) {
        if (this instanceof Ok<T> ok) {
            return new Ok<>(change.apply(ok.value()));
        }
        Bad<T> bad = (Bad<T>) this;
        return new Bad<>(bad.problem(), bad.accepted());
    }
}
