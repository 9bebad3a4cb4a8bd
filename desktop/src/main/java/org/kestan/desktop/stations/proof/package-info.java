/** The work held against what was predicted: read again, explained where it missed, signed off, and when it should come back. */
package org.kestan.desktop.stations.proof;
