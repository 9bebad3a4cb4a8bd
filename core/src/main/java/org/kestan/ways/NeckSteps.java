package org.kestan.ways;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.kestan.job.Details;
import org.kestan.job.Joint;
import org.kestan.setup.Setup;
import org.kestan.sheet.Aim;
import org.kestan.sheet.Reading;
import org.kestan.sheet.Sides;
import org.kestan.standards.SchoolQuestion;
import org.kestan.standards.ShopStandards;
import org.kestan.standards.Standard;

/** The ways that turn the neck: shim, sanding, reset, slipped back, saw. */
final class NeckSteps {

    private static final String STAYS = "The neck can stay as it is.";

    private final Case about;

    NeckSteps(Case about) {
        this.about = about;
    }

    /** The stock angles, set back and forward, each with the set-up it leads to. */
    static List<Shim> shims(Setup from, ShopStandards shop) {
        return Stream.of(Standard.SHIM_FINE, Standard.SHIM_MIDDLE, Standard.SHIM_COARSE)
                .map(shop::get)
                .flatMap(degrees -> Stream.of(degrees, -degrees))
                .map(degrees -> new Shim(degrees, from.withNeckTurned(Math.toRadians(degrees))))
                .toList();
    }

    Outcome shim(Setup from) {
        if (!about.joined(Joint.POCKET_BOLT)) {
            return Outcome.not(WayId.POCKET_SHIM, "Its neck is not bolted into a flat pocket.");
        }
        if (about.met(from)) {
            return Outcome.noNeed(WayId.POCKET_SHIM, from, STAYS);
        }
        OptionalDouble needed = angle(from);
        if (needed.isEmpty()) {
            return Outcome.not(WayId.POCKET_SHIM, "No neck angle brings the strings there.");
        }
        double degrees = Math.toDegrees(needed.getAsDouble());
        if (Math.abs(degrees) < about.shop().get(Standard.SHIM_FINE) / 2) {
            return Outcome.noNeed(WayId.POCKET_SHIM, from, "Less than half the finest stock shim: the saddle's work.");
        }
        Shim nearest = shims(from, about.shop()).stream()
                .min(Comparator.comparingDouble(shim -> Math.abs(shim.degrees() - degrees)))
                .orElseThrow();
        List<String> reasons = new ArrayList<>();
        reasons.add("It needs " + degrees(degrees) + "; a " + degrees(nearest.degrees()) + " shim "
                + (nearest.degrees() > 0
                        ? "with its thick end toward the bridge "
                        : "with its thick end toward the nut ")
                + "brings the action to " + about.action(nearest.after()) + ".");
        OptionalDouble pocket = about.reading(Reading.POCKET_LENGTH);
        reasons.add(
                pocket.isPresent()
                        ? "Its thick end is "
                                + about.fine(
                                        pocket.getAsDouble() * Math.tan(Math.toRadians(Math.abs(nearest.degrees()))))
                                + ", the whole pocket long."
                        : "Read the pocket's length: the thick end follows from it.");
        if (Math.abs(degrees)
                > about.shop().get(Standard.SHIM_COARSE) + about.shop().get(Standard.SHIM_FINE) / 2) {
            reasons.add("More than the coarsest stock shim: sanding or a made shim goes further.");
        }
        return Outcome.can(WayId.POCKET_SHIM, nearest.after(), reasons);
    }

    Outcome sanding(Setup from) {
        if (!about.joined(Joint.POCKET_BOLT, Joint.MORTISE_BOLT)) {
            return Outcome.not(WayId.HEEL_SANDING, "Its neck is not bolted on.");
        }
        return turned(WayId.HEEL_SANDING, from);
    }

    Outcome reset(Setup from) {
        if (about.joined(Joint.THROUGH)) {
            return Outcome.not(WayId.NECK_RESET, "A through neck does not come off.");
        }
        if (about.joined(Joint.POCKET_BOLT)) {
            return Outcome.not(WayId.NECK_RESET, "The neck is bolted into a flat pocket: a shim or sanding does it.");
        }
        return turned(WayId.NECK_RESET, from);
    }

    Outcome backSlip(Setup from) {
        return cheap(WayId.BACK_SLIP, from);
    }

    Outcome sawAndBolt(Setup from) {
        return cheap(WayId.SAW_AND_BOLT, from);
    }

    /** Ways that are malpractice on anything worth a reset. */
    private Outcome cheap(WayId id, Setup from) {
        if (about.joined(Joint.POCKET_BOLT, Joint.MORTISE_BOLT)) {
            return Outcome.not(id, "The neck comes off with its bolts.");
        }
        if (about.joined(Joint.THROUGH) && id == WayId.SAW_AND_BOLT) {
            return Outcome.not(id, "A through neck has no joint to saw.");
        }
        Outcome turned = turned(id, from);
        if (about.collectible() || about.handmade()) {
            return turned.asNot(
                    about.collectible() ? "Collectible: nothing original is cut." : "Handmade: it deserves a reset.");
        }
        boolean dear = about.worth() == Case.Worth.YES || about.worth() == Case.Worth.ASK;
        boolean sentimental = id == WayId.BACK_SLIP
                && about.job().details().get(Details.MEANING).isPresent()
                && about.worth() == Case.Worth.ASK;
        if (dear && !sentimental) {
            return turned.asNot("It is worth a reset.");
        }
        return about.worth() == Case.Worth.UNKNOWN
                ? Outcome.unknown(id, "Say what it would bring in good order: only for one of little value.")
                : turned;
    }

    private Outcome turned(WayId id, Setup from) {
        Optional<Setup> reset = SchoolPlan.reset(about, from, SchoolPlan.chosen(about));
        if (reset.isEmpty()) {
            return Outcome.not(id, "No neck angle brings the strings there.");
        }
        Setup after = reset.get();
        double angle = after.rotation() - from.rotation();
        OptionalDouble heel = about.reading(Reading.HEEL_HEIGHT);
        double lever = heel.orElse(from.basis().jointToSaddle());
        if (Math.abs(lever * Math.tan(angle)) <= about.shop().get(Standard.CUT_NONE)
                || about.met(from) && saddleWell(from)) {
            return Outcome.noNeed(id, from, STAYS);
        }
        if (angle < 0) {
            return Outcome.not(
                    id,
                    after,
                    "The neck would have to come forward by " + degrees(-Math.toDegrees(angle))
                            + ": raise the saddle or the bridge instead.");
        }
        List<String> reasons = new ArrayList<>();
        reasons.add("Set back by " + degrees(Math.toDegrees(angle))
                + (heel.isPresent() ? ", " + about.fine(heel.getAsDouble() * Math.tan(angle)) + " at the cap" : "")
                + "; the action comes to " + about.action(after) + ".");
        after.protrusion().ifPresent(out -> {
            double least = Math.min(out.bass(), out.treble());
            if (least < about.least()) {
                reasons.add("The plan leaves the saddle at " + about.length(least) + ": aim at "
                        + about.length(about.shop().get(Standard.PROTRUSION_FULL)) + " or more.");
            }
        });
        if (heel.isEmpty()) {
            reasons.add("Read the heel's height: the cut follows from it.");
        }
        if (id == WayId.NECK_RESET) {
            resetReasons(reasons);
        }
        return Outcome.can(id, after, reasons);
    }

    private void resetReasons(List<String> reasons) {
        if (about.joint().isEmpty() || about.joined(Joint.UNKNOWN)) {
            reasons.add("Find out first how the neck is joined.");
        }
        if (about.joined(Joint.DOVETAIL)) {
            reasons.add("Released by: "
                    + about.shop().school(SchoolQuestion.RELEASE).words().toLowerCase(java.util.Locale.ROOT) + ".");
        }
        switch (about.worth()) {
            case NO ->
                reasons.add("Costs " + Math.round(about.shop().cost(ShopStandards.RESET)) + " against a value of "
                        + Math.round(about.job().details().get(Details.VALUE).orElseThrow()) + ".");
            case ASK -> reasons.add("Talk the cost over with the owner.");
            case UNKNOWN -> reasons.add("Whether it is worth it is not known: say its value.");
            case YES -> {
                // Nothing to add: it is worth it.
            }
        }
    }

    /** The saddle is not low: nothing but the action could ask for the neck. */
    private boolean saddleWell(Setup from) {
        return about.aim(Aim.SADDLE).isEmpty()
                && about.aim(Aim.BRIDGE_THICKNESS).isEmpty()
                && from.protrusion()
                        .map(out -> Math.min(out.bass(), out.treble()) >= about.least())
                        .orElse(true);
    }

    private OptionalDouble angle(Setup from) {
        double crown = Sides.mean(from.crown());
        double rise = Sides.mean(from.crownRiseFor(about.wanted().action()));
        return from.basis().rotation().angleFor(crown, crown + rise, 0);
    }

    private static String degrees(double value) {
        return String.format(java.util.Locale.ROOT, "%.2f\u00b0", value).replace('-', '\u2212');
    }
}
