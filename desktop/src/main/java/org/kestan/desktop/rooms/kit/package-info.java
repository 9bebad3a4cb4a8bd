/** The neck angle from nothing, for kits and new builds, in its own room with the drawing. */
package org.kestan.desktop.rooms.kit;
