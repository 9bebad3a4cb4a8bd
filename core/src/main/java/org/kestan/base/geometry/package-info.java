/**
 * The geometry under the work, as pure functions of numbers: fret positions, relief curve, string line, neck rotation,
 * heel cut, break angle. Lengths in millimeters, angles in radians.
 *
 * <p>Side view: x runs along the fret line from the nut end of the fretboard (0) toward the bridge; heights are above
 * the fret line, the chord from the crown of fret 1 to the crown of the joint fret. Knows nothing of jobs or sheets;
 * what was measured and what was assumed is for {@code org.kestan.analysis.trajectory}.
 */
package org.kestan.base.geometry;
