/** Gauges on serial ports. No port is opened unless somebody asks. */
package org.kestan.devices.serial;
