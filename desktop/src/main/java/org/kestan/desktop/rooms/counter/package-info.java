/** The counter check: five readings and a quick look, answered at once, in its own room beside the open job. */
package org.kestan.desktop.rooms.counter;
