/** Keys, terms, and error reports. */
package org.kestan.desktop.rooms.help;
