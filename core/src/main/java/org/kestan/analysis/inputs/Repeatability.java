package org.kestan.analysis.inputs;

import java.util.List;
import java.util.OptionalDouble;
import org.kestan.base.expect.Expect;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Measurable;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Tool;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.source.Provenance;
import org.kestan.job.visits.Visit;

/** How well a reading is known: the tool it was taken with, and the person who took it (§3.17). */
public final class Repeatability {

    /**
     * The number of takes that the shop's usual repeatability counts for, beside those of this reading. From memory.
     */
    private static final double USUAL_WEIGHS = 4;

    /**
     * Variance of the median of n readings from a normal distribution, times n: order statistics of the normal distribution,
     * standard tables, from memory; checked against a simulation. The last is the limit, π/2.
     */
    private static final double[] MEDIAN = {1, 1, 1, 1.346, 1.193, 1.434, 1.288, 1.473, Math.PI / 2};

    /** No reading is better than this, mm, whatever a device says. */
    private static final double LEAST = 0.001;

    private Repeatability() {}

    /**
     * Standard uncertainty of a reading, mm: the tool's resolution as a rectangular distribution, {@code a/√3} (JCGM
     * 100:2008, 4.3.7), and the person's repeatability, in quadrature. A single take has the shop's usual
     * repeatability for its kind; for several takes, their scatter, pooled with the shop's (4.2.4), as that of their
     * median. A device's reading has the uncertainty it states.
     */
    public static double standard(Visit visit, Measurable taken, ShopStandards shop) {
        OptionalDouble known = visit.source(taken).map(Provenance::standard).orElse(OptionalDouble.empty());
        if (known.isPresent()) {
            return Math.max(LEAST, known.getAsDouble());
        }
        return Math.hypot(
                visit.tool(taken).resolution() / Math.sqrt(3),
                hand(visit.takesOf(taken), usual(visit.tool(taken), taken.reading(), shop)));
    }

    private static double hand(List<Length> takes, double usual) {
        int count = takes.size();
        if (count < 2) {
            return usual;
        }
        double mean =
                takes.stream().mapToDouble(Length::millimeters).average().orElseThrow(Expect.present("at least one"));
        double squares = takes.stream()
                .mapToDouble(take -> (take.millimeters() - mean) * (take.millimeters() - mean))
                .sum();
        double pooled = (squares + USUAL_WEIGHS * usual * usual) / (count - 1 + (usual > 0 ? USUAL_WEIGHS : 0));
        return Math.sqrt(pooled * MEDIAN[Math.min(count, MEDIAN.length - 1)] / count);
    }

    /**
     * The shop's usual repeatability of a single reading of a kind, a standard deviation, mm; 0 if only the tool
     * counts.
     */
    private static double usual(Tool tool, Reading reading, ShopStandards shop) {
        return switch (reading) {
            case PROJECTION_STRUNG, PROJECTION_SLACK -> shop.get(Standard.HAND_PROJECTION);
            case SADDLE_BASS, SADDLE_TREBLE, SADDLE_CENTRE -> shop.get(Standard.HAND_SADDLE);
            case BRIDGE_THICKNESS, BRIDGE_HEIGHT -> shop.get(Standard.HAND_BRIDGE);
            case FRETS_OVER_TOP -> shop.get(Standard.HAND_OVER_TOP);
            case ACTION_BASS, ACTION_TREBLE ->
                // The eye at a rule; a dial leaves it less to do.
                shop.get(Standard.HAND_ACTION) * Math.min(1, tool.resolution() / Tool.RULE_64.resolution());
            case RELIEF, RELIEF_SLACK, PROFILE_GAP, PROFILE_GAP_TREBLE -> shop.get(Standard.HAND_RELIEF);
            case SIDE_DRIFT -> shop.get(Standard.HAND_DRIFT);
            default -> 0;
        };
    }
}
