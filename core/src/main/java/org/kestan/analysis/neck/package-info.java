/**
 * The neck's profile (§3.2): the gaps and string heights that were read, the curve fitted to them, how well it is
 * known at every fret, which reading is off, the name of its shape, and which fret is worth another reading. What the
 * strings do over it is left to {@code org.kestan.analysis.trajectory}.
 */
package org.kestan.analysis.neck;
