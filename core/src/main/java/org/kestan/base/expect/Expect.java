package org.kestan.base.expect;

import java.util.function.Supplier;

/** States what was expected when a required value is missing: an error in the program, not in its input. */
public final class Expect {

    private Expect() {}

    /**
     * Makes the exception for a missing value.
     *
     * @param what the value, such as {@code "measured setup"}
     * @return a supplier for {@link java.util.Optional#orElseThrow(Supplier)}
     */
    public static Supplier<IllegalStateException> present(String what) {
        return () -> new IllegalStateException("expected: " + what);
    }
}
