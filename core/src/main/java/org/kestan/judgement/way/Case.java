package org.kestan.judgement.way;

import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.following.reckoning.Reckoning;
import org.kestan.following.setup.Setup;
import org.kestan.ground.finding.Quantity;
import org.kestan.ground.sheet.LengthLine;
import org.kestan.ground.sheet.Sides;
import org.kestan.ground.standards.ShopStandards;
import org.kestan.ground.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.terms.Joint;
import org.kestan.job.terms.Lines;
import org.kestan.job.visits.Observation;
import org.kestan.judgement.verdict.Soundness;
import org.kestan.judgement.verdict.Wanted;

/**
 * What the ways are judged by: one instrument, what is wanted of it, the shop.
 *
 * @param reckoning what follows from the job
 * @param wanted what is wanted
 */
public record Case(Reckoning reckoning, Wanted wanted) {

    /** What the ways of a job are judged by. */
    public static Case of(Reckoning reckoning) {
        return new Case(reckoning, Wanted.of(reckoning.job(), reckoning.standards()));
    }

    /** Returns the job. */
    public Job job() {
        return reckoning.job();
    }

    /** Returns the shop's standards. */
    public ShopStandards shop() {
        return reckoning.standards();
    }

    /** Returns a standard of the shop. */
    public double shop(Standard standard) {
        return shop().get(standard);
    }

    /** Returns the set-up as measured; empty when the sheet does not say enough. */
    public Optional<Setup> measured() {
        return reckoning.measured();
    }

    /** Tells whether nothing original may be cut. */
    public boolean collectible() {
        return job().collectible();
    }

    /** Tells whether it was built by hand. */
    public boolean handmade() {
        return job().get(Lines.HANDMADE).orElse(false);
    }

    /** Tells whether the neck joint is one of some. */
    public boolean joined(Joint... joints) {
        return job().joined(joints);
    }

    /** Returns the length on a line, mm. */
    public OptionalDouble length(LengthLine line) {
        return job().millimetres(line);
    }

    /** Tells whether the bridge is lifted. */
    public boolean lifted() {
        return soundness().lifted();
    }

    /** Returns what is loose or cracked through. */
    public Optional<Observation> broken() {
        return soundness().broken();
    }

    /** Tells whether the air is out of the shop's window. */
    public boolean dryOrDamp() {
        return soundness().dryOrDamp();
    }

    private Soundness soundness() {
        return Soundness.of(job().visit(), shop());
    }

    /** How the cost of a reset stands against the instrument's value. */
    public enum Worth {
        YES,
        ASK,
        NO,
        /** The value was not said. */
        UNKNOWN
    }

    /** Returns how the cost of a reset stands against the instrument's value. */
    public Worth worth() {
        Optional<Double> value = job().get(Lines.VALUE);
        if (collectible()) {
            return Worth.YES;
        }
        if (value.isEmpty()) {
            return Worth.UNKNOWN;
        }
        double cost = shop().cost(ShopStandards.RESET);
        return value.get() < cost ? Worth.NO : value.get() < cost * shop(Standard.WORTH_RATIO) ? Worth.ASK : Worth.YES;
    }

    /** Returns the least a saddle may stand out, mm. */
    public double least() {
        return shop(Standard.PROTRUSION_LEAST);
    }

    /** Returns the thickness under which a bridge is thin on this body, mm. */
    public double thin() {
        return shop().bridgeThin(job().text(Lines.BODY));
    }

    /** Tells whether an action is as near to the one wanted as the shop asks, on both sides. */
    public boolean met(Setup setup) {
        return setup.meets(wanted.action(), shop(Standard.ACTION_REACH));
    }

    /** Returns how far the action is from the one wanted, the side that is farther off, mm. */
    public double off(Setup setup) {
        return setup.offFrom(wanted.action());
    }

    /** Returns how far the action is over the one wanted, the higher side; negative when both are under, mm. */
    public double over(Setup setup) {
        Sides<Double> off = setup.action().with(wanted.action(), (now, aim) -> now - aim);
        return Math.max(off.bass(), off.treble());
    }

    /** Returns an action on both sides, to be said. */
    public static Quantity.Said action(Setup setup) {
        return new Quantity.Said(WayFinding.ACTION.of(
                Quantity.length(setup.action().bass()),
                Quantity.length(setup.action().treble())));
    }
}
