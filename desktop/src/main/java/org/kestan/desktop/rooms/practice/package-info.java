/** Practice: choosing a case, what one is told, what was true in the end, drills, progress. */
package org.kestan.desktop.rooms.practice;
