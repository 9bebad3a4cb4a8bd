package org.kestan.repair.steps;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.base.sheet.Line;
import org.kestan.job.Job;
import org.kestan.job.Sections;
import org.kestan.job.bench.Wait;
import org.kestan.job.visits.Visit;
import org.kestan.repair.plan.WorkPlan;

/**
 * What keeps a step from being done: a reading that is missing or fails its check, a wait that has not been started or
 * is not over.
 */
public enum StepLack implements Finding.Kind {
    NOT_READ(Quantity.Term.class),
    OUT_OF_CHECK(Quantity.Term.class, Quantity.Distance.class),
    WAIT_NOT_BEGUN(Quantity.Term.class),
    WAIT_NOT_OVER(Quantity.Term.class, Quantity.Moment.class);

    private final List<Class<?>> takes;

    StepLack(Class<?>... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public List<Class<?>> takes() {
        return takes;
    }

    /**
     * What a step lacks, its readings first; none if it can be passed.
     *
     * @param today the day what is read now belongs to
     * @param now the moment, for the waits
     */
    public static List<Finding> of(Step step, WorkPlan plan, LocalDate today, Instant now) {
        List<Finding> lacks = new ArrayList<>();
        Job job = plan.job();
        Visit visit = StepVisit.of(job, step.work().into(), today);
        for (Line<?> line : step.work().reads()) {
            if (visit.get(line).isEmpty()) {
                lacks.add(NOT_READ.of(Quantity.term(line)));
                continue;
            }
            StepCheck.of(plan, step.work().into(), visit, line)
                    .filter(StepCheck::isOut)
                    .ifPresent(check ->
                            lacks.add(OUT_OF_CHECK.of(Quantity.term(line), Quantity.fine(Math.abs(check.off())))));
        }
        step.work()
                .pause()
                .ifPresent(pause -> lackingWait(step, pause, job, now).ifPresent(lacks::add));
        return List.copyOf(lacks);
    }

    private static Optional<Finding> lackingWait(Step step, Step.Pause pause, Job job, Instant now) {
        Optional<Wait> last = job.section(Sections.WAITS).stream()
                .filter(wait -> wait.step().equals(step.id()))
                .max(Comparator.comparing(Wait::from));
        if (last.isEmpty()) {
            return Optional.of(WAIT_NOT_BEGUN.of(Quantity.term(pause.kind())));
        }
        return last.filter(wait -> wait.isOpen() && !wait.isOver(now))
                .map(wait -> WAIT_NOT_OVER.of(Quantity.term(wait.kind()), new Quantity.Moment(wait.until())));
    }
}
