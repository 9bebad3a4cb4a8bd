/**
 * What the window has open: the job with its undo, what follows from it, the unit of the display, the file it is saved to
 * as one goes, and the settings kept between runs. Every screen listens here and edits through here.
 */
package org.kestan.desktop.session;
