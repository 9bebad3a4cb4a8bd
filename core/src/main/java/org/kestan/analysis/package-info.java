/**
 * What follows from a job before anything is judged: what the readings say, how the instrument is set up and what each
 * single change does to it, what has to change, how well that is known, what looks implausible.
 *
 * <p>Says nothing of good or bad, and nothing of what to do: that is left to {@code org.kestan.judgment}.
 */
package org.kestan.analysis;
