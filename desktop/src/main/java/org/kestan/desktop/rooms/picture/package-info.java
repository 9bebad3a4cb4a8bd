/** Readings from photographs. */
package org.kestan.desktop.rooms.picture;
