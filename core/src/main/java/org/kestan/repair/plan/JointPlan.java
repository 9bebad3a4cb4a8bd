package org.kestan.repair.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.base.geometry.Angle;
import org.kestan.base.geometry.HeelCut;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.FeelerSet;
import org.kestan.base.standards.Standard;
import org.kestan.job.terms.Joint;
import org.kestan.job.terms.Lines;
import org.kestan.judgment.way.Effect;
import org.kestan.judgment.way.Shim;

/**
 * The plan for the neck joint apart from the cut itself, mm.
 *
 * @param scribe what each cheek loses at the cap and the leaves that stack to it, to scribe it; empty if nothing is cut
 * @param cheekShim thickness at the cap of a side shim in a dovetail, nothing at its top; empty for another joint
 * @param pocketShim the shim in a flat pocket; empty for another way
 * @param kerfFiller thickness of the filler where the fretboard was sawn; empty if it was not
 * @param warnings corners that would gain wood instead of losing it, and what changes with the joint
 */
public record JointPlan(
        Optional<Sides<Scribe>> scribe,
        OptionalDouble cheekShim,
        Optional<PocketShim> pocketShim,
        OptionalDouble kerfFiller,
        List<Finding> warnings) {

    /** A stack that is off by more than this is useless for marking, mm. */
    private static final double FAR = 0.1;

    /**
     * The scribe line on one cheek.
     *
     * @param thickness what goes at the cap, mm; negative where wood is missing
     * @param stack the leaves
     */
    public record Scribe(double thickness, FeelerSet.Stack stack) {}

    /**
     * A full-pocket shim.
     *
     * @param angle its angle; positive with the thick end toward the bridge
     * @param thick at its thick end, nothing at the other; empty if the pocket's length was not read
     * @param choices the stock angles that way round, each with what it leads to
     */
    public record PocketShim(Angle angle, OptionalDouble thick, List<Shim> choices) {}

    /** The leaves of a stack, or a remark if none comes close. */
    public static Quantity leaves(FeelerSet.Stack stack) {
        return stack.leaves().isEmpty() || Math.abs(stack.error()) <= FAR
                ? new Quantity.Stack(stack.leaves().stream().map(Length::text).toList())
                : new Quantity.Said(PlanFinding.NO_STACK.of());
    }

    /** Takes an unmodifiable copy. */
    public JointPlan {
        warnings = List.copyOf(warnings);
    }

    /** Takes it from a plan. */
    static JointPlan of(WorkPlan plan) {
        Optional<Joint> joint = plan.job().get(Lines.JOINT);
        Optional<HeelCut> cut = plan.heel();
        boolean dovetail = joint.filter(Joint.DOVETAIL::equals).isPresent();
        OptionalDouble cheekShim =
                dovetail && cut.filter(each -> each.atCap() > 0).isPresent()
                        ? OptionalDouble.of(cut.get().atCap()
                                * plan.shop().angle(Standard.TAIL_FLARE).sin())
                        : OptionalDouble.empty();
        return new JointPlan(
                cut.filter(each -> each.atCap() > 0).map(each -> scribe(plan, each)),
                cheekShim,
                plan.has(Effect.SHIMS_POCKET) ? pocketShim(plan) : Optional.empty(),
                plan.has(Effect.OPENS_BOARD)
                        ? OptionalDouble.of(plan.shop().get(Standard.SAW_KERF))
                        : OptionalDouble.empty(),
                cut.map(each -> warnings(each, joint.orElse(Joint.UNKNOWN))).orElse(List.of()));
    }

    /** Each cheek's own line: they differ if a drift is corrected. */
    private static Sides<Scribe> scribe(WorkPlan plan, HeelCut cut) {
        HeelCut.Cheeks cap = cut.cheeksAt(cut.height());
        Optional<Side> toward = plan.job().visit().driftSide();
        return Sides.of(side -> {
            boolean drifts = toward.filter(side::equals).isPresent();
            double off = toward.isEmpty() ? cut.atCap() : drifts ? cap.driftSide() : cap.otherSide();
            return new Scribe(
                    off,
                    plan.shop().leaves().stack(Math.max(0, off), plan.shop().get(Standard.LEAF_TOLERANCE)));
        });
    }

    private static Optional<PocketShim> pocketShim(WorkPlan plan) {
        return plan.planned().map(after -> {
            Angle angle = after.rotation();
            OptionalDouble pocket = plan.job().millimeters(Reading.POCKET_LENGTH);
            return new PocketShim(
                    angle,
                    pocket.isPresent()
                            ? OptionalDouble.of(
                                    pocket.getAsDouble() * angle.abs().tan())
                            : pocket,
                    plan.shims().stream()
                            .filter(shim -> shim.angle().radians() * angle.radians() >= 0)
                            .toList());
        });
    }

    private static List<Finding> warnings(HeelCut cut, Joint joint) {
        List<Finding> warnings = new ArrayList<>();
        HeelCut.Cheeks top = cut.cheeksAt(0);
        HeelCut.Cheeks cap = cut.cheeksAt(cut.height());
        double least = Math.min(Math.min(top.driftSide(), top.otherSide()), Math.min(cap.driftSide(), cap.otherSide()));
        if (least < -Tolerances.SHOWN) {
            warnings.add(PlanFinding.CORNER_GAINS_WOOD.of());
        }
        switch (joint) {
            case DOVETAIL -> warnings.add(PlanFinding.SHIM_THE_TAIL.of());
            case MORTISE_BOLT -> warnings.add(PlanFinding.EASE_THE_HOLES.of());
            case POCKET_BOLT -> warnings.add(PlanFinding.SAND_BOTH_FLAT.of());
            case THROUGH, UNKNOWN -> {
                // Nothing more is known about the joint.
            }
        }
        return warnings;
    }
}
