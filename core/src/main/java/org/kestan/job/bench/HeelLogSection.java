package org.kestan.job.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.kestan.base.finding.Keyed;
import org.kestan.base.finding.Quantity;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.ValueType;
import org.kestan.job.section.ListSection;
import org.kestan.job.section.SchemaDraft;
import org.kestan.job.section.Section;
import org.kestan.job.tree.Tree;
import org.kestan.job.tree.TreeCursor;
import org.kestan.job.tree.TreeFinding;
import org.kestan.job.tree.UnknownKeys;

/** The heel log: {@code bench.heelLog}. */
public final class HeelLogSection extends Section<List<HeelEntry>> {

    private static final String PATH = "bench.heelLog";
    private static final ValueType<Side> SIDE = ValueType.choice(Side.class);
    private static final ValueType<Integer> GRIT = ValueType.whole(20, 2000);
    private static final ValueType<SheetChange> PAPER = ValueType.choice(SheetChange.class);
    private static final ValueType<Integer> PULLS = ValueType.whole(1, 1000);

    /** What was done with the paper. */
    private enum SheetChange implements Keyed {
        NEW;

        @Override
        public String key() {
            return "new";
        }
    }

    /** Names the section. */
    public HeelLogSection() {
        super("bench.heel-log", List.of());
    }

    @Override
    public List<HeelEntry> read(TreeCursor root) {
        List<HeelEntry> log = new ArrayList<>();
        for (TreeCursor at : root.at(PATH).elements()) {
            at.expectObject();
            Optional<? extends HeelEntry> entry = at.at("read").isPresent()
                    ? Optional.of(reading(at.at("read")))
                    : at.at("paper").isPresent() ? paper(at) : set(at);
            entry.ifPresent(each -> log.add(each.with(UnknownKeys.in(at.entries(), entries(each)))));
        }
        return List.copyOf(log);
    }

    @Override
    public Optional<List<HeelEntry>> merged(List<HeelEntry> base, List<HeelEntry> mine, List<HeelEntry> theirs) {
        return ListSection.mergedEntries(base, mine, theirs, (one, other) -> false);
    }

    private static Optional<HeelEntry> set(TreeCursor at) {
        Optional<Side> cheek = at.at("cheek").value(SIDE);
        Optional<Integer> grit = at.at("grit").value(GRIT);
        Optional<Integer> pulls = at.at("pulls").value(PULLS);
        for (String key : List.of("cheek", "grit", "pulls")) {
            if (!at.at(key).isPresent()) {
                at.fault(
                        TreeFinding.LACKS.of(Quantity.text(key)),
                        TreeFinding.LIKE.of(Quantity.text("{\"cheek\": \"bass\", \"grit\": 80, \"pulls\": 4}")));
            }
        }
        return cheek.isPresent() && grit.isPresent() && pulls.isPresent()
                ? Optional.of(new HeelEntry.Pulls(cheek.get(), grit.get(), pulls.get(), UnknownKeys.NONE))
                : Optional.empty();
    }

    private static Optional<HeelEntry> paper(TreeCursor at) {
        Optional<Side> cheek = at.at("cheek").value(SIDE);
        Optional<SheetChange> change = at.at("paper").value(PAPER);
        if (!at.at("cheek").isPresent()) {
            at.fault(
                    TreeFinding.LACKS.of(Quantity.text("cheek")),
                    TreeFinding.LIKE.of(Quantity.text("{\"cheek\": \"bass\", \"paper\": \"new\"}")));
        }
        return cheek.isPresent() && change.isPresent()
                ? Optional.of(new HeelEntry.Paper(cheek.get(), UnknownKeys.NONE))
                : Optional.empty();
    }

    private static HeelEntry reading(TreeCursor at) {
        at.expectObject();
        return new HeelEntry.Read(
                at.at("projection").value(ValueType.LENGTH),
                at.at("drift.offset").value(ValueType.LENGTH),
                at.at("drift.toward").value(SIDE),
                at.at("gap").value(ValueType.LENGTH),
                at.at("edges.bass").value(ValueType.LENGTH),
                at.at("edges.treble").value(ValueType.LENGTH),
                UnknownKeys.NONE);
    }

    @Override
    public void write(List<HeelEntry> log, Tree.Draft root) {
        items(root, PATH, log.stream().map(each -> each.foreign().under(entries(each))));
    }

    private static Tree.Entries entries(HeelEntry entry) {
        Tree.Draft draft = new Tree.Draft();
        if (entry instanceof HeelEntry.Pulls set) {
            return draft.put("cheek", Tree.text(set.cheek().key()))
                    .put("grit", Tree.number(set.grit()))
                    .put("pulls", Tree.number(set.pulls()))
                    .entries();
        }
        if (entry instanceof HeelEntry.Paper fresh) {
            return draft.put("cheek", Tree.text(fresh.cheek().key()))
                    .put("paper", Tree.text(SheetChange.NEW.key()))
                    .entries();
        }
        HeelEntry.Read read = (HeelEntry.Read) entry;
        Tree.Draft inner = new Tree.Draft();
        put(inner, "projection", read.projection());
        put(inner, "drift.offset", read.drift());
        read.toward().ifPresent(side -> inner.put("drift.toward", Tree.text(side.key())));
        put(inner, "gap", read.gap());
        put(inner, "edges.bass", read.bassEdge());
        put(inner, "edges.treble", read.trebleEdge());
        return draft.put("read", inner.entries()).entries();
    }

    private static void put(Tree.Draft draft, String key, Optional<Length> length) {
        length.ifPresent(each -> draft.put(key, Tree.text(each.text())));
    }

    @Override
    public void schema(SchemaDraft root) {
        SchemaDraft read = root.nested()
                .put("projection", SchemaDraft.of(ValueType.LENGTH))
                .put("drift.offset", SchemaDraft.of(ValueType.LENGTH))
                .put("drift.toward", SchemaDraft.of(SIDE))
                .put("gap", SchemaDraft.of(ValueType.LENGTH))
                .put("edges.bass", SchemaDraft.of(ValueType.LENGTH))
                .put("edges.treble", SchemaDraft.of(ValueType.LENGTH));
        root.put(
                PATH,
                SchemaDraft.list(SchemaDraft.object()
                        .put("cheek", SchemaDraft.of(SIDE))
                        .put("grit", SchemaDraft.of(GRIT))
                        .put("pulls", SchemaDraft.of(PULLS))
                        .put("paper", SchemaDraft.of(PAPER))
                        .put("read", read.entries())
                        .entries()));
    }
}
