/** The terms of a job: every line that does not hold a length, and the choices for each. */
package org.kestan.job.terms;
