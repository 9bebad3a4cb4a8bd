package org.kestan.job.bench;

import java.util.Optional;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Sides;
import org.kestan.base.sheet.ValueType;
import org.kestan.job.section.ListSection;
import org.kestan.job.section.SchemaDraft;
import org.kestan.job.tree.Tree;
import org.kestan.job.tree.TreeCursor;

/** The heights of saddle or bridge after each trim: {@code bench.trims}. */
public final class TrimSection extends ListSection<Trim> {

    private static final ValueType<Trim.Part> PART = ValueType.choice(Trim.Part.class);

    /** Names the section. */
    public TrimSection() {
        super("bench.trims");
    }

    @Override
    protected Optional<Trim> entry(TreeCursor at) {
        Optional<Trim.Part> part = needed(at, "part", PART);
        Optional<Length> bass = needed(at, "bass", ValueType.LENGTH);
        Optional<Length> treble = needed(at, "treble", ValueType.LENGTH);
        return part.isPresent() && bass.isPresent() && treble.isPresent()
                ? Optional.of(new Trim(part.get(), new Sides<>(bass.get(), treble.get())))
                : Optional.empty();
    }

    @Override
    protected Tree.Entries entries(Trim trim) {
        return new Tree.Draft()
                .put("part", Tree.text(trim.part().key()))
                .put("bass", Tree.text(trim.stands().bass().text()))
                .put("treble", Tree.text(trim.stands().treble().text()))
                .entries();
    }

    @Override
    protected Tree.Entries entrySchema() {
        return SchemaDraft.object("part", "bass", "treble")
                .put("part", SchemaDraft.of(PART))
                .put("bass", SchemaDraft.of(ValueType.LENGTH))
                .put("treble", SchemaDraft.of(ValueType.LENGTH))
                .entries();
    }
}
