/** serial. */
package org.kestan.devices.serial;
