/** Gauges on serial ports. No port is opened unless asked for. */
package org.kestan.devices.serial;
