/** Small pictures that are redrawn whenever they change: shapes with style classes, no colors. */
package org.kestan.desktop.widgets.chart;
