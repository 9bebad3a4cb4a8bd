package org.kestan.repair.steps;

import java.util.Optional;
import java.util.function.Predicate;
import org.kestan.base.finding.Keyed;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.sheet.Fitting;
import org.kestan.job.Job;
import org.kestan.job.terms.ArchtopBridge;
import org.kestan.job.terms.JointFit;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.TrussRod;
import org.kestan.job.visits.Defect;
import org.kestan.job.visits.Severity;
import org.kestan.judgment.verdict.Soundness;
import org.kestan.judgment.way.Effect;
import org.kestan.judgment.ways.WayCatalog;
import org.kestan.repair.plan.ReplacementBridge;
import org.kestan.repair.plan.WorkPlan;

/** A fact about an instrument and its plan that decides whether a step is taken. */
public enum Fact implements Keyed {
    /** One of the ways works with the strings off. */
    STRINGS_OFF(plan -> !plan.ways().stream().allMatch(way -> way.has(Effect.KEEPS_STRINGS_ON))),
    /** Nothing is lifted, loose or cracked through, and the strings are on: it may be tuned up. */
    BEARS_TENSION(plan -> Soundness.of(plan.job().visit(), plan.shop()).bearsTension()),
    /** It must not be tuned up. */
    SLACK_ONLY(plan -> !Soundness.of(plan.job().visit(), plan.shop()).bearsTension()),
    /** The neck sits in its joint, neither loose nor off. */
    NECK_FITS(plan ->
            plan.job().get(Lines.JOINT_FIT).filter(fit -> fit != JointFit.FITS).isEmpty()),
    /** The neck is on, though it may be loose. */
    NECK_ON(plan -> plan.job().get(Lines.JOINT_FIT).filter(JointFit.OFF::equals).isEmpty()),
    /** The neck is turned by one of the ways. */
    NECK_TURNS(plan -> plan.has(Effect.TURNS_NECK)),
    /** A truss rod that can set the relief. */
    ROD_SETS(plan -> rod(plan.job()).filter(TrussRod::canSet).isPresent()),
    /** No truss rod, or one that has no effect. */
    NO_ROD(plan -> rod(plan.job())
            .filter(rod -> rod == TrussRod.NONE || rod == TrussRod.DEAD)
            .isPresent()),
    PIN_BRIDGE(plan -> plan.job().fitting() != Fitting.FLOATING_BRIDGE),
    FLOATING_BRIDGE(plan -> plan.job().floating()),
    /** A floating bridge with wheels. */
    WHEELS(plan -> plan.job().floating()
            && plan.job().get(Lines.BRIDGE).filter(ArchtopBridge.SOLID::equals).isEmpty()),
    COLLECTIBLE(plan -> plan.job().collectible()),
    BRIDGE_CUT(plan -> plan.job().get(Lines.BRIDGE_CUT).orElse(false)),
    PICKGUARD_UNDER(plan -> plan.job().get(Lines.PICKGUARD_UNDER).orElse(false)),
    /** The height of the saddle changes. */
    SADDLE_CHANGES(plan -> plan.saddle().filter(each -> each.changes()).isPresent()),
    /** The saddle has to be taller than it is, so a new one is needed. */
    NEW_SADDLE(plan -> plan.saddle()
            .filter(each -> Math.min(each.off().bass(), each.off().treble()) < 0)
            .isPresent()),
    /** The nut has to rise for a string to be at its planned height over fret 1. */
    NUT_RISES(plan -> plan.planned()
            .flatMap(after -> plan.measured()
                    .map(before -> Math.max(
                            after.nut().bass() - before.nut().bass(),
                            after.nut().treble() - before.nut().treble())))
            .filter(rise -> rise > Tolerances.LEAF && plan.ways().contains(WayCatalog.NUT))
            .isPresent()),
    /** The neck is off already. */
    NECK_OFF(
            plan -> plan.job().get(Lines.JOINT_FIT).filter(JointFit.OFF::equals).isPresent()),
    /** The neck sits loose in its joint. */
    NECK_LOOSE(plan ->
            plan.job().get(Lines.JOINT_FIT).filter(JointFit.LOOSE::equals).isPresent()),
    /** The plate under the bridge is worn. */
    PLATE_WORN(plan -> found(plan.job(), Defect.BRIDGE_PLATE)),
    /** The back, or braces on it, came loose. */
    BACK_LOOSE(plan -> found(plan.job(), Defect.BACK_LOOSE)),
    /** There are pin holes of another bridge beside the old ones. */
    REDRILLS(plan -> plan.replacement().filter(ReplacementBridge::redrill).isPresent()),
    /** The saddle slot of another bridge has to be widened or recut. */
    SLOT_MOVES(plan -> plan.replacement()
            .filter(each ->
                    each.plug() || Math.max(each.widen().bass(), each.widen().treble()) > Tolerances.SHOWN)
            .isPresent()),
    /** The finish was noted. */
    FINISH_NOTED(plan -> plan.job().get(Lines.FINISH).isPresent()),
    /** The height of the bridge changes. */
    BRIDGE_CHANGES(plan -> plan.bridge().filter(each -> each.changes()).isPresent());

    private final Predicate<WorkPlan> holds;

    Fact(Predicate<WorkPlan> holds) {
        this.holds = holds;
    }

    private static boolean found(Job job, Defect defect) {
        return job.visit()
                .observation(defect)
                .filter(seen -> seen.severity() != Severity.SOUND)
                .isPresent();
    }

    private static Optional<TrussRod> rod(Job job) {
        return job.get(Lines.TRUSS_ROD);
    }

    /** Returns whether it holds. */
    public boolean holds(WorkPlan plan) {
        return holds.test(plan);
    }

    @Override
    public String key() {
        return Keyed.kebab(this);
    }

    @Override
    public String family() {
        return "fact";
    }
}
