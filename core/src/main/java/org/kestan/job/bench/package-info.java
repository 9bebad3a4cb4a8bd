/**
 * What was done and read at the bench: steps behind one, waits, the heel log, where feet bore, what was trimmed, bags, and the
 * diary of it all, each a list in the order it happened.
 */
package org.kestan.job.bench;
