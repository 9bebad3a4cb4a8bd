package org.kestan.files.demo;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.kestan.base.expect.Expect;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.base.standards.ShopStandards;
import org.kestan.files.job.JobFile;
import org.kestan.files.job.JobReader;
import org.kestan.files.job.JobWriter;
import org.kestan.job.Job;
import org.kestan.job.Sections;
import org.kestan.job.bench.DiaryEntry;
import org.kestan.job.bench.HeelEntry;
import org.kestan.job.bench.StepMark;
import org.kestan.job.proof.Prediction;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.VisitRole;
import org.kestan.job.tree.UnknownKeys;
import org.kestan.job.visits.Visit;
import org.kestan.job.visits.Visits;
import org.kestan.overview.JobAnalysis;
import org.kestan.repair.heel.HeelGoal;
import org.kestan.repair.plan.WorkPlan;
import org.kestan.repair.proof.PredictionMaker;
import org.kestan.repair.steps.Step;
import org.kestan.repair.steps.StepVisit;
import org.kestan.text.Wording;

/**
 * Finished jobs of the invented shop, so that its memory has something to learn from. They are made up, and the same
 * for the same seed: the instruments of the sample jobs, with some variation in how far they fold, how they turn out
 * and how long they take.
 */
public final class FinishedSamples {

    /** How many go with the sample jobs. */
    public static final int MANY = 40;

    private static final List<String> FROM = List.of(
            "large-flat-top-reset",
            "large-flat-top-reset",
            "twelve-string-shave",
            "small-flat-top-relief",
            "large-flat-top-reset",
            "plywood-student",
            "bolt-on-shim",
            "archtop-floating-bridge");

    private static final List<String> OWNERS =
            List.of("M. Quill", "the harbour choir", "T. Ambry", "O. Lark", "the ferry house", "S. Penhale", "J. Wick");

    /** How this shop differs from the standards, which memory should find. */
    private static final Map<String, Double> FOLDS = Map.of("large", 1.05, "small", 0.6);

    private static final double FOLDS_SPREAD = 0.12;
    private static final double HIGH_BY = 0.06;
    private static final double SLOWER = 1.2;
    private static final double OFF_A_PULL = 0.036;
    private static final int GRIT = 80;

    /** Days from one job to the next. */
    private static final int APART = 27;

    private static final int SETS = 3;

    /** One in this many comes back within a year. */
    private static final int COMES_BACK = 7;

    private static final int ENTRIES_A_DAY = 8;
    private static final Duration BETWEEN = Duration.ofMinutes(45);

    /** One in this many is finished late. */
    private static final int LATE = 6;

    private FinishedSamples() {}

    /**
     * Makes finished jobs.
     *
     * @param many how many
     * @param last when the last of them came in
     */
    public static List<Job> make(int many, long seed, LocalDate last) {
        Random random = new Random(seed);
        List<Job> jobs = new ArrayList<>();
        for (int i = 0; i < many; i++) {
            String from = FROM.get(i % FROM.size()) + JobFile.EXTENSION;
            Job sample = JobReader.read(DemoJobs.bytes(from)).job().orElseThrow(Expect.present("readable job"));
            Job made = finished(sample, i, last.minusDays((long) APART * (many - 1 - i)), random);
            // The job as it would be in a file.
            jobs.add(JobReader.read(JobWriter.write(made)).job().orElseThrow(Expect.present("readable job")));
        }
        return jobs;
    }

    private static Job finished(Job sample, int number, LocalDate day, Random random) {
        double fold = FOLDS.getOrDefault(sample.kind().body(), 0.8) + FOLDS_SPREAD * random.nextGaussian();
        Visit visit = sample.visit().with(Lines.TAKEN_ON, day);
        Optional<Length> strung = visit.get(Reading.PROJECTION_STRUNG);
        if (strung.isPresent()) {
            visit = visit.with(Reading.PROJECTION_SLACK, mm(strung.get().millimeters() + fold));
        }
        Job job = sample.with(Sections.VISITS, new Visits(visit, List.of()))
                .with(
                        Lines.NAME,
                        Wording.label(sample.family()) + ", " + sample.kind().body() + ", no. " + (number + 1))
                .with(Lines.OWNER, OWNERS.get(number % OWNERS.size()));
        JobAnalysis preview = JobAnalysis.of(job, ShopStandards.DEFAULT);
        job = WorkPlan.taking(job, preview.plan().ways());
        JobAnalysis analysis = JobAnalysis.of(job, ShopStandards.DEFAULT);
        WorkPlan plan = analysis.plan();
        Optional<Prediction> kept = PredictionMaker.of(plan, analysis.spread().plan(), day.plusDays(2));
        double hours = ShopStandards.DEFAULT.hours(plan.ways().stream()
                        .flatMap(way -> way.prices().stream())
                        .toList())
                * SLOWER
                * Math.exp(0.15 * random.nextGaussian());
        List<Instant> bench = bench(day.plusDays(3), hours);
        LocalDate done =
                LocalDate.ofInstant(bench.get(bench.size() - 1), ZoneOffset.UTC).plusDays(1);
        job = job.with(Sections.PREDICTION, kept)
                .with(Sections.DIARY, diary(bench))
                .with(Lines.PROMISED_ON, promised(done, number))
                .with(Lines.SIGNED_ON, done)
                .with(Lines.SIGNED_BY, "Ida Wren");
        if (plan.ways().stream().anyMatch(way -> way.key().equals("neck-reset"))) {
            job = released(job, bench.get(0), random);
            job = job.with(Sections.HEEL_LOG, heelLog(job, plan, random));
        }
        if (kept.isPresent()) {
            job = StepVisit.put(job, Step.Into.AFTER, after(job, kept.get(), fold, done, random));
        }
        return random.nextInt(COMES_BACK) == 0 ? back(job, done.plusDays(90 + random.nextInt(240))) : job;
    }

    /** One in six is late, by up to four days; the others have a day to a week to spare. */
    private static LocalDate promised(LocalDate done, int number) {
        return number % LATE == 0 ? done.minusDays(1 + number / LATE % 4) : done.plusDays(1 + number % 7);
    }

    /** The times of entries at the bench, a few hours a day. */
    private static List<Instant> bench(LocalDate first, double hours) {
        List<Instant> all = new ArrayList<>();
        double left = hours * 60;
        LocalDate day = first;
        Instant at = day.atTime(9, 0).toInstant(ZoneOffset.UTC);
        all.add(at);
        while (left > 0) {
            Duration step = left < BETWEEN.toMinutes() ? Duration.ofMinutes(Math.max(1, Math.round(left))) : BETWEEN;
            at = at.plus(step);
            all.add(at);
            left -= step.toMinutes();
            if (all.size() % ENTRIES_A_DAY == 0) {
                day = day.plusDays(1);
                at = day.atTime(9, 0).toInstant(ZoneOffset.UTC);
                all.add(at);
            }
        }
        return all;
    }

    private static List<DiaryEntry> diary(List<Instant> bench) {
        return bench.stream()
                .map(at -> new DiaryEntry(at, "Ida Wren", DiaryEntry.What.DONE, "", ""))
                .toList();
    }

    /** From the first heat until the neck is out. */
    private static Job released(Job job, Instant begun, Random random) {
        List<DiaryEntry> diary = new ArrayList<>(job.section(Sections.DIARY));
        diary.add(1, new DiaryEntry(begun.plusSeconds(60), "Ida Wren", DiaryEntry.What.DONE, "reset-steam", ""));
        Instant drawn = begun.plusSeconds(60 + Math.round(3600 * (1.1 + 0.2 * random.nextGaussian())));
        return job.with(Sections.DIARY, diary)
                .with(Sections.STEPS, List.of(new StepMark("reset-jig", StepMark.State.DONE, drawn, "")));
    }

    private static List<HeelEntry> heelLog(Job job, WorkPlan plan, Random random) {
        List<HeelEntry> log = new ArrayList<>();
        Optional<HeelGoal> goal = plan.correction().flatMap(each -> HeelGoal.of(each, job));
        Optional<Length> slack = job.visit().get(Reading.PROJECTION_SLACK);
        if (goal.isPresent() && slack.isPresent() && plan.projection().isPresent()) {
            double at = slack.get().millimeters();
            double step = (plan.projection().get().slackAsRead() - at) / SETS;
            log.add(read(at));
            for (int i = 0; i < SETS; i++) {
                double off = goal.get().capFor(at, at + step);
                int pulls = (int) Math.max(1, Math.round(off / (OFF_A_PULL * Math.exp(0.1 * random.nextGaussian()))));
                log.add(new HeelEntry.Pulls(Side.BASS, GRIT, pulls, UnknownKeys.NONE));
                log.add(new HeelEntry.Pulls(Side.TREBLE, GRIT, pulls, UnknownKeys.NONE));
                at += step;
                log.add(read(at));
            }
        }
        return log;
    }

    private static HeelEntry.Read read(double projection) {
        return new HeelEntry.Read(
                Optional.of(mm(projection)),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                UnknownKeys.NONE);
    }

    /** The readings once it was strung: as predicted, within the uncertainty, with the action a little higher. */
    private static Visit after(Job job, Prediction kept, double fold, LocalDate done, Random random) {
        Visit visit = StepVisit.of(job, Step.Into.AFTER, done);
        for (Reading reading : Reading.values()) {
            Prediction.Predicted predicted = kept.predicted().get(reading);
            if (predicted != null) {
                double high = reading == Reading.ACTION_BASS || reading == Reading.ACTION_TREBLE ? HIGH_BY : 0;
                double value = predicted.value() + high + predicted.within() / 3 * random.nextGaussian();
                visit = visit.with(reading, mm(Math.max(0.05, value)));
            }
        }
        Optional<Length> strung = visit.get(Reading.PROJECTION_STRUNG);
        return strung.isPresent()
                ? visit.with(Reading.PROJECTION_SLACK, mm(strung.get().millimeters() + fold))
                : visit;
    }

    private static Job back(Job job, LocalDate day) {
        Visit again = Visit.BLANK.with(Lines.TAKEN_ON, day).with(Lines.ROLE, VisitRole.LATER_VISIT);
        return job.withVisits(visits -> new Visits(
                visits.current(),
                Stream.concat(visits.others().stream(), Stream.of(again)).toList()));
    }

    private static Length mm(double value) {
        return Length.parse(String.format(Locale.ROOT, "%.2f mm", value))
                .optional()
                .orElseThrow(Expect.present("valid value"));
    }
}
