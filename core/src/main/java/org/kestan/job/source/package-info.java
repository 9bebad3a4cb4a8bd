/** Readings that nobody typed: what a device reads, and where a value on the sheet came from. */
package org.kestan.job.source;
