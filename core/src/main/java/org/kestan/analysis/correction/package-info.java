/**
 * What has to change to reach the target: relief first, then how far the saddle crown must come down relative to the
 * fret line, the neck rotation for that, the heel cut, the saddle on each side, the projection to aim for, the
 * extension.
 *
 * <p>Says nothing of whether it should be done: that is the verdict's.
 */
package org.kestan.analysis.correction;
