/** The instrument above the stations: whole, and its five deciding places through loupes with their figures. */
package org.kestan.desktop.widgets.instrument;
