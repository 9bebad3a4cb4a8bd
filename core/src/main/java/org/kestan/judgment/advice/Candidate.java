package org.kestan.judgment.advice;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.kestan.analysis.loads.StrungSetup;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.finding.Finding;
import org.kestan.base.lazy.Lazy;
import org.kestan.judgment.way.Effect;
import org.kestan.judgment.way.Role;
import org.kestan.judgment.way.Suitability;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.way.WayKind;
import org.kestan.judgment.ways.WayCatalog;

/**
 * A sequence of ways that was tried, and its result.
 *
 * @param main the ways beside relief and nut that make it what it is; none if those alone are tried
 * @param combined all of it together
 * @param refused why one of its steps does not suit this instrument; empty if all suit
 * @param gates what it does to the gates that can stop
 * @param reaches whether the target action is reached
 * @param asAimed whether all else that the job aims at is kept
 * @param outOfTolerance the chance that the action ends out of tolerance, 0 to 1; worked out where it is asked for
 * @param affordable whether it costs no more than the instrument is worth
 * @param off how far the action then is from the one wanted, mm
 * @param invasiveness its kind, and within it the place of its weightiest step among the ways, least invasive first
 * @param left what is left of saddle and bridge over the shop's least, mm
 */
record Candidate(
        List<Way> main,
        Combination combined,
        Optional<Finding> refused,
        StoppedGates.Change gates,
        boolean reaches,
        boolean asAimed,
        Lazy<Double> outOfTolerance,
        boolean affordable,
        double off,
        int invasiveness,
        double left) {

    /** Allowed, sound afterward, least invasive, cheapest, most left: in that order (§6). */
    static final Comparator<Candidate> BEST = Comparator.comparing((Candidate each) -> !each.allowed())
            .thenComparing(each -> !each.gates().sound())
            .thenComparing(Candidate::invasiveness)
            .thenComparing(each -> each.combined().cost())
            .thenComparing(each -> -each.left());

    boolean allowed() {
        return refused.isEmpty() && affordable;
    }

    /** Is allowed and makes no gate worse, whether or not it reaches the target. */
    boolean acceptable() {
        return allowed() && gates.sound();
    }

    /** Reaches the target, is allowed, and makes no gate worse. */
    boolean answers() {
        return reaches && asAimed && acceptable();
    }

    /** The chance of missing the target, 0 to 1. */
    double misses() {
        return asAimed ? outOfTolerance.get() : 1;
    }

    /** How heavy it is; empty if it leaves the instrument alone. */
    Optional<WayKind> kind() {
        return leaves() ? Optional.empty() : Optional.of(combined.kind());
    }

    List<Way> ways() {
        return combined.ways();
    }

    /** Its ways besides relief, nut and finishing ways: two sequences that differ only in these are the same answer. */
    List<Way> core() {
        return main.stream().filter(way -> way.role() != Role.FINISH).toList();
    }

    Optional<Setup> after() {
        return combined.predicted().map(StrungSetup::setup);
    }

    /** How invasive ways taken as a combination are; see the parameter of that name. */
    static int invasivenessOf(List<Way> main, Combination combined) {
        int weightiest = main.stream().mapToInt(WayCatalog.ALL::indexOf).max().orElse(0);
        return weightiest + combined.kind().ordinal() * WayCatalog.ALL.size();
    }

    /** Returns whether it leaves the instrument alone. */
    boolean leaves() {
        return ways().stream().allMatch(way -> way.role() == Role.NOTHING);
    }

    /** Returns whether one of its ways is for instruments on which nothing better is worth its price. */
    boolean lastResort() {
        return main.stream().anyMatch(way -> way.has(Effect.LAST_RESORT));
    }

    /** The cost of all of its steps, including refused ones. */
    double wholeCost() {
        return combined.steps().stream()
                .mapToDouble(each -> each.price().cost())
                .sum();
    }

    /** Why its first refused step is refused. */
    static Optional<Finding> refusal(Combination combined) {
        return combined.steps().stream()
                .filter(step -> step.fit() == Suitability.NOT_FOR_THIS_ONE || step.fit() == Suitability.UNKNOWN)
                .map(step -> step.reasons().get(0))
                .findFirst();
    }
}
