/**
 * The verdict: the gates in the order an experienced repairer would check, each with its state, its numbers and its
 * reasons. After a stopped gate the later ones are provisional.
 *
 * <p>Judges against {@code org.kestan.base.standards}; works nothing out that the trajectory or the correction have.
 */
package org.kestan.judgment.verdict;
