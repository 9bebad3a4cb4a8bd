package org.kestan.analysis.uncertainty;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import org.kestan.analysis.correction.Correction;
import org.kestan.analysis.correction.Extension;
import org.kestan.base.geometry.Angle;
import org.kestan.base.geometry.HeelCut;
import org.kestan.base.sheet.Side;

/** The derived figures that are given with an uncertainty. Lengths in mm, angles in radians. */
public enum DerivedFigure {
    NECK_ANGLE(plan -> OptionalDouble.of(plan.angle().radians())),
    NECK_PITCH(plan -> radians(plan.trajectory().pitch())),
    PLANNED_PITCH(plan -> radians(plan.plannedPitch())),
    SADDLE_DROP(plan -> OptionalDouble.of(plan.meanSaddleDrop())),
    HEEL_CUT(plan -> plan.heel().map(HeelCut::atCap).map(OptionalDouble::of).orElse(OptionalDouble.empty())),
    HEEL_BY_STRINGS(Correction::heelByStrings),
    HEEL_BY_STRAIGHTEDGE(Correction::heelByStraightedge),
    CAP_DRIFT_SIDE(plan -> cap(plan, HeelCut.Cheeks::driftSide)),
    CAP_OTHER_SIDE(plan -> cap(plan, HeelCut.Cheeks::otherSide)),
    IMPLIED_STRUNG(plan -> OptionalDouble.of(plan.trajectory().impliedStrung())),
    TARGET_STRUNG(plan -> OptionalDouble.of(plan.targetStrung())),
    TARGET_SLACK(plan -> OptionalDouble.of(plan.targetSlack())),
    STRUNG_AS_READ(plan -> OptionalDouble.of(plan.strungAsRead())),
    SLACK_AS_READ(plan -> OptionalDouble.of(plan.slackAsRead())),
    SADDLE_BASS(plan -> saddle(plan, Side.BASS)),
    SADDLE_TREBLE(plan -> saddle(plan, Side.TREBLE)),
    ACTION_BASS(plan -> OptionalDouble.of(plan.actionAfterRelief(Side.BASS))),
    ACTION_TREBLE(plan -> OptionalDouble.of(plan.actionAfterRelief(Side.TREBLE))),
    SINK(plan -> OptionalDouble.of(plan.sink())),
    FALL_AWAY(plan -> plan.extension()
            .map(Extension::fallAwayAfter)
            .map(OptionalDouble::of)
            .orElse(OptionalDouble.empty())),
    WEDGE(plan -> plan.extension().map(Extension::wedge).map(OptionalDouble::of).orElse(OptionalDouble.empty()));

    private final Function<Correction, OptionalDouble> of;

    DerivedFigure(Function<Correction, OptionalDouble> of) {
        this.of = of;
    }

    /** Returns the figure of a correction, empty if it was not worked out. */
    public OptionalDouble of(Correction plan) {
        return of.apply(plan);
    }

    /** Returns whether the figure is an angle; otherwise it is a length. */
    public boolean isAngle() {
        return this == NECK_ANGLE || this == NECK_PITCH || this == PLANNED_PITCH;
    }

    private static OptionalDouble cap(Correction plan, ToDoubleFunction<HeelCut.Cheeks> side) {
        return plan.heel()
                .filter(heel -> heel.widths().isPresent())
                .map(heel -> OptionalDouble.of(side.applyAsDouble(heel.cheeksAt(heel.height()))))
                .orElse(OptionalDouble.empty());
    }

    private static OptionalDouble radians(Optional<Angle> angle) {
        return angle.map(Angle::radians).map(OptionalDouble::of).orElse(OptionalDouble.empty());
    }

    private static OptionalDouble saddle(Correction plan, Side side) {
        return plan.protrusion()
                .map(sides -> OptionalDouble.of(sides.get(side)))
                .orElse(OptionalDouble.empty());
    }
}
