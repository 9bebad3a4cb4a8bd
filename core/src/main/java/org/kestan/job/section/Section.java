package org.kestan.job.section;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.kestan.base.finding.Keyed;
import org.kestan.job.tree.Tree;
import org.kestan.job.tree.TreeCursor;

/**
 * A part of a job: its empty value, how it is read and written, and its schema. To add a section, write a package with
 * its value and its section beside the others, and a line in {@code org.kestan.job.Sections}.
 *
 * @param <T> its value, immutable
 */
public abstract class Section<T> implements Keyed {

    private final String name;
    private final T blank;

    /**
     * @param name identifies it among the sections
     * @param blank its value when nothing has been entered
     */
    protected Section(String name, T blank) {
        this.name = name;
        this.blank = blank;
    }

    /** Returns its name, unique among the sections. */
    @Override
    public final String key() {
        return name;
    }

    @Override
    public final String family() {
        return "section";
    }

    /** Returns its empty value. */
    public final T blank() {
        return blank;
    }

    /** Reads its value from a job's data; what can't be read gives an error at its place. */
    public abstract T read(TreeCursor root);

    /** Writes its value into a job's data; nothing for what was not entered. */
    public abstract void write(T value, Tree.Draft root);

    /** Describes what is allowed in its place in a job's data. */
    public abstract void schema(SchemaDraft root);

    /**
     * Merges two values that started from the same one.
     *
     * @param base what both grew out of
     * @return the value with the changes of both; empty if both changed the same
     */
    public Optional<T> merged(T base, T mine, T theirs) {
        return either(base, mine, theirs);
    }

    /** Returns the one of two that has changed; empty if neither has, or they differ. */
    public static <V> Optional<V> either(V base, V mine, V theirs) {
        if (mine.equals(base)) {
            return Optional.of(theirs);
        }
        return mine.equals(theirs) || theirs.equals(base) ? Optional.of(mine) : Optional.empty();
    }

    /** Puts a list at a path, unless it is empty. */
    protected static void items(Tree.Draft root, String path, Stream<? extends Tree> items) {
        List<Tree> all = items.<Tree>map(each -> each).toList();
        if (!all.isEmpty()) {
            root.put(path, new Tree.Items(all));
        }
    }
}
