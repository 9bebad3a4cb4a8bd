/**
 * Room to swing (§3.22) and leveling (§3.23): how far a plucked string moves toward the frets, where it hits, the
 * lowest action that plays clean, and what comes off which fret to make it lower. Newtons, millimeters.
 */
package org.kestan.analysis.swing;
