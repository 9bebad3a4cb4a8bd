/** Parts a job needs, as the shop orders them: {@code parts} in the job file. */
package org.kestan.job.parts;
