/**
 * The result compared with the prediction: readings taken again, misses explained, sign-off, and the day to check it
 * again.
 */
package org.kestan.desktop.stations.proof;
