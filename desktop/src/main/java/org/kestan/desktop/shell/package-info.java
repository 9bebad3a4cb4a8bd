/** The window as a whole: header with stations, deciding figures, the drawing, the station, the status line, the menus. */
package org.kestan.desktop.shell;
