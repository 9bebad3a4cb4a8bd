/**
 * The heel between the sets of sandpaper: what the readings say of what is left, how many pulls it takes, and when to stop.
 * Millimetres, radians, pulls.
 */
package org.kestan.work.heel;
