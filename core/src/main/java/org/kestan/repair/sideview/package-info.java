/**
 * The instrument in side elevation, in the body's own coordinates: X along the soundboard from the nut end, heights over
 * the soundboard plane, millimeters. What a drawing shows, before any scale, exaggeration, color or pixel.
 */
package org.kestan.repair.sideview;
