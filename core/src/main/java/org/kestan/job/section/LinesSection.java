package org.kestan.job.section;

import java.util.List;
import org.kestan.base.sheet.Line;
import org.kestan.job.tree.Tree;
import org.kestan.job.tree.TreeCursor;

/** A section of values under lines, such as the lasting properties of the instrument. */
public final class LinesSection extends Section<Values> {

    private final LinesCodec codec;

    /**
     * @param name the section's name: the first key of its lines' paths
     * @param lines its lines in the order they are asked
     */
    public LinesSection(String name, List<? extends Line<?>> lines) {
        super(name, Values.NONE);
        codec = new LinesCodec(lines, Line::path);
    }

    @Override
    public Values read(TreeCursor root) {
        return codec.read(root);
    }

    @Override
    public void write(Values values, Tree.Draft root) {
        codec.write(values, root);
    }

    @Override
    public void schema(SchemaDraft root) {
        codec.schema(root);
    }
}
