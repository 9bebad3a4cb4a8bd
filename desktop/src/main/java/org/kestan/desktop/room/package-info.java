/**
 * The contract between the window and what it shows. A room knows its {@link org.kestan.desktop.room.RoomContext} and nothing of
 * the other rooms; which rooms there are stands in the window's register, one line each.
 */
package org.kestan.desktop.room;
