package org.kestan.practice.text;

import java.util.OptionalDouble;
import org.kestan.base.notation.Length;

/** A length typed in practice: with its unit, or a bare number in millimeters. */
public final class TypedLength {

    private TypedLength() {}

    /** Returns it in mm; empty if the text is not a length. */
    public static OptionalDouble millimeters(String text) {
        String typed = text.strip();
        return Length.parse(typed)
                .optional()
                .or(() -> Length.parse(typed + " mm").optional())
                .filter(length -> !typed.isEmpty())
                .map(length -> OptionalDouble.of(length.millimeters()))
                .orElse(OptionalDouble.empty());
    }
}
