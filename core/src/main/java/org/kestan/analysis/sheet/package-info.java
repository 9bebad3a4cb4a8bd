/**
 * What follows from a job before anything is judged: the trajectory, the setup as measured, the correction, what
 * prevents them from being worked out, and the defaults used for missing readings.
 */
package org.kestan.analysis.sheet;
