package org.kestan.analysis.correction;

/**
 * The fretboard past the joint after the relief change and the rotation (§3.11). Millimeters.
 *
 * @param length ℓ, joint to last fret
 * @param fallAwayBefore f, how far the last fret lies below the fret line now
 * @param turned what it falls away by the rotation, {@code f + ℓ·tan θ}
 * @param byRelief what the change of relief adds, {@code ℓ·Δq'(x_J)}
 * @param wanted the target fall-away
 * @param allowance how much less than the target it may fall away before wood has to come off
 */
public record Extension(
        double length, double fallAwayBefore, double turned, double byRelief, double wanted, double allowance) {

    /** How far the last fret falls away afterward with nothing under the extension; negative if it rises. */
    public double fallAwayAfter() {
        return turned + byRelief;
    }

    /**
     * Thickness of the wedge under the extension at its end, for what falls away more than wanted; zero at the joint.
     */
    public double wedge() {
        return Math.max(0, fallAwayAfter() - wanted);
    }

    /** How much the frets drop per mm past the joint afterward, with the wedge under the extension. */
    public double fall() {
        return (fallAwayAfter() - wedge()) / length;
    }

    /**
     * How far the last fret is above where it is wanted: wood to plane there, or a deeper bed; 0 within the allowance.
     */
    public double rises() {
        double rises = wanted - fallAwayAfter();
        return rises > allowance ? rises : 0;
    }
}
