/**
 * What was done and read at the bench: finished steps, waits, the heel log, foot fits, trims, bags, and the diary,
 * each a list in the order of events.
 */
package org.kestan.job.bench;
