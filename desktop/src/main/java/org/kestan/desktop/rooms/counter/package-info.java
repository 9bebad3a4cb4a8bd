/** The counter check: five readings and a look, answered at once, in a room of its own beside the open job. */
package org.kestan.desktop.rooms.counter;
