package org.kestan.judgment.ways;

import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.expect.Expect;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity;
import org.kestan.base.finding.Quantity.Distance;
import org.kestan.base.finding.Quantity.Said;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.ShopStandards;
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

/** A taller or lower bridge in place of the present one. */
final class NewBridge extends Way {

    private static final Finding.Kind COMES_BACK = Finding.kind("advice-finding.bridge-comes-back");
    private static final Finding.Kind TALLER = Finding.kind("advice-finding.taller-bridge");
    private static final Finding.Kind RIGHT = Finding.kind("way.new-bridge.right");
    private static final Finding.Kind IN_PLACE =
            Finding.kind("way.new-bridge.in-place", Distance.class, Distance.class, Distance.class, Said.class);
    private static final Finding.Kind UNDER_RESET =
            Finding.kind("way.new-bridge.under-reset", Distance.class, Distance.class);
    private static final Finding.Kind HAS_BEEN_CUT = Finding.kind("way.new-bridge.has-been-cut");
    private static final Finding.Kind FIRST_KEPT = Finding.kind("way.new-bridge.first-kept");
    private static final Finding.Kind COLLECTIBLE = Finding.kind("way.new-bridge.collectible");
    private static final Finding.Kind NO_NEARER = Finding.kind("way.new-bridge.no-nearer");

    NewBridge() {
        super(WayTraits.of("new-bridge", Stage.BRIDGE, Role.MAIN)
                .costs(ShopStandards.NEW_BRIDGE)
                .does(Effect.NEW_BRIDGE, Effect.SPENDS_SADDLE)
                .combinesWith(Effect.TURNS_NECK, Effect.CUTS_HEEL)
                .mends(GateId.BRIDGE, GateId.ACTION));
    }

    @Override
    public Optional<Finding> recommendedBecause(JudgmentContext context) {
        return Optional.of((context.together(Effect.CUTS_HEEL) ? COMES_BACK : TALLER).of());
    }

    @Override
    public boolean worthTrying(JudgmentContext context, Setup measured) {
        // Taller if the strings are too low, lower if it is more than full.
        return context.together(Effect.CUTS_HEEL)
                || context.tooLow(measured)
                || measured.bridgeThickness().orElse(0) > context.shop(Standard.BRIDGE_FULL) + Tolerances.LEAF;
    }

    @Override
    public Outcome take(JudgmentContext about, Setup from) {
        if (from.protrusion().isEmpty()) {
            return not(WayFinding.FLOATING.of());
        }
        double thickness = from.bridgeThickness().orElseThrow(Expect.present("bridge thickness"));
        boolean cut = thickness < about.shop(Standard.BRIDGE_CUT);
        OptionalDouble said = about.length(Aim.BRIDGE_THICKNESS);
        if (about.together(Effect.CUTS_HEEL)) {
            return underTheReset(
                    about, from, cut, said.orElse(about.bridgeAsMade().orElse(about.shop(Standard.BRIDGE_FULL))));
        }
        boolean met = about.met(from);
        if (met && !cut && said.isEmpty()) {
            return noNeed(from, RIGHT.of());
        }
        Sides<Double> needed =
                met ? new Sides<>(0.0, 0.0) : from.crownRiseFor(about.wanted().action());
        double support = from.supportHeight() + Sides.mean(needed);
        double stands = about.length(Aim.SADDLE).orElse(about.shop(Standard.PROTRUSION_FULL));
        double next = said.orElse(usual(about, support, stands));
        Setup fitted = from.afterBridgeShaved(thickness - next);
        Setup after = fitted.afterSaddleRaised(fittedSaddle(about, needed, fitted));
        Outcome can = can(
                after,
                IN_PLACE.of(
                        Quantity.length(next),
                        Quantity.length(thickness),
                        Quantity.length(
                                Sides.mean(after.protrusion().orElseThrow(Expect.present("saddle protrusion")))),
                        JudgmentContext.action(after)),
                (cut ? HAS_BEEN_CUT : FIRST_KEPT).of());
        if (about.collectible() && !cut) {
            return can.asNot(COLLECTIBLE.of());
        }
        boolean nearer = met || about.off(after) <= about.off(from) - Tolerances.LEAF;
        return nearer ? can : not(NO_NEARER.of());
    }

    /** The bridge restored together with the neck: its saddle stands out as before until the neck is set. */
    private Outcome underTheReset(JudgmentContext about, Setup from, boolean cut, double next) {
        double thickness = from.bridgeThickness().orElseThrow(Expect.present("bridge thickness"));
        boolean said = about.length(Aim.BRIDGE_THICKNESS).isPresent();
        if (!cut && !said && thickness >= about.thin() || Math.abs(next - thickness) <= Tolerances.LEAF) {
            return noNeed(from, RIGHT.of());
        }
        double rise = next - thickness;
        Setup after = from.afterBridgeShaved(-rise).afterSaddleRaised(new Sides<>(rise, rise));
        Outcome can = can(
                after,
                UNDER_RESET.of(Quantity.length(next), Quantity.length(thickness)),
                (cut ? HAS_BEEN_CUT : FIRST_KEPT).of());
        return about.collectible() && !cut ? can.asNot(COLLECTIBLE.of()) : can;
    }

    /**
     * Thick enough to leave the wanted saddle, within what sounds good; a saddle that would be too tall asks for a
     * taller bridge.
     */
    private static double usual(JudgmentContext about, double support, double stands) {
        double next = Math.min(about.shop(Standard.BRIDGE_FULL), Math.max(about.thin(), support - stands));
        double tall = about.shop(Standard.SADDLE_LEFT);
        return support - next > tall ? Math.min(about.shop(Standard.BRIDGE_HEAVY), support - tall) : next;
    }

    /** The change that brings the crown where it is needed, within the range of a new saddle. */
    private static Sides<Double> fittedSaddle(JudgmentContext about, Sides<Double> needed, Setup fitted) {
        Sides<Double> out = fitted.protrusion().orElseThrow(Expect.present("saddle protrusion"));
        double least = about.least(fitted);
        double most = about.shop(Standard.PROTRUSION_MOST);
        return needed.with(out, (change, stands) -> Math.min(most, Math.max(least, stands + change)) - stands);
    }
}
