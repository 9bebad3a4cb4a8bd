/**
 * How an instrument is set up, as measured or after some work, and the single changes that lead from one setup to the
 * next: relief, nut, saddle, bridge, neck. Each change is true to what it touches and leaves the rest; what is worth doing
 * is for others to say.
 */
package org.kestan.analysis.setup;
