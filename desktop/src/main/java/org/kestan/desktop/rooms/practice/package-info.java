/** Practice: choosing a case, what you are told, what was true in the end, drills, progress. */
package org.kestan.desktop.rooms.practice;
