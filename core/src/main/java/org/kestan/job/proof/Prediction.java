package org.kestan.job.proof;

import java.time.LocalDate;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.kestan.base.sheet.Reading;
import org.kestan.job.tree.Tree;

/**
 * What was predicted before the work; nothing learned later changes it.
 *
 * @param madeOn the day it was made
 * @param ways the ways it was made by, by their keys
 * @param predicted what each reading should come to
 * @param sink how far the body was taken to fold, mm; empty if nothing was said of it
 * @param standards the shop's standards of that day
 */
public record Prediction(
        LocalDate madeOn,
        List<String> ways,
        Map<Reading, Predicted> predicted,
        Optional<Double> sink,
        Tree.Entries standards) {

    /** Takes unmodifiable copies that keep their order. */
    public Prediction {
        ways = List.copyOf(ways);
        predicted = Collections.unmodifiableMap(new LinkedHashMap<>(predicted));
    }

    /**
     * The predicted value of a reading.
     *
     * @param value mm, as it will be read
     * @param within half-width in which it was predicted to lie, about 95 %, mm; 0 if unknown
     */
    public record Predicted(double value, double within) {}
}
