package org.kestan.judgment.way;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Keyed;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.judgment.verdict.GateId;

/**
 * A way to repair an instrument: what it does, what it takes, and how it leads from one setup to the next. Who it
 * suits, its risks and its cautions are texts, under its key.
 */
public abstract class Way implements Keyed {

    private final WayTraits traits;

    /** A way with its traits. */
    protected Way(WayTraits traits) {
        this.traits = traits;
    }

    /** Returns the result of taking it from a setup. */
    public abstract Outcome take(JudgmentContext about, Setup from);

    /** Returns the result of taking it if the sheet does not show the instrument's setup. */
    public Outcome takeUnmeasured(JudgmentContext about) {
        return unknown(WayFinding.SHEET_FIRST.of());
    }

    /**
     * Returns whether the search should try it on an instrument; by default always.
     *
     * @param context the context it is judged in, with the ways it would be combined with
     * @param measured the setup as measured
     */
    public boolean worthTrying(JudgmentContext context, Setup measured) {
        return true;
    }

    /** Returns whether it has to be done before any number counts; by default never. */
    public boolean comesFirst(JudgmentContext context) {
        return false;
    }

    /** Returns whether it is possible at all on the joint of an instrument; by default on every one. */
    public boolean fitsJoint(Job job) {
        return true;
    }

    /** Returns the reason the shop gives for it, if it has its own. */
    public Optional<Finding> recommendedBecause(JudgmentContext context) {
        return Optional.empty();
    }

    /**
     * Returns whether it may be taken together with another way: one of the two has to allow everything the other does
     * to the instrument.
     */
    public final boolean combinesWith(Way other) {
        return accepts(other) || other.accepts(this);
    }

    private boolean accepts(Way other) {
        return !other.traits.effects().isEmpty() && traits.combinesWith().containsAll(other.traits.effects());
    }

    @Override
    public final String key() {
        return traits.key();
    }

    @Override
    public final String family() {
        return "way";
    }

    /** Returns when it is taken in the order of the work. */
    public final Stage stage() {
        return traits.stage();
    }

    /** Returns its role in the search. */
    public final Role role() {
        return traits.role();
    }

    /** Returns the gates it can improve from a warning or a stop. */
    public final Set<GateId> mends() {
        return traits.mends();
    }

    /** Returns the shop's hours and the parts it takes. */
    public final List<Standard> prices() {
        return traits.prices();
    }

    /** Returns how heavy it is as taken here. */
    public final WayKind kind(Outcome outcome) {
        if (has(Effect.CUTS_HEEL) || has(Effect.NEW_BRIDGE) || outcome.makesBridge()) {
            return WayKind.HEAVY;
        }
        return outcome.reversible() ? WayKind.REVERSIBLE : WayKind.IRREVERSIBLE;
    }

    /** Returns whether it has an effect on the instrument. */
    public final boolean has(Effect effect) {
        return traits.effects().contains(effect);
    }

    /** It is possible and leads to a setup. */
    protected final Outcome can(Setup after, Finding... reasons) {
        return new Outcome(
                Suitability.POSSIBLE, Optional.of(after), List.of(reasons), traits.reversible(), traits.prices());
    }

    /** It is possible and leads to a setup. */
    protected final Outcome can(Setup after, List<Finding> reasons) {
        return new Outcome(Suitability.POSSIBLE, Optional.of(after), reasons, traits.reversible(), traits.prices());
    }

    /** It would do nothing from here: the setup stays. */
    protected final Outcome noNeed(Setup stays, Finding reason) {
        return new Outcome(Suitability.NO_NEED, Optional.of(stays), List.of(reason), traits.reversible(), List.of());
    }

    /** Wrong here. */
    protected final Outcome not(Finding reason) {
        return new Outcome(
                Suitability.NOT_FOR_THIS_ONE, Optional.empty(), List.of(reason), traits.reversible(), traits.prices());
    }

    /** Unsuitable here, but its result is known and shown. */
    protected final Outcome not(Setup after, Finding reason) {
        return new Outcome(
                Suitability.NOT_FOR_THIS_ONE,
                Optional.of(after),
                List.of(reason),
                traits.reversible(),
                traits.prices());
    }

    /** A reading is missing. */
    protected final Outcome unknown(Finding reason) {
        return new Outcome(
                Suitability.UNKNOWN, Optional.empty(), List.of(reason), traits.reversible(), traits.prices());
    }

    @Override
    public final String toString() {
        return traits.key();
    }
}
