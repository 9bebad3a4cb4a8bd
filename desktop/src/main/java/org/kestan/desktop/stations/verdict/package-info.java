/**
 * The Verdict station: the gates in order, each with its state and its reason; the selected one is shown on the
 * drawing.
 */
package org.kestan.desktop.stations.verdict;
