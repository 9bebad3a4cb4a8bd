/**
 * What the window has open: the job with its undo, its analysis, the display unit, and the settings kept between runs.
 * Every screen listens here and edits through here.
 */
package org.kestan.desktop.session;
