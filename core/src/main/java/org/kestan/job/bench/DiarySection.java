package org.kestan.job.bench;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.kestan.base.sheet.ValueType;
import org.kestan.job.section.ListSection;
import org.kestan.job.section.SchemaDraft;
import org.kestan.job.tree.Tree;
import org.kestan.job.tree.TreeCursor;

/** The bench diary: {@code bench.log}. Lines are only ever added. */
public final class DiarySection extends ListSection<DiaryEntry> {

    private static final ValueType<DiaryEntry.What> WHAT = ValueType.choice(DiaryEntry.What.class);

    /** Names the section. */
    public DiarySection() {
        super("bench.log");
    }

    @Override
    protected Optional<DiaryEntry> entry(TreeCursor at) {
        Optional<Instant> when = needed(at, "at", ValueType.MOMENT);
        Optional<DiaryEntry.What> what = needed(at, "what", WHAT);
        String who = at.at("who").text().orElse("");
        String step = at.at("step").text().orElse("");
        String text = at.at("text").text().orElse("");
        return when.isPresent() && what.isPresent()
                ? Optional.of(new DiaryEntry(when.get(), who, what.get(), step, text))
                : Optional.empty();
    }

    @Override
    protected Tree.Entries entries(DiaryEntry entry) {
        Tree.Draft draft = new Tree.Draft()
                .put("at", Tree.text(ValueType.MOMENT.write(entry.at())))
                .put("what", Tree.text(entry.what().key()));
        put(draft, "who", entry.who());
        put(draft, "step", entry.step());
        put(draft, "text", entry.text());
        return draft.entries();
    }

    @Override
    protected List<DiaryEntry> inOrder(List<DiaryEntry> all) {
        return all.stream().sorted(Comparator.comparing(DiaryEntry::at)).toList();
    }

    private static void put(Tree.Draft draft, String key, String text) {
        if (!text.isEmpty()) {
            draft.put(key, Tree.text(text));
        }
    }

    @Override
    protected Tree.Entries entrySchema() {
        return SchemaDraft.object("at", "what")
                .put("at", SchemaDraft.of(ValueType.MOMENT))
                .put("what", SchemaDraft.of(WHAT))
                .put("who", SchemaDraft.of(ValueType.TEXT))
                .put("step", SchemaDraft.of(ValueType.TEXT))
                .put("text", SchemaDraft.of(ValueType.TEXT))
                .entries();
    }
}
