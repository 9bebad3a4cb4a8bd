package org.kestan.judgment.advice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.base.standards.Standard;
import org.kestan.job.terms.Lines;
import org.kestan.judgment.way.JudgmentContext;
import org.kestan.judgment.way.Role;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.ways.WayCatalog;

/** Finds what the shop would do: of the sequences tried, the first by the rules of §6, with the reasons. */
final class Recommender {

    private static final int RUNNERS_UP = 2;

    private final Ways ways;
    private final JudgmentContext about;

    Recommender(Ways ways) {
        this.ways = ways;
        about = ways.about();
    }

    Recommendation recommend() {
        List<Way> first = WayCatalog.of(Role.FIRST).stream()
                .filter(way -> way.comesFirst(about))
                .toList();
        if (!first.isEmpty()) {
            return Recommendation.of(first, AdviceFinding.BEFORE_ANYTHING.of());
        }
        if (about.job().get(Lines.STEPS_DOWN).orElse(0) > 0) {
            return Recommendation.of(List.of(), AdviceFinding.TUNE_FIRST.of());
        }
        return about.measured()
                .map(this::geometry)
                .orElseGet(() -> Recommendation.of(List.of(), AdviceFinding.NOT_ENOUGH_YET.of()));
    }

    private Recommendation geometry(Setup measured) {
        List<Candidate> tried = CandidateSearch.of(ways, measured).stream()
                .sorted(Candidate.BEST)
                .toList();
        Optional<Candidate> met = about.met(measured) && !about.looseDovetail()
                ? tried.stream().filter(each -> each.main().isEmpty()).findFirst()
                : Optional.empty();
        // An action that is right stays as it is; with relief or nut to be set first, that may ask for more.
        Optional<Candidate> answer = met.filter(each -> each.leaves())
                .or(() -> tried.stream().filter(Candidate::answers).findFirst());
        return answer.map(best -> new Recommendation(best.ways(), reasons(best), runnersUp(tried, best)))
                .orElseGet(() -> partWay(tried, measured));
    }

    private List<Finding> reasons(Candidate best) {
        List<Finding> reasons = new ArrayList<>();
        JudgmentContext together = about.together(best.ways());
        reasons.add(best.main().stream()
                .filter(way -> way.role() == Role.MAIN)
                .sorted(Comparator.comparing(Way::stage))
                .flatMap(way -> way.recommendedBecause(together).stream())
                .findFirst()
                .orElseGet(() -> plainReason(best).of()));
        best.main().stream()
                .filter(way -> way.role() == Role.FINISH)
                .flatMap(way -> way.recommendedBecause(together).stream())
                .forEach(reasons::add);
        if (about.looseDovetail()) {
            reasons.add(AdviceFinding.LOOSE_COMES_OFF.of());
        }
        reasons.addAll(stillAtStop(best));
        return reasons;
    }

    /** What stays at stop though it got no worse, with the ways that would mend it. */
    private List<Finding> stillAtStop(Candidate best) {
        return best.gates().remaining().stream()
                .map(gate -> {
                    List<Quantity> mends = WayCatalog.ALL.stream()
                            .filter(way ->
                                    way.mends().contains(gate) && !best.ways().contains(way))
                            .filter(way -> ways.of(way).possible())
                            .<Quantity>map(Quantity::term)
                            .toList();
                    return mends.isEmpty()
                            ? AdviceFinding.STAYS_AT_STOP.of(Quantity.term(gate))
                            : AdviceFinding.STAYS_AT_STOP_MENDED_BY.of(
                                    Quantity.term(gate), new Quantity.Several(mends));
                })
                .toList();
    }

    private static AdviceFinding plainReason(Candidate best) {
        if (!best.main().isEmpty()) {
            return AdviceFinding.LEAST_INVASIVE;
        }
        return best.leaves() ? AdviceFinding.ALREADY_THERE : AdviceFinding.THAT_ALONE;
    }

    /** The nearest others: those that would do as well first, each with the one reason it was not chosen. */
    private List<RunnerUp> runnersUp(List<Candidate> tried, Candidate best) {
        Set<List<Way>> shown = new HashSet<>(List.of(best.core()));
        List<RunnerUp> runners = new ArrayList<>();
        tried.stream()
                .filter(each ->
                        each != best && !each.main().isEmpty() && !each.ways().equals(best.ways()))
                .sorted(Comparator.comparing((Candidate each) -> !each.answers())
                        .thenComparing(each -> !each.reaches())
                        .thenComparing(each -> each.combined().possible().isEmpty())
                        .thenComparing(Candidate::off)
                        .thenComparing(Candidate.BEST))
                .filter(each -> each.answers() || each.main().stream().noneMatch(way -> way.role() == Role.FINISH))
                .filter(each -> each.refused().isEmpty() || anyWay(each) && !each.lastResort())
                .forEach(each -> {
                    if (runners.size() < RUNNERS_UP && shown.add(each.core())) {
                        runners.add(new RunnerUp(each.ways(), whyNot(each, best), each.wholeCost()));
                    }
                });
        return runners;
    }

    /** A refused sequence is worth naming where the refused step would lead somewhere on another instrument. */
    private boolean anyWay(Candidate each) {
        return each.main().stream().allMatch(way -> ways.of(way).predicted().isPresent());
    }

    private Finding whyNot(Candidate other, Candidate best) {
        if (other.refused().isPresent()) {
            return AdviceFinding.REFUSED.of(new Quantity.Said(other.refused().get()));
        }
        if (!other.affordable()) {
            return AdviceFinding.MORE_THAN_WORTH.of(
                    new Quantity.Money(other.combined().cost()));
        }
        if (!other.reaches()) {
            return other.after()
                    .map(after -> AdviceFinding.FALLS_SHORT.of(JudgmentContext.action(after)))
                    .orElseGet(AdviceFinding.DOES_NOT_REACH::of);
        }
        if (!other.asAimed()) {
            return AdviceFinding.LOWERS_WHAT_IS_AIMED_AT.of();
        }
        if (other.gates().worsened().isPresent()) {
            return AdviceFinding.LEAVES_AT_STOP.of(
                    Quantity.term(other.gates().worsened().get()));
        }
        if (other.invasiveness() > best.invasiveness()) {
            return AdviceFinding.MORE_INVASIVE.of();
        }
        return other.combined().cost() > best.combined().cost()
                ? AdviceFinding.COSTS_MORE.of(
                        new Quantity.Money(other.combined().cost()))
                : AdviceFinding.SPENDS_MORE.of();
    }

    /**
     * Nothing reaches it: what gives a good part for a small part of the value, else leave it, and say what it would take.
     */
    private Recommendation partWay(List<Candidate> tried, Setup measured) {
        double off = about.off(measured);
        double value = about.job().get(Lines.VALUE).orElse(Double.MAX_VALUE);
        Optional<Candidate> part = tried.stream()
                .filter(each -> each.allowed() && each.gates().sound())
                .filter(each -> each.off() <= off * (1 - about.shop(Standard.PART_WAY_GAIN)))
                .filter(each -> each.combined().cost() <= value * about.shop(Standard.PART_WAY_SHARE))
                .min(Comparator.comparing(Candidate::off).thenComparing(Candidate.BEST));
        Optional<Candidate> whole =
                tried.stream().filter(each -> each.reaches() && !each.leaves()).findFirst();
        List<Finding> reasons = new ArrayList<>();
        reasons.add(part.flatMap(Candidate::after)
                .map(after -> AdviceFinding.NEAREST.of(JudgmentContext.action(after)))
                .orElseGet(AdviceFinding.NOTHING_NEARER::of));
        Candidate best = part.orElseGet(() -> tried.get(0));
        whole.ifPresent(each -> reasons.add(AdviceFinding.WOULD_TAKE.of(
                new Quantity.Several(
                        each.ways().stream().<Quantity>map(Quantity::term).toList()),
                new Quantity.Said(whyNot(each, best)))));
        List<Way> taken = part.map(Candidate::ways).orElseGet(() -> WayCatalog.of(Role.NOTHING));
        return new Recommendation(taken, reasons, runnersUp(tried, best));
    }
}
