package org.kestan.judgment.way;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.kestan.base.standards.Standard;
import org.kestan.judgment.verdict.GateId;

/**
 * The traits of a way, so that search, recommendation, comparison and plan can ask the way instead of knowing it.
 *
 * @param key its identifier, in files too
 * @param stage when in the order of the work it is taken
 * @param role how it takes part in the search
 * @param reversible whether it can be undone, as a rule
 * @param prices the shop's hours and the parts it takes
 * @param effects what it does to the instrument
 * @param combinesWith a way may be combined with it if all its effects are among these
 * @param mends the gates it can bring out of a warning or a stop
 */
@RecordBuilder
public record WayTraits(
        String key,
        Stage stage,
        Role role,
        boolean reversible,
        List<Standard> prices,
        Set<Effect> effects,
        Set<Effect> combinesWith,
        Set<GateId> mends)
        implements WayTraitsBuilder.With {

    /** Takes unmodifiable copies. */
    public WayTraits {
        prices = List.copyOf(prices);
        effects = Set.copyOf(effects);
        combinesWith = Set.copyOf(combinesWith);
        mends = Set.copyOf(mends);
    }

    /** A way that can be undone, costs nothing and has no effect yet. */
    public static WayTraits of(String key, Stage stage, Role role) {
        return new WayTraits(key, stage, role, true, List.of(), Set.of(), Set.of(), Set.of());
    }

    /** The same, but it cannot be undone. */
    public WayTraits irreversible() {
        return withReversible(false);
    }

    /** The same with the hours and parts it takes. */
    public WayTraits costs(Standard... prices) {
        return withPrices(List.of(prices));
    }

    /** The same with the hours and parts it takes. */
    public WayTraits costs(List<Standard> prices) {
        return withPrices(prices);
    }

    /** The same with more effects on the instrument. */
    public WayTraits does(Effect... more) {
        Set<Effect> all = EnumSet.noneOf(Effect.class);
        all.addAll(effects);
        all.addAll(List.of(more));
        return withEffects(all);
    }

    /** The same; it may be taken together with ways all of whose effects are among these. */
    public WayTraits combinesWith(Effect... others) {
        return withCombinesWith(Set.of(others));
    }

    /** The same with the gates it can improve. */
    public WayTraits mends(GateId... gates) {
        return withMends(Set.of(gates));
    }
}
