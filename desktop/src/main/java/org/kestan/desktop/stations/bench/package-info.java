/**
 * The work at the bench: the step at hand, all steps and what the shop changed of them, the heel log with its watch, fits and
 * trimmings, bags, the diary. Read from across the bench, worked with one key or a foot switch.
 */
package org.kestan.desktop.stations.bench;
