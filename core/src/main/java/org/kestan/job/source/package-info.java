/** Readings that are not typed: readings from devices, and where a value on the sheet came from. */
package org.kestan.job.source;
