package org.kestan.job.bench;

import java.time.Instant;
import java.util.Optional;
import org.kestan.base.sheet.ValueType;
import org.kestan.job.section.ListSection;
import org.kestan.job.section.SchemaDraft;
import org.kestan.job.tree.Tree;
import org.kestan.job.tree.TreeCursor;

/** The waits that were started: {@code bench.waits}. */
public final class WaitSection extends ListSection<Wait> {

    /** No wait is longer than a year. */
    public static final ValueType<Integer> MINUTES = ValueType.whole(1, 366 * 24 * 60);

    private static final ValueType<WaitKind> KIND = ValueType.choice(WaitKind.class);

    /** Names the section. */
    public WaitSection() {
        super("bench.waits");
    }

    @Override
    protected Optional<Wait> entry(TreeCursor at) {
        Optional<Instant> from = needed(at, "from", ValueType.MOMENT);
        Optional<WaitKind> kind = needed(at, "kind", KIND);
        Optional<Integer> minutes = needed(at, "minutes", MINUTES);
        String step = at.at("step").text().orElse("");
        Optional<Instant> ended = at.at("ended").value(ValueType.MOMENT);
        return from.isPresent() && kind.isPresent() && minutes.isPresent()
                ? Optional.of(new Wait(from.get(), kind.get(), minutes.get(), step, ended))
                : Optional.empty();
    }

    @Override
    protected Tree.Entries entries(Wait wait) {
        Tree.Draft draft = new Tree.Draft()
                .put("from", Tree.text(ValueType.MOMENT.write(wait.from())))
                .put("kind", Tree.text(wait.kind().key()))
                .put("minutes", Tree.number(wait.minutes()));
        if (!wait.step().isEmpty()) {
            draft.put("step", Tree.text(wait.step()));
        }
        wait.ended().ifPresent(at -> draft.put("ended", Tree.text(ValueType.MOMENT.write(at))));
        return draft.entries();
    }

    @Override
    protected Tree.Entries entrySchema() {
        return SchemaDraft.object("from", "kind", "minutes")
                .put("from", SchemaDraft.of(ValueType.MOMENT))
                .put("kind", SchemaDraft.of(KIND))
                .put("minutes", SchemaDraft.of(MINUTES))
                .put("step", SchemaDraft.of(ValueType.TEXT))
                .put("ended", SchemaDraft.of(ValueType.MOMENT))
                .entries();
    }
}
