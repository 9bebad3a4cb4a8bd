package org.kestan.judgment.way;

import java.util.Collection;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.kestan.analysis.setup.Obstacle;
import org.kestan.analysis.setup.SaddleReserve;
import org.kestan.analysis.setup.Setup;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.finding.Quantity;
import org.kestan.base.geometry.Tolerances;
import org.kestan.base.sheet.Aim;
import org.kestan.base.sheet.Dimension;
import org.kestan.base.sheet.LengthLine;
import org.kestan.base.sheet.Sides;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.terms.Joint;
import org.kestan.job.terms.JointFit;
import org.kestan.job.terms.Lines;
import org.kestan.job.visits.Defect;
import org.kestan.job.visits.Observation;
import org.kestan.job.visits.Severity;
import org.kestan.judgment.verdict.Soundness;
import org.kestan.judgment.verdict.Targets;

/**
 * What the ways are judged by: one instrument, its targets, the shop.
 *
 * @param computation what follows from the job
 * @param wanted the targets
 * @param taken the ways that are taken together; none for each alone
 */
public record JudgmentContext(SheetAnalysis sheetAnalysis, Targets wanted, Set<Way> taken) {

    /** The context for the ways of a job. */
    public static JudgmentContext of(SheetAnalysis sheetAnalysis) {
        return new JudgmentContext(sheetAnalysis, Targets.of(sheetAnalysis.job(), sheetAnalysis.standards()), Set.of());
    }

    /** Returns the same with some ways taken together. */
    public JudgmentContext together(Collection<Way> ways) {
        return new JudgmentContext(sheetAnalysis, wanted, Set.copyOf(ways));
    }

    /** Returns whether one of the ways taken together has an effect. */
    public boolean together(Effect effect) {
        return taken.stream().anyMatch(way -> way.has(effect));
    }

    /** Returns the job. */
    public Job job() {
        return sheetAnalysis.job();
    }

    /** Returns the shop's standards. */
    public ShopStandards shop() {
        return sheetAnalysis.standards();
    }

    /** Returns a standard of the shop. */
    public double shop(Standard standard) {
        return shop().get(standard);
    }

    /** Returns the setup as measured; empty if the sheet is not complete enough. */
    public Optional<Setup> measured() {
        return sheetAnalysis.measured();
    }

    /** Returns whether nothing original may be cut. */
    public boolean collectible() {
        return job().collectible();
    }

    /** Returns whether it was built by hand. */
    public boolean handmade() {
        return job().get(Lines.HANDMADE).orElse(false);
    }

    /** Returns whether the neck joint is one of the given ones. */
    public boolean joined(Joint... joints) {
        return job().joined(joints);
    }

    /** Returns the length on a line, mm. */
    public OptionalDouble length(LengthLine line) {
        return job().millimeters(line);
    }

    /** Returns whether the bridge is lifted. */
    public boolean lifted() {
        return soundness().lifted();
    }

    /**
     * Returns what is loose or cracked through and has to be repaired before anything else. A loose dovetail is not
     * one of these: gluing it is the first step of setting the neck (§6).
     */
    public Optional<Observation> broken() {
        boolean dovetail = joined(Joint.DOVETAIL);
        return soundness().broken().stream()
                .filter(seen -> !(dovetail && seen.what() == Defect.NECK_JOINT))
                .findFirst();
    }

    /** Returns whether the neck is off, or loose in a glued joint: whatever is done, it comes off first. */
    public boolean neckComesOff() {
        boolean bolted = joined(Joint.POCKET_BOLT, Joint.MORTISE_BOLT, Joint.TILT_SCREW);
        Optional<JointFit> fit = job().get(Lines.JOINT_FIT);
        return fit.filter(JointFit.OFF::equals).isPresent()
                || !bolted && fit.filter(JointFit.LOOSE::equals).isPresent()
                || joined(Joint.DOVETAIL)
                        && soundness().broken().stream().anyMatch(seen -> seen.what() == Defect.NECK_JOINT);
    }

    /** Returns whether it may be tuned up. */
    public boolean bearsTension() {
        return soundness().bearsTension();
    }

    /**
     * Returns whether the body itself folds farther than a sound one does (§3.4), and its braces were not found sound.
     */
    public boolean foldsTooFar() {
        return sheetAnalysis
                        .trajectory()
                        .flatMap(known -> boxed(known.judgedSink(job().visit())))
                        .filter(sink -> sink > shop(Standard.SINK_MOST))
                        .isPresent()
                && job().visit()
                        .observation(Defect.BRACE_LOOSE)
                        .filter(seen -> seen.severity() == Severity.SOUND)
                        .isEmpty();
    }

    private static Optional<Double> boxed(OptionalDouble value) {
        return value.isPresent() ? Optional.of(value.getAsDouble()) : Optional.empty();
    }

    /** Returns how far the body folds: as read, or else the shop's usual, mm; never negative. */
    public double sink() {
        return Math.max(
                0,
                sheetAnalysis.trajectory().flatMap(known -> boxed(known.sink())).orElseGet(() -> shop(Standard.SINK)));
    }

    /** Returns whether the humidity is outside the shop's window. */
    public boolean dryOrDamp() {
        return soundness().dryOrDamp();
    }

    private Soundness soundness() {
        return Soundness.of(job().visit(), shop());
    }

    /** Returns whether the work is done whatever it costs, because the job says so. */
    public boolean moneyIsNotAsked() {
        return job().get(Lines.DO_IT_ANYWAY).isPresent();
    }

    /** How the cost of a reset compares with the instrument's value. */
    public enum Worth {
        YES,
        ASK,
        NO,
        /** The value was not entered. */
        UNKNOWN
    }

    /** Returns how the cost of a reset compares with the instrument's value. */
    public Worth worth() {
        Optional<Double> value = job().get(Lines.VALUE);
        if (moneyIsNotAsked()) {
            return Worth.YES;
        }
        if (value.isEmpty()) {
            return Worth.UNKNOWN;
        }
        double cost = shop().cost(ShopStandards.RESET);
        return value.get() < cost ? Worth.NO : value.get() < cost * shop(Standard.WORTH_RATIO) ? Worth.ASK : Worth.YES;
    }

    /**
     * Returns whether the job's targets for saddle, bridge and clearance are kept: a named target binds every way
     * (§6).
     */
    public boolean keepsAims(Setup after) {
        boolean floating = after.protrusion().isEmpty();
        double crown = 2 * shop(Standard.ACTION_REACH);
        return near(Aim.SADDLE, after.protrusion().map(Sides::mean), crown)
                && near(Aim.BRIDGE_HEIGHT, floating ? Optional.of(after.supportHeight()) : Optional.empty(), crown)
                && near(Aim.BRIDGE_THICKNESS, boxed(after.bridgeThickness()), shop(Standard.ACTION_REACH))
                && clears(after);
    }

    private boolean near(Aim aim, Optional<Double> stands, double reach) {
        OptionalDouble said = length(aim);
        return said.isEmpty()
                || stands.isEmpty()
                || Math.abs(stands.get() - said.getAsDouble()) <= reach + Tolerances.SAME;
    }

    /** Returns what is under the strings; empty for nothing. */
    public Optional<Obstacle> obstacle() {
        return Obstacle.of(job(), measured());
    }

    /** Returns whether the strings clear what is under them by as much as the job asks, or at all if it does not. */
    public boolean clears(Setup setup) {
        double least = length(Aim.CLEARANCE).orElse(0) - Tolerances.SHOWN;
        return obstacle().filter(each -> each.underStrings(setup) < least).isEmpty();
    }

    /** Returns the least the saddle of a setup may stand out, mm. */
    public double least(Setup setup) {
        return SaddleReserve.least(setup, shop());
    }

    /** Returns how thick the bridge was made, before anyone cut it, mm; empty if that is not known. */
    public OptionalDouble bridgeAsMade() {
        return length(Dimension.BRIDGE_AS_MADE);
    }

    /** Returns the most a saddle may stand out, mm. */
    public double most() {
        return shop(Standard.PROTRUSION_MOST);
    }

    /** Returns how far the action is below the target, on the lower side; negative if both are above, mm. */
    public double under(Setup setup) {
        Sides<Double> off = setup.action().with(wanted.action(), (now, aim) -> aim - now);
        return Math.max(off.bass(), off.treble());
    }

    /** Returns whether the strings are too low rather than too high. */
    public boolean tooLow(Setup setup) {
        return !met(setup) && under(setup) > over(setup);
    }

    /** Returns the thickness below which a bridge is thin on this body, mm. */
    public double thin() {
        return shop().bridgeThin(job().text(Lines.BODY));
    }

    /** Returns whether an action is as close to the target as the shop asks, on both sides. */
    public boolean met(Setup setup) {
        return setup.meets(wanted.action(), shop(Standard.ACTION_REACH));
    }

    /** Returns how far the action is from the target, on the side that is farther off, mm. */
    public double off(Setup setup) {
        return setup.offFrom(wanted.action());
    }

    /** Returns how far the action is above the target, on the higher side; negative if both are below, mm. */
    public double over(Setup setup) {
        Sides<Double> off = setup.action().with(wanted.action(), (now, aim) -> now - aim);
        return Math.max(off.bass(), off.treble());
    }

    /** Returns an action on both sides, for a sentence. */
    public static Quantity.Said action(Setup setup) {
        return new Quantity.Said(WayFinding.ACTION.of(
                Quantity.length(setup.action().bass()),
                Quantity.length(setup.action().treble())));
    }
}
