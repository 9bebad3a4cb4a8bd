package org.kestan.uncertainty;

import java.util.OptionalDouble;
import java.util.function.Function;
import org.kestan.correction.Correction;
import org.kestan.correction.Extension;
import org.kestan.geometry.HeelCut;
import org.kestan.sheet.Side;

/** The derived figures that are given with an uncertainty. Lengths in mm, angles in radians. */
public enum Derived {
    NECK_ANGLE(plan -> OptionalDouble.of(plan.angle())),
    NECK_PITCH(plan -> OptionalDouble.of(plan.trajectory().pitch())),
    SADDLE_DROP(plan -> OptionalDouble.of(plan.meanSaddleDrop())),
    HEEL_CUT(plan -> plan.heel().map(HeelCut::atCap).map(OptionalDouble::of).orElse(OptionalDouble.empty())),
    IMPLIED_STRUNG(plan -> OptionalDouble.of(plan.trajectory().impliedStrung())),
    TARGET_STRUNG(plan -> OptionalDouble.of(plan.targetStrung())),
    TARGET_SLACK(plan -> OptionalDouble.of(plan.targetSlack())),
    SADDLE_BASS(plan -> saddle(plan, Side.BASS)),
    SADDLE_TREBLE(plan -> saddle(plan, Side.TREBLE)),
    ACTION_AFTER_RELIEF(plan -> OptionalDouble.of(plan.actionAfterRelief(Side.BASS))),
    WEDGE(plan -> plan.extension().map(Extension::wedge).map(OptionalDouble::of).orElse(OptionalDouble.empty()));

    private final Function<Correction, OptionalDouble> of;

    Derived(Function<Correction, OptionalDouble> of) {
        this.of = of;
    }

    /** Returns the figure of a correction, empty when it was not worked out. */
    OptionalDouble of(Correction plan) {
        return of.apply(plan);
    }

    private static OptionalDouble saddle(Correction plan, Side side) {
        return plan.protrusion()
                .map(sides -> OptionalDouble.of(sides.get(side)))
                .orElse(OptionalDouble.empty());
    }
}
