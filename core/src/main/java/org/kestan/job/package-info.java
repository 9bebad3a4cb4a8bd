/**
 * One instrument's job as an immutable value made of sections: the instrument, the string set, the intake, the visits,
 * the targets, the ways taken, pictures. Every edit makes a new {@link org.kestan.job.Job}; undo goes back to the
 * previous one. Each section has its own package here: its value, how it is read, written and described.
 *
 * <p>Leaves the arithmetic to {@code org.kestan.analysis} and the format of the file to the module {@code files}.
 */
package org.kestan.job;
