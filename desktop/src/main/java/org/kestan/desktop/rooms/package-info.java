/** The rooms besides the stations of a job, one package each. The window's register lists them. */
package org.kestan.desktop.rooms;
