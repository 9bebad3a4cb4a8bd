package org.kestan.base.sheet;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.kestan.base.expect.Expect;
import org.kestan.base.finding.Keyed;
import org.kestan.base.notation.Length;

/**
 * One row of a list: its parts as they were written.
 *
 * @param texts by the names of the parts
 */
public record Row(Map<String, String> texts) {

    /** Takes an unmodifiable copy. */
    public Row {
        texts = Collections.unmodifiableMap(new LinkedHashMap<>(texts));
    }

    /** A length in it, mm. */
    public double millimeters(String part) {
        return Length.parse(texts.get(part))
                .optional()
                .orElseThrow(Expect.present(part))
                .millimeters();
    }

    /** Returns whether it has a part. */
    public boolean has(String part) {
        return texts.containsKey(part);
    }

    /** A number in it. */
    public double number(String part) {
        return Double.parseDouble(texts.get(part));
    }

    /** A whole number in it. */
    public int whole(String part) {
        return (int) Math.round(number(part));
    }

    /** A choice in it. */
    public <E extends Enum<E> & Keyed> Optional<E> choice(String part, Class<E> type) {
        return Keyed.find(type, texts.get(part));
    }
}
