package org.kestan.repair.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.analysis.loads.StringPlaces;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.expect.Expect;
import org.kestan.base.finding.Finding;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.FeelerSet;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.strings.StringSpec;
import org.kestan.judgment.way.Effect;

/**
 * The plan for a saddle, mm.
 *
 * @param off what comes off its bottom on each side; negative where it would have to be taller
 * @param leaves leaves that stack to it, to mark it, each side
 * @param out how far it stands out of the bridge afterward, at each outer string
 * @param blank a new blank; empty if the slot's depth was not read
 * @param crown its crown; empty if spacing or radius was not read
 * @param needs the missing readings
 * @param warnings what will not be right afterward
 */
public record SaddlePlan(
        Sides<Double> off,
        Sides<FeelerSet.Stack> leaves,
        Sides<Double> out,
        Optional<Blank> blank,
        Optional<Crown> crown,
        List<Reading> needs,
        List<Finding> warnings) {

    /** The number of strings if the set was not entered. */
    private static final int USUAL_STRINGS = 6;

    /**
     * A new blank.
     *
     * @param length of the slot; empty if not read
     * @param thickness width of the slot; empty if not read
     * @param slot depth of the slot it stands in afterward
     * @param height from the slot's bottom to the crown, at each outer string
     */
    public record Blank(OptionalDouble length, OptionalDouble thickness, double slot, Sides<Double> height) {}

    /** Takes unmodifiable copies. */
    public SaddlePlan {
        needs = List.copyOf(needs);
        warnings = List.copyOf(warnings);
    }

    /** Returns whether it changes at all. */
    public boolean changes() {
        return Math.abs(off.bass()) > Tolerances.SHOWN || Math.abs(off.treble()) > Tolerances.SHOWN;
    }

    /** Takes it from a plan; empty for a floating bridge or if nothing is planned. */
    static Optional<SaddlePlan> of(WorkPlan plan) {
        return plan.planned()
                .filter(setup -> setup.protrusion().isPresent())
                .map(setup -> of(plan, plan.measured().orElseThrow(Expect.present("measured setup")), setup));
    }

    private static SaddlePlan of(WorkPlan plan, Setup before, Setup after) {
        Sides<Double> out = after.protrusion().orElseThrow(Expect.present("saddle protrusion"));
        double thickness = after.bridgeThickness().orElseThrow(Expect.present("bridge thickness"));
        // Shaving makes the slot shallower; a new or thicker bridge gets a slot as deep as the old one's.
        boolean other = plan.has(Effect.NEW_BRIDGE);
        double shaved = other
                ? 0
                : Math.max(0, before.bridgeThickness().orElseThrow(Expect.present("bridge thickness")) - thickness);
        Sides<Double> off = before.protrusion()
                .orElseThrow(Expect.present("saddle protrusion"))
                .with(out, (was, becomes) -> was + shaved - becomes);
        double tolerance = plan.shop().get(Standard.LEAF_TOLERANCE);
        List<Reading> needs = new ArrayList<>();
        OptionalDouble depth = read(plan.job(), Reading.SLOT_DEPTH, needs);
        double slot = depth.orElse(0) - shaved;
        Optional<Blank> blank = depth.isEmpty()
                ? Optional.empty()
                : Optional.of(new Blank(
                        read(plan.job(), Reading.SLOT_LENGTH, needs),
                        read(plan.job(), Reading.SLOT_WIDTH, needs),
                        slot,
                        out.map(each -> each + slot)));
        return new SaddlePlan(
                off,
                off.map(each -> plan.shop().leaves().stack(each, tolerance)),
                out,
                blank,
                crown(plan, after, out, needs),
                needs,
                blank.map(made -> warnings(plan, made, thickness, out)).orElse(List.of()));
    }

    private static OptionalDouble read(Job job, Reading reading, List<Reading> needs) {
        OptionalDouble value = job.millimeters(reading);
        if (value.isEmpty()) {
            needs.add(reading);
        }
        return value;
    }

    private static List<Finding> warnings(WorkPlan plan, Blank blank, double thickness, Sides<Double> out) {
        List<Finding> warnings = new ArrayList<>();
        if (Math.min(out.bass(), out.treble()) < 0) {
            warnings.add(PlanFinding.UNDER_THE_BRIDGE.of());
        }
        if (thickness - blank.slot() < plan.shop().get(Standard.SLOT_FLOOR)) {
            warnings.add(PlanFinding.THIN_UNDER_SLOT.of());
        }
        if (blank.slot() < Sides.mean(out) * plan.shop().get(Standard.SEATED_SHARE)) {
            warnings.add(PlanFinding.MORE_OUT_THAN_IN.of());
        }
        return warnings;
    }

    private static Optional<Crown> crown(WorkPlan plan, Setup after, Sides<Double> out, List<Reading> needs) {
        Job job = plan.job();
        OptionalDouble spread = read(job, Reading.SPACING_BRIDGE, needs);
        OptionalDouble nut = job.millimeters(Reading.RADIUS_BODY);
        if (nut.isEmpty()) {
            nut = read(job, Reading.RADIUS_NUT, needs);
        }
        if (spread.isEmpty() || nut.isEmpty()) {
            return Optional.empty();
        }
        // Single or compound, extended to the saddle.
        double radius = after.basis().board().radiusAt(after.basis().saddle());
        List<OptionalDouble> grooves = grooves(plan);
        return radius < spread.getAsDouble() / 2 || grooves.size() < 2
                ? Optional.empty()
                : Optional.of(Crown.of(
                        radius,
                        out,
                        StringPlaces.of(job, spread.getAsDouble(), plan.shop().get(Standard.COURSE_SPACING)),
                        grooves));
    }

    private static List<OptionalDouble> grooves(WorkPlan plan) {
        double share = plan.shop().get(Standard.GROOVE_SHARE);
        List<StringSpec> specs = plan.job().strings();
        return specs.isEmpty()
                ? Collections.nCopies(USUAL_STRINGS, OptionalDouble.empty())
                : specs.stream()
                        .map(spec -> spec.gauge()
                                .map(gauge -> OptionalDouble.of(gauge.millimeters() * share))
                                .orElse(OptionalDouble.empty()))
                        .toList();
    }
}
