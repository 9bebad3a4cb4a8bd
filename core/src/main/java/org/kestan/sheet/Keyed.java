package org.kestan.sheet;

import java.util.Optional;
import java.util.stream.Stream;

/** A choice with the key that the job file fixes for it. */
public interface Keyed {

    /** Returns the key in the job file. */
    String key();

    /** Returns the word shown to people. */
    String label();

    /** Returns the constant of an enum whose key is {@code key}. */
    static <E extends Enum<E> & Keyed> Optional<E> find(Class<E> type, String key) {
        return Stream.of(type.getEnumConstants())
                .filter(each -> each.key().equals(key))
                .findFirst();
    }
}
