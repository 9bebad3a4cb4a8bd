package org.kestan.job.bench;

import java.util.Optional;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.ValueType;
import org.kestan.job.section.ListSection;
import org.kestan.job.section.SchemaDraft;
import org.kestan.job.tree.Tree;
import org.kestan.job.tree.TreeCursor;

/** The bagged parts: {@code bench.bags}. */
public final class BagSection extends ListSection<Bag> {

    private static final ValueType<Side> SIDE = ValueType.choice(Side.class);

    /** Names the section. */
    public BagSection() {
        super("bench.bags");
    }

    @Override
    protected Optional<Bag> entry(TreeCursor at) {
        Optional<Side> side = at.at("side").value(SIDE);
        String place = at.at("place").text().orElse("");
        boolean back = at.at("back").flag().orElse(false);
        return needed(at, "part", ValueType.TEXT).map(part -> new Bag(part, side, place, back));
    }

    @Override
    protected Tree.Entries entries(Bag bag) {
        Tree.Draft draft = new Tree.Draft().put("part", Tree.text(bag.part()));
        bag.side().ifPresent(side -> draft.put("side", Tree.text(side.key())));
        if (!bag.place().isEmpty()) {
            draft.put("place", Tree.text(bag.place()));
        }
        if (bag.back()) {
            draft.put("back", new Tree.Flag(true));
        }
        return draft.entries();
    }

    @Override
    protected Tree.Entries entrySchema() {
        return SchemaDraft.object("part")
                .put("part", SchemaDraft.of(ValueType.TEXT))
                .put("side", SchemaDraft.of(SIDE))
                .put("place", SchemaDraft.of(ValueType.TEXT))
                .put("back", SchemaDraft.of(ValueType.FLAG))
                .entries();
    }
}
