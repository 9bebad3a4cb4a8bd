package org.kestan.job.parts;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.kestan.base.sheet.ValueType;
import org.kestan.job.section.ListSection;
import org.kestan.job.section.SchemaDraft;
import org.kestan.job.tree.Tree;
import org.kestan.job.tree.TreeCursor;

/** The parts a job needs: {@code parts}. */
public final class PartsSection extends ListSection<Part> {

    /** The largest number of a part. */
    public static final ValueType<Integer> NEED = ValueType.whole(1, 1000);

    /** The highest price of a part. */
    public static final ValueType<Double> PRICE = ValueType.number(0, 1e6);

    private static final String ORDERED = "ordered";

    /** Names the section. */
    public PartsSection() {
        super("parts");
    }

    @Override
    protected Optional<Part> entry(TreeCursor at) {
        int need = at.at("need").value(NEED).orElse(1);
        Optional<Double> price = at.at("price").value(PRICE);
        // Ordered, or the day it was: a text is a day.
        boolean day = at.entries().all().get(ORDERED) instanceof Tree.Text;
        Optional<LocalDate> orderedOn = day ? at.at(ORDERED).value(ValueType.DAY) : Optional.empty();
        boolean ordered = day || at.at(ORDERED).flag().orElse(false);
        Optional<LocalDate> arrives = at.at("arrives").value(ValueType.DAY);
        boolean there = at.at("there").flag().orElse(false);
        return needed(at, "what", ValueType.TEXT)
                .map(what -> new Part(what, need, price, ordered, orderedOn, arrives, there));
    }

    @Override
    protected Tree.Entries entries(Part part) {
        Tree.Draft draft = new Tree.Draft().put("what", Tree.text(part.what()));
        if (part.need() > 1) {
            draft.put("need", Tree.number(part.need()));
        }
        part.price().ifPresent(price -> draft.put("price", new Tree.Num(new BigDecimal(PRICE.write(price)))));
        if (part.orderedOn().isPresent()) {
            draft.put(ORDERED, Tree.text(part.orderedOn().get().toString()));
        } else if (part.ordered()) {
            draft.put(ORDERED, new Tree.Flag(true));
        }
        part.arrives().ifPresent(day -> draft.put("arrives", Tree.text(day.toString())));
        if (part.there()) {
            draft.put("there", new Tree.Flag(true));
        }
        return draft.entries();
    }

    @Override
    protected Tree.Entries entrySchema() {
        return SchemaDraft.object("what")
                .put("what", SchemaDraft.of(ValueType.TEXT))
                .put("need", SchemaDraft.of(NEED))
                .put("price", SchemaDraft.of(PRICE))
                .put(
                        ORDERED,
                        new Tree.Draft()
                                .put("type", new Tree.Items(List.of(Tree.text("boolean"), Tree.text("string"))))
                                .entries())
                .put("arrives", SchemaDraft.of(ValueType.DAY))
                .put("there", SchemaDraft.of(ValueType.FLAG))
                .entries();
    }
}
