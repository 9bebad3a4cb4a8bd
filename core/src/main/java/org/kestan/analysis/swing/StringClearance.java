package org.kestan.analysis.swing;

import java.util.Optional;
import org.kestan.analysis.loads.StringLoads;
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
 * The room the strings of one setup have, as its frets are and once they are levelled.
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
     * @return empty while no string's gauge and note are known
     */
    public static Optional<StringClearance> of(SheetAnalysis as, Setup setup, double fall, PlayingTouch hand) {
        ShopStandards shop = as.standards();
        return StringLoads.of(as.job(), shop).map(loads -> {
            FretCrowns crowns = FretCrowns.of(setup, as.job(), fall);
            Pluck pluck = Pluck.of(hand, shop);
            Leveling leveling = leveling(as, setup, crowns, fall);
            Swing asIs = Swing.of(setup, loads, crowns, pluck);
            Swing levelled = Swing.of(setup, loads, leveling.after(), pluck);
            // A leveling that gives no room is none (§3.23).
            return levelled.betters(asIs)
                    ? new StringClearance(asIs, leveling, levelled)
                    : new StringClearance(asIs, Leveling.none(crowns), asIs);
        });
    }

    /** What the strings of a setup meet, its frets as they are; empty while no string's gauge and note are known. */
    public static Optional<Swing> swing(SheetAnalysis as, Setup setup, double fall, PlayingTouch hand) {
        ShopStandards shop = as.standards();
        return StringLoads.of(as.job(), shop)
                .map(loads -> Swing.of(setup, loads, FretCrowns.of(setup, as.job(), fall), Pluck.of(hand, shop)));
    }

    /**
     * What comes off the frets of a setup for the relief it has and the fall-away wanted (§3.23): relief is the rod's, and none
     * is filed into the board.
     */
    public static Leveling leveling(SheetAnalysis as, Setup setup, FretCrowns crowns, double fall) {
        Job job = as.job();
        NeckCurve wanted = setup.basis().evenly(setup.reliefGap());
        double length = FretCrowns.extension(job);
        double wantedFall = length > 0 && job.get(Aim.FALL_AWAY).isPresent()
                ? job.millimeters(Aim.FALL_AWAY).orElseThrow(Expect.present("fall away")) / length
                : fall;
        return Leveling.of(crowns, wanted, wantedFall);
    }
}
