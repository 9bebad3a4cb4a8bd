package org.kestan.judgment.way;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Keyed;
import org.kestan.base.standards.Standard;

/**
 * A way to put an instrument right: what it does, what it takes, and how it leads from one set-up to the next. Whom it
 * suits, what may go wrong and what to mind are words, under its key.
 */
public abstract class Way implements Keyed {

    private final String key;
    private final Stage stage;
    private final boolean reversible;
    private final List<Standard> prices;
    private final Set<Effect> effects;

    /**
     * @param key tells it from the others, in files too
     * @param stage when in the order of the work it is taken
     * @param reversible whether it can be undone, as a rule
     * @param prices the shop's hours and the parts it takes
     * @param effects what it does to the instrument
     */
    protected Way(String key, Stage stage, boolean reversible, List<Standard> prices, Effect... effects) {
        this.key = key;
        this.stage = stage;
        this.reversible = reversible;
        this.prices = List.copyOf(prices);
        this.effects = Set.of(effects);
    }

    /** Returns what taking it from a set-up comes to. */
    public abstract Outcome take(JudgmentContext about, Setup from);

    /** Returns what taking it comes to where the sheet does not say how the instrument stands. */
    public Outcome takeUnmeasured(JudgmentContext about) {
        return unknown(WayFinding.SHEET_FIRST.of());
    }

    @Override
    public final String key() {
        return key;
    }

    @Override
    public final String family() {
        return "way";
    }

    /** Returns when in the order of the work it is taken. */
    public final Stage stage() {
        return stage;
    }

    /** Returns the shop's hours and the parts it takes. */
    public final List<Standard> prices() {
        return prices;
    }

    /** Tells whether it does something to the instrument. */
    public final boolean has(Effect effect) {
        return effects.contains(effect);
    }

    /** It can be done and leads to a set-up. */
    protected final Outcome can(Setup after, Finding... reasons) {
        return new Outcome(Suitability.POSSIBLE, Optional.of(after), List.of(reasons), reversible, prices);
    }

    /** It can be done and leads to a set-up. */
    protected final Outcome can(Setup after, List<Finding> reasons) {
        return new Outcome(Suitability.POSSIBLE, Optional.of(after), reasons, reversible, prices);
    }

    /** Nothing it would do from here: the set-up stays. */
    protected final Outcome noNeed(Setup stays, Finding reason) {
        return new Outcome(Suitability.NO_NEED, Optional.of(stays), List.of(reason), reversible, List.of());
    }

    /** Wrong here. */
    protected final Outcome not(Finding reason) {
        return new Outcome(Suitability.NOT_FOR_THIS_ONE, Optional.empty(), List.of(reason), reversible, prices);
    }

    /** Wrong here, but what would come of it is known and shown. */
    protected final Outcome not(Setup after, Finding reason) {
        return new Outcome(Suitability.NOT_FOR_THIS_ONE, Optional.of(after), List.of(reason), reversible, prices);
    }

    /** A reading is missing. */
    protected final Outcome unknown(Finding reason) {
        return new Outcome(Suitability.UNKNOWN, Optional.empty(), List.of(reason), reversible, prices);
    }

    @Override
    public final String toString() {
        return key;
    }
}
