/** What was foretold of a job's work, as it was foretold, kept with the standards of that day. */
package org.kestan.job.proof;
