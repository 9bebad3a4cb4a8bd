package org.kestan.ways;

import org.kestan.job.Details;
import org.kestan.job.PlayingStyle;
import org.kestan.setup.Setup;
import org.kestan.sheet.Aim;
import org.kestan.sheet.Sides;
import org.kestan.standards.School;
import org.kestan.standards.Standard;
import org.kestan.verdict.Rod;
import org.kestan.verdict.Spare;

/** The ways at the strings' ends and the neck's bow: rod, nut, saddle, slide. */
final class StringSteps {

    /** Relief and nut are not touched for less than a thousandth of an inch, the step between leaves. */
    private static final double LEAF = 0.0254;

    private final Case about;

    StringSteps(Case about) {
        this.about = about;
    }

    Outcome rod(Setup from) {
        Rod rod = Rod.at(from.reliefGap(), about.job(), about.shop());
        double aim = rod.aim();
        if (!rod.needed()) {
            return Outcome.noNeed(
                    WayId.TRUSS_ROD, from, "The relief is right at " + about.fine(from.reliefGap()) + ".");
        }
        Setup after = from.withRelief(aim);
        String comes = "From " + about.fine(from.reliefGap()) + " to " + about.fine(aim)
                + " of relief brings the action to " + about.action(after) + ". An estimate: read again.";
        if (!rod.can()) {
            return Outcome.not(
                    WayId.TRUSS_ROD,
                    "Rod: " + rod.state().orElseThrow().label().toLowerCase(java.util.Locale.ROOT)
                            + ". It can't take the relief from " + about.fine(from.reliefGap()) + " to "
                            + about.fine(aim) + ".");
        }
        String how = about.shop().holds(School.ROD_SLACKENED)
                ? "Slacken, turn, retune."
                : "A quarter turn at a time, retuning.";
        return rod.state().isEmpty()
                ? Outcome.can(WayId.TRUSS_ROD, after, comes, "See first whether the rod works. " + how)
                : Outcome.can(WayId.TRUSS_ROD, after, comes, how);
    }

    Outcome nut(Setup from) {
        double low = about.shop().get(Standard.NUT_LOW);
        double high = about.shop().get(Standard.NUT_HIGH);
        Sides<Double> now = from.nut();
        Sides<Double> said = new Sides<>(Aim.NUT_BASS, Aim.NUT_TREBLE)
                .with(
                        now,
                        (aim, height) -> about.aim(aim)
                                .orElse(
                                        height > high || height < low
                                                ? about.shop().get(Standard.NUT_HEIGHT)
                                                : height));
        Sides<Double> change = said.with(now, (to, is) -> to - is);
        double most = Math.max(Math.abs(change.bass()), Math.abs(change.treble()));
        if (most <= LEAF) {
            return Outcome.noNeed(WayId.NUT, from, "The slots are right.");
        }
        Setup after = from.withNut(said);
        boolean up = change.bass() > LEAF || change.treble() > LEAF;
        return Outcome.can(
                WayId.NUT,
                after,
                "To " + about.fine(said.bass()) + " bass and " + about.fine(said.treble())
                        + " treble over fret 1; the action comes to " + about.action(after) + ".",
                up ? "Up: fill the slots or fit a new nut." : "Down: cut the slots, a little at a time.");
    }

    Outcome saddle(Setup from) {
        if (from.protrusion().isEmpty()) {
            return Outcome.not(WayId.SADDLE, "A floating bridge carries the strings itself.");
        }
        if (about.met(from)) {
            return Outcome.noNeed(WayId.SADDLE, from, "The action is where it is wanted.");
        }
        Sides<Double> needed = from.crownRiseFor(about.wanted().action());
        Sides<Double> out = from.protrusion().get();
        Sides<Double> taken = Spare.within(needed, out, about.shop());
        Setup after = from.withSaddleRaised(taken);
        double drop = -Math.min(needed.bass(), needed.treble());
        double left = Math.min(out.bass(), out.treble());
        if (Math.abs(taken.bass()) < LEAF && Math.abs(taken.treble()) < LEAF) {
            return Outcome.not(
                    WayId.SADDLE,
                    drop > 0
                            ? "The saddle has " + about.length(left) + " left; this needs "
                                    + about.length(drop + about.least()) + "."
                            : "The saddle is as tall as it may be.");
        }
        if (about.met(after)) {
            String change = drop > 0
                    ? about.length(drop) + " off leaves "
                    : about.length(Math.max(needed.bass(), needed.treble())) + " more makes ";
            return Outcome.can(
                    WayId.SADDLE,
                    after,
                    change
                            + about.length(Math.min(
                                    after.protrusion().orElseThrow().bass(),
                                    after.protrusion().orElseThrow().treble()))
                            + "; the action comes to " + about.action(after) + ".",
                    about.collectible() || about.handmade()
                            ? "Make a new saddle; the first one stays in the case, untouched."
                            : about.shop().holds(School.THROUGH_GLUED)
                                    ? "Glued only in an old through-slot."
                                    : "Bare-hand snug, never glued.");
        }
        return Outcome.can(
                WayId.SADDLE,
                after,
                "Falls short: the saddle has " + about.length(left) + " left; this needs "
                        + about.length(drop + about.least()) + ". What it has brings the action to "
                        + about.action(after) + ".");
    }

    Outcome slide(Setup from) {
        double height = about.shop().get(Standard.ACTION_SLIDE);
        if (Math.min(from.nut().bass(), from.nut().treble()) >= height) {
            return Outcome.noNeed(WayId.SLIDE, from, "The nut is as high as a slide wants it.");
        }
        Setup after = from.withNut(new Sides<>(height, height));
        boolean plays = about.job()
                .details()
                .get(Details.STYLE)
                .filter(PlayingStyle.SLIDE::equals)
                .isPresent();
        return Outcome.can(
                WayId.SLIDE,
                after,
                plays ? "It is played with a slide." : "Only if it is to be played with a slide.",
                "A raised nut with " + about.length(height) + " over fret 1 brings the action to " + about.action(after)
                        + ".");
    }
}
