package org.kestan.base.week;

import java.util.Optional;
import java.util.Set;

/**
 * Somebody who works in the shop.
 *
 * @param name whose
 * @param hours on which they work; empty for those of the shop
 * @param notWays keys of ways they do not take
 */
public record Person(String name, Optional<WeekHours> hours, Set<String> notWays) {

    /** Takes an unmodifiable copy. */
    public Person {
        notWays = Set.copyOf(notWays);
    }

    /** Somebody who works the shop's hours and takes every way. */
    public static Person of(String name) {
        return new Person(name, Optional.empty(), Set.of());
    }
}
