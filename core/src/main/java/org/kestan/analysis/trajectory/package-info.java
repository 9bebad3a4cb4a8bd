/**
 * What the readings say about the instrument as it is: the numbers all calculations are based on, each measured or
 * assumed; the strings over the fret line; where the body must be for that; and whether the projection agrees.
 *
 * <p>Leaves what has to change to {@code org.kestan.analysis.correction}.
 */
package org.kestan.analysis.trajectory;
