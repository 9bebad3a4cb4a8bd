package org.kestan.ways;

import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.job.Details;
import org.kestan.job.Finding;
import org.kestan.job.Job;
import org.kestan.job.Joint;
import org.kestan.notation.BenchUnit;
import org.kestan.reckoning.Reckoning;
import org.kestan.setup.Setup;
import org.kestan.sheet.Aim;
import org.kestan.sheet.Fitting;
import org.kestan.sheet.Reading;
import org.kestan.sheet.Sides;
import org.kestan.standards.ShopStandards;
import org.kestan.standards.Standard;
import org.kestan.verdict.Soundness;
import org.kestan.verdict.Wanted;

/**
 * What the ways are judged by: one instrument, what is wanted of it, the shop.
 *
 * @param job the job
 * @param reckoning what follows from it
 * @param shop the shop's standards
 * @param wanted what is wanted
 * @param unit the unit that reasons name lengths in
 */
record Case(Job job, Reckoning reckoning, ShopStandards shop, Wanted wanted, BenchUnit unit) {

    static Case of(Reckoning reckoning, BenchUnit unit) {
        return new Case(
                reckoning.job(),
                reckoning,
                reckoning.standards(),
                Wanted.of(reckoning.job(), reckoning.standards()),
                unit);
    }

    Optional<Setup> measured() {
        return reckoning.trajectory().map(known -> Setup.measured(known, job.survey(), shop));
    }

    boolean floating() {
        return job.fitting() == Fitting.FLOATING_BRIDGE;
    }

    boolean collectible() {
        return job.instrument().collectible().orElse(false);
    }

    boolean handmade() {
        return job.details().get(Details.HANDMADE).orElse(false);
    }

    Optional<Joint> joint() {
        return job.instrument().joint();
    }

    boolean joined(Joint... joints) {
        return joint().filter(java.util.List.of(joints)::contains).isPresent();
    }

    OptionalDouble reading(Reading reading) {
        return job.survey().millimetres(reading);
    }

    OptionalDouble aim(Aim aim) {
        return job.target().millimetres(aim);
    }

    boolean lifted() {
        return soundness().lifted();
    }

    Optional<Finding> broken() {
        return soundness().broken();
    }

    boolean dryOrDamp() {
        return soundness().dryOrDamp();
    }

    private Soundness soundness() {
        return Soundness.of(job.survey(), shop);
    }

    /** How the cost of a reset stands against the instrument's value; unknown without a value. */
    Worth worth() {
        Optional<Double> value = job.details().get(Details.VALUE);
        if (collectible()) {
            return Worth.YES;
        }
        if (value.isEmpty()) {
            return Worth.UNKNOWN;
        }
        double cost = shop.cost(ShopStandards.RESET);
        return value.get() < cost
                ? Worth.NO
                : value.get() < cost * shop.get(Standard.WORTH_RATIO) ? Worth.ASK : Worth.YES;
    }

    enum Worth {
        YES,
        ASK,
        NO,
        UNKNOWN
    }

    /** Saddle room above the shop's least, mm, the lesser side. */
    double least() {
        return shop.get(Standard.PROTRUSION_LEAST);
    }

    /** Whether an action is as near to the one wanted as the shop asks, on both sides. */
    boolean met(Setup setup) {
        return setup.meets(wanted.action(), shop.get(Standard.ACTION_REACH));
    }

    /** How far the action is from the one wanted, the side that is farther off, mm. */
    double off(Setup setup) {
        return setup.offFrom(wanted.action());
    }

    /** How far the action is over the one wanted, the higher side; negative when both are under, mm. */
    double over(Setup setup) {
        Sides<Double> off = setup.action().with(wanted.action(), (now, aim) -> now - aim);
        return Math.max(off.bass(), off.treble());
    }

    String length(double millimetres) {
        return unit.format(millimetres);
    }

    String fine(double millimetres) {
        return unit.fine().format(millimetres);
    }

    String action(Setup setup) {
        return length(setup.action().bass()) + " bass and "
                + length(setup.action().treble()) + " treble";
    }
}
