/** Errors: the log, and a report of each uncaught one. */
package org.kestan.desktop.reports;
