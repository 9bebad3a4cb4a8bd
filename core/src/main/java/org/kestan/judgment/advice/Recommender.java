package org.kestan.judgment.advice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.base.standards.Standard;
import org.kestan.job.terms.Lines;
import org.kestan.judgment.way.JudgmentContext;
import org.kestan.judgment.way.Role;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.way.WayKind;
import org.kestan.judgment.ways.WayCatalog;

/** Finds the recommendation: the best of the sequences tried, by the rules of §6, with the reasons. */
final class Recommender {

    private static final int RUNNERS_UP = 2;

    /** Two chances closer together than this are equal. */
    private static final double SAME_CHANCE = 0.01;

    private final Ways ways;
    private final JudgmentContext about;
    private final boolean saysWhy;

    /**
     * @param saysWhy whether reasons, runners-up and price are worked out too; not when only the answer is wanted, many
     *     times over
     */
    Recommender(Ways ways, boolean saysWhy) {
        this.ways = ways;
        this.saysWhy = saysWhy;
        about = ways.about();
    }

    Recommendation recommend() {
        List<Way> first = WayCatalog.of(Role.FIRST).stream()
                .filter(way -> way.comesFirst(about))
                .toList();
        if (!first.isEmpty()) {
            return Recommendation.of(first, AdviceFinding.BEFORE_ANYTHING.of()).seeking(ways.combined(first));
        }
        if (about.bearsTension() && about.job().get(Lines.STEPS_DOWN).orElse(0) > 0) {
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
        Recommendation answer = answer(tried, measured);
        if (!saysWhy) {
            return answer;
        }
        return new Choice(
                        tried,
                        measured,
                        each -> each.refused().isEmpty() && each.gates().sound())
                .best()
                .map(best -> answer.seeking(best.combined()))
                .orElse(answer);
    }

    private Recommendation answer(List<Candidate> tried, Setup measured) {
        Choice choice = new Choice(tried, measured, Candidate::acceptable);
        return choice.best()
                .map(best -> new Recommendation(
                        best.ways(),
                        reasons(best, choice),
                        runnersUp(tried, best, choice),
                        choice.odds(best.kind()),
                        Optional.empty()))
                .orElseGet(() -> partWay(tried, measured, choice));
    }

    /** The sequence to take of those tried: lighter kinds until it is certain enough that they are not enough (§6). */
    private final class Choice {

        private final List<Candidate> tried;
        private final Predicate<Candidate> acceptable;
        private final double leaving;
        private final Map<WayKind, Double> misses = new EnumMap<>(WayKind.class);

        Choice(List<Candidate> tried, Setup measured, Predicate<Candidate> acceptable) {
            this.tried = tried;
            this.acceptable = acceptable;
            this.leaving = about.neckComesOff()
                    ? 1
                    : about.keepsAims(measured) ? ways.chance().out(measured, List.of()) : 1;
        }

        /**
         * The smallest chance with which something lighter than a kind misses the target, including leaving it alone.
         */
        double lighterMiss(WayKind kind) {
            return misses.computeIfAbsent(kind, this::leastMiss);
        }

        private double leastMiss(WayKind kind) {
            return tried.stream()
                    .filter(acceptable)
                    .filter(each ->
                            each.kind().filter(own -> own.compareTo(kind) < 0).isPresent())
                    .mapToDouble(Candidate::misses)
                    .reduce(leaving, Math::min);
        }

        boolean justified(Candidate each) {
            return each.kind()
                    .map(kind -> kind == WayKind.REVERSIBLE || lighterMiss(kind) >= about.shop(kind.needs()))
                    .orElse(true);
        }

        /** Empty if nothing that may be taken reaches the target. */
        Optional<Candidate> best() {
            List<Candidate> reaching = tried.stream()
                    .filter(each -> acceptable.test(each) && each.reaches() && each.asAimed())
                    .toList();
            // A right action stays as it is; if relief or nut have to be set first, more may be needed.
            Optional<Candidate> left =
                    reaching.stream().filter(Candidate::leaves).findFirst();
            if (left.isPresent() && !about.neckComesOff()) {
                return left;
            }
            return reaching.stream()
                    .filter(this::justified)
                    .findFirst()
                    .or(() -> reaching.isEmpty() ? Optional.empty() : nearest())
                    // If it can't be left alone and nothing is light enough, whatever reaches the target is done.
                    .or(() -> reaching.stream().findFirst());
        }

        /** The best of everything that is light enough, though it may well miss the target. */
        private Optional<Candidate> nearest() {
            return tried.stream()
                    .filter(acceptable.or(Candidate::leaves))
                    .filter(this::justified)
                    .min(Comparator.comparingDouble((Candidate each) -> Math.rint(each.misses() / SAME_CHANCE))
                            .thenComparing(Candidate.BEST));
        }

        /** How certain it is that nothing lighter than a kind is enough, and how certain it has to be. */
        Finding unsure(AdviceFinding said, WayKind kind) {
            return said.of(
                    new Quantity.Percent(lighterMiss(kind) * 100),
                    new Quantity.Percent(about.shop(kind.needs()) * 100));
        }

        Odds odds(Optional<WayKind> chosen) {
            Map<WayKind, Double> least = new EnumMap<>(WayKind.class);
            for (WayKind kind : WayKind.values()) {
                least.put(kind, lighterMiss(kind));
            }
            return new Odds(chosen, least);
        }
    }

    private List<Finding> reasons(Candidate best, Choice choice) {
        List<Finding> reasons = new ArrayList<>();
        if (!saysWhy) {
            return reasons;
        }
        if (!best.reaches()) {
            reasons.add(tooUnsure(choice));
            reasons.addAll(stillAtStop(best));
            return reasons;
        }
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
        if (about.neckComesOff()) {
            reasons.add(AdviceFinding.LOOSE_COMES_OFF.of());
        }
        reasons.addAll(stillAtStop(best));
        return reasons;
    }

    /** It may well be right as it is, so it is not certain enough that more is needed. */
    private Finding tooUnsure(Choice choice) {
        WayKind kind = choice.tried.stream()
                .filter(each -> each.answers() && !choice.justified(each))
                .flatMap(each -> each.kind().stream())
                .min(Comparator.naturalOrder())
                .orElse(WayKind.HEAVY);
        return choice.unsure(AdviceFinding.TOO_UNSURE, kind);
    }

    /** Gates that stay at stop although they got no worse, with the ways that would fix them. */
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

    /** The closest others: those that would do as well first, each with the one reason it was not chosen. */
    private List<RunnerUp> runnersUp(List<Candidate> tried, Candidate best, Choice choice) {
        if (!saysWhy) {
            return List.of();
        }
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
                        runners.add(new RunnerUp(each.ways(), whyNot(each, best, choice), each.wholeCost()));
                    }
                });
        return runners;
    }

    /** A refused sequence is worth naming if the refused step would lead somewhere on another instrument. */
    private boolean anyWay(Candidate each) {
        return each.main().stream().allMatch(way -> ways.of(way).predicted().isPresent());
    }

    private Finding whyNot(Candidate other, Candidate best, Choice choice) {
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
            return AdviceFinding.MISSES_ANOTHER_AIM.of();
        }
        if (other.gates().worsened().isPresent()) {
            return AdviceFinding.LEAVES_AT_STOP.of(
                    Quantity.term(other.gates().worsened().get()));
        }
        if (!choice.justified(other)) {
            return choice.unsure(
                    AdviceFinding.NOT_SURE_IT_IS_NEEDED, other.combined().kind());
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
     * Nothing reaches the target: recommend what gives a good part for a small share of the value, or else leave it,
     * and say what it would take.
     */
    private Recommendation partWay(List<Candidate> tried, Setup measured, Choice choice) {
        double off = about.off(measured);
        double value = about.job().get(Lines.VALUE).orElse(Double.MAX_VALUE);
        Optional<Candidate> part = tried.stream()
                .filter(each -> each.acceptable() && choice.justified(each))
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
                new Quantity.Said(whyNot(each, best, choice)))));
        List<Way> taken = part.map(Candidate::ways).orElseGet(() -> WayCatalog.of(Role.NOTHING));
        Odds odds = choice.odds(part.flatMap(Candidate::kind));
        return new Recommendation(taken, reasons, runnersUp(tried, best, choice), odds, Optional.empty());
    }
}
