/**
 * What is done about an instrument: the work plan, part by part; true-size templates; the drawing before any pixel;
 * steps and heel log at the bench; the work compared with its prediction; what the shop's jobs teach.
 *
 * <p>Leaves the words to {@code org.kestan.text}, paper and screen to the modules above.
 */
package org.kestan.repair;
