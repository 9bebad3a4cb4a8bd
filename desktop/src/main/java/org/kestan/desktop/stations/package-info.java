/** The stations of the open job under its drawing, one package each, in working order. */
package org.kestan.desktop.stations;
