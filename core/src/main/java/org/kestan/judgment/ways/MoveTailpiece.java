package org.kestan.judgment.ways;

import java.util.Optional;
import org.kestan.analysis.setup.Anchorage;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.base.finding.Quantity.Distance;
import org.kestan.base.finding.Quantity.Percent;
import org.kestan.base.finding.Quantity.Said;
import org.kestan.base.finding.Quantity.Turn;
import org.kestan.base.geometry.Angle;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.standards.Standard;
import org.kestan.judgment.verdict.GateId;
import org.kestan.judgment.way.Effect;
import org.kestan.judgment.way.JudgmentContext;
import org.kestan.judgment.way.Outcome;
import org.kestan.judgment.way.Role;
import org.kestan.judgment.way.Stage;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.way.WayTraits;

/**
 * Moving an archtop's tailpiece up or down, which changes the break angle over the bridge. The pressure on the bridge
 * follows {@code 2·T·sin(β/2)} (§3.14), and the top gives by its share of the sink.
 */
final class MoveTailpiece extends Way {

    private static final Finding.Kind PINNED = Finding.kind("way.tailpiece.pinned");
    private static final Finding.Kind READ = Finding.kind("way.tailpiece.read");
    private static final Finding.Kind RIGHT = Finding.kind("way.tailpiece.right", Turn.class);
    private static final Finding.Kind AT_END = Finding.kind("way.tailpiece.at-end", Turn.class, Distance.class);
    private static final Finding.Kind DOWN =
            Finding.kind("way.tailpiece.down", Distance.class, Turn.class, Percent.class, Said.class);
    private static final Finding.Kind UP =
            Finding.kind("way.tailpiece.up", Distance.class, Turn.class, Percent.class, Said.class);
    private static final Finding.Kind BENDS_NOW = Finding.kind("way.tailpiece.bends-now", Turn.class);

    MoveTailpiece() {
        super(WayTraits.of("tailpiece", Stage.BEND, Role.FINISH)
                .costs(Standard.HOURS_TAILPIECE, Standard.PRICE_TAILPIECE)
                .does(Effect.MOVES_TAILPIECE)
                .combinesWith(Effect.FITS_FLOATING_BRIDGE)
                .mends(GateId.BREAK_ANGLE));
    }

    @Override
    public Optional<Finding> recommendedBecause(JudgmentContext context) {
        return context.measured().flatMap(Setup::leastBreakAngle).map(now -> BENDS_NOW.of(Quantity.turn(now)));
    }

    @Override
    public Outcome take(JudgmentContext context, Setup from) {
        if (from.protrusion().isPresent()) {
            return not(PINNED.of());
        }
        Optional<Angle> bend = from.leastBreakAngle();
        if (bend.isEmpty()) {
            return unknown(READ.of());
        }
        Angle now = bend.get();
        Angle least = context.shop().angle(Standard.BREAK_ANGLE_GOOD);
        Angle most = context.shop().angle(Standard.BREAK_ANGLE_MOST);
        if (now.compareTo(least) >= 0 && now.compareTo(most) <= 0) {
            return noNeed(from, RIGHT.of(Quantity.turn(now)));
        }
        boolean down = now.compareTo(least) < 0;
        double height = height(context, from, now, down ? least : most);
        double was = from.anchorage().tailpieceHeight().orElse(height);
        if (Math.abs(height - was) <= Tolerances.LEAF) {
            return not(AT_END.of(Quantity.turn(now), Quantity.length(was)));
        }
        Setup bent = from.afterTailpiece(height, 0);
        Angle then = bent.leastBreakAngle().orElse(now);
        double press = press(then) / press(now);
        double topRise = context.sink() * context.shop(Standard.TOP_SHARE) * (1 - press);
        // A bridge that is set anyway is set last: it takes up what the top gives.
        boolean bridgeFollows = topRise < 0 && context.together(Effect.FITS_FLOATING_BRIDGE);
        Setup after = bridgeFollows
                ? bent.withSupportHeight(from.supportHeight() - topRise)
                : from.afterTailpiece(height, topRise);
        return can(
                after,
                (down ? DOWN : UP)
                        .of(
                                Quantity.length(Math.abs(height - was)),
                                Quantity.turn(then),
                                new Percent(Math.abs(press - 1) * 100),
                                JudgmentContext.action(after)));
    }

    /** The height of the strings at the tailpiece that gives a break angle, within its range, mm over the top. */
    private static double height(JudgmentContext context, Setup from, Angle now, Angle wanted) {
        Anchorage ends = from.anchorage();
        double bridge = from.supportHeight();
        Angle behind = ends.behindTailpiece(bridge).orElse(Angle.ZERO);
        Angle front = now.minus(behind);
        double distance = ends.tailpieceDistance().orElse(0);
        double height = bridge - distance * wanted.minus(front).tan();
        return Math.max(context.shop(Standard.TAILPIECE_LEAST), Math.min(bridge, height));
    }

    private static double press(Angle bend) {
        return Math.sin(bend.radians() / 2);
    }
}
