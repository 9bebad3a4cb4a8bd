/**
 * Planning on the drawing: the targets of the job after somebody moves the fret line, the saddle crown or the action.
 * The three are linked (projection = support height − height of the crown over the fret line), so each move holds one
 * of the others and lets the third follow.
 */
package org.kestan.repair.drag;
