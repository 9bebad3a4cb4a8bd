/** The Plan station: the targets, the work they need, and the strings over every fret before and after. */
package org.kestan.desktop.stations.plan;
