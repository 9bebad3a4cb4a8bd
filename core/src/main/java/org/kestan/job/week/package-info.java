/** What is said by hand of when a job is worked on. */
package org.kestan.job.week;
