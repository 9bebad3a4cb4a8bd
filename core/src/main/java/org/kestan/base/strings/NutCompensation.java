package org.kestan.base.strings;

import java.util.List;
import java.util.function.DoubleFunction;

/**
 * What one string needs at its nut (§3.20): how sharp the first frets are with fret 12 in tune, and how far forward
 * the nut has to be to even them out.
 *
 * @param sharp how sharp frets 1 to 4 are with the nut at the nut end, cents
 * @param forward how far toward the frets the nut stands for their squares to be least, mm
 * @param saddle where the saddle then stands for fret 12 to be right, mm from the nut end
 * @param left how sharp frets 1 to 4 are then, cents
 */
public record NutCompensation(List<Double> sharp, double forward, double saddle, List<Double> left) {

    private static final int ROUNDS = 4;

    /** Takes unmodifiable copies. */
    public NutCompensation {
        sharp = List.copyOf(sharp);
        left = List.copyOf(left);
    }

    /**
     * Works it out by least squares: the cents are almost linear in the position of the nut, so a few Gauss-Newton
     * steps are enough.
     *
     * @param first the string pressed to the first frets
     * @param octave the string pressed to fret 12
     * @param sharper cents by which fret 12 is sharper than the model says
     */
    public static NutCompensation of(List<Fretted> first, Fretted octave, double sharper) {
        DoubleFunction<List<Double>> cents = forward -> {
            double saddle = octave.saddle(sharper, forward);
            return first.stream().map(each -> each.cents(saddle, forward)).toList();
        };
        double forward = 0;
        for (int round = 0; round < ROUNDS; round++) {
            List<Double> now = cents.apply(forward);
            List<Double> further = cents.apply(forward + 1);
            double product = 0;
            double squares = 0;
            for (int i = 0; i < now.size(); i++) {
                double step = further.get(i) - now.get(i);
                product += step * now.get(i);
                squares += step * step;
            }
            forward -= product / squares;
        }
        return new NutCompensation(cents.apply(0), forward, octave.saddle(sharper, forward), cents.apply(forward));
    }
}
