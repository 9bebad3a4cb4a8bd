package org.kestan.analysis.neck;

import java.util.List;
import java.util.Optional;
import org.kestan.base.geometry.NeckCurve;
import org.kestan.base.sheet.Sides;

/**
 * The neck as it was read.
 *
 * @param fits the curves, the same one on both sides where one profile was read
 * @param bothSides whether bass and treble were read apart
 */
public record NeckProfile(Sides<NeckFit> fits, boolean bothSides) {

    /** One curve for the whole board. */
    public static NeckProfile even(NeckFit fit) {
        return new NeckProfile(new Sides<>(fit, fit), false);
    }

    /** The neck's curves. */
    public Neck neck() {
        return new Neck(fits.map(NeckFit::curve));
    }

    /** How many terms of the shape the readings determine, on the side with fewer of them. */
    public int terms() {
        return Math.min(fits.bass().terms(), fits.treble().terms());
    }

    /** The fitted curves, each once. */
    public List<NeckFit> laid() {
        return bothSides ? List.of(fits.bass(), fits.treble()) : List.of(fits.bass());
    }

    /** Standard uncertainty of the curve at x, mm, on the side that is known less well. */
    public double standardAt(double x) {
        return Math.max(fits.bass().standardAt(x), fits.treble().standardAt(x));
    }

    /** The first reading that is off its curve by more than the tools allow and by more than the given mm. */
    public Optional<Gap> stray(double least) {
        return laid().stream()
                .map(fit -> fit.stray(least))
                .flatMap(Optional::stream)
                .findFirst();
    }

    /** All gaps that were read, on both sides. */
    public List<Gap> gaps() {
        return laid().stream()
                .map(NeckFit::gaps)
                .flatMap(List::stream)
                .distinct()
                .toList();
    }

    /** The largest difference between the two sides' curves between fret 1 and the joint, mm. */
    public double twist() {
        NeckCurve bass = fits.bass().curve();
        NeckCurve treble = fits.treble().curve();
        return Math.max(bass.most(treble), treble.most(bass));
    }
}
