/**
 * What is to be done: the plan of the ways taken, part by part; true-size templates; the drawing before any pixel; what a
 * drag on the drawing means.
 *
 * <p>Leaves the words to {@code org.kestan.text}, paper and screen to the modules above.
 */
package org.kestan.repair;
