package org.kestan.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.kestan.job.section.Section;

/** Merges two jobs that started from the same one, section by section. */
public final class JobMerge {

    private JobMerge() {}

    /**
     * Returns a job with the changes of both; empty if both changed the same section differently.
     *
     * @param base what both grew out of
     * @param mine the one
     * @param theirs the other; where both only added to a list, its entries come first
     */
    public static Optional<Job> merge(Job base, Job mine, Job theirs) {
        Optional<Job> merged =
                Section.either(base.foreign(), mine.foreign(), theirs.foreign()).map(mine::withForeign);
        for (Section<?> section : Sections.ALL) {
            merged = merged.flatMap(job -> merge(section, base, theirs, job));
        }
        return merged;
    }

    private static <T> Optional<Job> merge(Section<T> section, Job base, Job theirs, Job mine) {
        return section.merged(base.section(section), mine.section(section), theirs.section(section))
                .map(value -> mine.with(section, value));
    }

    /** Returns the sections in which two jobs differ, in file order. */
    public static List<Section<?>> differing(Job one, Job other) {
        List<Section<?>> all = new ArrayList<>();
        for (Section<?> section : Sections.ALL) {
            if (!one.section(section).equals(other.section(section))) {
                all.add(section);
            }
        }
        return all;
    }
}
