package org.kestan.analysis.trajectory;

/**
 * One estimate of the fret line from strings and straightedge (§3.4).
 *
 * @param value where the fret line under the outer strings arrives at the saddle at pitch, mm over the soundboard
 * @param weightStrings how much the strings count in it, 0 to 1; the straightedge counts for the rest
 */
public record Reconciled(double value, double weightStrings) {}
