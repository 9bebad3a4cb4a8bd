/**
 * The side elevation across the window: a control, its skin, and the layers the skin is made of. Draws a
 * {@link org.kestan.repair.sideview.SideView} at a scale; colors and lines are the stylesheet's; what a drag means is
 * {@code org.kestan.repair.drag}'s.
 */
package org.kestan.desktop.widgets.elevation;
