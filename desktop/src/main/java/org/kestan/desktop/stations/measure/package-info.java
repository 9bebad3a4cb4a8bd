/** The Measure station: the readings under the places on the drawing where they are taken, in working order. */
package org.kestan.desktop.stations.measure;
