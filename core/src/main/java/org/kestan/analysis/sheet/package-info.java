/**
 * What follows from a job before anything is judged: the trajectory, the setup as measured, the correction, what keeps them
 * from being worked out, what stands in for what was not read.
 */
package org.kestan.analysis.sheet;
