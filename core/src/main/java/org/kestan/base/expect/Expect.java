package org.kestan.base.expect;

import java.util.function.Supplier;

/** Says what was expected where a value that must be there is not: a mistake of the program, not of its input. */
public final class Expect {

    private Expect() {}

    /**
     * Makes the exception for a value that is missing.
     *
     * @param what the value, such as {@code "measured setup"}
     * @return a supplier for {@link java.util.Optional#orElseThrow(Supplier)}
     */
    public static Supplier<IllegalStateException> present(String what) {
        return () -> new IllegalStateException("expected: " + what);
    }
}
