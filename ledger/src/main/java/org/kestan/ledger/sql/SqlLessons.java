package org.kestan.ledger.sql;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.Supplier;
import org.jdbi.v3.core.Handle;
import org.kestan.base.standards.ShopStandards;
import org.kestan.ledger.JobLesson;
import org.kestan.ledger.JobProjection;
import org.kestan.ledger.LessonCache;
import org.kestan.repair.memory.Lesson;
import org.kestan.repair.memory.Memory;

/** What the jobs in a database teach. */
public final class SqlLessons {

    private final Asking ledger;
    private final Supplier<String> state;
    private final LessonCache teachings = new LessonCache();

    /** Lessons read before, by their text; used only while lessons are read. */
    private Map<String, Optional<Lesson>> readBefore = Map.of();

    /** Queries the database. */
    @FunctionalInterface
    public interface Asking {

        /** Returns the answer. */
        <T> T ask(Function<Handle, T> question);
    }

    /** @param state changes with every change of the ledger, by whomever */
    SqlLessons(Asking ledger, Supplier<String> state) {
        this.ledger = ledger;
        this.state = state;
    }

    /** Returns all lessons. */
    List<Lesson> all() {
        return teachings.lessons(state.get(), this::read);
    }

    /** Returns what was learned from them, compared with a shop's standards. */
    Memory memory(ShopStandards shop) {
        return teachings.memory(state.get(), this::read, shop);
    }

    /** Returns the jobs that teach something, the last changed first. */
    List<JobLesson> teaching(Predicate<Lesson> what, int most) {
        record Found(String id, String name, String lesson) {}
        List<Found> all = ledger.ask(handle -> handle.createQuery("SELECT id, name, lesson FROM jobs WHERE lesson <> ''"
                        + " AND deleted_at IS NULL ORDER BY changed_at DESC, id")
                .map((row, context) -> new Found(row.getString(1), row.getString(2), row.getString(3)))
                .list());
        return all.stream()
                .flatMap(found ->
                        JobProjection.taught(found.lesson())
                                .map(lesson -> new JobLesson(found.id(), found.name(), lesson))
                                .stream())
                .filter(each -> what.test(each.lesson()))
                .limit(most)
                .toList();
    }

    /** Most lessons are unchanged, so only new texts are parsed. */
    private List<Lesson> read() {
        List<String> texts = ledger.ask(
                handle -> handle.createQuery("SELECT lesson FROM jobs WHERE lesson <> '' AND deleted_at IS NULL")
                        .mapTo(String.class)
                        .list());
        Map<String, Optional<Lesson>> now = new HashMap<>(texts.size() * 2);
        List<Lesson> lessons = new ArrayList<>(texts.size());
        for (String text : texts) {
            Optional<Lesson> known = readBefore.get(text);
            Optional<Lesson> lesson = known == null ? JobProjection.taught(text) : known;
            now.put(text, lesson);
            lesson.ifPresent(lessons::add);
        }
        readBefore = now;
        return lessons;
    }
}
