package org.kestan.desktop.widgets.field;

import java.time.LocalDate;
import org.kestan.base.notation.Parsed;
import org.kestan.base.sheet.Line;
import org.kestan.job.Job;
import org.kestan.repair.steps.Step;
import org.kestan.repair.steps.StepVisit;

/**
 * An entry of the visit that a step at the bench reads into.
 *
 * @param of the entry as it is on the sheet
 * @param label the label beside the field
 * @param into the visit
 */
public record VisitEntry(Entry of, String label, Step.Into into) implements Entry {

    @Override
    public Line<?> line() {
        return of.line();
    }

    @Override
    public String hint() {
        return of.hint();
    }

    @Override
    public String text(Job job) {
        return of.text(sheet(job));
    }

    @Override
    public Parsed<Job> write(Job job, String typed) {
        Parsed<Job> written = of.write(sheet(job), typed);
        return written instanceof Parsed.Ok<Job> ok
                ? new Parsed.Ok<>(StepVisit.put(job, into, ok.value().visit()))
                : written;
    }

    @Override
    public boolean onSheet() {
        return into == Step.Into.BEFORE;
    }

    @Override
    public Job sheet(Job job) {
        return job.withVisit(StepVisit.of(job, into, LocalDate.now()));
    }
}
