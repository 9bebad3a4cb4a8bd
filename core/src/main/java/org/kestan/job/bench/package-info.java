/** What was done and read at the bench, in the order it happened: sets of pulls on the heel, and readings between them. */
package org.kestan.job.bench;
