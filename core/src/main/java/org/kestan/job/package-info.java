/**
 * One instrument's job as an immutable value made of sections: the instrument, the string set, the intake, the visits, what
 * is aimed at, the ways taken, pictures. Every edit makes a new {@link org.kestan.job.Job}; undo is the job before. A section
 * is a folder here: its value, how it is read, written and described.
 *
 * <p>Leaves the arithmetic to {@code org.kestan.analysis} and the format of the file to the module {@code files}.
 */
package org.kestan.job;
