/** The stations a job runs through, and how each stands: done, under way or waiting, and why. */
package org.kestan.station;
