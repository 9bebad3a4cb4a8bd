package org.kestan.following.correction;

/**
 * The fretboard past the joint after the rotation (§3.11). Millimetres.
 *
 * @param length ℓ, joint to last fret
 * @param fallAwayBefore f, how far the last fret lies below the fret line now
 * @param fallAwayAfter the same after the rotation, {@code f + ℓ·tan θ}
 * @param wanted the fall-away wanted
 */
public record Extension(double length, double fallAwayBefore, double fallAwayAfter, double wanted) {

    /** Thickness at its end of the wedge under the extension: {@code max(0, after − wanted)}; zero at the joint. */
    public double wedge() {
        return Math.max(0, fallAwayAfter - wanted);
    }
}
