package org.kestan.analysis.swing;

import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.analysis.loads.StringLoads;
import org.kestan.analysis.neck.ReliefZones;
import org.kestan.analysis.setup.Setup;
import org.kestan.analysis.sheet.SheetAnalysis;
import org.kestan.base.expect.Expect;
import org.kestan.base.geometry.NeckCurve;
import org.kestan.base.sheet.Aim;
import org.kestan.base.standards.ShopStandards;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.PlayingTouch;

/**
 * The room the strings of a setup have, with its frets as they are and after leveling.
 *
 * @param swing over the frets as they are
 * @param leveling what would come off them
 * @param levelled over the frets once levelled
 */
public record StringClearance(Swing swing, Leveling leveling, Swing levelled) {

    /** The hand to compute with: the player's, or a medium one. */
    public static PlayingTouch hand(Job job) {
        return job.get(Lines.TOUCH).orElse(PlayingTouch.MEDIUM);
    }

    /**
     * Works out the room of a setup.
     *
     * @param as the job and what follows from it
     * @param setup the setup
     * @param fall how much its frets go down for each mm past the joint
     * @return empty as long as no string's gauge and note are known
     */
    public static Optional<StringClearance> of(SheetAnalysis as, Setup setup, double fall, PlayingTouch hand) {
        ShopStandards shop = as.standards();
        return StringLoads.of(as.job(), shop).map(loads -> {
            FretCrowns crowns = FretCrowns.of(setup, as.job(), fall);
            Pluck pluck = Pluck.of(as.job(), hand, shop);
            Leveling leveling = leveling(as, setup, crowns, fall);
            Swing asIs = Swing.of(setup, loads, crowns, pluck);
            Swing levelled = Swing.of(setup, loads, leveling.after(), pluck);
            // A leveling that gives no room does not count (§3.23), unless a shape was asked for.
            return levelled.betters(asIs) || as.job().get(Lines.RELIEF_ZONES).isPresent()
                    ? new StringClearance(asIs, leveling, levelled)
                    : new StringClearance(asIs, Leveling.none(crowns), asIs);
        });
    }

    /** What the strings of a setup hit, with its frets as they are; empty if no string's gauge and note are known. */
    public static Optional<Swing> swing(SheetAnalysis as, Setup setup, double fall, PlayingTouch hand) {
        return swing(as, setup, fall, Pluck.of(as.job(), hand, as.standards()));
    }

    /** The same for a pluck. */
    public static Optional<Swing> swing(SheetAnalysis as, Setup setup, double fall, Pluck pluck) {
        return StringLoads.of(as.job(), as.standards())
                .map(loads -> Swing.of(setup, loads, FretCrowns.of(setup, as.job(), fall), pluck));
    }

    /**
     * The force of a hand from the note that it just makes buzz on the instrument as measured (§3.22): the room
     * shrinks with the force, so two forces give the one that leaves none.
     *
     * @param string number of the string, counted from the treble side
     * @param pressed where it is pressed, 0 for open
     * @return N; empty if the string is not known, or touches a fret at rest
     */
    public static OptionalDouble force(SheetAnalysis as, int string, int pressed) {
        Pluck one = Pluck.of(hand(as.job()), as.standards()).with(1);
        double fall = FretCrowns.fall(as.job());
        Optional<StringOverFrets> by1 =
                as.measured().flatMap(setup -> swing(as, setup, fall, one)).flatMap(swing -> swing.string(string));
        Optional<StringOverFrets> by2 = as.measured()
                .flatMap(setup -> swing(as, setup, fall, one.with(2)))
                .flatMap(swing -> swing.string(string));
        if (by1.isEmpty() || by2.isEmpty()) {
            return OptionalDouble.empty();
        }
        double force = Double.POSITIVE_INFINITY;
        for (int meets = pressed + 1; meets <= by1.get().last(); meets++) {
            double each = by1.get().clearance(pressed, meets) - by2.get().clearance(pressed, meets);
            force = Math.min(force, by1.get().clearance(pressed, meets) / each + 1);
        }
        return force > 0 && Double.isFinite(force) ? OptionalDouble.of(force) : OptionalDouble.empty();
    }

    /**
     * What comes off the frets of a setup for its present relief and the wanted fall-away (§3.23): the rod sets the
     * relief, and none is filed into the board.
     */
    public static Leveling leveling(SheetAnalysis as, Setup setup, FretCrowns crowns, double fall) {
        Job job = as.job();
        NeckCurve wanted = setup.basis().evenly(setup.reliefGap());
        double length = FretCrowns.extension(job);
        double wantedFall = length > 0 && job.get(Aim.FALL_AWAY).isPresent()
                ? job.millimeters(Aim.FALL_AWAY).orElseThrow(Expect.present("fall away")) / length
                : fall;
        return ReliefZones.of(job, setup.basis().frets())
                .map(zones -> Leveling.of(crowns, zones::dipAt, setup.basis().joint(), wantedFall))
                .orElseGet(() -> Leveling.of(crowns, wanted, wantedFall));
    }
}
