/** The Plan station: what is aimed at, what has to be done for it, and the strings over every fret before and after. */
package org.kestan.desktop.stations.plan;
