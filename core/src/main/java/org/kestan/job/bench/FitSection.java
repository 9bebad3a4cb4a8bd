package org.kestan.job.bench;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import org.kestan.ground.sheet.Side;
import org.kestan.ground.sheet.Sides;
import org.kestan.ground.sheet.ValueType;
import org.kestan.job.section.ListSection;
import org.kestan.job.section.SchemaDraft;
import org.kestan.job.tree.Branch;
import org.kestan.job.tree.Tree;

/** Where the feet bore, set after set: {@code bench.footFit}. */
public final class FitSection extends ListSection<Fit> {

    private static final ValueType<Fit.Zone> ZONE = ValueType.choice(Fit.Zone.class);

    /** Names the section. */
    public FitSection() {
        super("bench.footFit");
    }

    @Override
    protected Optional<Fit> entry(Branch at) {
        return Optional.of(new Fit(Sides.of(side -> zones(at.at(side.key())))));
    }

    private static Set<Fit.Zone> zones(Branch at) {
        Set<Fit.Zone> zones = EnumSet.noneOf(Fit.Zone.class);
        at.elements().forEach(each -> each.value(ZONE).ifPresent(zones::add));
        return zones;
    }

    @Override
    protected Tree.Entries entries(Fit fit) {
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
