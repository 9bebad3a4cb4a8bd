/**
 * The side elevation across the window: a control, its skin, and the layers the skin is made of. Draws a
 * {@link org.kestan.work.sideview.SideView} at a scale; colours and lines are the stylesheet's; what a drag means is
 * {@code org.kestan.work.moves}'s.
 */
package org.kestan.desktop.parts.elevation;
