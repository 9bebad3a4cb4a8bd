package org.kestan.repair.steps;

import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.sheet.Line;
import org.kestan.base.sheet.Reading;
import org.kestan.job.visits.Visit;
import org.kestan.repair.plan.WorkPlan;

/**
 * A reading at a step compared with what it should be, mm.
 *
 * @param read what was read
 * @param wanted what should be
 * @param near how far off it may be
 * @param isSink whether it is how far the body folds, for which a sound body's usual sink stands in
 */
public record StepCheck(double read, double wanted, double near, boolean isSink) {

    /** A rod can be set to within a thousandth of an inch. Common practice, no source, like the others. */
    private static final double RELIEF_NEAR = 0.0254;

    private static final double NUT_NEAR = 0.06;
    private static final double ACTION_NEAR = 0.1;
    private static final double HEIGHT_NEAR = 0.2;
    private static final double PROJECTION_NEAR = 0.3;

    /** The sink of a sound body: 0.5 to 1.2 mm. */
    private static final double SINK_USUAL = 0.85;

    private static final double SINK_NEAR = 0.35;

    /** Returns how far the reading is above the expected value; negative below it. */
    public double off() {
        return read - wanted;
    }

    /** Returns whether it is farther off than allowed. */
    public boolean isOut() {
        return Math.abs(off()) > near + 1e-9;
    }

    /** Checks a line of the visit that belongs to a step; empty if it was not read or has no prediction. */
    public static Optional<StepCheck> of(WorkPlan plan, Step.Into into, Visit visit, Line<?> line) {
        if (!(line instanceof Reading reading)) {
            return Optional.empty();
        }
        OptionalDouble read = visit.millimeters(reading);
        if (read.isEmpty()) {
            return Optional.empty();
        }
        if (into == Step.Into.BEFORE) {
            OptionalDouble strung = visit.millimeters(Reading.PROJECTION_STRUNG);
            return reading == Reading.PROJECTION_SLACK && strung.isPresent()
                    ? Optional.of(new StepCheck(read.getAsDouble() - strung.getAsDouble(), SINK_USUAL, SINK_NEAR, true))
                    : Optional.empty();
        }
        return plan.planned()
                .flatMap(planned -> wanted(plan, planned, reading))
                .map(wanted -> new StepCheck(read.getAsDouble(), wanted, near(reading), false));
    }

    private static Optional<Double> wanted(WorkPlan plan, Setup planned, Reading reading) {
        return switch (reading) {
            case PROJECTION_SLACK -> plan.projection().map(each -> each.slackAsRead());
            case PROJECTION_STRUNG -> plan.projection().map(each -> each.strungAsRead());
            case RELIEF -> Optional.of(planned.reliefGap());
            case ACTION_BASS -> Optional.of(planned.action().bass());
            case ACTION_TREBLE -> Optional.of(planned.action().treble());
            case NUT_BASS -> Optional.of(planned.nut().bass());
            case NUT_TREBLE -> Optional.of(planned.nut().treble());
            case SADDLE_BASS -> planned.protrusion().map(out -> out.bass());
            case SADDLE_TREBLE -> planned.protrusion().map(out -> out.treble());
            case BRIDGE_THICKNESS, BRIDGE_HEIGHT -> Optional.of(planned.supportHeight());
            default -> Optional.empty();
        };
    }

    private static double near(Reading reading) {
        return switch (reading) {
            case PROJECTION_SLACK, PROJECTION_STRUNG -> PROJECTION_NEAR;
            case RELIEF -> RELIEF_NEAR;
            case NUT_BASS, NUT_TREBLE -> NUT_NEAR;
            case ACTION_BASS, ACTION_TREBLE -> ACTION_NEAR;
            default -> HEIGHT_NEAR;
        };
    }
}
