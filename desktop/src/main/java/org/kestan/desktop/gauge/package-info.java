/** Listens for gauges on this machine and shows what they send; one key takes the live value into the reading. */
package org.kestan.desktop.gauge;
