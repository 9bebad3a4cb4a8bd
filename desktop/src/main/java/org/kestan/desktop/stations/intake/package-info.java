/** The Intake station: the instrument, its owner and what they complain of, how it is played, strings, pictures. */
package org.kestan.desktop.stations.intake;
