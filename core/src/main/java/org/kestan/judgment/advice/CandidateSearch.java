package org.kestan.judgment.advice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.kestan.analysis.loads.StrungSetup;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.finding.Finding;
import org.kestan.base.lazy.Lazy;
import org.kestan.job.terms.Lines;
import org.kestan.judgment.way.Effect;
import org.kestan.judgment.way.JudgmentContext;
import org.kestan.judgment.way.Role;
import org.kestan.judgment.way.Suitability;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.ways.WayCatalog;

/**
 * Tries every sensible sequence of ways on an instrument, each step starting from the state the previous one leaves
 * (§6).
 */
final class CandidateSearch {

    /** All main and finishing ways that may be taken together, on any instrument. */
    private static final List<List<Way>> TOGETHER = together();

    private final Ways ways;
    private final JudgmentContext context;
    private final Setup measured;
    private final List<Way> preparations;
    private final StoppedGates gates;
    private final ToleranceChance chance;

    private CandidateSearch(Ways ways, Setup measured) {
        this.ways = ways;
        this.context = ways.about();
        this.measured = measured;
        this.gates = new StoppedGates(context);
        this.chance = ways.chance();
        this.preparations = preparations();
    }

    /** All sequences tried: those that do something, and leaving it alone. */
    static List<Candidate> of(Ways ways, Setup measured) {
        return new CandidateSearch(ways, measured).all();
    }

    /** Relief and nut if they have to be set, or if they are asked for and the action is wrong anyway. */
    private List<Way> preparations() {
        List<Way> taken = new ArrayList<>();
        for (Way each : WayCatalog.of(Role.PREPARATION)) {
            // As read, and still so after the previous step: a high slot may be right once the relief is.
            if (each.worthTrying(context, measured)
                    && ways.of(each).possible()
                    && ways.combined(with(taken, List.of(each))).possible().contains(each)) {
                taken.add(each);
            }
        }
        return taken;
    }

    private List<Candidate> all() {
        List<Candidate> all = new ArrayList<>();
        for (List<Way> main : mains()) {
            tried(main).ifPresent(all::add);
        }
        return all;
    }

    /**
     * What may follow relief and nut: nothing, or main and finishing ways each of which may be taken together with all
     * the others. A loose dovetail leaves only ways that take the neck off.
     */
    private List<List<Way>> mains() {
        return TOGETHER.stream()
                .filter(main -> main.size() < 2 || main.stream().allMatch(this::isOfThisKind))
                .filter(main -> main.stream().allMatch(way -> way.worthTrying(context.together(main), measured)))
                .filter(main -> !context.neckComesOff() || main.stream().anyMatch(way -> way.has(Effect.CUTS_HEEL)))
                .toList();
    }

    /**
     * Returns whether a way applies to this kind of joint and bridge at all; one that does not is shown by itself, but
     * never combined.
     */
    private boolean isOfThisKind(Way way) {
        Stream<Effect> others = measured.protrusion().isPresent()
                ? Stream.of(Effect.FITS_FLOATING_BRIDGE, Effect.MOVES_TAILPIECE)
                : Stream.of(Effect.SPENDS_SADDLE, Effect.SPENDS_BRIDGE, Effect.NEW_BRIDGE, Effect.RAMPS_PINS);
        return way.fitsJoint(context.job()) && others.noneMatch(way::has);
    }

    private static List<List<Way>> together() {
        List<Way> ways = WayCatalog.ALL.stream()
                .filter(way -> way.role() == Role.MAIN || way.role() == Role.FINISH)
                .toList();
        List<List<Way>> found = new ArrayList<>();
        extend(List.of(), ways, found);
        return List.copyOf(found);
    }

    private static void extend(List<Way> taken, List<Way> rest, List<List<Way>> found) {
        found.add(taken);
        for (int i = 0; i < rest.size(); i++) {
            Way next = rest.get(i);
            if (taken.stream().allMatch(next::combinesWith)) {
                extend(with(taken, List.of(next)), rest.subList(i + 1, rest.size()), found);
            }
        }
    }

    /** One sequence; empty if a step of it has nothing to do, which makes it a different one. */
    private Optional<Candidate> tried(List<Way> main) {
        List<Way> sequence = with(preparations, main);
        if (sequence.isEmpty()) {
            return Optional.of(candidate(main, ways.combined(WayCatalog.of(Role.NOTHING))));
        }
        Combination combined = ways.combined(sequence);
        boolean idle = combined.steps().stream().anyMatch(step -> step.fit() == Suitability.NO_NEED);
        return idle ? Optional.empty() : Optional.of(candidate(main, combined));
    }

    private Candidate candidate(List<Way> main, Combination combined) {
        Setup after = combined.predicted().map(StrungSetup::setup).orElse(measured);
        Optional<Finding> refused = Candidate.refusal(combined);
        return new Candidate(
                main,
                combined,
                refused,
                gates.between(measured, after, combined.ways()),
                combined.reaches(),
                context.keepsAims(after),
                Lazy.of(() -> refused.isPresent() ? 1 : chance.out(after, combined.ways())),
                affordable(combined),
                context.off(after),
                Candidate.invasivenessOf(main, combined),
                left(after));
    }

    /**
     * Returns whether it costs no more than the instrument is worth, as far as that is known; or whether money does
     * not matter.
     */
    private boolean affordable(Combination combined) {
        return context.moneyIsNotAsked() || context.job().get(Lines.VALUE).orElse(Double.MAX_VALUE) >= combined.cost();
    }

    private double left(Setup after) {
        return after.protrusion()
                .map(out -> Math.min(out.bass(), out.treble())
                        - context.least(after)
                        + after.bridgeThickness().orElse(0)
                        - context.thin())
                .orElse(0.0);
    }

    private static List<Way> with(List<Way> ways, List<Way> more) {
        return Stream.concat(ways.stream(), more.stream()).toList();
    }
}
