package org.kestan.judgment.advice;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.kestan.analysis.inputs.UncertainInput;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.sheet.Measurable;
import org.kestan.base.sheet.Reading;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.way.WayKind;

/**
 * An answer that a reading, moved within its half-width, could change (§6).
 *
 * @param chance with which the best of the lighter ways misses the target, 0 to 1
 * @param needs the least chance of a miss at which the heavier of the two answers is advised
 * @param settledBy the reading that would settle it
 * @param otherwise the ways that would be recommended then
 */
public record CloseCall(double chance, double needs, Measurable settledBy, List<Way> otherwise) {

    /** Half of the half-width of 95 % and all of it, in standard uncertainties. */
    private static final double[] SHIFTS = {1, 2};

    /** Takes an unmodifiable copy. */
    public CloseCall {
        otherwise = List.copyOf(otherwise);
    }

    private record Turned(Measurable by, Recommendation then) {}

    /**
     * Finds what an answer depends on: each reading is shifted within its half-width, and the whole judged again.
     *
     * @return empty if no reading by itself changes the answer
     */
    public static Optional<CloseCall> of(Recommendation now, SheetAnalysis sheet) {
        if (now.odds().lighterMiss().isEmpty() || sheet.trajectory().isEmpty()) {
            return Optional.empty();
        }
        List<UncertainInput> inputs = UncertainInput.of(
                        sheet.inputs(), sheet.trajectory().get())
                .stream()
                .filter(input -> input.line() != Reading.PROFILE_GAP) // the shape of the neck: no one reading
                .toList();
        for (double shift : SHIFTS) {
            for (UncertainInput input : inputs) {
                Optional<Turned> turned = Stream.of(shift, -shift)
                        .map(by -> Recommendation.brief(Ways.of(sheet.with(input.shifted(sheet.inputs(), by)))))
                        .filter(then -> !then.ways().equals(now.ways())
                                && !then.odds().lighterMiss().isEmpty())
                        .findFirst()
                        .map(then -> new Turned(input.line(), then));
                if (turned.isPresent()) {
                    return turned.map(each -> of(now, each, sheet));
                }
            }
        }
        return Optional.empty();
    }

    private static CloseCall of(Recommendation now, Turned turned, SheetAnalysis sheet) {
        WayKind heavier = Stream.of(now.kind(), turned.then().kind())
                .flatMap(Optional::stream)
                .max(Comparator.naturalOrder())
                .orElse(WayKind.REVERSIBLE);
        return new CloseCall(
                now.odds().lighterMiss().get(heavier),
                sheet.standards().get(heavier.needs()),
                turned.by(),
                turned.then().ways());
    }
}
