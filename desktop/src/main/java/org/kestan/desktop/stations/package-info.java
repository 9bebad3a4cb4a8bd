/** The stations of the open job under its drawing, one folder each, in the order of the work. */
package org.kestan.desktop.stations;
