/** The neck angle from nothing, for kits and new builds, in a room of its own with the drawing. */
package org.kestan.desktop.rooms.kit;
