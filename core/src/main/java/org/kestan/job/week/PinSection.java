package org.kestan.job.week;

import java.time.LocalDate;
import java.util.Optional;
import org.kestan.base.sheet.ValueType;
import org.kestan.job.section.ListSection;
import org.kestan.job.section.SchemaDraft;
import org.kestan.job.tree.Tree;
import org.kestan.job.tree.TreeCursor;

/** Steps pinned to a day: {@code pins}. */
public final class PinSection extends ListSection<Pin> {

    /** Names the section. */
    public PinSection() {
        super("pins");
    }

    @Override
    protected Optional<Pin> entry(TreeCursor at) {
        Optional<String> step = needed(at, "step", ValueType.TEXT);
        Optional<LocalDate> on = needed(at, "on", ValueType.DAY);
        return step.flatMap(id -> on.map(day -> new Pin(id, day)));
    }

    @Override
    protected Tree.Entries entries(Pin pin) {
        return new Tree.Draft()
                .put("step", Tree.text(pin.step()))
                .put("on", Tree.text(pin.on().toString()))
                .entries();
    }

    @Override
    protected Tree.Entries entrySchema() {
        return SchemaDraft.object("step", "on")
                .put("step", SchemaDraft.of(ValueType.TEXT))
                .put("on", SchemaDraft.of(ValueType.DAY))
                .entries();
    }
}
