package org.kestan.base.notation;

import java.util.Optional;
import java.util.function.Function;
import org.kestan.base.finding.Finding;

/**
 * The result of reading something a person or a file wrote: a value, or what is wrong with it.
 *
 * @param <T> what was to be read
 */
public sealed interface Parsed<T> {

    /** A value was read. */
    record Ok<T>(T value) implements Parsed<T> {}

    /**
     * Nothing could be read.
     *
     * @param problem what is wrong
     * @param accepted what would be accepted
     */
    record Bad<T>(Finding problem, Finding accepted) implements Parsed<T> {}

    /** Returns the value, or empty if the text was invalid. */
    default Optional<T> optional() {
        return this instanceof Ok<T> ok ? Optional.of(ok.value()) : Optional.empty();
    }

    /** Returns this result with {@code change} applied to its value, if there is one. */
    default <R> Parsed<R> map(Function<? super T, ? extends R> change) {
        if (this instanceof Ok<T> ok) {
            return new Ok<>(change.apply(ok.value()));
        }
        return as((Bad<T>) this);
    }

    /** Returns the same problem for another type of value. */
    static <T> Parsed<T> as(Bad<?> bad) {
        return new Bad<>(bad.problem(), bad.accepted());
    }
}
