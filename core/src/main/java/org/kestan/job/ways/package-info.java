/** The ways a job has taken. {@code org.kestan.judgment.ways} defines what a way is and what it leads to. */
package org.kestan.job.ways;
