/** Simulated tools, and a sheet read with them. */
package org.kestan.simulator.tools;
