/** The prediction saved for a job's work, with the shop's standards of that day. */
package org.kestan.job.proof;
