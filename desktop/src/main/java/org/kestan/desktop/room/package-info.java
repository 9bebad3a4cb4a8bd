/**
 * The contract between the window and its rooms. A room knows its {@link org.kestan.desktop.room.RoomContext} and none
 * of the other rooms; the window's register lists the rooms, one line each.
 */
package org.kestan.desktop.room;
