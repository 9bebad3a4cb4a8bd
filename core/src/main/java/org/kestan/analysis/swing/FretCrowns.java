package org.kestan.analysis.swing;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.function.IntToDoubleFunction;
import org.kestan.analysis.setup.Setup;
import org.kestan.analysis.trajectory.Basis;
import org.kestan.base.geometry.Frets;
import org.kestan.base.geometry.NeckCurve;
import org.kestan.base.sheet.Across;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Side;
import org.kestan.base.sheet.Sides;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;

/**
 * Where every fret's crown is under the outer strings: the neck's curve, the extension's fall-away, and single frets
 * that stand proud or low. Millimeters; heights over the fret line, positions from the nut end. Immutable.
 */
public final class FretCrowns {

    private final double[] at;
    private final double[] bass;
    private final double[] treble;
    private final double[] middle;
    private final double[] proud;
    private final Map<Across, double[]> lines;
    private final Map<Across, double[]> each;

    /**
     * Crowns.
     *
     * @param bass without what stands proud
     * @param treble without what stands proud
     * @param proud what stands proud under the bass string, in the middle and under the treble string, each fret
     */
    private FretCrowns(double[] at, double[] bass, double[] treble, Map<Across, double[]> proud) {
        this.at = at;
        this.bass = each(at, fret -> bass[fret] + proud.get(Across.BASS)[fret]);
        this.treble = each(at, fret -> treble[fret] + proud.get(Across.TREBLE)[fret]);
        this.middle = each(at, fret -> (bass[fret] + treble[fret]) / 2 + proud.get(Across.MIDDLE)[fret]);
        this.proud = each(at, fret -> highest(proud, fret));
        this.lines = Map.of(Across.BASS, bass, Across.TREBLE, treble);
        this.each = proud;
    }

    /** The largest deviation, proud or low, anywhere along a fret. */
    private static double highest(Map<Across, double[]> proud, int fret) {
        return proud.values().stream().mapToDouble(each -> each[fret]).max().orElse(0);
    }

    /**
     * The crowns of a setup.
     *
     * @param job the job, for single frets and the number of the last one
     * @param fall how much the frets go down for each mm past the joint, where the neck's curve does not say
     */
    public static FretCrowns of(Setup setup, Job job, double fall) {
        Basis basis = setup.basis();
        SortedMap<Integer, Double> proud = proud(job, basis.frets());
        double[] at = positions(basis, last(job, basis));
        Sides<double[]> lines = Sides.of(side -> {
            NeckCurve curve = setup.neck().curves().get(side);
            double past = curve.fall() != 0 ? curve.fall() : fall;
            return each(
                    at, fret -> at[fret] > basis.joint() ? -past * (at[fret] - basis.joint()) : -curve.dipAt(at[fret]));
        });
        Map<Across, double[]> stands = new EnumMap<>(Across.class);
        for (Across place : Across.values()) {
            stands.put(
                    place,
                    each(
                            at,
                            fret -> job.get(Across.at(fret))
                                            .filter(said -> said != place)
                                            .isPresent()
                                    ? 0
                                    : proud.getOrDefault(fret, 0.0)));
        }
        return new FretCrowns(at, lines.bass(), lines.treble(), stands);
    }

    /** How much the frets of an instrument as read drop per mm past the joint; 0 if that was not read. */
    public static double fall(Job job) {
        double length = extension(job);
        return length > 0 ? job.millimeters(Reading.EXTENSION_FALL_AWAY).orElse(0) / length : 0;
    }

    /** Length of the extension, mm; 0 if it was not read. */
    static double extension(Job job) {
        return job.millimeters(Reading.EXTENSION_LENGTH).orElse(0);
    }

    /**
     * Returns whether single frets are known well enough to file them: three gaps along the neck, or one fret that is
     * proud or low.
     */
    public static boolean areRead(Setup setup, Job job) {
        return setup.basis().profile().terms() >= NeckCurve.TERMS
                || !proud(job, setup.basis().frets()).isEmpty();
    }

    private static double[] positions(Basis basis, int last) {
        double[] at = new double[last + 1];
        for (int fret = 0; fret <= last; fret++) {
            at[fret] = basis.frets().at(fret);
        }
        return at;
    }

    private static double[] each(double[] at, IntToDoubleFunction height) {
        double[] heights = new double[at.length];
        Arrays.setAll(heights, fret -> fret == 0 ? 0 : height.applyAsDouble(fret));
        return heights;
    }

    /**
     * The last fret: as entered, or the one nearest the extension's end, or the usual one (§3.4); in front of the
     * saddle.
     */
    private static int last(Job job, Basis basis) {
        Frets frets = basis.frets();
        int joint = basis.jointFret();
        double length = extension(job);
        int last = job.get(Lines.LAST_FRET)
                .filter(fret -> fret > joint)
                .orElse(
                        length > 0
                                ? frets.nearest(frets.at(joint) + length, joint, Frets.HIGHEST)
                                : Math.max(Frets.USUAL_LAST, joint));
        last = Math.min(last, Frets.HIGHEST);
        while (last > 1 && frets.at(last) >= basis.saddle()) {
            last--;
        }
        return last;
    }

    /**
     * How far single frets stand proud of their neighbors: as read, or else by the rocker. A rocker that rocks on the
     * middle fret touches one neighbor and leaves the leaf's gap over the other; the middle one is then above the line
     * through both by {@code leaf·(x_n − x_{n−1})/(x_{n+1} − x_{n−1})}.
     */
    public static SortedMap<Integer, Double> proud(Job job, Frets frets) {
        SortedMap<Integer, Double> proud = new TreeMap<>();
        job.visit().fretByFret(Reading.FRET_ROCKS).forEach((fret, leaf) -> {
            if (fret < Frets.HIGHEST) {
                double before = frets.at(fret - 1);
                proud.put(fret, leaf * (frets.at(fret) - before) / (frets.at(fret + 1) - before));
            }
        });
        proud.putAll(job.visit().fretByFret(Reading.FRET_PROUD));
        return proud;
    }

    /** The number of the last fret. */
    public int last() {
        return at.length - 1;
    }

    /** Position of a fret, 0 for the nut end. */
    public double at(int fret) {
        return at[fret];
    }

    /** Height of a fret's crown over the fret line under a string at a position across: 0 bass, 1 treble. */
    public double height(int fret, double share) {
        return share < MIDDLE
                ? bass[fret] + (middle[fret] - bass[fret]) * share / MIDDLE
                : middle[fret] + (treble[fret] - middle[fret]) * (share - MIDDLE) / MIDDLE;
    }

    /**
     * Height of a fret over the fret line in the middle of the board, including places where it stands proud only
     * elsewhere.
     */
    double filed(int fret) {
        return (lines.get(Across.BASS)[fret] + lines.get(Across.TREBLE)[fret]) / 2 + proud[fret];
    }

    private static final double MIDDLE = 0.5;

    /** The height of a fret's crown under an outer string. */
    public double height(int fret, Side side) {
        return (side == Side.BASS ? bass : treble)[fret];
    }

    /**
     * The crowns with the given amounts taken off each fret at its highest place; lower places lose correspondingly
     * less.
     */
    FretCrowns less(double[] off) {
        Map<Across, double[]> left = new EnumMap<>(Across.class);
        each.forEach((place, stands) -> left.put(
                place, each(at, fret -> stands[fret] - Math.max(0, off[fret] - (proud[fret] - stands[fret])))));
        return new FretCrowns(at, lines.get(Across.BASS), lines.get(Across.TREBLE), left);
    }
}
