package org.kestan.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.geometry.HeelCut;
import org.kestan.job.Joint;
import org.kestan.notation.BenchUnit;
import org.kestan.sheet.Reading;
import org.kestan.standards.Leaves;
import org.kestan.standards.Standard;
import org.kestan.ways.Shim;
import org.kestan.ways.WayId;
import org.kestan.ways.Ways;

/**
 * What happens at the neck joint beside the cut itself, mm.
 *
 * @param scribe leaves that stack to the cut at the cap, to scribe it; empty when nothing is cut
 * @param cheekShim thickness at the cap of a side shim in a dovetail, nothing at its top; empty for another joint
 * @param pocketShim the shim in a flat pocket; empty for another way
 * @param kerfFiller thickness of the filler where the fretboard was sawn; empty when it was not
 * @param warnings corners that would gain wood instead of losing it, and what changes with the joint
 */
public record JointPlan(
        Optional<Leaves.Stack> scribe,
        OptionalDouble cheekShim,
        Optional<PocketShim> pocketShim,
        OptionalDouble kerfFiller,
        List<String> warnings) {

    private static final double NOTHING = 0.005;

    /**
     * A full-pocket shim.
     *
     * @param degrees its angle; positive with the thick end toward the bridge
     * @param thick at its thick end, nothing at the other; empty when the pocket's length was not read
     * @param choices the stock angles that way round, each with what it leads to
     */
    public record PocketShim(double degrees, OptionalDouble thick, List<Shim> choices) {}

    /** Takes an unmodifiable copy. */
    public JointPlan {
        warnings = List.copyOf(warnings);
    }

    /** Reads it out of a plan. */
    public static JointPlan of(WorkPlan plan) {
        Optional<Joint> joint = plan.job().instrument().joint();
        Optional<HeelCut> cut = plan.heel();
        boolean dovetail = joint.filter(Joint.DOVETAIL::equals).isPresent();
        OptionalDouble cheekShim =
                dovetail && cut.filter(each -> each.atCap() > 0).isPresent()
                        ? OptionalDouble.of(cut.get().atCap()
                                * Math.sin(Math.toRadians(plan.shop().get(Standard.TAIL_FLARE))))
                        : OptionalDouble.empty();
        return new JointPlan(
                cut.filter(each -> each.atCap() > 0)
                        .map(each -> plan.shop()
                                .leaves()
                                .stack(each.atCap(), plan.shop().get(Standard.LEAF_TOLERANCE))),
                cheekShim,
                plan.takes(WayId.POCKET_SHIM) ? pocketShim(plan) : Optional.empty(),
                plan.takes(WayId.SAW_AND_BOLT)
                        ? OptionalDouble.of(plan.shop().get(Standard.SAW_KERF))
                        : OptionalDouble.empty(),
                cut.map(each -> warnings(each, joint)).orElse(List.of()));
    }

    private static Optional<PocketShim> pocketShim(WorkPlan plan) {
        return plan.planned().map(after -> {
            double angle = after.rotation();
            OptionalDouble pocket = plan.job().survey().millimetres(Reading.POCKET_LENGTH);
            return new PocketShim(
                    Math.toDegrees(angle),
                    pocket.isPresent() ? OptionalDouble.of(pocket.getAsDouble() * Math.tan(Math.abs(angle))) : pocket,
                    Ways.of(plan.reckoning(), BenchUnit.MILLIMETRES).shims().stream()
                            .filter(shim -> shim.degrees() * angle >= 0)
                            .toList());
        });
    }

    private static List<String> warnings(HeelCut cut, Optional<Joint> joint) {
        List<String> warnings = new ArrayList<>();
        HeelCut.Cheeks top = cut.cheeksAt(0);
        HeelCut.Cheeks cap = cut.cheeksAt(cut.height());
        double least = Math.min(Math.min(top.driftSide(), top.otherSide()), Math.min(cap.driftSide(), cap.otherSide()));
        if (least < -NOTHING) {
            warnings.add("A corner would have to gain wood: shim it, or take the same off everywhere else.");
        }
        joint.ifPresent(kind -> {
            switch (kind) {
                case DOVETAIL -> warnings.add("Shim the cheeks of the tail as it moves in, or it no longer locks.");
                case MORTISE_BOLT ->
                    warnings.add("The bolts' holes may need easing as the neck turns; the washers must still seat.");
                case POCKET_BOLT -> warnings.add("Sand heel and pocket alike flat: a gap weakens the joint.");
                default -> {
                    // Nothing more is known of the joint.
                }
            }
        });
        return warnings;
    }
}
