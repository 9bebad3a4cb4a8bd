/** The visits of a job: each a measuring sheet with its readings, takes, tools and inspection. */
package org.kestan.job.visits;
