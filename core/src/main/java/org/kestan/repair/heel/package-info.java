/**
 * The heel between sets of sandpaper: what the readings show is left, how many pulls that takes, and when to stop.
 * Millimeters, radians, pulls.
 */
package org.kestan.repair.heel;
