package org.kestan.repair.steps;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.kestan.base.sheet.Line;
import org.kestan.base.sheet.Reading;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.VisitRole;
import org.kestan.job.visits.Visit;
import org.kestan.job.visits.Visits;

/**
 * The visit for the readings of a step: the plan's own, or a separate one, so that the plan keeps the readings it was
 * made from. A separate visit is read like the plan's: held, laid and read at the same places.
 */
public final class StepVisit {

    /** How and where readings were taken. */
    private static final List<Line<?>> MANNER = List.of(
            Lines.HELD,
            Lines.RELIEF_READ_AT,
            Lines.ACTION_FRET,
            Lines.PROJECTION_OVER,
            Lines.PROJECTION_ACROSS,
            Reading.BRIDGE_FRONT,
            Lines.LAST_FRET);

    private StepVisit() {}

    /** Returns the visit; a new one is empty except for its day, its occasion and how it is read. */
    public static Visit of(Job job, Step.Into into, LocalDate today) {
        return into == Step.Into.BEFORE
                ? job.visit()
                : index(job, into).map(at -> job.otherVisits().get(at)).orElseGet(() -> fresh(job, into, today));
    }

    /** Returns a job with that visit in its place. */
    public static Job put(Job job, Step.Into into, Visit visit) {
        if (into == Step.Into.BEFORE) {
            return job.withVisit(visit);
        }
        Optional<Integer> at = index(job, into);
        return job.withVisits(visits -> {
            List<Visit> others = new ArrayList<>(visits.others());
            if (at.isPresent()) {
                others.set(at.get(), visit);
            } else {
                others.add(visit);
            }
            return new Visits(visits.current(), others);
        });
    }

    /** The last one for that occasion that is not older than the visit of the plan. */
    private static Optional<Integer> index(Job job, Step.Into into) {
        VisitRole role = role(into);
        Optional<LocalDate> planned = job.visit().get(Lines.TAKEN_ON);
        for (int i = job.otherVisits().size() - 1; i >= 0; i--) {
            Visit each = job.otherVisits().get(i);
            Optional<LocalDate> day = each.get(Lines.TAKEN_ON);
            boolean older = planned.isPresent() && day.isPresent() && day.get().isBefore(planned.get());
            if (each.get(Lines.ROLE).filter(role::equals).isPresent() && !older) {
                return Optional.of(i);
            }
        }
        return Optional.empty();
    }

    private static VisitRole role(Step.Into into) {
        return into == Step.Into.DRY_FIT ? VisitRole.DRY_FIT : VisitRole.STRUNG;
    }

    private static Visit fresh(Job job, Step.Into into, LocalDate today) {
        Visit visit = Visit.BLANK.with(Lines.ROLE, role(into)).with(Lines.TAKEN_ON, today);
        for (Line<?> line : MANNER) {
            visit = copied(line, job.visit(), visit);
        }
        return visit;
    }

    private static <T> Visit copied(Line<T> line, Visit from, Visit to) {
        return from.get(line).map(value -> to.with(line, value)).orElse(to);
    }
}
