/**
 * The work at the bench: the current step, all steps and the shop's changes to them, the heel log with its watch, fits
 * and trims, bags, the diary. Readable from across the bench, worked with one key or a foot switch.
 */
package org.kestan.desktop.stations.bench;
