/** The shop's week in the window: planned away from it, followed as jobs change. */
package org.kestan.desktop.week;
