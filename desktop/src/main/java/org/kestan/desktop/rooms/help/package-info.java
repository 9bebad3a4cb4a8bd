/** Keys, terms, and reports of what went wrong. */
package org.kestan.desktop.rooms.help;
