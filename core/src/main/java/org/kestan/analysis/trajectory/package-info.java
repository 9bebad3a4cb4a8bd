/**
 * What the readings say about the instrument as it stands: the numbers the arithmetic rests on, each measured or
 * assumed; the strings over the fret line; where the body must be for them to lie so; and whether the projection agrees.
 *
 * <p>Leaves what has to change to {@code org.kestan.analysis.correction}.
 */
package org.kestan.analysis.trajectory;
