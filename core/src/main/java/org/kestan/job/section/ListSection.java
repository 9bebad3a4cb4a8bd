package org.kestan.job.section;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiPredicate;
import java.util.stream.Stream;
import org.kestan.base.finding.Quantity;
import org.kestan.base.sheet.ValueType;
import org.kestan.job.tree.Tree;
import org.kestan.job.tree.TreeCursor;
import org.kestan.job.tree.TreeFinding;

/**
 * A section that is a list of entries of one type under one path; what other programs store in an entry is kept with
 * the job.
 *
 * @param <T> an entry, immutable
 */
public abstract class ListSection<T> extends Section<List<T>> {

    private final String path;

    /**
     * @param path where the list is, keys joined by dots
     */
    protected ListSection(String path) {
        super(path, List.of());
        this.path = path;
    }

    @Override
    public final List<T> read(TreeCursor root) {
        List<T> all = new ArrayList<>();
        for (TreeCursor at : root.at(path).elements()) {
            at.expectObject();
            entry(at).ifPresent(all::add);
        }
        return List.copyOf(all);
    }

    @Override
    public final void write(List<T> all, Tree.Draft root) {
        items(root, path, all.stream().map(this::entries));
    }

    @Override
    public final void schema(SchemaDraft root) {
        root.put(path, SchemaDraft.list(entrySchema()));
    }

    @Override
    public final Optional<List<T>> merged(List<T> base, List<T> mine, List<T> theirs) {
        return mergedEntries(base, mine, theirs, this::collide).map(this::inOrder);
    }

    /**
     * Merges two lists that started from the same one: if both only added entries, all are kept, theirs first.
     *
     * @param collide decides whether two new entries exclude each other
     * @return empty if both changed the same
     */
    public static <E> Optional<List<E>> mergedEntries(
            List<E> base, List<E> mine, List<E> theirs, BiPredicate<E, E> collide) {
        return either(base, mine, theirs).or(() -> {
            int kept = base.size();
            boolean added = Stream.of(mine, theirs)
                    .allMatch(
                            list -> list.size() > kept && list.subList(0, kept).equals(base));
            if (!added) {
                return Optional.empty();
            }
            List<E> fresh = mine.subList(kept, mine.size());
            boolean clash = theirs.subList(kept, theirs.size()).stream()
                    .anyMatch(one -> fresh.stream().anyMatch(other -> collide.test(one, other)));
            return clash
                    ? Optional.empty()
                    : Optional.of(Stream.concat(theirs.stream(), fresh.stream()).toList());
        });
    }

    /** Returns whether two new entries are about the same thing, so that only one of them can hold. */
    protected boolean collide(T one, T other) {
        return false;
    }

    /** Puts the merged entries in their proper order. */
    protected List<T> inOrder(List<T> all) {
        return List.copyOf(all);
    }

    /** Reads an entry; empty, with an error at its place, if it is invalid. */
    protected abstract Optional<T> entry(TreeCursor at);

    /** Writes an entry; the first key distinguishes it from the others. */
    protected abstract Tree.Entries entries(T entry);

    /** Describes what an entry may contain. */
    protected abstract Tree.Entries entrySchema();

    /** Reads a required value: an error if it is missing. */
    protected static <V> Optional<V> needed(TreeCursor at, String key, ValueType<V> type) {
        TreeCursor place = at.at(key);
        if (!place.isPresent()) {
            at.fault(
                    TreeFinding.LACKS.of(Quantity.text(key)),
                    TreeFinding.LIKE.of(Quantity.text("{\"" + key + "\": \u2026}")));
        }
        return place.value(type);
    }
}
