/** What was predicted of a job's work, as it was predicted, kept with the standards of that day. */
package org.kestan.job.proof;
