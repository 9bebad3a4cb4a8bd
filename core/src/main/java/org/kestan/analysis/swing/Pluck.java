package org.kestan.analysis.swing;

import org.kestan.base.expect.Expect;
import org.kestan.base.standards.ShopStandards;
import org.kestan.base.standards.Standard;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.job.terms.PlayingTouch;

/**
 * How a string is plucked.
 *
 * @param force of the hand, N, positive
 * @param share the part of the movement square to the top, 0 to 1
 * @param place where, as a part of the sounding length from the saddle, between 0 and 1
 */
public record Pluck(double force, double share, double place) {

    /** The pluck of a hand: as found for this player if it is the player's own, or else by the shop's standards. */
    public static Pluck of(Job job, PlayingTouch hand, ShopStandards shop) {
        Pluck usual = of(hand, shop);
        return isFound(job, hand) ? usual.with(job.get(Lines.PLUCK_FORCE).orElseThrow(Expect.present("force"))) : usual;
    }

    /** Returns whether the force of a hand was found from the note it just makes buzz. */
    public static boolean isFound(Job job, PlayingTouch hand) {
        return job.get(Lines.PLUCK_FORCE).isPresent() && hand == StringClearance.hand(job);
    }

    /** The pluck of a hand, by the shop's standards. */
    public static Pluck of(PlayingTouch hand, ShopStandards shop) {
        double force = shop.get(
                switch (hand) {
                    case LIGHT -> Standard.PLUCK_LIGHT;
                    case MEDIUM -> Standard.PLUCK_MEDIUM;
                    case HARD -> Standard.PLUCK_HARD;
                });
        // A pluck at the very end or with no share would not be one.
        double place = Math.min(Math.max(shop.get(Standard.PLUCK_PLACE), LEAST), 1 - LEAST);
        return new Pluck(force, Math.min(1, shop.get(Standard.PLUCK_SHARE)), place);
    }

    private static final double LEAST = 0.01;

    /** The same hand with another force, N. */
    public Pluck with(double otherForce) {
        return new Pluck(otherForce, share, place);
    }

    /**
     * The same hand on a fretted string: it stays where it is over the open one (§3.22).
     *
     * @param open length of the open string, mm
     * @param length sounding length, mm
     */
    public Pluck stopped(double open, double length) {
        return new Pluck(force, share, Math.min(1 - LEAST, place * open / length));
    }

    /**
     * How far the string moves toward the frets where it moves most: the share of {@code A = F·p(1 − p)·L/T} (§3.22;
     * statics of a string under a point load, any textbook).
     *
     * @param length sounding length, mm
     * @param tension N, positive
     * @return mm
     */
    public double amplitude(double length, double tension) {
        return share * force * place * (1 - place) * length / tension;
    }

    /**
     * How far the string comes toward the frets at a distance from its fretted end: deepest at the mirror image of the
     * plucking point, straight to both ends (kinematics of the ideal plucked string).
     *
     * @param amplitude mm
     * @param length sounding length, mm
     * @param distance from the fretted end, 0 to the length, mm
     * @param end how far the string's stiffness moves its end in, mm: 0 for the ideal string
     * @return mm
     */
    public double envelope(double amplitude, double length, double distance, double end) {
        if (distance <= 0) {
            return 0;
        }
        double deepest = place * length;
        double ideal = distance <= deepest
                ? amplitude * distance / deepest
                : amplitude * (length - distance) / (length - deepest);
        return ideal * (1 + stiffness(length, distance, end));
    }

    private static final double ALONG = 9;
    private static final double NEAR_THE_END = 1.45;

    /**
     * How much stiffness widens the envelope, as a share of it: its partials drift apart and meet elsewhere than the
     * ideal string's. A fit to the motion of a stiff string with hinged ends (its modes: Fletcher &amp; Rossing),
     * within three hundredths except at the mirror image of the plucking point, where stiffness rounds the corner off
     * and this gives too much.
     */
    private static double stiffness(double length, double distance, double end) {
        return Math.max(ALONG * end / length, NEAR_THE_END * end / distance);
    }
}
