/**
 * The instrument in side elevation, in the body's own coordinates: X along the soundboard from the nut end, heights over
 * the soundboard plane, millimetres. What a drawing shows, before any scale, exaggeration, colour or pixel.
 */
package org.kestan.work.sideview;
