/**
 * What a job is made of: sections, most of them values under lines, each with the way it is read, written and
 * described.
 */
package org.kestan.job.section;
