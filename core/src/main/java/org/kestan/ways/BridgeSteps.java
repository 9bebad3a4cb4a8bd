package org.kestan.ways;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.kestan.job.ArchtopBridge;
import org.kestan.job.Details;
import org.kestan.setup.Setup;
import org.kestan.sheet.Aim;
import org.kestan.sheet.Reading;
import org.kestan.sheet.Sides;
import org.kestan.standards.School;
import org.kestan.standards.Standard;
import org.kestan.verdict.Spare;

/** The ways at the bridge: ramps, shaving, a new one, and all that a floating one can do. */
final class BridgeSteps {

    private static final String FLOATING = "It has a floating bridge.";

    private static final double HAIR = 0.0254;

    private final Case about;

    BridgeSteps(Case about) {
        this.about = about;
    }

    Outcome ramps(Setup from) {
        if (from.protrusion().isEmpty()) {
            return Outcome.not(WayId.PIN_RAMPS, FLOATING);
        }
        double depth = about.shop().get(Standard.RAMP_DEPTH);
        double now = Math.toDegrees(from.leastBreakAngle().orElseThrow());
        if (now >= about.shop().get(Standard.BREAK_ANGLE_GOOD)) {
            return Outcome.noNeed(WayId.PIN_RAMPS, from, "The strings bend by " + Math.round(now) + "\u00b0: enough.");
        }
        if (from.anchorage().ramp() >= depth - HAIR) {
            return Outcome.not(
                    WayId.PIN_RAMPS,
                    "The holes are ramped already, "
                            + about.length(from.anchorage().ramp()) + " deep.");
        }
        Setup after = from.withRamp(depth);
        if (about.collectible()) {
            return Outcome.not(WayId.PIN_RAMPS, after, "Collectible: nothing original is cut.");
        }
        return Outcome.can(
                WayId.PIN_RAMPS,
                after,
                "Ramps of " + about.length(depth) + " take the break angle from " + Math.round(now) + "\u00b0 to "
                        + Math.round(Math.toDegrees(after.leastBreakAngle().orElseThrow())) + "\u00b0.",
                "The action stays.");
    }

    Outcome shave(Setup from) {
        if (from.protrusion().isEmpty()) {
            return Outcome.not(WayId.SHAVE_BRIDGE, FLOATING);
        }
        if (about.over(from) <= about.shop().get(Standard.ACTION_REACH)) {
            return Outcome.noNeed(WayId.SHAVE_BRIDGE, from, "The action is not too high.");
        }
        Sides<Double> needed = from.crownRiseFor(about.wanted().action());
        Sides<Double> out = from.protrusion().get();
        Sides<Double> lacking = needed.with(out, (drop, stands) -> about.least() - (stands + drop));
        double wish = Math.max(lacking.bass(), lacking.treble());
        if (wish <= HAIR || about.met(alone(from))) {
            return Outcome.noNeed(WayId.SHAVE_BRIDGE, from, "The saddle can take it alone.");
        }
        double thickness = from.bridgeThickness().orElseThrow();
        double thin = about.shop().bridgeThin(about.job().instrument().body());
        double depth = Math.min(wish, thickness - thin);
        if (depth <= HAIR) {
            return Outcome.not(
                    WayId.SHAVE_BRIDGE,
                    "At " + about.length(thickness) + " the bridge has nothing to give; " + about.length(thin)
                            + " is the least.");
        }
        Setup shaved = from.withBridgeShaved(depth);
        Setup after =
                shaved.withSaddleRaised(Spare.within(needed, shaved.protrusion().orElseThrow(), about.shop()));
        List<String> reasons = new ArrayList<>();
        reasons.add(about.length(depth) + " off the bridge leaves " + about.length(thickness - depth)
                + " and lets the saddle down; the action comes to " + about.action(after) + ".");
        if (!about.met(after)) {
            reasons.add("Falls short: " + about.length(wish) + " would be needed.");
        }
        if (about.shop().holds(School.SHAVE_WITH_DRAWING)) {
            reasons.add("Draw the bridge as it is first, and keep the drawing with the job.");
        }
        Outcome can = Outcome.can(WayId.SHAVE_BRIDGE, after, reasons);
        if (about.collectible()) {
            return can.asNot("Collectible: its bridge is never shaved.");
        }
        if (about.handmade()) {
            return can.asNot("Handmade: its bridge is never shaved.");
        }
        boolean unsaid = about.job().details().get(Details.HANDMADE).isEmpty();
        if (unsaid && about.shop().holds(School.SHAVE_NOT_HANDMADE)) {
            return can.asNot("Say first that it is machine-made: a handmade one is never shaved.");
        }
        return can;
    }

    Outcome newBridge(Setup from) {
        if (from.protrusion().isEmpty()) {
            return Outcome.not(WayId.NEW_BRIDGE, FLOATING);
        }
        double thickness = from.bridgeThickness().orElseThrow();
        double full = about.shop().get(Standard.BRIDGE_FULL);
        double thin = about.shop().bridgeThin(about.job().instrument().body());
        boolean cut = thickness < about.shop().get(Standard.BRIDGE_CUT);
        boolean met = about.met(from);
        OptionalDouble said = about.aim(Aim.BRIDGE_THICKNESS);
        if (met && !cut && said.isEmpty()) {
            return Outcome.noNeed(WayId.NEW_BRIDGE, from, "Bridge and action are right.");
        }
        Sides<Double> needed =
                met ? new Sides<>(0.0, 0.0) : from.crownRiseFor(about.wanted().action());
        double support = from.supportHeight() + Sides.mean(needed);
        double stands = about.aim(Aim.SADDLE).orElse(about.shop().get(Standard.PROTRUSION_FULL));
        double next = said.orElse(Math.min(full, Math.max(thin, support - stands)));
        Setup fitted = from.withBridgeShaved(thickness - next);
        Sides<Double> out = fitted.protrusion().orElseThrow();
        Setup after = fitted.withSaddleRaised(fittedSaddle(needed, out));
        Outcome can = Outcome.can(
                WayId.NEW_BRIDGE,
                after,
                "A bridge of " + about.length(next) + " in place of " + about.length(thickness) + ", with "
                        + about.length(Sides.mean(after.protrusion().orElseThrow()))
                        + " of saddle; the action comes to " + about.action(after) + ".",
                cut ? "The present one has been cut." : "The first one is kept: it can be put back.");
        if (about.collectible() && !cut) {
            return can.asNot("Collectible: its first bridge stays on it.");
        }
        if (!met && Math.abs(about.over(after)) > Math.abs(about.over(from)) - HAIR) {
            return Outcome.not(WayId.NEW_BRIDGE, "No bridge thickness within the limits brings the action nearer.");
        }
        return can;
    }

    /** The set-up with all that the saddle alone can give. */
    private Setup alone(Setup from) {
        Sides<Double> needed = from.crownRiseFor(about.wanted().action());
        return from.withSaddleRaised(Spare.within(needed, from.protrusion().orElseThrow(), about.shop()));
    }

    /** The change that brings the crown where it is needed, held within what a new saddle may stand out. */
    private Sides<Double> fittedSaddle(Sides<Double> needed, Sides<Double> out) {
        double least = about.least();
        double most = about.shop().get(Standard.PROTRUSION_MOST);
        return needed.with(out, (change, stands) -> Math.min(most, Math.max(least, stands + change)) - stands);
    }

    Outcome floating(Setup from) {
        if (from.protrusion().isPresent()) {
            return Outcome.not(WayId.FLOATING_BRIDGE, "It has a bridge glued to the top.");
        }
        if (about.met(from)) {
            return Outcome.noNeed(WayId.FLOATING_BRIDGE, from, "The action is where it is wanted.");
        }
        Sides<Double> needed = from.crownRiseFor(about.wanted().action());
        double height = from.supportHeight();
        boolean solid = about.job()
                .details()
                .get(Details.BRIDGE)
                .filter(ArchtopBridge.SOLID::equals)
                .isPresent();
        OptionalDouble lowest = solid ? OptionalDouble.of(height) : about.reading(Reading.BRIDGE_LOWEST);
        OptionalDouble highest = solid ? OptionalDouble.of(height) : about.reading(Reading.BRIDGE_HIGHEST);
        double wish = height + Sides.mean(needed);
        boolean down = wish < height;
        if ((down ? lowest : highest).isEmpty()) {
            return Outcome.unknown(
                    WayId.FLOATING_BRIDGE, "Read how " + (down ? "low" : "high") + " the bridge can go.");
        }
        return down
                ? lowered(from, needed, wish, lowest.getAsDouble())
                : raised(from, needed, wish, highest.getAsDouble());
    }

    private Outcome lowered(Setup from, Sides<Double> needed, double wish, double lowest) {
        double trimMost = about.collectible() ? 0 : about.shop().get(Standard.FOOT_TRIM_MOST);
        double reached = Math.max(wish, Math.min(from.supportHeight(), lowest - trimMost));
        double trim = Math.max(0, lowest - reached);
        Setup after = moved(from, needed, wish, reached);
        if (Math.abs(reached - from.supportHeight()) < HAIR) {
            return Outcome.not(
                    WayId.FLOATING_BRIDGE,
                    "The bridge is at the bottom"
                            + (about.collectible() ? ", and nothing original is cut." : " and can't be trimmed."));
        }
        String comes = "; the action comes to " + about.action(after) + ".";
        Outcome can = Outcome.can(
                WayId.FLOATING_BRIDGE,
                after,
                trim > HAIR
                        ? "The wheels are at the end: " + about.length(trim) + " off the foot or the saddle's seat"
                                + comes
                        : "Down by " + about.length(from.supportHeight() - reached) + " on the wheels" + comes,
                reached > wish + HAIR
                        ? "Falls short: it would have to come down by " + about.length(from.supportHeight() - wish)
                                + "."
                        : trim > HAIR ? "Fit the feet to the arch again." : "Find the saddle's place again.");
        return trim > HAIR ? can.irreversible() : can.priced(List.of(Standard.HOURS_WHEELS));
    }

    private Outcome raised(Setup from, Sides<Double> needed, double wish, double highest) {
        double reached = Math.min(
                wish, Math.max(from.supportHeight(), highest) + about.shop().get(Standard.RISER_MOST));
        double riser = Math.max(0, reached - highest);
        Setup after = moved(from, needed, wish, reached);
        String comes = "; the action comes to " + about.action(after) + ".";
        Outcome can = Outcome.can(
                WayId.FLOATING_BRIDGE,
                after,
                riser > HAIR
                        ? "Strips of " + about.length(riser) + " under the feet" + comes
                        : "Up by " + about.length(reached - from.supportHeight()) + " on the wheels" + comes,
                reached < wish - HAIR
                        ? "Falls short: a taller bridge would be needed."
                        : riser > HAIR
                                ? "Fit the strips to the arch; they come off again."
                                : "Find the saddle's place again.");
        return riser > HAIR ? can : can.priced(List.of(Standard.HOURS_WHEELS));
    }

    /** What each side needs, less on both alike what the bridge can't give. */
    private static Setup moved(Setup from, Sides<Double> needed, double wish, double reached) {
        return from.withSaddleRaised(needed.map(each -> each + reached - wish));
    }
}
