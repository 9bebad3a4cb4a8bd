package org.kestan.ways;

import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.setup.Setup;
import org.kestan.standards.Standard;

/** The ways that come before any cut: leaving it, the air, mending, the strings' load. */
final class ConditionSteps {

    private final Case about;

    ConditionSteps(Case about) {
        this.about = about;
    }

    Outcome leave(Optional<Setup> from) {
        if (about.lifted() || about.broken().isPresent()) {
            return Outcome.not(WayId.LEAVE, "What is loose gets worse under tension.");
        }
        return from.map(setup -> Outcome.can(
                        WayId.LEAVE,
                        setup,
                        about.met(setup)
                                ? "The action is where it is wanted."
                                : "The action stays at " + about.action(setup) + "."))
                .orElseGet(() -> Outcome.can(WayId.LEAVE, from, "How it stands is not known yet."));
    }

    Outcome condition(Optional<Setup> from) {
        OptionalDouble humidity = about.job().survey().humidity();
        if (humidity.isEmpty()) {
            return Outcome.unknown(WayId.CONDITION, "Read the humidity.");
        }
        long percent = Math.round(humidity.getAsDouble());
        if (!about.dryOrDamp()) {
            return Outcome.noNeed(WayId.CONDITION, from, "The air is right at " + percent + " %.");
        }
        return Outcome.can(
                WayId.CONDITION,
                from,
                "At " + percent + " % no number holds: days at "
                        + Math.round(about.shop().get(Standard.HUMIDITY_LEAST)) + " to "
                        + Math.round(about.shop().get(Standard.HUMIDITY_MOST)) + " %, then measure again.",
                "The figures shown are those of today.");
    }

    Outcome reglue(Optional<Setup> from) {
        if (about.floating()) {
            return Outcome.not(WayId.REGLUE_BRIDGE, "A floating bridge is not glued.");
        }
        if (!about.lifted()) {
            return Outcome.noNeed(WayId.REGLUE_BRIDGE, from, "The bridge is not lifted as far as was looked at.");
        }
        return Outcome.can(
                WayId.REGLUE_BRIDGE,
                from,
                "The bridge is lifted: off, cleaned, fitted to the top, glued with its edges tight; then measure again.",
                "The figures shown are those of today.");
    }

    Outcome mend(Optional<Setup> from) {
        return about.broken()
                .map(found -> Outcome.can(
                        WayId.MEND_FIRST,
                        from,
                        found.what().label() + ": mend that, then measure again.",
                        "The figures shown are those of today."))
                .orElseGet(() -> Outcome.noNeed(
                        WayId.MEND_FIRST,
                        from,
                        about.job().survey().findings().isEmpty()
                                ? "Nothing is known to be loose; it was not inspected."
                                : "Nothing is loose or cracked through."));
    }

    /**
     * Tuning down lets the body rise by the share of its sink that the load falls by. The relief, which eases too, is left
     * as it is: nothing on the sheet says by how much.
     */
    Outcome tuneDown(Setup from) {
        if (about.over(from) <= about.shop().get(Standard.ACTION_REACH)) {
            return Outcome.noNeed(WayId.TUNE_DOWN, from, "The action is not too high.");
        }
        double steps = about.shop().get(Standard.TUNE_DOWN);
        double share = 1 - Math.pow(2, -steps / 6);
        OptionalDouble read = about.reckoning().trajectory().orElseThrow().sink();
        double rise = Math.max(0, read.orElse(about.shop().get(Standard.SINK))) * share;
        Setup after = from.withTunedDown(steps, rise);
        return Outcome.can(
                WayId.TUNE_DOWN,
                after,
                "Down " + Math.round(steps) + (steps == 1 ? " half step" : " half steps") + " takes "
                        + Math.round(share * 100) + " % of the load off; the body comes back by about "
                        + about.fine(rise) + ", the action to " + about.action(after) + ".",
                read.isPresent() ? "By the sink that was read." : "By the shop's usual sink: it was not read.");
    }
}
