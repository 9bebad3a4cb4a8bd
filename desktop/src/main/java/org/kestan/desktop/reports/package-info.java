/** What went wrong behind the window: the log, and a report of what no one caught. */
package org.kestan.desktop.reports;
