/** The neck fret by fret: its curve with the readings on it, and the room the strings have over every fret. */
package org.kestan.desktop.widgets.neck;
