/**
 * How an instrument is set up, as measured or after some work, and the single changes that lead from one setup to the
 * next: relief, nut, saddle, bridge, neck. Each change affects exactly what it touches and leaves the rest; what is
 * worth doing is decided elsewhere.
 */
package org.kestan.analysis.setup;
