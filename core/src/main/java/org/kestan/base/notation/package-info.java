/**
 * How numbers are written at the bench: lengths and angles with their unit, kept as typed, converted exactly, and
 * printed in the unit the user reads.
 *
 * <p>Leaves to others what a length means: that is {@code org.kestan.survey} and {@code org.kestan.job}.
 */
package org.kestan.base.notation;
