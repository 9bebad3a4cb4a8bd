/**
 * The words a job is said in: every line that holds no length, and what there is to choose from.
 */
package org.kestan.job.terms;
