package org.kestan.base.finding;

import java.util.List;
import java.util.Locale;

/**
 * A result: its kind, and the quantities in it. {@code org.kestan.text} turns it into a sentence in a language and
 * unit.
 *
 * @param kind what it is
 * @param quantities as many and of such types as the kind takes
 */
public record Finding(Kind kind, List<Quantity> quantities) {

    /** A kind of finding; each part of the core has its own enum, each way its own constants. */
    public interface Kind {

        /** Returns the types of the quantities that belong to it, in order. */
        List<Class<?>> takes();

        /** Returns the key of its texts, such as {@code gate-finding.nut-low}; by default that of an enum. */
        default String key() {
            return Keyed.kebab(getClass()) + "."
                    + ((Enum<?>) this).name().toLowerCase(Locale.ROOT).replace('_', '-');
        }

        /**
         * Returns a finding of this kind.
         *
         * @throws IllegalArgumentException if the quantities are not those the kind takes
         */
        default Finding of(Quantity... quantities) {
            return new Finding(this, List.of(quantities));
        }
    }

    private record Coded(String key, List<Class<?>> takes) implements Kind {}

    /** A kind that is not in an enum, by the key of its texts. */
    public static Kind kind(String key, Class<?>... takes) {
        return new Coded(key, List.of(takes));
    }

    /**
     * Checks the quantities against the kind.
     *
     * @throws IllegalArgumentException if they are not those the kind takes
     */
    public Finding {
        quantities = List.copyOf(quantities);
        List<Class<?>> takes = kind.takes();
        boolean right = takes.size() == quantities.size();
        for (int i = 0; right && i < takes.size(); i++) {
            right = takes.get(i).isInstance(quantities.get(i));
        }
        if (!right) {
            throw new IllegalArgumentException(kind.key() + " takes " + takes + ", not " + quantities);
        }
    }

    /** Returns whether it is of a kind. */
    public boolean is(Kind other) {
        return kind.equals(other);
    }
}
