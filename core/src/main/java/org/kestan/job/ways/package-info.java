/** Which ways a job has taken. What a way is and comes to is for {@code org.kestan.judgment.ways}. */
package org.kestan.job.ways;
