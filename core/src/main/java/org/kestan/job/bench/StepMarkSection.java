package org.kestan.job.bench;

import java.util.Optional;
import org.kestan.base.sheet.ValueType;
import org.kestan.job.section.ListSection;
import org.kestan.job.section.SchemaDraft;
import org.kestan.job.tree.Tree;
import org.kestan.job.tree.TreeCursor;

/** The steps that are done or skipped: {@code bench.steps}. */
public final class StepMarkSection extends ListSection<StepMark> {

    private static final ValueType<StepMark.State> STATE = ValueType.choice(StepMark.State.class);

    /** Names the section. */
    public StepMarkSection() {
        super("bench.steps");
    }

    @Override
    protected Optional<StepMark> entry(TreeCursor at) {
        Optional<String> step = needed(at, "step", ValueType.TEXT);
        Optional<StepMark.State> state = needed(at, "state", STATE);
        Optional<java.time.Instant> when = needed(at, "at", ValueType.MOMENT);
        String reason = at.at("reason").text().orElse("");
        return step.isPresent() && state.isPresent() && when.isPresent()
                ? Optional.of(new StepMark(step.get(), state.get(), when.get(), reason))
                : Optional.empty();
    }

    @Override
    protected Tree.Entries entries(StepMark mark) {
        Tree.Draft draft = new Tree.Draft()
                .put("step", Tree.text(mark.step()))
                .put("state", Tree.text(mark.state().key()))
                .put("at", Tree.text(ValueType.MOMENT.write(mark.at())));
        if (!mark.reason().isEmpty()) {
            draft.put("reason", Tree.text(mark.reason()));
        }
        return draft.entries();
    }

    @Override
    protected boolean collide(StepMark one, StepMark other) {
        return one.step().equals(other.step());
    }

    @Override
    protected Tree.Entries entrySchema() {
        return SchemaDraft.object("step", "state", "at")
                .put("step", SchemaDraft.of(ValueType.TEXT))
                .put("state", SchemaDraft.of(STATE))
                .put("at", SchemaDraft.of(ValueType.MOMENT))
                .put("reason", SchemaDraft.of(ValueType.TEXT))
                .entries();
    }
}
