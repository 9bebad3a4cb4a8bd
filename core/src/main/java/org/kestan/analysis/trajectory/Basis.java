package org.kestan.analysis.trajectory;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.analysis.neck.NeckProfile;
import org.kestan.base.geometry.Board;
import org.kestan.base.geometry.Frets;
import org.kestan.base.geometry.NeckCurve;
import org.kestan.base.geometry.NeckRotation;
import org.kestan.base.geometry.Straightedge;
import org.kestan.base.sheet.Reading;
import org.kestan.base.sheet.Sides;

/**
 * The numbers all calculations are based on, read from a job, with a default where the sheet allows one. Millimeters.
 *
 * @param frets fret positions
 * @param jointFret J
 * @param actionFret the fret at which the action was read
 * @param profile the neck as it was read (§3.2)
 * @param reliefPlace where the relief is read, strictly between the held frets
 * @param reliefReadAt the fret at which it is read
 * @param reliefGap relief gap there: as read, or as the fitted neck shows it; 0 if nothing was read
 * @param nut string over fret 1, each side
 * @param action string over the action fret, each side
 * @param jointToSaddle D
 * @param fretsOverTop o
 * @param protrusion saddle protrusion each side; empty for a floating bridge
 * @param bridgeThickness bridge thickness at the saddle; empty for a floating bridge
 * @param supportHeight soundboard to saddle crown, mean of the sides
 * @param straightedge how the straightedge reads against the fret line under the outer strings
 * @param board the fretboard's radius and the strings' spread
 * @param projectionStrung fret line under the outer strings over the soundboard at the saddle, at pitch; empty if not
 *     read
 * @param projectionSlack the same with the strings slack; empty if not read
 * @param reliefSlack relief gap with the strings slack, held and read as the other; empty if not read
 * @param reconciled the one estimate from strings and straightedge; empty if only one of the two counts
 * @param reliefStays whether there is no rod that could set another relief
 * @param reliefEffect share of the saddle shift of a changed relief (§3.5) that comes true: 1, but where the uncertainty of
 *     the neck's shape is asked for
 * @param assumed paths in the job file for which a default stood in
 */
@RecordBuilder
public record Basis(
        Frets frets,
        int jointFret,
        int actionFret,
        NeckProfile profile,
        NeckCurve.Place reliefPlace,
        int reliefReadAt,
        double reliefGap,
        Sides<Double> nut,
        Sides<Double> action,
        double jointToSaddle,
        double fretsOverTop,
        Optional<Sides<Double>> protrusion,
        OptionalDouble bridgeThickness,
        double supportHeight,
        Straightedge straightedge,
        Board board,
        OptionalDouble projectionStrung,
        OptionalDouble projectionSlack,
        OptionalDouble reliefSlack,
        Optional<Reconciled> reconciled,
        boolean reliefStays,
        double reliefEffect,
        List<String> assumed)
        implements BasisBuilder.With {

    /** Position of the joint fret, mm from the nut end. */
    public double joint() {
        return frets.at(jointFret);
    }

    /** Position of the saddle, {@code x_s = x_J + D}, mm from the nut end. */
    public double saddle() {
        return joint() + jointToSaddle;
    }

    /** Position of the fret at which the action was read, mm from the nut end. */
    public double actionAt() {
        return frets.at(actionFret);
    }

    /** Returns whether a default was used for a path or for a part of it. */
    public boolean assumes(String path) {
        return assumed.stream().anyMatch(each -> path.equals(each) || path.startsWith(each + "."));
    }

    /** Returns whether the neck pitch is known: the frets over the top were read, not assumed (§2). */
    public boolean pitchIsKnown() {
        return !assumes(Reading.FRETS_OVER_TOP.path());
    }

    /** The same with the fret line lowered parallel to itself relative to the neck, mm: the board planed. */
    public Basis planed(double by) {
        return with(basis -> basis.fretsOverTop(fretsOverTop - by).straightedge(straightedge.over(fretsOverTop - by)));
    }

    /** The relief to work to: the wanted one, or the present one if no rod can set another (§3.5), mm. */
    public double reliefFor(OptionalDouble wanted) {
        return reliefStays ? reliefGap : wanted.orElse(reliefGap);
    }

    /**
     * The same neck with more lean and waist, mm; where its gaps were read, it stays as it was as far as the bow
     * allows.
     */
    public Basis shaped(double lean, double waist) {
        return lean == 0 && waist == 0
                ? this
                : withProfile(new NeckProfile(
                        profile.fits().map(fit -> fit.shaped(lean, waist, reliefPlace)), profile.bothSides()));
    }

    /** Returns whether the action was read; otherwise it is implied by the projection (§3.6a). */
    public boolean actionIsRead() {
        return !assumes(Reading.ACTION_BASS.path()) && !assumes(Reading.ACTION_TREBLE.path());
    }

    /** Returns whether the relief was read. */
    public boolean reliefIsRead() {
        return !assumes(Reading.RELIEF.path());
    }

    /** The rotation geometry of this neck. */
    public NeckRotation rotation() {
        return new NeckRotation(jointToSaddle, fretsOverTop);
    }

    /** The evenly curved neck that gives a gap where the relief of this sheet is read (§3.2). */
    public NeckCurve evenly(double gap) {
        return NeckCurve.ofGap(gap, reliefPlace, frets.at(1), joint());
    }
}
