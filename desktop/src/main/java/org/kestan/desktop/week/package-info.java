/** The shop's week in the window: planned in the background, updated as jobs change. */
package org.kestan.desktop.week;
