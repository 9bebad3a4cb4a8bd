/** What the user decides about when a job is worked on. */
package org.kestan.job.week;
