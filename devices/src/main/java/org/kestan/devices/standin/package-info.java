/** Stand-ins for devices that are not there: a camera that photographs a drawn neck, and strings that are played by numbers. What they show is known exactly. */
package org.kestan.devices.standin;
