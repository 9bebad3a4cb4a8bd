/**
 * The plan made on the drawing: what the job aims at when a person moves the fret line, the saddle crown or the action.
 * The three are tied (projection = support height − height of the crown over the fret line), so each move holds one of the
 * others and lets the third follow.
 */
package org.kestan.repair.drag;
