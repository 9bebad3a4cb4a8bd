package org.kestan.job.ways;

import java.util.ArrayList;
import java.util.List;
import org.kestan.base.sheet.ValueType;
import org.kestan.job.section.SchemaDraft;
import org.kestan.job.section.Section;
import org.kestan.job.tree.Tree;
import org.kestan.job.tree.TreeCursor;

/** The ways taken into the plan, by key, in working order. */
public final class WaysSection extends Section<List<String>> {

    private static final String PATH = "plan.ways";

    /** Names the section. */
    public WaysSection() {
        super("ways", List.of());
    }

    @Override
    public List<String> read(TreeCursor root) {
        List<String> keys = new ArrayList<>();
        root.at(PATH).elements().forEach(each -> each.text().ifPresent(keys::add));
        return List.copyOf(keys);
    }

    @Override
    public void write(List<String> keys, Tree.Draft root) {
        items(root, PATH, keys.stream().map(Tree::text));
    }

    @Override
    public void schema(SchemaDraft root) {
        root.put(PATH, SchemaDraft.list(SchemaDraft.of(ValueType.TEXT)));
    }
}
