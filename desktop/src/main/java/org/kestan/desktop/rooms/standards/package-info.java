/** The shop standards on one screen: every threshold and default with where it comes from, and the schools. */
package org.kestan.desktop.rooms.standards;
