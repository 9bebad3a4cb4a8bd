/** Listens for gauges on this machine and shows what they send; one key enters the live value. */
package org.kestan.desktop.gauge;
