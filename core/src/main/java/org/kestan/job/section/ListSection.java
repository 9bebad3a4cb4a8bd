package org.kestan.job.section;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.kestan.base.finding.Quantity;
import org.kestan.base.sheet.ValueType;
import org.kestan.job.tree.Tree;
import org.kestan.job.tree.TreeCursor;
import org.kestan.job.tree.TreeFinding;

/**
 * A section that is a list of like entries under one path; what other programs keep in an entry is kept with the job.
 *
 * @param <T> an entry, immutable
 */
public abstract class ListSection<T> extends Section<List<T>> {

    private final String path;

    /**
     * @param path where the list stands, keys joined by dots
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

    /** Reads an entry; empty, with a fault at its place, where it is none. */
    protected abstract Optional<T> entry(TreeCursor at);

    /** Writes an entry; the first key tells it from the others. */
    protected abstract Tree.Entries entries(T entry);

    /** Says what may stand in an entry. */
    protected abstract Tree.Entries entrySchema();

    /** Reads what an entry can't do without: a fault where it is missing. */
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
