package org.kestan.repair.plan;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;

/**
 * A replacement bridge compared with the present one before gluing. Millimeters.
 *
 * @param slotOff how far the middle of its slot would stand in front of where the strings want it, each side, negative
 *     behind; empty if slot or saddle line are not known
 * @param widen how much wider the slot has to be on each side for the crown to reach its place
 * @param plug whether the slot is so far off that it has to be plugged and cut again, or the bridge moved
 * @param spacing how much wider its strings lie from outer to outer; empty if that was not read
 * @param redrill whether the pin holes lie so far from the old ones that they have to be plugged and drilled again
 * @param scar how much of the old one's scar shows at each end, negative where the new one reaches past it; empty if
 *     not read
 * @param plane how much has to come off its thickness, negative where it is too thin; empty if not read
 */
public record ReplacementBridge(
        Optional<Sides<Double>> slotOff,
        Sides<Double> widen,
        boolean plug,
        OptionalDouble spacing,
        boolean redrill,
        OptionalDouble scar,
        OptionalDouble plane) {

    /** Takes it from a plan; empty if nothing of a replacement was read. */
    static Optional<ReplacementBridge> of(WorkPlan plan) {
        Job job = plan.job();
        boolean none = Stream.of(
                        Reading.NEW_BRIDGE_LENGTH,
                        Reading.NEW_BRIDGE_THICKNESS,
                        Reading.NEW_BRIDGE_SLOT_WIDTH,
                        Reading.NEW_BRIDGE_SLOT_FRONT,
                        Reading.NEW_BRIDGE_SPACING)
                .allMatch(each -> job.get(each).isEmpty());
        if (none || plan.planned().isEmpty()) {
            return Optional.empty();
        }
        double most = plan.shop().get(Standard.SLOT_WIDEN_MOST);
        Optional<Sides<Double>> off = slotOff(plan);
        double room = Math.max(
                0,
                job.millimeters(Reading.NEW_BRIDGE_SLOT_WIDTH).orElse(0) / 2
                        - plan.shop().get(Standard.CROWN_EDGE));
        Sides<Double> widen = off.map(each -> each.map(by -> Math.max(0, Math.abs(by) - room)))
                .orElse(new Sides<>(0.0, 0.0));
        OptionalDouble spacing = difference(job, Reading.NEW_BRIDGE_SPACING, Reading.SPACING_BRIDGE);
        OptionalDouble longer = difference(job, Reading.NEW_BRIDGE_LENGTH, Reading.BRIDGE_LENGTH);
        OptionalDouble thickness = job.millimeters(Reading.NEW_BRIDGE_THICKNESS);
        OptionalDouble wanted = plan.planned().get().bridgeThickness();
        return Optional.of(new ReplacementBridge(
                off,
                widen,
                Math.max(widen.bass(), widen.treble()) > most,
                spacing,
                Math.abs(spacing.orElse(0)) / 2 > plan.shop().get(Standard.PIN_SHIFT_MOST),
                longer.isPresent() ? OptionalDouble.of(-longer.getAsDouble() / 2) : longer,
                thickness.isPresent() && wanted.isPresent()
                        ? OptionalDouble.of(thickness.getAsDouble() - wanted.getAsDouble())
                        : OptionalDouble.empty()));
    }

    /** Returns whether anything has to be done to it. */
    public boolean fits() {
        return !plug
                && !redrill
                && Math.max(widen.bass(), widen.treble()) <= Tolerances.SHOWN
                && Math.abs(plane.orElse(0)) <= Tolerances.SHOWN;
    }

    private static OptionalDouble difference(Job job, Reading next, Reading now) {
        OptionalDouble one = job.millimeters(next);
        OptionalDouble other = job.millimeters(now);
        return one.isPresent() && other.isPresent()
                ? OptionalDouble.of(one.getAsDouble() - other.getAsDouble())
                : OptionalDouble.empty();
    }

    /**
     * The middle of the old slot is where the crown is now; the new slot's front edge was read relative to its front
     * edge.
     */
    private static Optional<Sides<Double>> slotOff(WorkPlan plan) {
        Job job = plan.job();
        OptionalDouble old = job.millimeters(Reading.SLOT_WIDTH);
        OptionalDouble width = job.millimeters(Reading.NEW_BRIDGE_SLOT_WIDTH);
        OptionalDouble front = job.millimeters(Reading.NEW_BRIDGE_SLOT_FRONT);
        if (old.isEmpty() || width.isEmpty() || front.isEmpty()) {
            return Optional.empty();
        }
        double moved = front.getAsDouble() + (width.getAsDouble() - old.getAsDouble()) / 2;
        double saddle = plan.measured().orElseThrow().basis().saddle();
        Sides<Double> now = job.saddlePlaces().orElse(new Sides<>(saddle, saddle));
        return plan.intonation()
                .flatMap(Intonation::line)
                .map(line -> line.with(now, (wanted, place) -> wanted - place - moved));
    }
}
