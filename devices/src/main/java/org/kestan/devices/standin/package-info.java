/**
 * Stand-ins for missing devices: a camera that photographs a drawn neck, and synthesized strings. Their true values
 * are known exactly.
 */
package org.kestan.devices.standin;
