/** The shop's week: what is left of all open jobs, planned together. */
package org.kestan.week;
