/** What the window shows beside the stations of a job, one folder each. Which rooms there are stands in the window's register. */
package org.kestan.desktop.rooms;
