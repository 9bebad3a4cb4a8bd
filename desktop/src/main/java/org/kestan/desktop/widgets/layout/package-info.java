/** Pages of a station, one shown at a time, chosen by tabs in a row. */
package org.kestan.desktop.widgets.layout;
