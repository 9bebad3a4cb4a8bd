package org.kestan.analysis.swing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.kestan.analysis.loads.StringLoads;
import org.kestan.analysis.setup.Setup;
import org.kestan.base.expect.Expect;
import org.kestan.base.geometry.StringLine;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.base.strings.LoadedString;

/**
 * The vibrating strings of a setup over the frets (§3.22).
 *
 * @param crowns the frets
 * @param strings those whose gauge and note are known, from the bass side
 * @param lowestClean the lowest action that plays clean on each side; empty if the outer string is not known
 */
public record Swing(FretCrowns crowns, List<StringOverFrets> strings, Sides<Optional<LowestClean>> lowestClean) {

    private static final int OCTAVE = 12;

    /** Takes an unmodifiable copy. */
    public Swing {
        strings = List.copyOf(strings);
    }

    /**
     * The lowest action that plays clean, if only the crown under that outer string moves.
     *
     * @param action over fret 12, mm
     * @param limitedBy where the string then just clears
     */
    public record LowestClean(double action, StringOverFrets.Meeting limitedBy) {}

    /** Works out where the strings hit. */
    public static Swing of(Setup setup, StringLoads loads, FretCrowns crowns, Pluck pluck) {
        List<StringOverFrets> strung = new ArrayList<>();
        for (LoadedString string : loads.strings()) {
            strung.add(strung(setup, loads, string, crowns, pluck));
        }
        return new Swing(crowns, strung, Sides.of(side -> lowestClean(setup, outer(strung, side), side, crowns)));
    }

    /**
     * Returns whether it is better than another: more room in the tightest place, and no clean note that then buzzes.
     */
    boolean betters(Swing before) {
        double most = worst().map(string -> string.least().clearance()).orElse(0.0);
        double was = before.worst().map(string -> string.least().clearance()).orElse(0.0);
        if (most <= was) {
            return false;
        }
        for (int i = 0; i < strings.size(); i++) {
            for (int pressed = 0; pressed < crowns.last(); pressed++) {
                if (strings.get(i).leastPressed(pressed) < 0
                        && before.strings.get(i).leastPressed(pressed) >= 0) {
                    return false;
                }
            }
        }
        return true;
    }

    /** The string with a number, counted from the treble side; empty if it is not known. */
    public Optional<StringOverFrets> string(int number) {
        return strings.stream().filter(each -> each.number() == number).findFirst();
    }

    /** The string with the least room; empty for no string. */
    public Optional<StringOverFrets> worst() {
        return strings.stream()
                .min(Comparator.comparingDouble(string -> string.least().clearance()));
    }

    /** Returns whether both outer strings are known. */
    public boolean knowsBothSides() {
        return lowestClean.bass().isPresent() && lowestClean.treble().isPresent();
    }

    /** The lowest clean action of both sides, mm, if both outer strings are known. */
    public Sides<Double> lowestActions() {
        return lowestClean.map(clean ->
                clean.orElseThrow(Expect.present("lowest clean action")).action());
    }

    private static Optional<StringOverFrets> outer(List<StringOverFrets> strung, Side side) {
        double place = side == Side.BASS ? 0 : 1;
        return strung.stream().filter(each -> each.string().place() == place).findFirst();
    }

    private static StringOverFrets strung(
            Setup setup, StringLoads loads, LoadedString string, FretCrowns crowns, Pluck pluck) {
        double saddle = setup.basis().saddle();
        double tension = string.tunedDown(setup.stepsDown());
        StringLine open = loads.line(setup, string);
        double atSaddle = open.heightAt(saddle);
        int last = crowns.last();
        double end = string.end();
        double[][] clearance = new double[last + 1][last + 1];
        for (int pressed = 0; pressed < last; pressed++) {
            double from = crowns.at(pressed);
            double height = pressed == 0 ? open.atNut() : crowns.height(pressed, string.place());
            double length = saddle - from;
            Pluck note = pluck.stopped(saddle, length);
            double amplitude = note.amplitude(length, tension);
            for (int meets = pressed + 1; meets <= last; meets++) {
                double distance = crowns.at(meets) - from;
                clearance[pressed][meets] = height
                        + (atSaddle - height) * distance / length
                        - crowns.height(meets, string.place())
                        - note.envelope(amplitude, length, distance, end);
            }
        }
        return new StringOverFrets(string, pluck.amplitude(saddle, tension), clearance);
    }

    /** A crown raised by r lifts the string over fret m, pressed at n, by {@code r·(x_m − x_n)/(x_s − x_n)}. */
    private static Optional<LowestClean> lowestClean(
            Setup setup, Optional<StringOverFrets> outer, Side side, FretCrowns crowns) {
        if (outer.isEmpty()) {
            return Optional.empty();
        }
        StringOverFrets string = outer.get();
        double saddle = setup.basis().saddle();
        double rise = Double.NEGATIVE_INFINITY;
        StringOverFrets.Meeting limit = string.least();
        for (int pressed = 0; pressed < crowns.last(); pressed++) {
            for (int meets = pressed + 1; meets <= crowns.last(); meets++) {
                double lever = (saddle - crowns.at(pressed)) / (crowns.at(meets) - crowns.at(pressed));
                double needed = -string.clearance(pressed, meets) * lever;
                if (needed > rise) {
                    rise = needed;
                    limit = new StringOverFrets.Meeting(pressed, meets, 0);
                }
            }
        }
        double twelfth = setup.basis().frets().at(OCTAVE);
        double now = setup.over(OCTAVE, side);
        return Optional.of(new LowestClean(now + rise * twelfth / saddle, limit));
    }
}
