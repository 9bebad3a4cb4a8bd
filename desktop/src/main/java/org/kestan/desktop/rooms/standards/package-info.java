/** The shop standards on one screen: every threshold and default with its source, and the schools. */
package org.kestan.desktop.rooms.standards;
