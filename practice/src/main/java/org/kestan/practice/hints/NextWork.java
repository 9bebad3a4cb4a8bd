package org.kestan.practice.hints;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.judgment.way.Way;
import org.kestan.practice.run.PracticeEvent;
import org.kestan.practice.run.PracticeRun;
import org.kestan.practice.work.BenchState;
import org.kestan.practice.work.Operation;
import org.kestan.practice.work.Workshop;
import org.kestan.repair.plan.WorkPlan;

/**
 * What Kestan would do next on a practice instrument, judging only from the sheet and the plan, never from the truth.
 *
 * @param operation what
 * @param amount how much, as the operation takes it
 */
public record NextWork(Operation operation, Sides<Double> amount) {

    private static final Sides<Double> NOTHING = Sides.of(side -> 0.0);
    private static final double HEAT = 10;
    private static final double HEAT_BOLTED = 5;
    private static final double CURING = 14;
    private static final double DAYS = 9;
    private static final double RAMP = 1;

    /** By how many percent thinner strings are that pull a tenth less. */
    private static final double LIGHTER = -10;

    /** Smaller differences are not cut, mm. */
    private static final double SAME = 0.02;

    private static NextWork one(Operation operation, double amount) {
        double within = Math.max(operation.least(), Math.min(operation.most(), amount));
        return new NextWork(operation, new Sides<>(within, 0.0));
    }

    private static NextWork sides(Operation operation, Sides<Double> amount) {
        return new NextWork(
                operation, Sides.of(side -> Math.max(operation.least(), Math.min(operation.most(), amount.get(side)))));
    }

    private static NextWork plain(Operation operation) {
        return new NextWork(operation, NOTHING);
    }

    /**
     * Returns the next operation of a plan.
     *
     * @param run the case as it stands
     * @param plan the plan, by the sheet as it was when the ways were taken
     * @return empty if nothing of it is left
     */
    public static Optional<NextWork> of(PracticeRun run, WorkPlan plan) {
        BenchState now = run.state();
        Set<Operation> done = run.events().stream()
                .filter(PracticeEvent.Worked.class::isInstance)
                .map(event -> ((PracticeEvent.Worked) event).operation())
                .collect(Collectors.toSet());
        Optional<NextWork> next = all(plan, Workshop.isBolted(now.instrument())).stream()
                .filter(each -> !done.contains(each.operation))
                .findFirst();
        if (next.isEmpty()) {
            return now.atPitch() ? Optional.empty() : Optional.of(plain(Operation.TUNE));
        }
        Operation operation = next.get().operation;
        if (operation.wantsSlack() && now.strung()) {
            return Optional.of(plain(Operation.SLACKEN));
        }
        boolean free = now.isOff();
        if (operation == Operation.TURN_ROD && !now.atPitch() && !free) {
            return Optional.of(plain(Operation.TUNE));
        }
        return next;
    }

    /** All operations of a plan in order, without slackening and tuning. */
    private static List<NextWork> all(WorkPlan plan, boolean bolted) {
        List<NextWork> all = new ArrayList<>();
        Set<String> ways = plan.ways().stream().map(Way::key).collect(Collectors.toSet());
        if (ways.contains("condition")) {
            all.add(one(Operation.CONDITION, DAYS));
        }
        if (ways.contains("mend-first")) {
            all.add(plain(Operation.GLUE_BRACE));
        }
        if (ways.contains("reglue-bridge")) {
            all.add(plain(Operation.REGLUE_BRIDGE));
        }
        if (ways.contains("strings")) {
            all.add(one(Operation.CHANGE_STRINGS, LIGHTER));
        }
        Optional<Setup> measured = plan.measured();
        Optional<Setup> planned = plan.planned();
        if (measured.isPresent() && planned.isPresent()) {
            geometry(all, ways, plan, bolted, measured.get(), planned.get());
        }
        if (ways.contains("pin-ramps")) {
            all.add(one(Operation.RAMP_PINS, RAMP));
        }
        return all;
    }

    private static void geometry(
            List<NextWork> all, Set<String> ways, WorkPlan plan, boolean bolted, Setup measured, Setup planned) {
        if (ways.contains("truss-rod")) {
            all.add(one(
                    Operation.TURN_ROD,
                    Math.rint((measured.reliefGap() - planned.reliefGap()) * Workshop.TURNS_PER_MM * 4) / 4));
        }
        if (ways.contains("refret")) {
            all.add(plain(Operation.REFRET));
        }
        if (plan.turnsNeck() && plan.heel().isPresent()) {
            all.add(plain(Operation.SCORE));
            all.add(one(Operation.FREE_NECK, bolted ? HEAT_BOLTED : HEAT));
            double removal = plan.heel().get().atCap();
            all.add(
                    removal >= 0
                            ? sides(Operation.SAND_HEEL, Sides.of(side -> Math.rint(removal / Workshop.PULL)))
                            : sides(Operation.SHIM_HEEL, Sides.of(side -> -removal)));
            if (!bolted) {
                all.add(plain(Operation.SHIM_TAIL));
            }
            plan.wedge()
                    .filter(wedge -> wedge.end() > 0)
                    .ifPresent(wedge -> all.add(one(Operation.WEDGE, wedge.end())));
            all.add(plain(Operation.DRY_FIT));
            all.add(plain(Operation.FIX_NECK));
            if (!bolted) {
                all.add(one(Operation.WAIT, CURING));
            }
        }
        nut(all, measured.nut(), planned.nut());
        if (plan.job().floating()) {
            double up = planned.supportHeight() - measured.supportHeight();
            if (Math.abs(up) > SAME) {
                all.add(sides(Operation.MOVE_BRIDGE, Sides.of(side -> up)));
            }
            return;
        }
        double thinner = measured.bridgeTop() - planned.bridgeTop();
        if (ways.contains("new-bridge")) {
            all.add(one(Operation.NEW_BRIDGE, planned.bridgeTop()));
        } else if (thinner > SAME) {
            all.add(one(Operation.SHAVE_BRIDGE, thinner));
        }
        planned.protrusion().ifPresent(stands -> measured.protrusion().ifPresent(stood -> saddle(all, stood, stands)));
    }

    private static void nut(List<NextWork> all, Sides<Double> measured, Sides<Double> planned) {
        Sides<Double> lower = Sides.of(side -> measured.get(side) - planned.get(side));
        if (lower.bass() < -SAME || lower.treble() < -SAME) {
            all.add(sides(Operation.NEW_NUT, planned));
        } else if (lower.bass() > SAME || lower.treble() > SAME) {
            all.add(sides(Operation.FILE_NUT, lower));
        }
    }

    private static void saddle(List<NextWork> all, Sides<Double> stood, Sides<Double> stands) {
        boolean taller = false;
        boolean lower = false;
        for (Side side : Side.values()) {
            taller |= stands.get(side) > stood.get(side) + SAME;
            lower |= stands.get(side) < stood.get(side) - SAME;
        }
        if (taller) {
            all.add(sides(Operation.NEW_SADDLE, stands));
        } else if (lower) {
            all.add(sides(Operation.LOWER_SADDLE, Sides.of(side -> stood.get(side) - stands.get(side))));
        }
    }
}
