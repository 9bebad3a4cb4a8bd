package org.kestan.job.week;

import java.util.Optional;
import org.kestan.base.sheet.ValueType;
import org.kestan.job.section.SchemaDraft;
import org.kestan.job.section.Section;
import org.kestan.job.tree.Tree;
import org.kestan.job.tree.TreeCursor;

/** The priority of a job, set by hand: {@code priority}, from -2 (no hurry) to 2 (first of all). */
public final class PrioritySection extends Section<Optional<Integer>> {

    /** From no hurry to first of all; 0 is normal. */
    public static final ValueType<Integer> PRIORITY = ValueType.whole(-2, 2);

    private static final String PATH = "priority";

    /** Names the section. */
    public PrioritySection() {
        super(PATH, Optional.empty());
    }

    @Override
    public Optional<Integer> read(TreeCursor root) {
        return root.at(PATH).value(PRIORITY);
    }

    @Override
    public void write(Optional<Integer> value, Tree.Draft root) {
        value.ifPresent(priority -> root.put(PATH, Tree.number(priority)));
    }

    @Override
    public void schema(SchemaDraft root) {
        root.put(PATH, SchemaDraft.of(PRIORITY));
    }
}
