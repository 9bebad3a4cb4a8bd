package org.kestan.verdict;

import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.job.Finding;
import org.kestan.job.FindingKind;
import org.kestan.job.Severity;
import org.kestan.job.Survey;
import org.kestan.sheet.Reading;
import org.kestan.standards.ShopStandards;
import org.kestan.standards.Standard;

/**
 * What has to be mended or waited for before any number counts.
 *
 * @param liftRead whether a leaf goes farther under the bridge than the shop lets pass
 * @param liftSeen whether a lifted bridge was found serious at the inspection
 * @param broken the first serious finding other than a lifted bridge
 * @param dryOrDamp whether the air is out of the shop's window; not, where it was not read
 */
public record Soundness(boolean liftRead, boolean liftSeen, Optional<Finding> broken, boolean dryOrDamp) {

    /** Reads it from a survey. */
    public static Soundness of(Survey survey, ShopStandards shop) {
        OptionalDouble humidity = survey.humidity();
        boolean dryOrDamp = humidity.isPresent()
                && (humidity.getAsDouble() < shop.get(Standard.HUMIDITY_LEAST)
                        || humidity.getAsDouble() > shop.get(Standard.HUMIDITY_MOST));
        return new Soundness(
                survey.millimetres(Reading.BRIDGE_LIFT).orElse(0) > shop.get(Standard.BRIDGE_LIFT),
                survey.finding(FindingKind.BRIDGE_LIFT)
                        .filter(Soundness::serious)
                        .isPresent(),
                survey.findings().stream()
                        .filter(found -> found.what() != FindingKind.BRIDGE_LIFT && serious(found))
                        .findFirst(),
                dryOrDamp);
    }

    private static boolean serious(Finding finding) {
        return finding.severity() == Severity.SERIOUS;
    }

    /** Tells whether the bridge is lifted, by leaf or by eye. */
    public boolean lifted() {
        return liftRead || liftSeen;
    }
}
