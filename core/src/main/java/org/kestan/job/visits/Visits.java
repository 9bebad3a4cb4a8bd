package org.kestan.job.visits;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * The visits of a job.
 *
 * @param current the one on the sheet, to be solved
 * @param others earlier and later ones, in the order they were put aside
 */
public record Visits(Visit current, List<Visit> others) {

    /** One empty visit. */
    public static final Visits BLANK = new Visits(Visit.BLANK, List.of());

    /** Takes an unmodifiable copy. */
    public Visits {
        others = List.copyOf(others);
    }

    /** Returns all of them, the one on the sheet first. */
    public Stream<Visit> all() {
        return Stream.concat(Stream.of(current), others.stream());
    }

    /** Returns these visits with another one on the sheet instead. */
    public Visits withCurrent(Visit next) {
        return new Visits(next, others);
    }

    /** Returns these visits with one of the others on the sheet, and the present one in its place. */
    public Visits showing(int other) {
        List<Visit> next = new ArrayList<>(others);
        Visit chosen = next.set(other, current);
        return new Visits(chosen, next);
    }

    /** Returns these visits with a new one on the sheet, and the present one put aside. */
    public Visits withNew(Visit fresh) {
        List<Visit> next = new ArrayList<>(others);
        next.add(current);
        return new Visits(fresh, next);
    }
}
