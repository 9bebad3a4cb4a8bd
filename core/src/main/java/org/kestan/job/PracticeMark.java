package org.kestan.job;

import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.kestan.job.tree.Tree;
import org.kestan.job.tree.UnknownKeys;

/**
 * Marks a job as one about a practice instrument, and records what is needed to make the instrument again.
 *
 * @param seed the number it is made from
 * @param level the key of how hard it is
 * @param family the key of its kind
 */
public record PracticeMark(long seed, String level, String family) {

    private static final String KEY = "practice";

    /** Returns whether a job is about a practice instrument, whatever its mark contains. */
    public static boolean isOn(Job job) {
        return job.foreign().skeleton().get(KEY).isPresent();
    }

    /** Returns the mark of a job; empty if it has none, or an empty one. */
    public static Optional<PracticeMark> of(Job job) {
        return job.foreign().skeleton().get(KEY).flatMap(mark -> {
            if (mark instanceof Tree.Entries entries
                    && entries.get("seed").orElse(null) instanceof Tree.Num seed
                    && entries.get("level").orElse(null) instanceof Tree.Text level
                    && entries.get("family").orElse(null) instanceof Tree.Text family
                    && seed.number().stripTrailingZeros().scale() <= 0
                    && seed.number().abs().compareTo(BigDecimal.valueOf(Long.MAX_VALUE)) < 0) {
                return Optional.of(new PracticeMark(seed.number().longValue(), level.text(), family.text()));
            }
            return Optional.empty();
        });
    }

    /** Puts the mark on a job. */
    public Job on(Job job) {
        Map<String, Tree> all = new LinkedHashMap<>(job.foreign().skeleton().all());
        Map<String, Tree> mark = new LinkedHashMap<>();
        mark.put("seed", Tree.number(seed));
        mark.put("level", Tree.text(level));
        mark.put("family", Tree.text(family));
        all.put(KEY, new Tree.Entries(mark));
        return job.withForeign(new UnknownKeys(new Tree.Entries(all)));
    }
}
