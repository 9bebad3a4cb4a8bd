package org.kestan.judgment.verdict;

import java.util.List;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.terms.Lines;
import org.kestan.job.visits.Defect;
import org.kestan.job.visits.Observation;
import org.kestan.job.visits.Severity;
import org.kestan.job.visits.Visit;

/**
 * What has to be repaired or waited for before any number counts.
 *
 * @param liftRead whether a leaf goes farther under the bridge than the shop accepts
 * @param liftSeen whether a lifted bridge was found serious at the inspection
 * @param broken the serious findings other than a lifted bridge
 * @param unstrung whether no string pulls: the strings are off, or the neck is loose or off
 * @param dryOrDamp whether the humidity is outside the shop's window; false if it was not read
 */
public record Soundness(
        boolean liftRead, boolean liftSeen, List<Observation> broken, boolean unstrung, boolean dryOrDamp) {

    /** Reads it from a visit. */
    public static Soundness of(Visit visit, ShopStandards shop) {
        boolean dryOrDamp = visit.get(Lines.HUMIDITY)
                .filter(humidity ->
                        humidity < shop.get(Standard.HUMIDITY_LEAST) || humidity > shop.get(Standard.HUMIDITY_MOST))
                .isPresent();
        return new Soundness(
                visit.bridgeLift().orElse(0) > shop.get(Standard.BRIDGE_LIFT),
                visit.observation(Defect.BRIDGE_LIFT).filter(Soundness::serious).isPresent(),
                visit.observations().stream()
                        .filter(found -> found.what() != Defect.BRIDGE_LIFT && serious(found))
                        .toList(),
                visit.unstrung(),
                dryOrDamp);
    }

    private static boolean serious(Observation finding) {
        return finding.severity() == Severity.SERIOUS;
    }

    /**
     * Returns whether it may be tuned up: nothing is lifted, loose or cracked through, and there are strings to tune.
     */
    public boolean bearsTension() {
        return !lifted() && broken.isEmpty() && !unstrung;
    }

    /** Returns whether the bridge is lifted, by leaf or by eye. */
    public boolean lifted() {
        return liftRead || liftSeen;
    }
}
