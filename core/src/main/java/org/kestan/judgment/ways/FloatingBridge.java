package org.kestan.judgment.ways;

import java.util.List;
import java.util.OptionalDouble;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.base.finding.Quantity.Distance;
import org.kestan.base.finding.Quantity.Said;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.Standard;
import org.kestan.judgment.verdict.GateId;
import org.kestan.judgment.way.Effect;
import org.kestan.judgment.way.JudgmentContext;
import org.kestan.judgment.way.Outcome;
import org.kestan.judgment.way.Role;
import org.kestan.judgment.way.Stage;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.way.WayFinding;
import org.kestan.judgment.way.WayTraits;

/** Everything a floating bridge can do: wheels, a trimmed foot, strips under it. */
final class FloatingBridge extends Way {

    private static final Finding.Kind GLUED = Finding.kind("way.floating-bridge.glued");
    private static final Finding.Kind READ_LOW = Finding.kind("way.floating-bridge.read-low");
    private static final Finding.Kind READ_HIGH = Finding.kind("way.floating-bridge.read-high");
    private static final Finding.Kind BOTTOM_COLLECTIBLE = Finding.kind("way.floating-bridge.bottom-collectible");
    private static final Finding.Kind BOTTOM = Finding.kind("way.floating-bridge.bottom");
    private static final Finding.Kind DOWN_SOMEHOW =
            Finding.kind("way.floating-bridge.down-somehow", Distance.class, Said.class);
    private static final Finding.Kind UP_SOMEHOW =
            Finding.kind("way.floating-bridge.up-somehow", Distance.class, Said.class);
    private static final Finding.Kind TRIM = Finding.kind("way.floating-bridge.trim", Distance.class, Said.class);
    private static final Finding.Kind DOWN = Finding.kind("way.floating-bridge.down", Distance.class, Said.class);
    private static final Finding.Kind SHORT = Finding.kind("way.floating-bridge.short", Distance.class);
    private static final Finding.Kind TOP_ON_STRIP =
            Finding.kind("way.floating-bridge.top-on-strip", Distance.class, Said.class);
    private static final Finding.Kind MADE_LOWER =
            Finding.kind("way.floating-bridge.made-lower", Distance.class, Said.class);
    private static final Finding.Kind FIT_FEET = Finding.kind("way.floating-bridge.fit-feet");
    private static final Finding.Kind FIND_PLACE = Finding.kind("way.floating-bridge.find-place");
    private static final Finding.Kind STRIPS = Finding.kind("way.floating-bridge.strips", Distance.class, Said.class);
    private static final Finding.Kind UP = Finding.kind("way.floating-bridge.up", Distance.class, Said.class);
    private static final Finding.Kind TALLER_NEEDED = Finding.kind("way.floating-bridge.taller-needed");
    private static final Finding.Kind FIT_STRIPS = Finding.kind("way.floating-bridge.fit-strips");

    FloatingBridge() {
        super(WayTraits.of("floating-bridge", Stage.BRIDGE, Role.MAIN)
                .costs(Standard.HOURS_FLOATING)
                .does(Effect.FITS_FLOATING_BRIDGE)
                .mends(GateId.ACTION));
    }

    @Override
    public Outcome take(JudgmentContext about, Setup from) {
        if (from.protrusion().isPresent()) {
            return not(GLUED.of());
        }
        if (about.met(from)) {
            return noNeed(from, WayFinding.ACTION_RIGHT.of());
        }
        Sides<Double> needed = from.crownRiseFor(about.wanted().action());
        double height = from.supportHeight();
        double wish = height + Sides.mean(needed);
        boolean down = wish < height;
        OptionalDouble end = about.job().onSolidBridge()
                ? OptionalDouble.of(height)
                : about.length(down ? Reading.BRIDGE_LOWEST : Reading.BRIDGE_HIGHEST);
        if (end.isEmpty()) {
            return withinUnreadRange(about, from, needed, wish, down);
        }
        return down
                ? lowered(about, from, needed, wish, end.getAsDouble())
                : raised(about, from, needed, wish, end.getAsDouble());
    }

    /**
     * The range of the wheels was not read, so it is open whether they, the foot, a strip or another bridge will do
     * it, but one of them does within the range of a floating bridge.
     */
    private Outcome withinUnreadRange(
            JudgmentContext about, Setup from, Sides<Double> needed, double wish, boolean down) {
        double change = Math.abs(wish - from.supportHeight());
        boolean within = down ? wish >= about.shop(Standard.FLOATING_LEAST) : change <= about.shop(Standard.RISER_MOST);
        Finding read = (down ? READ_LOW : READ_HIGH).of();
        if (!within) {
            return unknown(read);
        }
        Setup after = moved(from, needed, wish, wish);
        Finding what = (down ? DOWN_SOMEHOW : UP_SOMEHOW).of(Quantity.length(change), JudgmentContext.action(after));
        return can(after, what, read);
    }

    private Outcome lowered(JudgmentContext about, Setup from, Sides<Double> needed, double wish, double lowest) {
        double height = from.supportHeight();
        double trimMost = about.collectible() ? 0 : about.shop(Standard.FOOT_TRIM_MOST);
        double low = about.shop(Standard.FLOATING_LEAST);
        if (wish < lowest - trimMost - Tolerances.LEAF && low < lowest - trimMost) {
            return lower(about, from, needed, wish, Math.max(wish, low));
        }
        double reached = Math.max(wish, Math.min(height, lowest - trimMost));
        if (Math.abs(reached - height) < Tolerances.LEAF) {
            return not((about.collectible() ? BOTTOM_COLLECTIBLE : BOTTOM).of());
        }
        double trim = Math.max(0, lowest - reached);
        boolean trimmed = trim > Tolerances.LEAF;
        Setup after = moved(from, needed, wish, reached);
        Finding what = trimmed
                ? TRIM.of(Quantity.length(trim), JudgmentContext.action(after))
                : DOWN.of(Quantity.length(height - reached), JudgmentContext.action(after));
        Finding then = reached > wish + Tolerances.LEAF
                ? SHORT.of(Quantity.length(height - wish))
                : (trimmed ? FIT_FEET : FIND_PLACE).of();
        Outcome can = can(after, what, then);
        return trimmed ? can.withReversible(false) : can.withPrices(List.of(Standard.HOURS_WHEELS));
    }

    /** Another, lower bridge: the top piece on a strip without its wheels, or a new one; the old one is kept. */
    private Outcome lower(JudgmentContext about, Setup from, Sides<Double> needed, double wish, double reached) {
        Setup after = moved(from, needed, wish, reached);
        Finding what = (about.job().onSolidBridge() ? MADE_LOWER : TOP_ON_STRIP)
                .of(Quantity.length(reached), JudgmentContext.action(after));
        Finding then = reached > wish + Tolerances.LEAF
                ? SHORT.of(Quantity.length(from.supportHeight() - wish))
                : FIT_FEET.of();
        return can(after, what, then)
                .with(outcome -> outcome.prices(List.of(Standard.HOURS_FLOATING, Standard.HOURS_LOW_BRIDGE))
                        .makesBridge(true));
    }

    private Outcome raised(JudgmentContext about, Setup from, Sides<Double> needed, double wish, double highest) {
        double height = from.supportHeight();
        double reached = Math.min(wish, Math.max(height, highest) + about.shop(Standard.RISER_MOST));
        double riser = Math.max(0, reached - highest);
        boolean strips = riser > Tolerances.LEAF;
        Setup after = moved(from, needed, wish, reached);
        Finding what = strips
                ? STRIPS.of(Quantity.length(riser), JudgmentContext.action(after))
                : UP.of(Quantity.length(reached - height), JudgmentContext.action(after));
        Finding.Kind then = reached < wish - Tolerances.LEAF ? TALLER_NEEDED : strips ? FIT_STRIPS : FIND_PLACE;
        Outcome can = can(after, what, then.of());
        return strips ? can : can.withPrices(List.of(Standard.HOURS_WHEELS));
    }

    /** What each side needs, minus what the bridge can't give on both alike. */
    private static Setup moved(Setup from, Sides<Double> needed, double wish, double reached) {
        return from.afterSaddleRaised(needed.map(each -> each + reached - wish));
    }
}
