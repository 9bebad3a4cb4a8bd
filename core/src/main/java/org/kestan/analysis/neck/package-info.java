/**
 * The neck's profile (§3.2): the gaps and string heights that were read, the curve laid through them, how well it is known
 * at every fret, which reading lies off it, what its shape is called, and which fret is worth another reading. Leaves what
 * the strings do over it to {@code org.kestan.analysis.trajectory}.
 */
package org.kestan.analysis.neck;
