package org.kestan.week;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.kestan.job.Job;
import org.kestan.job.Sections;
import org.kestan.job.bench.StepMark;
import org.kestan.job.bench.Wait;
import org.kestan.job.bench.WaitKind;
import org.kestan.job.parts.Part;
import org.kestan.job.terms.Lines;
import org.kestan.job.week.Pin;
import org.kestan.repair.plan.WorkPlan;
import org.kestan.repair.steps.Step;
import org.kestan.repair.steps.StepBook;
import org.kestan.repair.steps.StepFile;

/** Reads out of a job what is left of it. */
public final class WeekJobs {

    private WeekJobs() {}

    /**
     * What is left of a job.
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
                blocked(job, plan, LocalDate.ofInstant(now, zone)));
    }

    private static WeekStep step(Step step, StepBook book, Job job) {
        Optional<String> way = book.files().stream()
                .filter(file -> file.steps().stream().anyMatch(each -> each.id().equals(step.id())))
                .map(StepFile::name)
                .filter(name -> !name.equals(StepFile.OPENING) && !name.equals(StepFile.CLOSING))
                .findFirst();
        // When a part comes is said with the part.
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
