/** Lengths from photographs: pictures as numbers, edges found in them, and what {@link org.kestan.analysis.picture} makes of those. */
package org.kestan.devices.picture;
