package org.kestan.ledger;

import java.util.List;
import java.util.function.Supplier;
import org.kestan.base.standards.ShopStandards;
import org.kestan.repair.memory.Lesson;
import org.kestan.repair.memory.Memory;

/** What the jobs of a ledger teach, cached until the ledger or the standards change. Thread-safe. */
public final class LessonCache {

    private String at = "";
    private List<Lesson> lessons = List.of();
    private ShopStandards by = ShopStandards.DEFAULT;
    private Memory memory = Memory.of(List.of(), ShopStandards.DEFAULT);

    /** Makes an empty cache. */
    public LessonCache() {
        // Read when it is first requested.
    }

    /**
     * Returns the lessons of a ledger.
     *
     * @param state identifies a state of the ledger
     * @param read reads them
     */
    public synchronized List<Lesson> lessons(String state, Supplier<List<Lesson>> read) {
        if (!state.equals(at)) {
            lessons = List.copyOf(read.get());
            memory = Memory.of(lessons, by);
            at = state;
        }
        return lessons;
    }

    /** Returns what was learned from the lessons, compared with a shop's standards. */
    public synchronized Memory memory(String state, Supplier<List<Lesson>> read, ShopStandards shop) {
        boolean other = !shop.equals(by);
        by = shop;
        List<Lesson> before = lessons;
        if (lessons(state, read) == before && other) {
            memory = Memory.of(lessons, by);
        }
        return memory;
    }
}
