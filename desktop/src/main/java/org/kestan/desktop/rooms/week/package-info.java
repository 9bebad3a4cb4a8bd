/** Today, and the shop's week. */
package org.kestan.desktop.rooms.week;
