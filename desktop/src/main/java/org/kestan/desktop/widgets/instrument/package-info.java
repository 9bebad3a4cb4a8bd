/** The instrument over the stations: whole, and its five deciding places through loupes with the figures that belong there. */
package org.kestan.desktop.widgets.instrument;
