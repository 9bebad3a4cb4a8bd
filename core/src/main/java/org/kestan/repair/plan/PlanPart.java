package org.kestan.repair.plan;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A part of a work plan, such as the saddle or the joint. It decides when it applies, and gives its card, its figures,
 * its numbers for the steps at the bench and its structured data; every view of a plan iterates over {@link
 * PlanParts#ALL} and knows no part by name.
 */
public interface PlanPart {

    /** Returns the card for a plan; empty if the part does not apply. */
    Optional<PartCard> card(WorkPlan plan);

    /** Adds the figures of a plan that have an uncertainty, mm; by default none. */
    default void figures(WorkPlan plan, Map<PlanFigure, Double> figures) {}

    /** Returns the numbers that steps may show; by default none. */
    default List<PlanNumber> numbers() {
        return List.of();
    }

    /** Adds the part's entries to the structured data of a plan; by default none. Millimeters, degrees, cents. */
    default void data(WorkPlan plan, PartData root) {}

    /**
     * Returns the names of the components of a {@link org.kestan.analysis.setup.Setup} whose change this part shows; a
     * test requires that each component a way changes is shown by some part.
     */
    default Set<String> shows() {
        return Set.of();
    }
}
