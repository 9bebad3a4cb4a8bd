/** The Intake station: the instrument, its owner and the complaint, how it is played, strings, pictures. */
package org.kestan.desktop.stations.intake;
