/** Readings by ear: pitches of the strings, and what rattles. */
package org.kestan.desktop.rooms.sound;
