/**
 * One instrument's job as an immutable value: the instrument, the survey to be solved, what is aimed at. Every edit makes
 * a new {@link org.kestan.job.Job}; undo is the job before.
 *
 * <p>Leaves the arithmetic to {@code org.kestan.trajectory} and what follows it, and the file to the module {@code files}.
 */
package org.kestan.job;
