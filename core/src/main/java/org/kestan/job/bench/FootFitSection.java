package org.kestan.job.bench;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.base.sheet.ValueType;
import org.kestan.job.section.ListSection;
import org.kestan.job.section.SchemaDraft;
import org.kestan.job.tree.Tree;
import org.kestan.job.tree.TreeCursor;

/** Where the feet touched, set after set: {@code bench.footFit}. */
public final class FootFitSection extends ListSection<FootFit> {

    private static final ValueType<FootFit.Zone> ZONE = ValueType.choice(FootFit.Zone.class);

    /** Names the section. */
    public FootFitSection() {
        super("bench.footFit");
    }

    @Override
    protected Optional<FootFit> entry(TreeCursor at) {
        return Optional.of(new FootFit(Sides.of(side -> zones(at.at(side.key())))));
    }

    private static Set<FootFit.Zone> zones(TreeCursor at) {
        Set<FootFit.Zone> zones = EnumSet.noneOf(FootFit.Zone.class);
        at.elements().forEach(each -> each.value(ZONE).ifPresent(zones::add));
        return zones;
    }

    @Override
    protected Tree.Entries entries(FootFit fit) {
        Tree.Draft draft = new Tree.Draft();
        for (Side side : Side.values()) {
            draft.put(
                    side.key(),
                    new Tree.Items(fit.bears().get(side).stream()
                            .sorted()
                            .map(zone -> Tree.text(zone.key()))
                            .toList()));
        }
        return draft.entries();
    }

    @Override
    protected Tree.Entries entrySchema() {
        Tree.Entries zones = SchemaDraft.list(SchemaDraft.of(ZONE));
        return SchemaDraft.object().put("bass", zones).put("treble", zones).entries();
    }
}
