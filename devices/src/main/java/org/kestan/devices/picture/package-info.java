/**
 * Lengths from photographs: pictures as numbers, edges found in them, and what {@link org.kestan.analysis.picture}
 * works out from those.
 */
package org.kestan.devices.picture;
