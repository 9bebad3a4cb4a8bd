/** The shop's week in files: its part of the standards, calendars, tables, printed results. */
package org.kestan.files.week;
