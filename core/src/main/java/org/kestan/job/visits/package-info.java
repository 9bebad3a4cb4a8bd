/**
 * The visits of a job: each a measuring sheet with its readings, takes, tools and what the inspection found.
 */
package org.kestan.job.visits;
