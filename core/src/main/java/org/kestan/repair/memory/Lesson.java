package org.kestan.repair.memory;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BiFunction;
import java.util.stream.Stream;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.InstrumentKind;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.Sections;
import org.kestan.job.bench.DiaryEntry;
import org.kestan.job.bench.HeelEntry;
import org.kestan.job.bench.StepMark;
import org.kestan.job.bench.WaitKind;
import org.kestan.job.proof.Prediction;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.VisitRole;
import org.kestan.job.visits.Visit;
import org.kestan.judgment.ways.WayCatalog;
import org.kestan.repair.heat.FirstKnife;
import org.kestan.repair.heel.HeelGoal;
import org.kestan.repair.plan.WorkPlan;
import org.kestan.repair.proof.Proof;

/**
 * What one job teaches.
 *
 * @param kind what kind of instrument it is
 * @param sink how far the body folds, as read, mm; empty if it was not read both ways
 * @param miss how much more action came than was predicted, mean of the sides, mm; empty without prediction and proof
 * @param ways the ways of the work, their keys joined by {@code +}; empty for none
 * @param hours hours at the bench; empty if no diary tells
 * @param estimated hours by the shop's standards for these ways; empty for none
 * @param rates what a pull took off the cap by grit, mm
 * @param heat how many times the computed minutes the glue under a heated board took to let go; empty if none was
 *     heated
 * @param finished the day it was signed off, else that of the proof; empty as long as the work is not done
 * @param back the day of the first visit after that; empty for none
 * @param release hours from the first heat to the drawn neck; empty if no joint was released
 * @param promised the day it was promised for; empty if it was not
 * @param hands minutes each step took by the diary, by the step's id
 */
public record Lesson(
        InstrumentKind kind,
        OptionalDouble sink,
        OptionalDouble miss,
        String ways,
        OptionalDouble hours,
        OptionalDouble estimated,
        Map<Integer, Double> rates,
        OptionalDouble release,
        OptionalDouble heat,
        Optional<LocalDate> finished,
        Optional<LocalDate> back,
        Optional<LocalDate> promised,
        Map<String, Double> hands) {

    /** Two lines of the diary farther apart than this have a break between them. Common practice, no source. */
    private static final Duration BREAK = Duration.ofMinutes(90);

    private static final List<String> RELEASING = List.of("reset-steam", "reset-dry-heat", "reset-vinegar");
    private static final Map<String, BiFunction<Job, ShopStandards, Optional<FirstKnife>>> HEATED = Map.of(
            "reset-extension", FirstKnife::underFretboard,
            "bolt-off", FirstKnife::underFretboard,
            "reglue-off", FirstKnife::underBridge);

    private static final double SECONDS = 60;

    /**
     * A wait that took less than this share of the computed time, or more than this multiple of it, was not ended when
     * the glue let go.
     */
    private static final double LEAST_SHARE = 0.2;

    private static final String DRAWN = "reset-jig";

    /** Takes unmodifiable copies. */
    public Lesson {
        rates = Map.copyOf(rates);
        hands = Map.copyOf(hands);
    }

    /** Learns from a job, its plan and its proof. */
    public static Lesson of(Job job, ShopStandards shop, WorkPlan plan, Proof proof) {
        Optional<Prediction> kept = job.section(Sections.PREDICTION);
        List<String> ways = kept.map(Prediction::ways).orElse(job.section(Sections.WAYS));
        return new Lesson(
                job.kind(),
                sink(job, proof),
                proof.asMade() ? miss(proof) : OptionalDouble.empty(),
                String.join("+", ways),
                hours(job),
                estimated(ways, shop),
                rates(job, plan),
                release(job),
                heat(job, plan),
                finished(job, proof),
                finished(job, proof).flatMap(day -> back(job, day)),
                job.section(Sections.PROMISE).get(Lines.PROMISED_ON),
                hands(job));
    }

    private static OptionalDouble estimated(List<String> ways, ShopStandards shop) {
        double hours = ways.stream()
                .flatMap(key -> WayCatalog.find(key).stream())
                .mapToDouble(way -> shop.hours(way.prices()))
                .sum();
        return hours > 0 ? OptionalDouble.of(hours) : OptionalDouble.empty();
    }

    private static Optional<LocalDate> finished(Job job, Proof proof) {
        return job.get(Lines.SIGNED_ON)
                .or(() ->
                        proof.prediction().flatMap(made -> proof.after()).flatMap(visit -> visit.get(Lines.TAKEN_ON)));
    }

    private static Optional<LocalDate> back(Job job, LocalDate finished) {
        return Stream.concat(Stream.of(job.visit()), job.otherVisits().stream())
                .filter(visit -> visit.get(Lines.ROLE)
                        .filter(VisitRole.LATER_VISIT::equals)
                        .isPresent())
                .flatMap(visit -> visit.get(Lines.TAKEN_ON).stream())
                .filter(day -> day.isAfter(finished))
                .min(LocalDate::compareTo);
    }

    /** From after the work if it was read then, or else from the sheet. */
    private static OptionalDouble sink(Job job, Proof proof) {
        OptionalDouble after = proof.sink(job, LocalDate.EPOCH);
        return after.isPresent() ? after : sink(job.visit());
    }

    private static OptionalDouble sink(Visit visit) {
        OptionalDouble slack = visit.millimeters(Reading.PROJECTION_SLACK);
        OptionalDouble strung = visit.millimeters(Reading.PROJECTION_STRUNG);
        return slack.isPresent() && strung.isPresent()
                ? OptionalDouble.of(slack.getAsDouble() - strung.getAsDouble())
                : OptionalDouble.empty();
    }

    private static OptionalDouble miss(Proof proof) {
        return proof.lines().stream()
                .filter(row -> row.reading() == Reading.ACTION_BASS || row.reading() == Reading.ACTION_TREBLE)
                .map(Proof.Row::miss)
                .filter(OptionalDouble::isPresent)
                .mapToDouble(OptionalDouble::getAsDouble)
                .average();
    }

    private static OptionalDouble hours(Job job) {
        List<DiaryEntry> diary = job.section(Sections.DIARY);
        Duration sum = Duration.ZERO;
        for (int i = 1; i < diary.size(); i++) {
            Duration gap = Duration.between(diary.get(i - 1).at(), diary.get(i).at());
            if (!gap.isNegative() && gap.compareTo(BREAK) <= 0) {
                sum = sum.plus(gap);
            }
        }
        return sum.isZero() ? OptionalDouble.empty() : OptionalDouble.of(sum.toSeconds() / 3600.0);
    }

    /** The time before a line of the diary was spent on its step, except for waits and breaks. */
    private static Map<String, Double> hands(Job job) {
        List<DiaryEntry> diary = job.section(Sections.DIARY);
        Map<String, Double> hands = new LinkedHashMap<>();
        for (int i = 1; i < diary.size(); i++) {
            DiaryEntry entry = diary.get(i);
            Duration gap = Duration.between(diary.get(i - 1).at(), entry.at());
            if (!entry.step().isEmpty()
                    && entry.what() != DiaryEntry.What.WAIT_ENDED
                    && gap.compareTo(Duration.ZERO) > 0
                    && gap.compareTo(BREAK) <= 0) {
                hands.merge(entry.step(), gap.toSeconds() / SECONDS, Double::sum);
            }
        }
        return hands;
    }

    /**
     * Between two readings with pulls of a single paper between them: the wood removed at the cap by the projection,
     * divided by the pulls.
     */
    private static Map<Integer, Double> rates(Job job, WorkPlan plan) {
        Optional<HeelGoal> goal = plan.correction().flatMap(each -> HeelGoal.of(each, job));
        Map<Integer, List<Double>> all = new LinkedHashMap<>();
        if (goal.isPresent()) {
            OptionalDouble last = OptionalDouble.empty();
            int pulls = 0;
            int grit = 0;
            boolean mixed = false;
            for (HeelEntry entry : job.section(Sections.HEEL_LOG)) {
                if (entry instanceof HeelEntry.Pulls set) {
                    mixed |= grit != 0 && grit != set.grit();
                    grit = set.grit();
                    pulls += set.pulls();
                } else if (entry instanceof HeelEntry.Read taken
                        && taken.projection().isPresent()) {
                    double read = taken.projection().get().millimeters();
                    if (last.isPresent() && pulls > 0 && !mixed) {
                        double off = goal.get().capFor(last.getAsDouble(), read) / (pulls / 2.0);
                        if (off > 0) {
                            all.computeIfAbsent(grit, each -> new ArrayList<>()).add(off);
                        }
                    }
                    last = OptionalDouble.of(read);
                    pulls = 0;
                    grit = 0;
                    mixed = false;
                }
            }
        }
        Map<Integer, Double> rates = new LinkedHashMap<>();
        all.forEach((paper, each) -> rates.put(paper, LearnedValue.median(each)));
        return rates;
    }

    /**
     * From waits that somebody ended, at the steps that heat a board: mean of the actual time divided by the computed
     * time.
     */
    private static OptionalDouble heat(Job job, WorkPlan plan) {
        double factor = plan.shop().get(Standard.HEAT_FACTOR);
        return job.section(Sections.WAITS).stream()
                .filter(wait -> wait.kind() == WaitKind.HEAT && wait.ended().isPresent())
                .flatMap(wait -> HEATED.containsKey(wait.step())
                        ? HEATED
                                .get(wait.step())
                                .apply(job, plan.shop())
                                .map(knife -> factor
                                        * Duration.between(
                                                        wait.from(),
                                                        wait.ended().get())
                                                .toSeconds()
                                        / (knife.minutes() * SECONDS))
                                .stream()
                        : Stream.empty())
                .filter(share -> share > LEAST_SHARE && share < 1 / LEAST_SHARE)
                .mapToDouble(share -> share)
                .average();
    }

    private static OptionalDouble release(Job job) {
        Optional<Instant> heated = job.section(Sections.DIARY).stream()
                .filter(entry -> RELEASING.contains(entry.step()))
                .map(DiaryEntry::at)
                .findFirst();
        Optional<Instant> drawn = job.section(Sections.STEPS).stream()
                .filter(mark -> mark.step().equals(DRAWN) && mark.state() != StepMark.State.SKIPPED)
                .map(StepMark::at)
                .findFirst();
        return heated.isPresent() && drawn.isPresent() && drawn.get().isAfter(heated.get())
                ? OptionalDouble.of(Duration.between(heated.get(), drawn.get()).toSeconds() / 3600.0)
                : OptionalDouble.empty();
    }
}
