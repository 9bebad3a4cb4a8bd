/**
 * The heel between the sets of sandpaper: what the readings say of what is left, how many pulls it takes, and when to stop.
 * Millimeters, radians, pulls.
 */
package org.kestan.repair.heel;
