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

    /** How many terms of the shape the readings carry, the side with fewer of them. */
    public int terms() {
        return Math.min(fits.bass().terms(), fits.treble().terms());
    }

    /** The curves that were laid, each once. */
    public List<NeckFit> laid() {
        return bothSides ? List.of(fits.bass(), fits.treble()) : List.of(fits.bass());
    }

    /** Standard uncertainty of the curve at x, mm, the side that is known less well. */
    public double standardAt(double x) {
        return Math.max(fits.bass().standardAt(x), fits.treble().standardAt(x));
    }

    /** The first reading that lies off its curve by more than the tools allow for and by so many mm. */
    public Optional<Gap> stray(double least) {
        return laid().stream()
                .map(fit -> fit.stray(least))
                .flatMap(Optional::stream)
                .findFirst();
    }

    /** All gaps that were read, those of both sides. */
    public List<Gap> gaps() {
        return laid().stream()
                .map(NeckFit::gaps)
                .flatMap(List::stream)
                .distinct()
                .toList();
    }

    /** The greatest difference of both sides' curves between fret 1 and the joint, mm. */
    public double twist() {
        NeckCurve bass = fits.bass().curve();
        NeckCurve treble = fits.treble().curve();
        return Math.max(bass.most(treble), treble.most(bass));
    }
}
