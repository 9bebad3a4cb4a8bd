/**
 * What has to change for the target: relief first, then what the saddle crown must come down relative to the fret line,
 * the neck rotation that does it, the heel cut, the saddle on each side, the projection to aim for, the extension.
 *
 * <p>Says nothing of whether it should be done: that is the verdict's.
 */
package org.kestan.analysis.correction;
