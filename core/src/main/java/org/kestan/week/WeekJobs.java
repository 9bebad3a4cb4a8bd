package org.kestan.week;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.kestan.base.sheet.Reading;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.Sections;
import org.kestan.job.bench.StepMark;
import org.kestan.job.bench.Wait;
import org.kestan.job.bench.WaitKind;
import org.kestan.job.parts.Part;
import org.kestan.job.terms.Lines;
import org.kestan.job.week.Pin;
import org.kestan.judgment.way.Way;
import org.kestan.repair.plan.WorkPlan;
import org.kestan.repair.steps.Step;
import org.kestan.repair.steps.StepBook;
import org.kestan.repair.steps.StepFile;

/** Works out the remaining work of a job. */
public final class WeekJobs {

    /** The parts that ways need, with the words that identify them in a job's own list. */
    private static final Map<Standard, Set<String>> WORDS = Map.of(
            Standard.PRICE_STRINGS, Set.of("string"),
            Standard.PRICE_SADDLE, Set.of("saddle"),
            Standard.PRICE_NUT, Set.of("nut"),
            Standard.PRICE_BRIDGE, Set.of("bridge"),
            Standard.PRICE_SHIM, Set.of("shim"),
            Standard.PRICE_BOLTS, Set.of("bolt", "insert"),
            Standard.PRICE_ROD, Set.of("rod"),
            Standard.PRICE_FRETS, Set.of("fret"),
            Standard.PRICE_FRET_SET, Set.of("fret"),
            Standard.PRICE_TAILPIECE, Set.of("hanger", "wire", "bolt"));

    private WeekJobs() {}

    /**
     * The remaining work of a job.
     *
     * @param id its id in the ledger
     * @param takenIn when it came in
     * @param plan of the job: the ways that were taken, or those that are recommended where none was
     * @param book the steps the shop works by
     * @param now today's moment
     * @param zone where the shop is
     */
    public static WeekJob of(String id, Instant takenIn, WorkPlan plan, StepBook book, Instant now, ZoneId zone) {
        Job job = plan.job();
        Set<String> behind =
                job.section(Sections.STEPS).stream().map(StepMark::step).collect(Collectors.toSet());
        List<WeekStep> steps = book.compose(plan).stream()
                .filter(step -> !behind.contains(step.id()))
                .map(step -> step(step, book, job))
                .toList();
        return new WeekJob(
                id,
                job.name(),
                steps,
                takenIn,
                job.section(Sections.PROMISE).get(Lines.PROMISED_ON),
                job.section(Sections.PROMISE).get(Lines.PROMISED_FIRM).orElse(false),
                job.section(Sections.PRIORITY).orElse(0),
                notBefore(job, zone),
                blocked(job, plan, LocalDate.ofInstant(now, zone)),
                needs(plan, steps));
    }

    /**
     * A job like another, with nothing done yet: taken in now, without a promise, with all its parts there.
     *
     * @param plan of the other
     */
    public static WeekJob like(WorkPlan plan, StepBook book, Instant now) {
        List<WeekStep> steps = book.compose(plan).stream()
                .map(step -> step(step, book, Job.BLANK))
                .toList();
        return new WeekJob(
                "",
                plan.job().name(),
                steps,
                now,
                Optional.empty(),
                false,
                0,
                Optional.empty(),
                Optional.empty(),
                List.of());
    }

    private static WeekStep step(Step step, StepBook book, Job job) {
        Optional<String> way = book.files().stream()
                .filter(file -> file.steps().stream().anyMatch(each -> each.id().equals(step.id())))
                .map(StepFile::name)
                .filter(name -> !name.equals(StepFile.OPENING) && !name.equals(StepFile.CLOSING))
                .findFirst();
        // The arrival of a part is listed with the part.
        Optional<Step.Pause> pause = step.work().pause().filter(each -> each.kind() != WaitKind.PART);
        return new WeekStep(
                step.id(),
                step.text().title(),
                way,
                step.work().hands(),
                pause.map(Step.Pause::kind),
                pause.map(Step.Pause::minutes).orElse(0),
                job.section(Sections.PINS).stream()
                        .filter(pin -> pin.step().equals(step.id()))
                        .map(Pin::on)
                        .findFirst());
    }

    /** The parts a job lists, and those its ways need that it does not list. Every shop has glue and abrasive. */
    private static List<PartNeed> needs(WorkPlan plan, List<WeekStep> steps) {
        List<Part> listed = plan.job().section(Sections.PARTS);
        List<PartNeed> needs = new ArrayList<>();
        listed.stream()
                .filter(part -> !part.there())
                .map(part -> new PartNeed(
                        part.what(), Optional.empty(), part.need(), Optional.empty(), part.ordered(), part.arrives()))
                .forEach(needs::add);
        Set<Standard> seen = EnumSet.of(Standard.PRICE_GLUE);
        for (Way way : plan.ways()) {
            // Its first remaining step; there is none if the part is in already.
            Optional<String> first = steps.stream()
                    .filter(step -> step.way().filter(way.key()::equals).isPresent())
                    .map(WeekStep::id)
                    .findFirst();
            way.prices().stream()
                    .filter(WORDS::containsKey)
                    .filter(kind -> kind != Standard.PRICE_SADDLE || plan.job().takes(Reading.SADDLE_BASS))
                    .filter(kind -> first.isPresent() && seen.add(kind))
                    .filter(kind -> listed.stream().noneMatch(part -> isKind(part, kind)))
                    .map(kind -> new PartNeed("", Optional.of(kind), 1, first, false, Optional.empty()))
                    .forEach(needs::add);
        }
        return needs;
    }

    private static boolean isKind(Part part, Standard kind) {
        Set<String> words = Arrays.stream(part.what().toLowerCase(Locale.ROOT).split("[^a-z]+"))
                .map(word -> word.replaceFirst("s$", ""))
                .collect(Collectors.toSet());
        // Bridge pins are not a bridge.
        return !words.contains("pin") && WORDS.get(kind).stream().anyMatch(words::contains);
    }

    private static Optional<Instant> notBefore(Job job, ZoneId zone) {
        Optional<Instant> running = job.section(Sections.WAITS).stream()
                .filter(Wait::isOpen)
                .map(Wait::until)
                .max(Instant::compareTo);
        Optional<Instant> parts = job.section(Sections.PARTS).stream()
                .filter(part -> !part.there())
                .flatMap(part -> part.arrives().stream())
                .map(day -> day.atStartOfDay(zone).toInstant())
                .max(Instant::compareTo);
        return running.isPresent() && parts.isPresent()
                ? Optional.of(running.get().isAfter(parts.get()) ? running.get() : parts.get())
                : running.or(() -> parts);
    }

    private static Optional<Unplanned.Why> blocked(Job job, WorkPlan plan, LocalDate today) {
        if (plan.ways().isEmpty()) {
            return Optional.of(Unplanned.Why.NO_WAYS);
        }
        boolean unknown = job.section(Sections.PARTS).stream()
                .filter(part -> !part.there())
                .map(Part::arrives)
                .anyMatch(day -> day.isEmpty() || day.get().isBefore(today));
        return unknown ? Optional.of(Unplanned.Why.PART_WITHOUT_DAY) : Optional.empty();
    }
}
