package org.kestan.repair.proof;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.analysis.inputs.Repeatability;
import org.kestan.analysis.setup.Setup;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.expect.Expect;
import org.kestan.base.finding.Keyed;
import org.kestan.base.geometry.Angle;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.Sections;
import org.kestan.job.proof.Prediction;
import org.kestan.job.proof.Prediction.Predicted;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.VisitRole;
import org.kestan.job.visits.Visit;
import org.kestan.judgment.advice.Ways;
import org.kestan.repair.plan.WorkPlan;
import org.kestan.repair.steps.Step;
import org.kestan.repair.steps.StepVisit;

/**
 * The result of a job compared with its prediction.
 *
 * @param before the visit the plan was made from
 * @param after the visit that proves the work; empty until something is read
 * @param prediction what was predicted; empty if nothing was planned
 * @param asMade whether it was saved at the time, rather than worked out afterward
 * @param lines the readings that were compared
 */
public record Proof(
        Visit before, Optional<Visit> after, Optional<Prediction> prediction, boolean asMade, List<Row> lines) {

    /** The readings that matter, the most important first. */
    public static final List<Reading> TELLING = List.of(
            Reading.ACTION_BASS,
            Reading.ACTION_TREBLE,
            Reading.RELIEF,
            Reading.PROJECTION_STRUNG,
            Reading.SADDLE_BASS,
            Reading.SADDLE_TREBLE,
            Reading.BRIDGE_THICKNESS,
            Reading.BRIDGE_HEIGHT,
            Reading.NUT_BASS,
            Reading.NUT_TREBLE,
            Reading.PROJECTION_SLACK);

    /** About 95 % of a normal distribution. */
    private static final double COVERAGE = 2;

    /** From this difference in humidity on, in points, wood moves enough to be read. From memory. */
    private static final double DAMPER = 10;

    /** An explanation of less than this of a miss does not count, mm. */
    private static final double TELLS = 0.02;

    /** Takes an unmodifiable copy. */
    public Proof {
        lines = List.copyOf(lines);
    }

    /**
     * One reading.
     *
     * @param reading the reading
     * @param before mm; empty if it was not read
     * @param predicted empty if nothing was predicted of it
     * @param after mm; empty as long as it was not read
     * @param within combined half-width of prediction and reading, about 95 %, mm
     */
    public record Row(
            Reading reading,
            OptionalDouble before,
            Optional<Predicted> predicted,
            OptionalDouble after,
            double within) {

        /** Returns how far the result is above the prediction, mm. */
        public OptionalDouble miss() {
            return predicted.isPresent() && after.isPresent()
                    ? OptionalDouble.of(after.getAsDouble() - predicted.get().value())
                    : OptionalDouble.empty();
        }

        /** Returns whether the difference is larger than both uncertainties allow. */
        public boolean isMiss() {
            return miss().isPresent() && Math.abs(miss().getAsDouble()) > within + 1e-9;
        }

        /** Returns the change in percent of the value before; empty if that was zero. */
        public OptionalDouble percent() {
            return before.isPresent() && after.isPresent() && Math.abs(before.getAsDouble()) > 1e-6
                    ? OptionalDouble.of((after.getAsDouble() / before.getAsDouble() - 1) * 100)
                    : OptionalDouble.empty();
        }
    }

    /** The possible causes of a miss of the action. */
    public enum Cause implements Keyed {
        RELIEF,
        NUT,
        SINK,
        NECK_SET,
        SADDLE,
        REST;

        @Override
        public String key() {
            return Keyed.kebab(this);
        }
    }

    /**
     * A share of a miss.
     *
     * @param cause what explains it
     * @param action how much of the miss of the action, each side, mm
     */
    public record Share(Cause cause, Sides<Double> action) {}

    /** Compares a job's work with its prediction. */
    public static Proof of(Ways ways, LocalDate today) {
        Job job = ways.about().job();
        ShopStandards shop = ways.about().shop();
        Job planned = planned(job);
        Optional<Visit> after = after(job, today);
        Optional<Prediction> kept = job.section(Sections.PREDICTION);
        Optional<Prediction> prediction = kept.or(() -> PredictionMaker.of(plan(ways), Map.of(), today));
        List<Row> lines = new ArrayList<>();
        for (Reading reading : TELLING) {
            Optional<Predicted> predicted =
                    prediction.map(each -> each.predicted().get(reading));
            OptionalDouble came = after.map(visit -> visit.millimeters(reading)).orElse(OptionalDouble.empty());
            if (reading == Reading.PROJECTION_SLACK && came.isEmpty()) {
                came = StepVisit.of(job, Step.Into.DRY_FIT, today).millimeters(reading);
            }
            if (job.takes(reading) && (predicted.isPresent() || came.isPresent())) {
                double reads = after.map(visit -> COVERAGE * Repeatability.standard(visit, reading, shop))
                        .orElse(0.0);
                lines.add(new Row(
                        reading,
                        planned.visit().millimeters(reading),
                        predicted,
                        came,
                        Math.hypot(reads, predicted.map(Predicted::within).orElse(0.0))));
            }
        }
        return new Proof(planned.visit(), after, prediction, kept.isPresent(), lines);
    }

    /**
     * Relative humidity at both readings.
     *
     * @param before percent
     * @param after percent
     */
    public record Humidity(double before, double after) {}

    /** Returns the humidity if it differs from before by so much that wood moves; empty unless both were read. */
    public Optional<Humidity> humidity() {
        return before.get(Lines.HUMIDITY)
                .flatMap(then ->
                        after.flatMap(visit -> visit.get(Lines.HUMIDITY)).map(now -> new Humidity(then, now)))
                .filter(each -> Math.abs(each.after() - each.before()) >= DAMPER);
    }

    /** The job with the visit that the plan was made from on its sheet. */
    private static Job planned(Job job) {
        if (!isStrung(job.visit())) {
            return job;
        }
        return job.otherVisits().stream()
                .filter(visit -> !isStrung(visit))
                .reduce((one, other) -> other)
                .map(job::withVisit)
                .orElse(job);
    }

    private static boolean isStrung(Visit visit) {
        return visit.get(Lines.ROLE).filter(VisitRole.STRUNG::equals).isPresent();
    }

    private static Optional<Visit> after(Job job, LocalDate today) {
        Visit visit = isStrung(job.visit()) ? job.visit() : StepVisit.of(job, Step.Into.AFTER, today);
        // A visit that only records where the tool was is not a reading yet.
        return Optional.of(visit).filter(each -> TELLING.stream().anyMatch(each.readings()::contains));
    }

    /** The work as planned, from the visit before it. */
    private static WorkPlan plan(Ways ways) {
        Job job = ways.about().job();
        Job planned = planned(job);
        return WorkPlan.of(
                planned == job
                        ? ways
                        : Ways.of(SheetAnalysis.of(planned, ways.about().shop())));
    }

    /**
     * Explains the miss of the action: the planned values are replaced by the readings, one term after the other, and
     * each gets the share by which it moves the action. What no term explains is the rest, due to the readings
     * themselves.
     *
     * @param ways the ways that were predicted
     * @return empty if the action was not both predicted and read, or the plan can no longer be worked out
     */
    public List<Share> explain(Ways ways, LocalDate today) {
        Sides<OptionalDouble> misses = new Sides<>(miss(Reading.ACTION_BASS), miss(Reading.ACTION_TREBLE));
        if (misses.bass().isEmpty() || misses.treble().isEmpty()) {
            return List.of();
        }
        Optional<Setup> planned = plan(ways).planned();
        if (planned.isEmpty()) {
            return List.of();
        }
        Visit after = after().orElseThrow(Expect.present("readings after the work"));
        List<Share> shares = new ArrayList<>();
        Setup now = planned.get();
        OptionalDouble relief = after.millimeters(Reading.RELIEF);
        if (relief.isPresent()) {
            now = add(shares, Cause.RELIEF, now, now.afterRelief(relief.getAsDouble()));
        }
        OptionalDouble bass = after.millimeters(Reading.NUT_BASS);
        OptionalDouble treble = after.millimeters(Reading.NUT_TREBLE);
        if (bass.isPresent() && treble.isPresent()) {
            // Over fret 1 the string also moves with the saddle; only the nut's own error counts.
            Sides<Double> nut = now.nut()
                    .with(
                            new Sides<>(
                                    miss(Reading.NUT_BASS).orElse(0),
                                    miss(Reading.NUT_TREBLE).orElse(0)),
                            Double::sum);
            now = add(shares, Cause.NUT, now, now.afterNut(nut));
        }
        now = projection(ways.about().job(), today, shares, now);
        OptionalDouble saddleBass = miss(Reading.SADDLE_BASS);
        OptionalDouble saddleTreble = miss(Reading.SADDLE_TREBLE);
        OptionalDouble bridge = miss(Reading.BRIDGE_THICKNESS).isPresent()
                ? miss(Reading.BRIDGE_THICKNESS)
                : miss(Reading.BRIDGE_HEIGHT);
        if (saddleBass.isPresent() && saddleTreble.isPresent() || bridge.isPresent()) {
            Sides<Double> rise =
                    new Sides<>(saddleBass.orElse(0) + bridge.orElse(0), saddleTreble.orElse(0) + bridge.orElse(0));
            now = add(shares, Cause.SADDLE, now, now.afterSaddleRaised(rise));
        }
        Sides<Double> explained = now.action().with(planned.get().action(), (is, was) -> is - was);
        Sides<Double> rest = misses.map(OptionalDouble::getAsDouble).with(explained, (miss, known) -> miss - known);
        shares.add(new Share(Cause.REST, rest));
        return shares.stream()
                .filter(share -> Math.max(
                                Math.abs(share.action().bass()),
                                Math.abs(share.action().treble()))
                        >= TELLS)
                .toList();
    }

    /** The error shown by the straightedge: by the sink if the dry fit was read, otherwise by how the neck was set. */
    private Setup projection(Job job, LocalDate today, List<Share> shares, Setup now) {
        OptionalDouble strung = miss(Reading.PROJECTION_STRUNG);
        if (strung.isEmpty()) {
            return now;
        }
        double distance = now.basis().jointToSaddle();
        OptionalDouble slack = miss(Reading.PROJECTION_SLACK);
        double set = slack.orElse(0);
        Setup next = now;
        if (slack.isPresent() && Math.abs(set) > 0) {
            next = add(shares, Cause.NECK_SET, next, next.afterNeckTurned(turn(set, distance)));
        }
        return add(shares, Cause.SINK, next, next.afterNeckTurned(turn(strung.getAsDouble() - set, distance)));
    }

    /** A lower fret line at the bridge means that the neck came forward. */
    private static Angle turn(double higher, double distance) {
        return Angle.ofRadians(Math.atan(higher / distance));
    }

    private static Setup add(List<Share> shares, Cause cause, Setup from, Setup to) {
        shares.add(new Share(cause, to.action().with(from.action(), (is, was) -> is - was)));
        return to;
    }

    private OptionalDouble miss(Reading reading) {
        return lines.stream()
                .filter(line -> line.reading() == reading)
                .findFirst()
                .map(Row::miss)
                .orElse(OptionalDouble.empty());
    }

    /**
     * Returns how much the body folded in the end, mm at the saddle; empty unless dry fit and strung were both read.
     */
    public OptionalDouble sink(Job job, LocalDate today) {
        OptionalDouble slack = StepVisit.of(job, Step.Into.DRY_FIT, today).millimeters(Reading.PROJECTION_SLACK);
        OptionalDouble own =
                after.map(visit -> visit.millimeters(Reading.PROJECTION_SLACK)).orElse(OptionalDouble.empty());
        OptionalDouble strung =
                after.map(visit -> visit.millimeters(Reading.PROJECTION_STRUNG)).orElse(OptionalDouble.empty());
        OptionalDouble before = own.isPresent() ? own : slack;
        return before.isPresent() && strung.isPresent()
                ? OptionalDouble.of(before.getAsDouble() - strung.getAsDouble())
                : OptionalDouble.empty();
    }

    /** The setup as read after the work, with readings not taken again as before; empty if it can't be worked out. */
    public Optional<Setup> strung(Job job, ShopStandards shop) {
        return after.flatMap(visit -> {
            Visit whole = before;
            for (Reading reading : visit.readings()) {
                whole = whole.with(reading, visit.get(reading).orElseThrow(Expect.present("reading")));
            }
            return SheetAnalysis.of(job.withVisit(whole), shop).measured();
        });
    }

    /** Returns whether any prediction was missed. */
    public boolean misses() {
        return lines.stream().anyMatch(Row::isMiss);
    }
}
