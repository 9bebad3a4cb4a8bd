/** The string set of a job. */
package org.kestan.job.strings;
