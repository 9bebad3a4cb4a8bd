package org.kestan.judgment.counter;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.expect.Expect;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Dimension;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.TrussRod;
import org.kestan.judgment.advice.Recommendation;
import org.kestan.judgment.advice.Ways;
import org.kestan.judgment.verdict.Gate;
import org.kestan.judgment.verdict.Verdict;
import org.kestan.judgment.way.Way;

/**
 * The answer at the counter.
 *
 * @param gates the gates for what was read; unknown if nothing was
 * @param likely what the shop would most likely do; no ways until enough was read
 * @param cases how many plausible instruments agree with it
 * @param of how many were tried
 * @param settle the one further thing to find out that would settle the most; empty if nothing would
 * @param assumed the assumptions
 */
public record CounterCheck(
        List<Gate> gates, Recommendation likely, int cases, int of, Optional<Settle> settle, List<Finding> assumed) {

    private static final double EVEN = 0.5;
    private static final double SURE = 0.9;

    /**
     * Something to find out.
     *
     * @param what what it is
     * @param cases how many of the plausible instruments would on average agree once it is known, of the same total
     */
    public record Settle(Finding what, double cases) {}

    /** An unknown, with the values it may have. */
    private record Unknown(CounterFinding what, List<UnaryOperator<Job>> values) {}

    /** One plausible instrument: its value for each unknown, and the recommendation for it. */
    private record Trial(List<Integer> values, Recommendation answer) {

        /** The most important part of the answer: its last way. */
        Optional<Way> weightiest() {
            List<Way> ways = answer.ways();
            return ways.isEmpty() ? Optional.empty() : Optional.of(ways.get(ways.size() - 1));
        }
    }

    /** Takes unmodifiable copies. */
    public CounterCheck {
        gates = List.copyOf(gates);
        assumed = List.copyOf(assumed);
    }

    /** How certain the answer is. */
    public Finding confidence() {
        if (likely.ways().isEmpty()) {
            return CounterFinding.NOTHING_TO_GO_BY.of();
        }
        double share = (double) cases / of;
        CounterFinding sure = cases == of
                ? CounterFinding.SETTLED
                : share >= SURE
                        ? CounterFinding.ALMOST_SURE
                        : share > EVEN ? CounterFinding.LIKELY : CounterFinding.OPEN;
        return sure.of(Quantity.count(cases), Quantity.count(of));
    }

    /** Checks an instrument with the few readings there are. */
    public static CounterCheck of(Job read, ShopStandards shop) {
        List<Finding> assumed = new ArrayList<>();
        Job job = filled(read, shop, assumed);
        List<Unknown> unknowns = unknowns(job, shop);
        List<Trial> trials = new ArrayList<>();
        tryAll(job, unknowns, List.of(), shop, trials);
        Map<Optional<Way>, List<Trial>> byAnswer = byAnswer(trials);
        List<Trial> most = largest(byAnswer);
        Recommendation likely = shortest(most);
        return new CounterCheck(
                Verdict.of(SheetAnalysis.of(job, shop), likely.sought()),
                likely,
                most.size(),
                trials.size(),
                likely.ways().isEmpty() ? Optional.empty() : settle(unknowns, trials, most.size()),
                assumed);
    }

    /** What nobody measures at a counter: scale and joint fret. */
    private static Job filled(Job read, ShopStandards shop, List<Finding> assumed) {
        Job job = read;
        if (job.get(Dimension.SCALE).isEmpty()) {
            String text = shop.text(Standard.COUNTER_SCALE);
            job = job.with(Dimension.SCALE, Length.ofText(text));
            assumed.add(CounterFinding.SCALE.of(Quantity.text(text)));
        }
        if (job.jointFret().isEmpty()) {
            int fret = (int) shop.get(Standard.COUNTER_JOINT_FRET);
            job = job.with(Lines.JOINT_FRET, fret);
            assumed.add(CounterFinding.JOINT_AT.of(new Quantity.Fret(fret)));
        }
        return job;
    }

    private static List<Unknown> unknowns(Job job, ShopStandards shop) {
        List<Unknown> unknowns = new ArrayList<>();
        if (!job.visit().knowsRelief()) {
            double right = (shop.get(Standard.RELIEF_LEAST) + shop.get(Standard.RELIEF_MOST)) / 2;
            double most = shop.get(Standard.COUNTER_RELIEF_MOST);
            unknowns.add(new Unknown(
                    CounterFinding.THE_RELIEF,
                    List.of(
                            put(Reading.RELIEF, 0),
                            put(Reading.RELIEF, right),
                            put(Reading.RELIEF, (right + most) / 2),
                            put(Reading.RELIEF, most))));
        }
        if (job.get(Reading.NUT_BASS).isEmpty() && job.get(Reading.NUT_TREBLE).isEmpty()) {
            unknowns.add(new Unknown(
                    CounterFinding.THE_NUT,
                    List.of(
                            nut(shop.get(Standard.COUNTER_NUT_LEAST)),
                            nut(shop.get(Standard.NUT_HEIGHT)),
                            nut(shop.get(Standard.COUNTER_NUT_MOST)))));
        }
        if (job.get(Lines.TRUSS_ROD).isEmpty()) {
            unknowns.add(new Unknown(CounterFinding.THE_ROD, List.of(rod(TrussRod.WORKS), rod(TrussRod.DEAD))));
        }
        if (job.get(Lines.VALUE).isEmpty()) {
            double cost = shop.cost(ShopStandards.RESET);
            unknowns.add(new Unknown(CounterFinding.THE_WORTH, List.of(value(cost * 4), value(cost / 2))));
        }
        return unknowns;
    }

    private static UnaryOperator<Job> put(Reading reading, double millimeters) {
        return job -> job.with(reading, Length.exact(millimeters));
    }

    private static UnaryOperator<Job> nut(double millimeters) {
        return job -> put(Reading.NUT_BASS, millimeters)
                .andThen(put(Reading.NUT_TREBLE, millimeters))
                .apply(job);
    }

    private static UnaryOperator<Job> rod(TrussRod state) {
        return job -> job.with(Lines.TRUSS_ROD, state);
    }

    private static UnaryOperator<Job> value(double value) {
        return job -> job.with(Lines.VALUE, value);
    }

    private static void tryAll(
            Job job, List<Unknown> unknowns, List<Integer> chosen, ShopStandards shop, List<Trial> trials) {
        if (chosen.size() == unknowns.size()) {
            trials.add(new Trial(chosen, Recommendation.of(Ways.of(SheetAnalysis.of(job, shop)))));
            return;
        }
        List<UnaryOperator<Job>> values = unknowns.get(chosen.size()).values();
        for (int i = 0; i < values.size(); i++) {
            List<Integer> next = new ArrayList<>(chosen);
            next.add(i);
            tryAll(values.get(i).apply(job), unknowns, List.copyOf(next), shop, trials);
        }
    }

    private static Map<Optional<Way>, List<Trial>> byAnswer(List<Trial> trials) {
        Map<Optional<Way>, List<Trial>> byAnswer = new LinkedHashMap<>();
        trials.forEach(trial -> byAnswer.computeIfAbsent(trial.weightiest(), none -> new ArrayList<>())
                .add(trial));
        return byAnswer;
    }

    private static List<Trial> largest(Map<Optional<Way>, List<Trial>> byAnswer) {
        return byAnswer.values().stream()
                .max(Comparator.comparingInt(List::size))
                .orElseThrow(Expect.present("at least one"));
    }

    private static Recommendation shortest(List<Trial> trials) {
        return trials.stream()
                .map(Trial::answer)
                .min(Comparator.comparingInt(answer -> answer.ways().size()))
                .orElseThrow(Expect.present("value"));
    }

    /** The unknown whose value, once known, leaves the most plausible instruments in agreement on average. */
    private static Optional<Settle> settle(List<Unknown> unknowns, List<Trial> trials, int now) {
        Optional<Settle> best = Optional.empty();
        double most = now;
        for (int i = 0; i < unknowns.size(); i++) {
            Map<Integer, List<Trial>> byValue = new HashMap<>();
            for (Trial trial : trials) {
                byValue.computeIfAbsent(trial.values().get(i), none -> new ArrayList<>())
                        .add(trial);
            }
            double agreeing = byValue.values().stream()
                    .mapToInt(slice -> largest(byAnswer(slice)).size())
                    .sum();
            if (agreeing > most) {
                most = agreeing;
                best = Optional.of(new Settle(unknowns.get(i).what().of(), agreeing));
            }
        }
        return best;
    }
}
